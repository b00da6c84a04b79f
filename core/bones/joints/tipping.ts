import { type Build } from '../../record/index.ts';
import type { Vec } from '../../solids/index.ts';
import { byFormula, formula, given, reckon, solved, type Reckoned } from '../../quantity/index.ts';
import { check, share, type Check } from './check.ts';
import { apparent, type LoadCase } from './load-cases.ts';
import { furthestSupport, type FlatPoint } from '../mechanics/soft-base.ts';

export type { FlatPoint };

/** Directions looked at where no edge decides. */
const SOFT_WAYS = 24;

/** Outline of the board as it stands on the table. */
export function boardOutline(build: Build): FlatPoint[] {
  const r = build.board.width / 2;
  if (build.board.shape === 'square')
    return [
      [-r, -r],
      [r, -r],
      [r, r],
      [-r, r],
    ];
  return Array.from(
    { length: 48 },
    (_, i) => [r * Math.cos((i * Math.PI) / 24), r * Math.sin((i * Math.PI) / 24)] as const,
  );
}

export interface TippingEdge {
  readonly normal: FlatPoint;
  /** Distance of the balance point inside the edge, mm; negative outside. */
  readonly inside: number;
}

/** Edges of a convex outline (either direction round) with their outward normals, and how far inside a point lies. */
export function edgesOf(outline: readonly FlatPoint[], p: FlatPoint): TippingEdge[] {
  let area = 0;
  outline.forEach(([x, y], i) => {
    const [u, v] = outline[(i + 1) % outline.length]!;
    area += x * v - u * y;
  });
  const sign = area >= 0 ? 1 : -1;
  return outline.flatMap(([x, y], i) => {
    const [u, v] = outline[(i + 1) % outline.length]!;
    const L = Math.hypot(u - x, v - y);
    if (L < 1e-9) return [];
    const normal: FlatPoint = [(sign * (v - y)) / L, (-sign * (u - x)) / L];
    return [{ normal, inside: (x - p[0]) * normal[0] + (y - p[1]) * normal[1] }];
  });
}

export interface Tipping {
  /** Lean in degrees at which it goes over, standing free. */
  readonly lean: Reckoned;
  readonly check: Check;
  readonly outline: readonly FlatPoint[];
  /** How far further in it would have to balance, mm; nought or less where it stands. */
  readonly missing: number;
}

const SIDES = ['right', 'back right', 'back', 'back left', 'left', 'front left', 'front', 'front right'];

/** Name of the side a direction points to, seen from the front. */
const sideName = (x: number, y: number): string =>
  SIDES[((Math.round(Math.atan2(y, x) / (Math.PI / 4)) % 8) + 8) % 8]!;

/** Reserve on tipping; common practice. */
const RESERVE = 1.2;

/**
 * Does it tip? For every edge of the outline the lean is atan(d ÷ h); in a load case the apparent gravity reaches
 * h × along ÷ into, and must stay inside d with a reserve of 1.2.
 */
export function tipping(
  what: string,
  outline: readonly FlatPoint[],
  point: Vec,
  base: number,
  loadCase: LoadCase,
  spread: readonly [ok: string, no: string],
): Tipping {
  const height = point[2] - base;
  const edges = outline.length >= 3 ? edgesOf(outline, [point[0], point[1]]) : [];
  const up = given(`Balance point of ${what}, over what it stands on`, height, 'mm');
  const nearest = edges.reduce((m, e) => Math.min(m, e.inside), Infinity);
  const inside = given('Balance point inside the nearest edge', Number.isFinite(nearest) ? nearest : 0, 'mm');
  const lean = reckon(
    `${what} tips at`,
    '°',
    'atan(inside ÷ height)',
    [inside, up],
    (d, h) => (Math.atan2(d, h) * 180) / Math.PI,
  );
  let missing = edges.length ? -Infinity : 1e3;
  let worstEdge: { use: number; reach: number; inside: number; side: string } | undefined;
  for (const e of edges) {
    const f = apparent(loadCase, Math.atan2(e.normal[1], e.normal[0]), loadCase.up);
    const reach = (height * Math.hypot(f[0], f[1])) / -f[2];
    const use = e.inside > 0 ? reach / e.inside : Infinity;
    missing = Math.max(missing, RESERVE * reach - e.inside);
    if (!worstEdge || use > worstEdge.use)
      worstEdge = { use, reach, inside: e.inside, side: sideName(e.normal[0], e.normal[1]) };
  }
  const demand = given('The push reaches out', worstEdge?.reach ?? 1, 'mm');
  const capacity = given('Room to the edge', Math.max(0, worstEdge?.inside ?? 0), 'mm');
  const side = worstEdge ? ` to the ${worstEdge.side}` : '';
  return {
    lean,
    outline,
    missing,
    check: check({
      id: `tip-${what}`,
      title: 'Tipping',
      situation: loadCase.name,
      use: share(demand, capacity, RESERVE),
      reserve: RESERVE,
      trust: 'B',
      ok: spread[0],
      no: `${spread[1]}${side}.`,
    }),
  };
}

