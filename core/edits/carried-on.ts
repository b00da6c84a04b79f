import type { Piece } from '../record/index.ts';

/** A piece whose band carries on another that now goes by another id; by none where that is not there any more. */
export function carriedOn(piece: Piece, to: (id: string) => string | undefined): Piece {
  const { continues, ...rest } = piece;
  if (continues === undefined) return piece;
  const next = to(continues);
  return next === undefined ? rest : { ...rest, continues: next };
}
