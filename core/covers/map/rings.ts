import type { Mm } from '../../quantity/index.ts';
import { pointOf, type Mesh } from '../../solids/index.ts';
import { cornersOf } from './triangles.ts';

/** The line of equal distance from the start: how long it is, and at which height it lies on average, mm. */
export interface EqualRing {
  readonly far: Mm;
  readonly long: Mm;
  readonly height: Mm;
}

/**
 * Lines of equal distance over the skin, found by cutting the triangles.
 * @param far distance of every corner from the start
 * @param levels distances asked for, rising
 * @param bare faces that are left out
 */
export function ringsAt(
  mesh: Mesh,
  far: Float64Array,
  levels: readonly Mm[],
  bare?: Uint8Array,
): EqualRing[] {
  const long = new Float64Array(levels.length);
  const height = new Float64Array(levels.length);
  for (let t = 0; t < mesh.faces.length / 3; t++) {
    if (bare?.[t]) continue;
    const [a, b, c] = [...cornersOf(mesh, t)].sort((i, j) => far[i]! - far[j]!) as [number, number, number];
    const [ra, rb, rc] = [far[a]!, far[b]!, far[c]!];
    if (!Number.isFinite(rc)) continue;
    const between = (i: number, j: number, f: number) => {
      const [p, q] = [pointOf(mesh, i), pointOf(mesh, j)];
      return [p[0] + (q[0] - p[0]) * f, p[1] + (q[1] - p[1]) * f, p[2] + (q[2] - p[2]) * f] as const;
    };
    for (let k = firstOver(levels, ra); k < levels.length && levels[k]! < rc; k++) {
      const s = levels[k]!;
      const p = between(a, c, (s - ra) / (rc - ra));
      const q = s <= rb ? between(a, b, (s - ra) / (rb - ra || 1)) : between(b, c, (s - rb) / (rc - rb));
      const d = Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]);
      long[k]! += d;
      height[k]! += (d * (p[2] + q[2])) / 2;
    }
  }
  return levels.map((s, k) => ({ far: s, long: long[k]!, height: long[k]! > 0 ? height[k]! / long[k]! : 0 }));
}

/** The first of rising levels that lies over something. */
function firstOver(levels: readonly Mm[], x: Mm): number {
  let [low, high] = [0, levels.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (levels[middle]! > x) high = middle;
    else low = middle + 1;
  }
  return low;
}
