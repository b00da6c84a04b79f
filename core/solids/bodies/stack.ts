import type { Mm } from '../../quantity/index.ts';
import { skinOfRings } from '../mesh/index.ts';
import type { Vec } from '../vector.ts';
import type { BodyCore, BodyKind, LevelCut, StackBody } from './types.ts';
import { bodyInside, coreMesh } from './ask.ts';
import { stackDepth, stackSkin } from './stack-depth.ts';

/** A body of revolution. */
export const turned = (radiusAt: (z: Mm) => Mm, levels: readonly Mm[], core?: BodyCore): StackBody => ({
  type: 'stack',
  cutAt: (z) => {
    const r = radiusAt(z);
    return { a: r, b: r };
  },
  levels,
  core,
});

/** A point on the edge of a level cut, at an angle from the right, anticlockwise from above. */
export function edgeOf(cut: LevelCut, angle: number): readonly [Mm, Mm] {
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  const [fx, fy] = cut.flat ?? [0, 0];
  const side = (v: number, f: number) => (Math.abs(v) < 1e-12 ? 0 : Math.sign(v) * f);
  return [(cut.x ?? 0) + cut.a * c + side(c, fx), (cut.y ?? 0) + cut.b * s + side(s, fy)];
}

/** Angles round a cut; a straight middle needs both ends of each side, so quarters are told twice. */
function angles(n: number, straight: boolean): number[] {
  const quarter = Math.max(2, Math.ceil(n / 4));
  const out: number[] = [];
  for (let q = 0; q < 4; q++)
    for (let i = 0; i < quarter + (straight ? 1 : 0); i++) {
      // a hair off the axis decides which end of the straight side is meant
      const share = straight ? Math.min(1 - 1e-9, Math.max(1e-9, i / quarter)) : i / quarter;
      out.push(((q + share) * Math.PI) / 2);
    }
  return out;
}

const isStraight = (body: StackBody) => body.levels.some((z) => body.cutAt(z).flat !== undefined);

const ring = (body: StackBody, z: Mm, turn: readonly number[]): Vec[] => {
  const cut = body.cutAt(z);
  return turn.map((t) => {
    const [x, y] = edgeOf(cut, t);
    return [x, y, z];
  });
};

/** Sides of an outline, for a whole body and for two neighbouring levels: a circle of 64 lacks 0.16 % of its area. Derived. */
const ROUND = { whole: 64, pair: 48 };
type Ring = LevelCut & { readonly z: Mm };
type Spot = [Mm, Mm];

/** A parallel projection as where the origin goes and one step along each axis. */
interface Plane {
  readonly origin: readonly [Mm, Mm];
  readonly x: readonly [number, number];
  readonly y: readonly [number, number];
  readonly z: readonly [number, number];
}
function planeOf(flat: (p: Vec) => readonly [Mm, Mm]): Plane {
  const origin = flat([0, 0, 0]);
  const axis = (p: Vec) => {
    const [u, v] = flat(p);
    return [u - origin[0], v - origin[1]] as const;
  };
  return { origin, x: axis([1, 0, 0]), y: axis([0, 1, 0]), z: axis([0, 0, 1]) };
}

/** How far a cut reaches along a direction of its own space. Asked thousands of times for each outline: nothing is made for it. */
function reachOf(cut: LevelCut, z: Mm, dx: number, dy: number, dz: number): Mm {
  const { a, b, flat } = cut;
  const [ra, rb] = [a * dx, b * dy];
  const round = Math.sqrt(ra * ra + rb * rb);
  const straight = flat ? flat[0] * Math.abs(dx) + flat[1] * Math.abs(dy) : 0;
  return (cut.x ?? 0) * dx + (cut.y ?? 0) * dy + dz * z + round + straight;
}

/** The place on a cut's edge that lies furthest along a direction of its own space. */
function furthest({ a, b, x = 0, y = 0, z, flat }: Ring, [dx, dy]: Vec): Vec {
  const [ra, rb] = [a * dx, b * dy];
  const round = Math.sqrt(ra * ra + rb * rb);
  const [fx, fy] = flat ? [flat[0] * sideOf(dx), flat[1] * sideOf(dy)] : [0, 0];
  const [px, py] = round > 0 ? [(a * ra) / round, (b * rb) / round] : [0, 0];
  return [x + fx + px, y + fy + py, z];
}

/** Directions in the picture, evenly all round, as a body's own space has them; told once for all its outlines. */
interface Ways {
  readonly plane: Plane;
  readonly ways: readonly Vec[];
  /** A quarter further round each. */
  readonly ahead: readonly Vec[];
}
function waysIn(plane: Plane, sides: number): Ways {
  const { x: ex, y: ey, z: ez } = plane;
  const back = (c: number, s: number): Vec => [
    c * ex[0] + s * ex[1],
    c * ey[0] + s * ey[1],
    c * ez[0] + s * ez[1],
  ];
  const turns = Array.from({ length: sides }, (_, k) => (2 * Math.PI * k) / sides);
  return {
    plane,
    ways: turns.map((t) => back(Math.cos(t), Math.sin(t))),
    ahead: turns.map((t) => back(-Math.sin(t), Math.cos(t))),
  };
}
const against = ([x, y, z]: Vec): Vec => [-x, -y, -z];

/**
 * The convex outline of level cuts: in each direction the point that reaches furthest, of all cuts. A rounded cut's own is told
 * by its formula, so nothing is sorted.
 */
