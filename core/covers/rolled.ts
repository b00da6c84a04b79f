import type { Mm } from '../quantity/index.ts';
import { fromBuild } from '../record/index.ts';
import { coverOver, type Over } from './over.ts';
import { coversOf, type Cover } from './plain.ts';

/** Paste over a board, a tier or the core of a piece. */
export type Rolled =
  | { readonly id: string; readonly name: string; readonly thick: Mm; readonly kind: 'plain'; readonly plain: Cover }
  | { readonly id: string; readonly name: string; readonly thick: Mm; readonly kind: 'core'; readonly over: Over }; // prettier-ignore

/** Everything of a build that is covered, from the board up, then in building order. */
export const rolledOf = fromBuild(['pieces', 'blends', 'board', 'cake'], (build): readonly Rolled[] => [
  ...coversOf(build).map((plain): Rolled => ({
    id: plain.of.id,
    name: plain.of.name,
    thick: plain.of.cover.thickness,
    kind: 'plain',
    plain,
  })),
  ...build.pieces.flatMap((piece): Rolled[] => {
    const blend = build.blends.find((b) => b.id === piece.blend);
    const over = blend && coverOver(piece, blend);
    return over ? [{ id: piece.id, name: piece.name, thick: over.thick, kind: 'core', over }] : [];
  }),
]);
