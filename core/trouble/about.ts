import { joinId, shapedBy, tickedAt, type Step } from '../days/index.ts';
import { stateAt, type PieceFirming } from '../firming/index.ts';
import { pieceOf, wholeOf, type Build, type TroubleNote } from '../record/index.ts';
import { coreVolume } from '../solids/index.ts';
import { type Minutes } from '../quantity/index.ts';
import { mendNamed } from './mends.ts';
import { rodsIn, type TroubleReads } from './facts-of.ts';
import type { Come, Confirmed, MendsFor } from './rank.ts';
import { TROUBLES, type Trouble } from './troubles.ts';

/** How far a piece has come, for what can still be done with it. */
export function comeOf(
  build: Build,
  firming: ReadonlyMap<string, PieceFirming>,
  id: string | undefined,
  now: number,
): Come {
  const piece = id === undefined ? undefined : pieceOf(build, id);
  const f = id === undefined ? undefined : firming.get(id);
  const shaped = piece && tickedAt(build).get(shapedBy(piece));
  return shaped === undefined || !f ? 'unshaped' : stateAt(f, (now - shaped) / 60_000);
}

/** Minutes it takes to make a piece again: all its steps, and setting on again what stood on it. */
export function remakeMinutes(build: Build, steps: readonly Step[], id: string): Minutes {
  const above = new Set(build.pieces.filter((p) => p.seat.on === id).map((p) => joinId(p.id)));
  const done = tickedAt(build);
  return steps
    .filter((s) => s.piece === id || (above.has(wholeOf(s.id)) && done.has(s.id)))
    .filter((s) => s.kind !== 'mix')
    .reduce((sum, s) => sum + s.minutes, 0);
}

/** Troubles that can befall a piece as it is made. */
export function troublesFor(
  build: Build,
  r: Pick<TroubleReads, 'firming' | 'bones'>,
  id: string | undefined,
): Trouble[] {
  const piece = id === undefined ? undefined : pieceOf(build, id);
  const clock = piece && r.firming.get(piece.id)?.clock;
  return TROUBLES.filter((t) => {
    if (t.only && clock && t.only !== clock) return false;
    if (!piece) return t.of === undefined;
    if (t.of === 'covered') return coreVolume(piece.form) > 0 || piece.form.coat !== undefined;
    if (t.of === 'rodded') return rodsIn(r.bones, piece.id).length > 0;
    if (t.of === 'joined') return pieceOf(build, piece.seat.on) !== undefined;
    return true;
  });
}

/** What was behind a trouble before, and how mends did, by what was said afterwards; of all the builds that are given. */
export function learnedOfTrouble(
  builds: readonly Pick<Build, 'bench'>[],
  trouble: string,
): { confirmed: Confirmed; tried: NonNullable<MendsFor['tried']> } {
  const confirmed: Record<string, number> = {};
  const tried: Record<string, { held: number; not: number }> = {};
  for (const t of builds.flatMap((b) => b.bench.trouble ?? [])) {
    if (t.mend === undefined || t.held === undefined) continue;
    if (t.trouble === trouble && t.held && t.cause !== undefined)
      confirmed[t.cause] = (confirmed[t.cause] ?? 0) + 1;
    const was = tried[t.mend] ?? { held: 0, not: 0 };
    tried[t.mend] = t.held ? { ...was, held: was.held + 1 } : { ...was, not: was.not + 1 };
  }
  return { confirmed, tried };
}

/** A mend is asked after once its work and its wait are over, and so long at the most, ms. Estimate. */
const ASKED_FOR = 3 * 864e5;

/** Mends of which nobody has said yet whether they held, and may now. @param now ms */
export const mendsDue = ({ bench }: Pick<Build, 'bench'>, now: number): TroubleNote[] =>
  (bench.trouble ?? []).filter((t) => {
    const mend = t.mend === undefined ? undefined : mendNamed(t.mend);
    if (!mend || t.held !== undefined) return false;
    const since = now - Date.parse(t.at);
    return since >= (mend.minutes + (mend.wait ?? 0)) * 60_000 && since < ASKED_FOR;
  });
