import { balanceOf, isLaidRound, place, weighIn, type Instance } from '../../figure/index.ts';
import { remembered } from '../../quantity/index.ts';
import { fromBuild } from '../../record/index.ts';
import { bodySkin, measureMesh, toWorld, type Body, type Vec } from '../../solids/index.ts';
import type { Mass } from './flows.ts';

/** Corners round a skin that is balanced by its triangles. Estimate. */
const ROUND = 28;

const drawnBalance = remembered((body: Body): Vec => measureMesh(bodySkin(body, ROUND)).centre);

/**
 * Where a standing body balances, in its own frame: as its shape says, or, of what is laid round, banded or heaped, where its
 * drawn body does (Σ v (a + b + c) ÷ 4 ÷ Σ v over its triangles).
 */
export const balanceIn = (i: Instance): Vec =>
  isLaidRound(i) || i.body.type === 'band' || i.body.type === 'group'
    ? drawnBalance(i.body)
    : balanceOf(i.piece);

/** Grams and balance point of every body alone; index as in `place`. */
export const ownMasses = fromBuild(['pieces', 'blends', 'cake'], (build): readonly Mass[] => {
  const grams = new Map(build.pieces.map((p) => [p, weighIn(build, p).whole.value]));
  return place(build).map((i) => ({ g: grams.get(i.piece)!, at: toWorld(i.frame, balanceIn(i)) }));
});
