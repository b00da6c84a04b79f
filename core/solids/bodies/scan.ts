import { pointOf, slice } from '../mesh/index.ts';
import { contains, moments } from '../polygon.ts';
import type { Vec } from '../vector.ts';
import type { BodyKind, ScanBody } from './types.ts';

const points = (body: ScanBody): Vec[] =>
  Array.from({ length: body.mesh.points.length / 3 }, (_, i) => pointOf(body.mesh, i));

const cuts = new WeakMap<ScanBody, Map<number, ReturnType<typeof slice>>>();

/** Level cuts to the half millimetre, remembered. */
function cutAt(body: ScanBody, z: number): ReturnType<typeof slice> {
  const level = Math.round(z * 2) / 2 + 1e-4;
  let all = cuts.get(body);
  if (!all) cuts.set(body, (all = new Map()));
  let found = all.get(level);
  if (!found) all.set(level, (found = slice(body.mesh, level)));
  return found;
}

export const scan: BodyKind<ScanBody> = {
  reach: (body, [dx, dy, dz]) => {
    let best = -Infinity;
    const p = body.mesh.points;
    for (let i = 0; i < p.length; i += 3) best = Math.max(best, p[i]! * dx + p[i + 1]! * dy + p[i + 2]! * dz);
    return best;
  },
  outlines: (body, flat) => {
    const { faces } = body.mesh;
    const seen = points(body).map((p): [number, number] => [...flat(p)]);
    const out: [number, number][][] = [];
    for (let i = 0; i < faces.length; i += 3) {
      const [a, b, c] = [seen[faces[i]!]!, seen[faces[i + 1]!]!, seen[faces[i + 2]!]!];
      // what looks away lies behind what looks this way
      if ((b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]) > 0) out.push([a, b, c]);
    }
    return out;
  },
  inside: (body, [x, y, z]) => {
    const { loops } = cutAt(body, z);
    const turns = loops.filter((l) => contains(l, x, y)).length;
    if (turns % 2 === 0) return undefined;
    let cover = Infinity;
    for (const loop of loops)
      for (let i = 0; i < loop.length; i++) {
        const [ax, ay] = loop[i]!;
        const [bx, by] = loop[(i + 1) % loop.length]!;
        const L2 = (bx - ax) ** 2 + (by - ay) ** 2 || 1;
        const t = Math.min(1, Math.max(0, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / L2));
        cover = Math.min(cover, Math.hypot(x - ax - t * (bx - ax), y - ay - t * (by - ay)));
      }
    return { part: 'paste', cover };
  },
  surface: (body) => points(body),
  footRadius: (body, sunk) => {
    const area = cutAt(body, Math.max(0.5, sunk)).loops.reduce((s, l) => s + moments(l).area, 0);
    return Math.sqrt(Math.max(0, area) / Math.PI);
  },
  mesh: (body) => body.mesh,
};