const ROOM = formula({
  name: 'Room to where the cake still carries',
  takes: ['mm', 'mm'],
  unit: 'mm',
  rule: 'that − the balance point, no less than nought',
  f: (support, out) => Math.max(0, support - out),
});
const PART = formula({
  name: 'That part',
  takes: ['N', 'kPa', ''],
  unit: 'mm²',
  rule: 'pressing ÷ strength ÷ share that touches',
  f: (N, crush, fill) => N / ((crush / 1000) * fill),
});

/**
 * Tipping on something soft: the support cannot stand at the rim, it needs an area of weight ÷ strength, and its middle
 * lies so far in. A foot that is too small altogether sinks.
 * @param weight N
 * @param crush of what it stands on, kPa; times `fill`, the share of the outline that really touches
 */
export function softTipping(
  what: string,
  outline: readonly FlatPoint[],
  point: Vec,
  weight: number,
  loadCase: LoadCase,
  crush: number,
  fill = 1,
): Check {
  const area = PART.f(weight * loadCase.down, crush, fill);
  let worstWay: { use: number; reach: number; support: number; out: number; side: string } | undefined;
  for (let k = 0; k < SOFT_WAYS; k++) {
    const phi = (2 * Math.PI * k) / SOFT_WAYS;
    const n: FlatPoint = [Math.cos(phi), Math.sin(phi)];
    const support = furthestSupport(outline, n, area);
    const out = point[0] * n[0] + point[1] * n[1];
    // where no part of the foot is large enough there is no room at all
    const inside = support === undefined ? 0 : support - out;
    const f = apparent(loadCase, phi, loadCase.up);
    const reach = (point[2] * Math.hypot(f[0], f[1])) / -f[2];
    const use = inside > 0 ? reach / inside : Infinity;
    if (!worstWay || use > worstWay.use)
      worstWay = { use, reach, support: support ?? out, out, side: sideName(n[0], n[1]) };
  }
  const { reach, support, out, side } = worstWay!;
  return check({
    id: 'soft-tip',
    title: 'Tipping on the cake',
    situation: loadCase.name,
    use: share(
      given('The push reaches out', reach, 'mm'),
      byFormula(ROOM, [
        solved(
          'Middle of the outermost part of the foot that can carry all of it, out by',
          support,
          'mm',
          'the part of the outline beyond a straight line, as large as it has to be',
          [
            byFormula(PART, [
              given('Presses', weight * loadCase.down, 'N'),
              given('Cake bears', crush, 'kPa', 'estimate'),
              given('Share of the outline that touches', fill, ''),
            ]),
          ],
          'derived',
        ),
        given('Balance point, out by', out, 'mm'),
      ]),
      1.2,
    ),
    reserve: 1.2,
    trust: 'C',
    ok: `The ${what.toLowerCase()} stays up on the cake.`,
    no: `The ${what.toLowerCase()} would go over to the ${side}: the cake gives way under its rim. Pin it with two skewers, or a rod through.`,
  });
}
