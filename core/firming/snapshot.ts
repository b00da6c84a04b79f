import type { Build, Saw, Seen } from '../record/index.ts';
import { plainDuty, plainSpells, SAW } from './looks.ts';
import { spellsRead } from './read-air.ts';
import type { Question } from './margins.ts';
import type { PieceFirming } from './firmed.ts';

/**
 * A look at a piece with all that its firming is reckoned from now, in the air that was read since it was shaped, where it was.
 * @param minutes after it was shaped
 * @returns undefined where there is nothing to learn from it
 */
export function lookAt(
  build: Build,
  f: PieceFirming,
  what: {
    readonly id: string;
    readonly at: string;
    readonly question: Question;
    readonly saw: Saw;
    readonly minutes: number;
    readonly note?: string;
    readonly picture?: string;
  },
): Seen | undefined {
  const piece = build.pieces.find((p) => p.id === f.piece);
  const { drying, setting } = f;
  const of = drying ?? setting;
  if (!of || !piece) return undefined;
  const question = SAW.find((s) => s.id === what.saw)?.question ?? what.question;
  const table = setting?.table(question);
  // what sets by cold is held against the table alone: where that has no time, nothing can be learned
  if (setting && (table === undefined || !Number.isFinite(table))) return undefined;
  const { volume, area, depth, facing, thickness, kind, coat } = of.body;
  const at = Date.parse(what.at);
  const read =
    piece.rests === undefined
      ? spellsRead(build.bench.air ?? [], at - what.minutes * 60_000, at, build.room.air)
      : undefined;
  const reckonedIn = drying?.spells ?? [{ until: Infinity, air: setting!.air }];
  return {
    id: what.id,
    at: what.at,
    build: build.name.slice(0, 120),
    piece: piece.name,
    buildId: build.id,
    pieceId: piece.id,
    question,
    saw: what.saw,
    minutes: Number(what.minutes.toFixed(1)),
    note: what.note ?? '',
    ...(what.picture ? { picture: what.picture } : {}),
    paste: drying
      ? { base: drying.blend.base, gumPaste: drying.blend.gumPaste, powder: drying.blend.powder }
      : { base: setting!.base, gumPaste: 0, powder: 0 },
    body: { volume, area, depth, facing, thickness, kind, coat },
    // learned from the air it really lay in, where that was read
    spells: plainSpells(read ?? reckonedIn),
    duty: drying ? plainDuty(drying.duty) : {},
    ...(table === undefined ? {} : { table: Number(table.toFixed(1)) }),
  };
}
