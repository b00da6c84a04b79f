import { remembered } from '../quantity/index.ts';
import { bodySkin, cross, length, sub, times, type Body, type Vec } from '../solids/index.ts';

/** A spot of a surface: where it lies, where it faces, and its share of the whole surface. */
export interface SkinSpot {
  readonly at: Vec;
  readonly faces: Vec;
  readonly share: number;
}

/** Spots a body is judged by, and corners round the skin they lie on. With 150 a share is right to 0.03; estimate. */
export const SPOTS = 150;
/** A step of the method; estimate. */
const ROUND = 24;
/** Steps of the plastic number's low-discrepancy sequence in a triangle. M. Roberts, “The unreasonable effectiveness of quasirandom sequences”; from memory. */
const STRIDE = [0.7548776662, 0.5698402909] as const;

/** Spots spread over the skin of a body by area, each where the surface lies and faces. */
export const spotsOf = remembered((body: Body): readonly SkinSpot[] => {
  const { points: p, faces: corners } = bodySkin(body, ROUND);
  const corner = (i: number): Vec => [p[3 * i]!, p[3 * i + 1]!, p[3 * i + 2]!];
  const faces: {
    readonly a: Vec;
    readonly u: Vec;
    readonly v: Vec;
    readonly n: Vec;
    readonly area: number;
  }[] = [];
  for (let t = 0; t < corners.length; t += 3) {
    const a = corner(corners[t]!);
    const u = sub(corner(corners[t + 1]!), a);
    const v = sub(corner(corners[t + 2]!), a);
    const n = cross(u, v);
    const twice = length(n);
    if (twice > 1e-9) faces.push({ a, u, v, n: times(n, 1 / twice), area: twice / 2 });
  }
  const whole = faces.reduce((sum, f) => sum + f.area, 0);
  const each = whole / SPOTS;
  const out: SkinSpot[] = [];
  let due = each / 2;
  let past = 0;
  let k = 0;
  for (const { a, u, v, n, area } of faces) {
    while (due < past + area) {
      let [s, t] = [(0.5 + k * STRIDE[0]) % 1, (0.5 + k * STRIDE[1]) % 1];
      if (s + t > 1) [s, t] = [1 - s, 1 - t];
      out.push({
        at: [a[0] + s * u[0] + t * v[0], a[1] + s * u[1] + t * v[1], a[2] + s * u[2] + t * v[2]],
        faces: n,
        share: 1 / SPOTS,
      });
      due += each;
      k++;
    }
    past += area;
  }
  return out;
});

/** Rings of directions round the square one: how many, at which part of the cone, turned by which part of a step. */
const RINGS = [
  [6, 0.55, 0.3],
  [10, 1, 0],
] as const;
/** The square one, six half way and ten at the rim. */
export const WAYS = 1 + RINGS[0][0] + RINGS[1][0];
/** As many bits. */
export const ALL_SHUT = (1 << WAYS) - 1;

/** Directions from which a tool may come to a face, each of length one. */
export function fanOf(faces: Vec, cone: number): Vec[] {
  const side = cross(faces, Math.abs(faces[2]) < 0.9 ? [0, 0, 1] : [1, 0, 0]);
  const a = times(side, 1 / length(side));
  const b = cross(faces, a);
  const out: Vec[] = [faces];
  for (const [many, part, turned] of RINGS) {
    const [c, s] = [Math.cos((cone * part * Math.PI) / 180), Math.sin((cone * part * Math.PI) / 180)];
    for (let i = 0; i < many; i++) {
      const turn = ((i + turned) / many) * 2 * Math.PI;
      const [x, y] = [Math.cos(turn) * s, Math.sin(turn) * s];
      out.push([
        faces[0] * c + a[0] * x + b[0] * y,
        faces[1] * c + a[1] * x + b[1] * y,
        faces[2] * c + a[2] * x + b[2] * y,
      ]);
    }
  }
  return out;
}

/** The ways to every spot of a body, seventeen times three numbers each; made once for each body and cone. */
export const waysOf = remembered((body: Body, cone: number): Float64Array => {
  const spots = spotsOf(body);
  const out = new Float64Array(spots.length * 3 * WAYS);
  spots.forEach((spot, k) => fanOf(spot.faces, cone).forEach((d, b) => out.set(d, 3 * (k * WAYS + b))));
  return out;
});
