import { blendOf } from '../figure/index.ts';
import { coversOf, type Cover } from '../paste-list/index.ts';
import { blendDensity } from '../pastes/index.ts';
import type { Mm } from '../quantity/index.ts';
import { fromBuild, type Piece } from '../record/index.ts';
import { gatheredOver, type Gathered } from './gathered.ts';
import { takesOf } from './takes.ts';

/** A sheet that is rolled and needs no paper. */
export type Rolled =
  | { readonly id: string; readonly name: string; readonly thick: Mm; readonly kind: 'draped'; readonly draped: Cover }
  | {
      readonly id: string;
      readonly name: string;
      readonly thick: Mm;
      readonly kind: 'gathered';
      readonly gathered: Gathered;
    }; // prettier-ignore

/**
 * A coat thicker than this share of its ball is a lump of its own that is pressed round, not a sheet. Estimate: a lump as large
 * as the ball gives 0.13.
 */
const SHEET_MOST = 0.08;

/** The ball that a piece covers with a sheet and how thick that is, mm; undefined where it is no ball, or no sheet. */
function ballUnder({ form }: Piece): { across: Mm; coat: Mm } | undefined {
  const sizes = form.sizes as { core?: Mm; coat?: Mm; diameter?: Mm };
  const across =
    form.kind === 'skinOverBall' ? sizes.core : form.kind === 'ball' ? sizes.diameter : undefined;
  const coat = form.coat?.thickness ?? sizes.coat;
  return across && coat && coat <= SHEET_MOST * across ? { across, coat } : undefined;
}

/** Every sheet of a build that is rolled and laid over something: boards and tiers draped, balls gathered. */
export const rolledOf = fromBuild(['pieces', 'blends', 'board', 'cake'], (build): readonly Rolled[] => [
  ...coversOf(build).map((draped): Rolled => ({
    id: draped.of.id,
    name: draped.of.name,
    thick: draped.of.cover.thickness,
    kind: 'draped',
    draped,
  })),
  ...build.pieces.flatMap((piece): Rolled[] => {
    const ball = ballUnder(piece);
    if (!ball) return [];
    const blend = blendOf(build, piece);
    return [
      {
        id: piece.id,
        name: piece.name,
        thick: ball.coat,
        kind: 'gathered',
        gathered: gatheredOver(ball.across, ball.coat, takesOf(blend), blendDensity(blend)),
      },
    ];
  }),
]);
