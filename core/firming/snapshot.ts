import type { Build, Saw, Seen } from '../record/index.ts';
import { plainDuty, plainSpells, SAW } from './looks.ts';
import type { Question } from './margins.ts';
import type { PieceFirming } from './firmed.ts';

/**
 * A look at a piece with all that its firming is reckoned from now.
 * @param minutes after it was shaped
 * @returns undefined for what sets by cold: there is nothing to learn of drying from it
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
  const { drying } = f;
  const piece = build.pieces.find((p) => p.id === f.piece);
  if (!drying || !piece) return undefined;
  const { base, gumPaste, powder } = drying.blend;
  const { volume, area, depth, facing, thickness, kind, coat } = drying.body;
  return {
    id: what.id,
    at: what.at,
    build: build.name.slice(0, 120),
    piece: piece.name,
    buildId: build.id,
    pieceId: piece.id,
    question: SAW.find((s) => s.id === what.saw)?.question ?? what.question,
    saw: what.saw,
    minutes: Number(what.minutes.toFixed(1)),
    note: what.note ?? '',
    ...(what.picture ? { picture: what.picture } : {}),
    paste: { base, gumPaste, powder },
    body: { volume, area, depth, facing, thickness, kind, coat },
    spells: plainSpells(drying.spells),
    duty: plainDuty(drying.duty),
  };
}
