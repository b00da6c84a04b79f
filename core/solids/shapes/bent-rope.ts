import type { Shape, Sizes } from '../types.ts';
import type { Vec } from '../vector.ts';
import { angle, grows, lump } from './parts.ts';
import { shaped } from './shaped.ts';

const PI = Math.PI;
type Key = 'diameter' | 'first' | 'second' | 'bend' | 'angle';
/** A bend stretches its outside by d ÷ 2ρ; most pastes take a seventh before they crack. Estimate. */
const SAFE_STRETCH = 0.15;

/** Length of the middle line, and of the outside and inside of the bend. */
export function bentLengths({ diameter: d, first, second, bend, angle: deg }: Sizes<Key>) {
  const turn = (deg * PI) / 180;
  const legs = first + second;
  return {
    roll: legs + bend * turn,
    outer: legs + (bend + d / 2) * turn,
    inner: legs + (bend - d / 2) * turn,
  };
}

/** The middle line: up the first leg, over the bend at the top, down the second; the leg's top at the origin. */
function middle(s: Sizes<Key>): Vec[] {
  const turn = (s.angle * PI) / 180;
  const n = Math.max(4, Math.ceil(s.angle / 7.5));
  const path: Vec[] = s.first > 0 ? [[-s.bend, 0, -s.first]] : [];
  for (let i = 0; i <= n; i++) {
    const t = (turn * i) / n;
    path.push([-s.bend * Math.cos(t), 0, s.bend * Math.sin(t)]);
  }
  const end = path[path.length - 1]!;
  if (s.second > 0) path.push([end[0] + Math.sin(turn) * s.second, 0, end[2] + Math.cos(turn) * s.second]);
  return path;
}

/** The box of the rope's outside, from its own middle line; exact where legs and the top of the bend reach furthest. */
function box(s: Sizes<Key>) {
  const r = s.diameter / 2;
  const turn = (s.angle * PI) / 180;
  const xs: number[] = [];
  const zs: number[] = [];
  const put = (x: number, z: number) => {
    xs.push(x);
    zs.push(z);
  };
  const out = (t: number, k: number): readonly [number, number] => [-k * Math.cos(t), k * Math.sin(t)];
  for (const k of [s.bend - r, s.bend + r]) {
    put(-k, -s.first);
    const [x, z] = out(turn, k);
    put(x + Math.sin(turn) * s.second, z + Math.cos(turn) * s.second);
    for (const t of [0, PI / 2, PI, (3 * PI) / 2, turn]) if (t <= turn) put(...out(t, k));
  }
  return {
    left: Math.min(...xs),
    right: Math.max(...xs),
    low: Math.min(...zs),
    high: Math.max(...zs),
  };
}

export const bentRope: Shape<Key> = {
  kind: 'bentRope',
  name: 'Bent rope',
  family: 'bent',
  hint: 'legs as a U, handles, horns: one rope bent over',
  sizes: [
    grows('diameter', 'across', 12, [0.5, 200], false),
    grows('first', 'first leg', 40, [0, 1000]),
    grows('second', 'second leg', 40, [0, 1000]),
    grows('bend', 'bend radius', 20, [0.5, 500], false),
    angle('angle', 'bent through', 180, [5, 350]),
  ],
  volumeRule: 'π d² ÷ 4 × length of the middle line',
  refuse: ({ diameter, bend }) =>
    bend >= diameter / 2
      ? undefined
      : 'The bend is tighter than half the rope: its inside would fold over itself.',
  warn: ({ diameter, bend }) => {
    const stretch = diameter / (2 * bend);
    return stretch > SAFE_STRETCH
      ? `The outside of the bend is stretched by ${Math.round(stretch * 100)} %; beyond ${Math.round(SAFE_STRETCH * 100)} % most pastes crack. Bend it over ${Math.ceil(diameter / (2 * SAFE_STRETCH))} mm or wider, or roll it bent.`
      : undefined;
  },
  measure: (s) => {
    const { diameter: d, first: L1, second: L2, bend, angle: deg } = s;
    const a = (deg * PI) / 180;
    const L = bentLengths(s).roll;
    const section = (PI * d * d) / 4;
    // the bend's own balance point lies further out than its middle line by d² ÷ 16 ρ
    const k = bend * bend * (1 + (d * d) / 16 / (bend * bend));
    const end: readonly [number, number] = [-bend * Math.cos(a), bend * Math.sin(a)];
    const mx = -bend * L1 - k * Math.sin(a) + (end[0] + (Math.sin(a) * L2) / 2) * L2;
    const mz = (-L1 * L1) / 2 + k * (1 - Math.cos(a)) + (end[1] + (Math.cos(a) * L2) / 2) * L2;
    const b = box(s);
    return {
      volume: section * L,
      area: PI * d * L + 2 * section,
      centre: mz / L - b.low,
      aside: [mx / L - (b.left + b.right) / 2, 0],
      width: b.right - b.left,
      depth: d,
      height: b.high - b.low,
      cutLength: L,
    };
  },
  drying: (s) => lump(bentRope.measure(s, {}), s.diameter),
  body: (s) => {
    const b = box(s);
    const across = (b.left + b.right) / 2;
    const path = middle(s).map(([x, y, z]): Vec => [x - across, y, z - b.low]);
    return { type: 'tube', path, radii: path.map(() => s.diameter / 2), loop: false };
  },
  handles: (s) => {
    const b = box(s);
    // the foot stays on the ground: the longer leg lifts the bend
    const leg = s.first >= s.second ? 'first' : 'second';
    return [{ size: leg, at: [-(b.left + b.right) / 2, b.high - b.low], along: [0, 1], gain: 1 }];
  },
  technique: 'byHand',
  labour: shaped(7),
};