function hullOf(cuts: readonly Ring[], { plane, ways, ahead }: Ways): Spot[] {
  const { origin, x: ex, y: ey, z: ez } = plane;
  const out: Spot[] = [];
  const put = ([px, py, pz]: Vec): void => {
    const u = origin[0] + px * ex[0] + py * ey[0] + pz * ez[0];
    const v = origin[1] + px * ex[1] + py * ey[1] + pz * ez[1];
    const last = out[out.length - 1];
    if (!last || Math.abs(last[0] - u) + Math.abs(last[1] - v) > NEAR) out.push([u, v]);
  };
  for (const [k, way] of ways.entries()) {
    let best = cuts[0]!;
    let most = -Infinity;
    for (const cut of cuts) {
      const far = reachOf(cut, cut.z, way[0], way[1], way[2]);
      if (far > most) {
        best = cut;
        most = far;
      }
    }
    // seen edge on, all of a cut is as far: both its ends are corners
    if (Math.abs(way[0]) + Math.abs(way[1]) < EDGE_ON) {
      put(furthest(best, against(ahead[k]!)));
      put(furthest(best, ahead[k]!));
    } else put(furthest(best, way));
  }
  return out;
}
/** A cut that leans less than this is seen edge on; a step of the method, estimate. */
const EDGE_ON = 1e-9;
/** Nearer than this two corners are one, mm; a step of the method, estimate. */
const NEAR = 1e-6;
const sideOf = (v: number): number => (Math.abs(v) < 1e-12 ? 1 : Math.sign(v));

export const stack: BodyKind<StackBody> = {
  reach: (body, [dx, dy, dz]) => {
    let best = -Infinity;
    for (const z of body.levels) best = Math.max(best, reachOf(body.cutAt(z), z, dx, dy, dz));
    return best;
  },
  outlines: (body, flat) => {
    const cuts = body.levels.map((z): Ring => ({ z, ...body.cutAt(z) }));
    const plane = planeOf(flat);
    const crooked = cuts.some((c) => c.x !== undefined || c.y !== undefined);
    if (!crooked && !hollowed(body)) return [hullOf(cuts, waysIn(plane, ROUND.whole))];
    // a waist or a bend is not the hull of the whole: hull each pair of neighbouring levels
    const ways = waysIn(plane, ROUND.pair);
    return cuts.slice(1).map((_, i) => hullOf(cuts.slice(i, i + 2), ways));
  },
  inside: (body, [x, y, z]) => {
    const top = body.levels[body.levels.length - 1]!;
    if (z < 0 || z > top) return undefined;
    const cut = body.cutAt(z);
    const [fx, fy] = cut.flat ?? [0, 0];
    const px = Math.max(0, Math.abs(x - (cut.x ?? 0)) - fx);
    const py = Math.max(0, Math.abs(y - (cut.y ?? 0)) - fy);
    // a block with sharp edges is all straight middle
    const sharp = !(cut.a > 0 && cut.b > 0);
    if (sharp && (!cut.flat || px > 0 || py > 0)) return undefined;
    const out = sharp ? 0 : Math.hypot(px / cut.a, py / cut.b);
    if (out > 1) return undefined;
    const { core } = body;
    if (core && bodyInside(core.body, [x, y, z - core.up])) return { part: 'core', cover: 0 };
    // exact on a circle; on an oval the distance along the ray from the middle
    const far = Math.hypot(px, py);
    const cover = far > 1e-9 ? far / out - far : Math.min(cut.a + fx, cut.b + fy);
    return { part: 'paste', cover };
  },
  surface: (body) => {
    const top = body.levels[body.levels.length - 1]!;
    const turn = angles(24, isStraight(body));
    const STEPS = 40;
    return Array.from({ length: STEPS + 1 }, (_, s) => ring(body, (top * s) / STEPS, turn)).flat();
  },
  footRadius: (body, sunk) => {
    const top = body.levels[body.levels.length - 1]!;
    const { a, b, flat } = body.cutAt(Math.min(sunk, top / 2));
    return Math.sqrt((a + (flat?.[0] ?? 0)) * (b + (flat?.[1] ?? 0)));
  },
  mesh: (body, round) => {
    const turn = angles(round, isStraight(body));
    const skin = skinOfRings(body.levels.map((z) => ring(body, z, turn)));
    return body.core ? coreMesh(skin, body.core, round) : skin;
  },
  depth: stackDepth,
  skin: (body, round) => {
    const turn = angles(round, isStraight(body));
    return stackSkin(body, round, (z) => ring(body, z, turn));
  },
};

const hollow = new WeakMap<StackBody, boolean>();

/** Does the side turn inwards anywhere between foot and top? Told once a body. */
function hollowed(body: StackBody): boolean {
  let known = hollow.get(body);
  if (known === undefined) {
    const wide = (z: number) => {
      const { a, b, flat } = body.cutAt(z);
      return [a + (flat?.[0] ?? 0), b + (flat?.[1] ?? 0)] as const;
    };
    known = false;
    for (let i = 1; i + 1 < body.levels.length && !known; i++) {
      const [low, z, high] = [body.levels[i - 1]!, body.levels[i]!, body.levels[i + 1]!];
      if (!(high - low > 1e-9)) continue;
      const t = (z - low) / (high - low);
      const [la, lb] = wide(low);
      const [ha, hb] = wide(high);
      const [a, b] = wide(z);
      const slack = 1e-3 * (a + b + 1);
      known = a < la + (ha - la) * t - slack || b < lb + (hb - lb) * t - slack;
    }
    hollow.set(body, known);
  }
  return known;
}
