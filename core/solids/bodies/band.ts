import { polygonHull } from 'd3-polygon';
import { MeshMaker } from '../mesh/index.ts';
import { add, cross, dot, sub, times, unit, type Vec } from '../vector.ts';
import { NearTriangles } from './near.ts';
import type { BandBody, BodyKind, Depth } from './types.ts';

const faces = new WeakMap<BandBody, { front: Vec[][]; back: Vec[][] }>();

/** Both faces of the band: its middle moved half a thickness to either side. */
function facesOf(body: BandBody): { front: Vec[][]; back: Vec[][] } {
  const known = faces.get(body);
  if (known) return known;
  const { rows, loop } = body;
  const last = rows.length - 1;
  const normal = (i: number, j: number): Vec => {
    const row = rows[i]!;
    const n = row.length;
    const along = sub(
      row[loop ? (j + 1) % n : Math.min(n - 1, j + 1)]!,
      row[loop ? (j + n - 1) % n : Math.max(0, j - 1)]!,
    );
    const up = sub(rows[Math.min(last, i + 1)]![j]!, rows[Math.max(0, i - 1)]![j]!);
    return unit(cross(along, up));
  };
  const half = body.thickness / 2;
  const side = (sign: number) =>
    rows.map((row, i) => row.map((p, j) => add(p, times(normal(i, j), sign * half))));
  // x to the right and z up: the cross product looks to the front
  const made = { front: side(1), back: side(-1) };
  faces.set(body, made);
  return made;
}

/** Half a thickness less the distance to its middle. */
function depthOf({ rows, loop, thickness }: BandBody): Depth {
  const Q: number[] = [];
  for (let i = 0; i + 1 < rows.length; i++) {
    const n = rows[i]!.length;
    for (let j = 0; j < (loop ? n : n - 1); j++) {
      const k = (j + 1) % n;
      const [a, b, c, d] = [rows[i]![j]!, rows[i]![k]!, rows[i + 1]![k]!, rows[i + 1]![j]!];
      Q.push(...a, ...b, ...c, ...a, ...c, ...d);
    }
  }
  const near = new NearTriangles(Float64Array.from(Q));
  const half = thickness / 2;
  return (x, y, z) => half - Math.sqrt(near.at(x, y, z).square);
}

/** A skin has at most so many stretches along the band. Estimate. */
const MOST_ALONG = 40;

/** The same band with fewer stretches, its ends among them. */
function thinned(body: BandBody): BandBody {
  const n = body.rows[0]!.length;
  const every = Math.ceil(n / MOST_ALONG);
  if (every <= 1) return body;
  const keep = (_: unknown, j: number) => j % every === 0 || (!body.loop && j === n - 1);
  return { ...body, rows: body.rows.map((row) => row.filter(keep)) };
}

export const band: BodyKind<BandBody> = {
  reach: (body, along) => {
    const { front, back } = facesOf(body);
    let best = -Infinity;
    for (const row of [...front, ...back]) for (const p of row) best = Math.max(best, dot(p, along));
    return best;
  },
  outlines: (body, drop) => {
    const { front, back } = facesOf(body);
    const see = (rows: Vec[][]) => rows.map((row) => row.map((p): [number, number] => [...drop(p)]));
    const [f, b] = [see(front), see(back)];
    const out: [number, number][][] = [];
    for (let i = 0; i + 1 < f.length; i++) {
      const n = f[i]!.length;
      for (let j = 0; j < (body.loop ? n : n - 1); j++) {
        const k = (j + 1) % n;
        const corners = [f, b].flatMap((g) => [g[i]![j]!, g[i]![k]!, g[i + 1]![k]!, g[i + 1]![j]!]);
        out.push(polygonHull(corners) ?? corners);
      }
    }
    return out;
  },
  // so thin a band holds no rod, and nothing is pressed into it
  inside: () => undefined,
  surface: (body) => {
    const { front, back } = facesOf(body);
    return [...front, ...back].flat();
  },
  footRadius: (body) => body.thickness / 2,
  mesh: (body) => {
    const { front, back } = facesOf(body);
    const make = new MeshMaker();
    const put = (rows: Vec[][]) => rows.map((row) => row.map((p) => make.point(p)));
    const [f, b] = [put(front), put(back)];
    const last = f.length - 1;
    const n = f[0]!.length;
    const stretches = body.loop ? n : n - 1;
    for (let j = 0; j < stretches; j++) {
      const k = (j + 1) % n;
      for (let i = 0; i < last; i++) {
        make.quad(f[i]![j]!, f[i]![k]!, f[i + 1]![k]!, f[i + 1]![j]!);
        make.quad(b[i]![k]!, b[i]![j]!, b[i + 1]![j]!, b[i + 1]![k]!);
      }
      make.quad(b[0]![j]!, b[0]![k]!, f[0]![k]!, f[0]![j]!);
      make.quad(f[last]![j]!, f[last]![k]!, b[last]![k]!, b[last]![j]!);
    }
    if (!body.loop)
      for (let i = 0; i < last; i++) {
        make.quad(b[i]![0]!, f[i]![0]!, f[i + 1]![0]!, b[i + 1]![0]!);
        make.quad(f[i]![n - 1]!, b[i]![n - 1]!, b[i + 1]![n - 1]!, f[i + 1]![n - 1]!);
      }
    return make.done();
  },
  depth: depthOf,
  skin: (body, round) => band.mesh(thinned(body), round),
};
