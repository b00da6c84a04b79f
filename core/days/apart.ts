import { carriedBy, type Build, type Piece } from '../record/index.ts';

/** Pieces that travel apart: those that were said and are still there, none of them carried by another; in the order of their fitting. */
export function travellingApart(build: Build): Piece[] {
  const said = build.handover?.apart ?? [];
  const inside = new Set(
    said.flatMap((id) =>
      carriedBy(build, id)
        .filter((p) => p.id !== id)
        .map((p) => p.id),
    ),
  );
  return build.pieces.filter((p) => said.includes(p.id) && !inside.has(p.id));
}
