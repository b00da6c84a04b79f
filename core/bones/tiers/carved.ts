import { place } from '../../figure/index.ts';
import { toWorld, type Vec, bodySurface } from '../../solids/index.ts';
import { type Build } from '../../record/index.ts';
import type { Check } from '../joints/check.ts';
import { cakeBears, carvedCheck } from './tier-cake.ts';

/** Overhangs smaller than this are left to the knife, mm. */
const SEEN = 8;
const LAYERS = 24;
const WAYS = 24;

/** How far a body hangs out over what is under it, and how deep that part is, mm. */
export interface Overhang {
  readonly out: number;
  readonly high: number;
}

/**
 * The widest overhang of a body standing in the world: in each of 24 directions, the reach of every level against the
 * least reach of the levels below it.
 * @param points of its surface
 */
export function overhangOf(points: readonly Vec[]): Overhang {
  const low = Math.min(...points.map((p) => p[2]));
  const high = Math.max(...points.map((p) => p[2]));
  const level = (high - low) / LAYERS;
  let worst: Overhang = { out: 0, high: 0 };
  if (!(level > 0)) return worst;
  for (let k = 0; k < WAYS; k++) {
    const [x, y] = [Math.cos((2 * Math.PI * k) / WAYS), Math.sin((2 * Math.PI * k) / WAYS)];
    const reach = new Array<number>(LAYERS).fill(-Infinity);
    for (const p of points) {
      const at = Math.min(LAYERS - 1, Math.floor((p[2] - low) / level));
      reach[at] = Math.max(reach[at]!, p[0] * x + p[1] * y);
    }
    let least = Infinity;
    let waist = 0;
    for (let i = 0; i < LAYERS; i++) {
      if (!Number.isFinite(reach[i]!)) continue;
      if (reach[i]! < least) {
        least = reach[i]!;
        waist = i;
      }
      const out = reach[i]! - least;
      if (out <= worst.out) continue;
      let begins = waist + 1;
      while (begins < i && !(reach[begins]! > least + 1)) begins++;
      let ends = i;
      while (ends + 1 < LAYERS && reach[ends + 1]! > least + 1) ends++;
      worst = { out, high: (ends - begins + 1) * level };
    }
  }
  return worst;
}

/** Cake inside pieces that hangs out over its own foot, hardest worked first. */
export function carvedPieces(
  build: Build,
): { readonly piece: string; readonly name: string; readonly check: Check }[] {
  const cake = cakeBears(build);
  const seen = new Set<string>();
  return place(build)
    .flatMap((i) => {
      const core = i.body.type === 'stack' ? i.body.core : undefined;
      if (!core || i.piece.core !== 'cake' || seen.has(i.piece.id)) return [];
      seen.add(i.piece.id);
      const { out, high } = overhangOf(
        bodySurface(core.body).map((p) => toWorld(i.frame, [p[0], p[1], p[2] + core.up])),
      );
      if (out < SEEN) return [];
      const { id, name } = i.piece;
      return [{ piece: id, name, check: carvedCheck(cake, `cake of the ${name.toLowerCase()}`, out, high) }];
    })
    .sort((a, b) => b.check.use.value - a.check.use.value);
}
