import { type Mesh } from './mesh.ts';

export type Loop = readonly (readonly [number, number])[];

export interface MeshSection {
  /** Closed outlines in x and y; outer ones anticlockwise seen from above, holes clockwise. */
  readonly loops: readonly Loop[];
  /** Chains that did not close: the surface has a hole at this height. */
  readonly open: number;
}

/** Cut a surface at a height. A corner exactly at it counts as above, so every loop of a closed surface closes. */
export function slice(m: Mesh, height: number): MeshSection {
  const n = m.points.length / 3;
  const { points: p, faces } = m;
  const next = new Map<number, number>();
  const at = new Map<number, readonly [number, number]>();
  const above = (i: number) => p[3 * i + 2]! >= height;
  const cut = (a: number, b: number): number => {
    const [low, high] = a < b ? [a, b] : [b, a];
    const key = low * n + high;
    if (!at.has(key)) {
      const s = (height - p[3 * low + 2]!) / (p[3 * high + 2]! - p[3 * low + 2]!);
      at.set(key, [
        p[3 * low]! + s * (p[3 * high]! - p[3 * low]!),
        p[3 * low + 1]! + s * (p[3 * high + 1]! - p[3 * low + 1]!),
      ]);
    }
    return key;
  };
  for (let i = 0; i < faces.length; i += 3) {
    let from = -1;
    let to = -1;
    for (let k = 0; k < 3; k++) {
      const a = faces[i + k]!;
      const b = faces[i + ((k + 1) % 3)]!;
      if (above(a) && !above(b)) from = cut(a, b);
      else if (!above(a) && above(b)) to = cut(a, b);
    }
    if (from >= 0 && to >= 0) next.set(from, to);
  }
  const loops: Loop[] = [];
  const seen = new Set<number>();
  let open = 0;
  for (const start of next.keys()) {
    if (seen.has(start)) continue;
    const loop: (readonly [number, number])[] = [];
    let key: number | undefined = start;
    let closed = false;
    while (key !== undefined) {
      if (seen.has(key)) {
        closed = key === start;
        break;
      }
      seen.add(key);
      loop.push(at.get(key)!);
      key = next.get(key);
    }
    if (!closed) {
      open++;
      continue;
    }
    const clean = loop.filter((q, i) => {
      const before = loop[(i + loop.length - 1) % loop.length]!;
      return Math.hypot(q[0] - before[0], q[1] - before[1]) > 1e-9;
    });
    if (clean.length >= 3) loops.push(clean);
  }
  return { loops, open };
}
