import { addOwnStep, noteTrouble, planFrom, remake } from '../edits/index.ts';
import { shapedBy, tickedAt } from '../days/index.ts';
import { ok } from '../quantity/index.ts';
import { pieceOf, REMADE, type Build, type Change, type TroubleNote } from '../record/index.ts';
import { mendNamed } from './mends.ts';

/** What is done about a trouble. */
export interface MendChoice {
  readonly note: Omit<TroubleNote, 'leaves'>;
  /** Where the steps stand in the plan that is worked to. */
  readonly starts?: Readonly<Record<string, string>>;
}

/** A wait of a mend is a step of the plan from here on, minutes. Estimate. */
const WORTH_A_STEP = 10;

/**
 * Note a trouble and what was done about it, with what comes of it: a piece made again has its steps to be done anew, what has to be
 * left alone is waited for, what stays inside is on the list of what is taken out, and the rest is planned anew.
 * @param now ISO
 */
export function mended(build: Build, { note, starts }: MendChoice, now: string): Change {
  const mend = note.mend === undefined ? undefined : mendNamed(note.mend);
  const noted = noteTrouble(build, { ...note, ...(mend?.leaves ? { leaves: mend.leaves } : {}) });
  if (note.mend === REMADE && note.piece !== undefined)
    return ok(remake(withoutLeft(noted, note.piece), note.piece, now, starts));
  const piece = note.piece === undefined ? undefined : pieceOf(noted, note.piece);
  const since = piece && tickedAt(noted).get(shapedBy(piece));
  if (!mend?.wait || mend.wait < WORTH_A_STEP || !piece || since === undefined)
    return ok(mend ? planFrom(noted, now, starts) : noted);
  const waited = addOwnStep(noted, {
    title: `See whether the mend of the ${piece.name.toLowerCase()} has held`,
    minutes: 1,
    after: shapedBy(piece),
    wait: Math.min(20_000, Math.ceil((Date.parse(now) - since) / 60_000) + mend.minutes + mend.wait),
    piece: piece.id,
  });
  if (!waited.ok) return waited;
  const step = waited.value.steps.own.at(-1)!.id;
  const trouble = waited.value.bench.trouble!.map((t) => (t.id === note.id ? { ...t, step } : t));
  return ok(planFrom({ ...waited.value, bench: { ...waited.value.bench, trouble } }, now, starts));
}

/** What was put into a piece to mend it goes with it. */
const withoutLeft = (build: Build, piece: string): Build => ({
  ...build,
  bench: {
    ...build.bench,
    ...(build.bench.trouble
      ? {
          trouble: build.bench.trouble.map(({ leaves, ...t }) =>
            leaves === undefined || t.piece === piece ? t : { ...t, leaves },
          ),
        }
      : {}),
  },
});
