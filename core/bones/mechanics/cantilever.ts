import { add, cross, dot, length, onAxes, sub, times, unit, type Vec } from '../../solids/index.ts';
import { curvatureRatio, type Section } from './sections.ts';

/** What a rod is made of at one place along it. Moments N·mm, weight N/mm. */
export interface RodAt {
  readonly section: Section;
  readonly stiffness: number;
  readonly shear: number;
  /** Moment at first yield, f Z. */
  readonly yields: number;
  /** Own weight and that of paste on it, N/mm. */
  readonly weight: number;
}

/** A force in N at a distance along the rod; it acts `off` from the rod's own line. */
export interface PointLoad {
  readonly s: number;
  readonly force: Vec;
  readonly off?: Vec;
}

/** A rod clamped at its first point and free at its last. */
export interface Arm {
  readonly points: readonly Vec[];
  readonly rod: (s: number) => RodAt;
  readonly loads: readonly PointLoad[];
  readonly moments?: readonly { readonly s: number; readonly moment: Vec }[];
  /** Direction in which weight acts, of length one. */
  readonly down?: Vec;
  readonly longest?: number;
}

/** Three Gauss points of an element: place, weight. */
const GAUSS = [
  [0.5 - Math.sqrt(0.15), 5 / 18],
  [0.5, 8 / 18],
  [0.5 + Math.sqrt(0.15), 5 / 18],
] as const;

interface Element {
  readonly l: number;
  readonly t: Vec;
  readonly rods: readonly RodAt[];
  readonly root: RodAt;
}

interface Model {
  readonly s: readonly number[];
  readonly r: readonly Vec[];
  readonly elements: readonly Element[];
  readonly length: number;
  readonly down: Vec;
  readonly loads: readonly { i: number; force: Vec; off: Vec }[];
  readonly moments: readonly { i: number; moment: Vec }[];
}

/** Cut the rod into short elements with a node at every corner and every load. */
function modelOf(arm: Arm): Model {
  const at = [0];
  arm.points.slice(1).forEach((p, i) => at.push(at[i]! + length(sub(p, arm.points[i]!))));
  const total = at.at(-1)!;
  const longest = arm.longest ?? Math.max(total / 120, 0.25);
  const marks = new Set(at);
  for (const q of [...arm.loads, ...(arm.moments ?? [])]) marks.add(Math.min(total, q.s));
  const stops = [...marks].sort((a, b) => a - b);
  const s = [0];
  for (let i = 1; i < stops.length; i++) {
    const d = stops[i]! - stops[i - 1]!;
    if (d < 1e-9) continue;
    const n = Math.max(1, Math.ceil(d / longest));
    for (let k = 1; k <= n; k++) s.push(stops[i - 1]! + (d * k) / n);
  }
  const place = (x: number): Vec => {
    let i = 1;
    while (i < at.length - 1 && at[i]! < x - 1e-12) i++;
    const f = (x - at[i - 1]!) / (at[i]! - at[i - 1]!);
    return add(arm.points[i - 1]!, times(sub(arm.points[i]!, arm.points[i - 1]!), f));
  };
  const r = s.map(place);
  const elements = s.slice(1).map((end, e): Element => {
    const d = sub(r[e + 1]!, r[e]!);
    const l = length(d);
    return {
      l,
      t: times(d, 1 / l),
      rods: GAUSS.map(([x]) => arm.rod(s[e]! + x * (end - s[e]!))),
      root: arm.rod(s[e]! + 1e-9),
    };
  });
  const node = (x: number) => s.reduce((b, v, i) => (Math.abs(v - x) < Math.abs(s[b]! - x) ? i : b), 0);
  return {
    s,
    r,
    elements,
    length: total,
    down: arm.down ?? [0, 0, -1],
    loads: arm.loads.map((q) => ({ i: node(q.s), force: q.force, off: q.off ?? [0, 0, 0] })),
    moments: (arm.moments ?? []).map((q) => ({ i: node(q.s), moment: q.moment })),
  };
}

interface Cut {
  readonly force: Vec;
  readonly moment: Vec;
}

/** Force and moment on the cuts, summed from the free end: at each element's Gauss points and at its start. */
function inside(
  m: Model,
  r: readonly Vec[],
  turn: (i: number, v: Vec) => Vec,
  share: number,
): { gauss: Cut[][]; start: Cut[] } {
  const n = m.elements.length;
  const F: Vec[] = Array.from({ length: n + 1 }, () => [0, 0, 0]);
  const M: Vec[] = Array.from({ length: n + 1 }, () => [0, 0, 0]);
  for (const q of m.loads) {
    const f = times(q.force, share);
    F[q.i] = add(F[q.i]!, f);
    M[q.i] = add(M[q.i]!, cross(turn(q.i, q.off), f));
  }
  for (const q of m.moments) M[q.i] = add(M[q.i]!, times(q.moment, share));
  const gauss = new Array<Cut[]>(n);
  const start = new Array<Cut>(n);
  let force = F[n]!;
  let moment = M[n]!;
  for (let e = n - 1; e >= 0; e--) {
    const { l, rods } = m.elements[e]!;
    const d = sub(r[e + 1]!, r[e]!);
    const w = times(m.down, rods[1]!.weight * share);
    const cut = (y: number): Cut => {
      const arm = times(d, y);
      return {
        force: add(force, times(w, y * l)),
        moment: add(add(moment, cross(arm, force)), cross(times(arm, 0.5), times(w, y * l))),
      };
    };
    gauss[e] = GAUSS.map(([x]) => cut(1 - x));
    start[e] = cut(1);
    force = add(start[e]!.force, F[e]!);
    moment = add(start[e]!.moment, M[e]!);
  }
  return { gauss, start };
}

/** Curvature under a moment: twist about the rod, bending across it; past yield as the section yields. */
function curvature(M: Vec, t: Vec, rod: RodAt, yielding: boolean): { k: Vec; folds: boolean } {
  const twist = dot(M, t);
  const bend = sub(M, times(t, twist));
  const b = length(bend);
  let f = 1 / (rod.stiffness * rod.section.inertia);
  if (yielding && b > rod.yields) {
    const ratio = curvatureRatio(rod.section, b / rod.yields);
    if (!Number.isFinite(ratio)) return { k: [0, 0, 0], folds: true };
    f = (ratio * rod.yields) / (rod.stiffness * rod.section.inertia) / b;
  }
  return {
    k: add(times(t, twist / (rod.shear * 2 * rod.section.inertia)), times(bend, f)),
    folds: false,
  };
}

/** The hardest worked section. */
export interface Hardest {
  /** √(M² + ¾ T²) over the moment at first yield. */
  readonly ratio: number;
  readonly s: number;
  readonly moment: number;
  readonly twist: number;
}

function hardest(m: Model, start: readonly Cut[], tangents: readonly Vec[]): Hardest {
  let worst: Hardest = { ratio: 0, s: 0, moment: 0, twist: 0 };
  start.forEach((cut, e) => {
    const { root } = m.elements[e]!;
    const twist = dot(cut.moment, tangents[e]!);
    const moment = length(sub(cut.moment, times(tangents[e]!, twist)));
    const ratio = Math.sqrt(moment ** 2 + 0.75 * twist ** 2) / root.yields;
    if (ratio > worst.ratio) worst = { ratio, s: m.s[e]!, moment, twist };
  });
  return worst;
}

export interface Bent {
  /** Places of the nodes once it has bent. */
  readonly shape: readonly Vec[];
  /** How far the free end goes. */
  readonly tip: Vec;
  readonly hardest: Hardest;
  /** It folds over, or has no place of rest. */
  readonly folds: boolean;
}

/** Small bends: curvature integrated along the unbent rod. Textbook beam theory. */
export function bendsLittle(arm: Arm): Bent {
  const m = modelOf(arm);
  const { gauss, start } = inside(m, m.r, (_, v) => v, 1);
  return integrated(m, start, (e) =>
    gauss[e]!.map((c, q) => curvature(c.moment, m.elements[e]!.t, m.elements[e]!.rods[q]!, false).k),
  );
}

function integrated(m: Model, start: readonly Cut[], kappa: (e: number) => readonly Vec[]): Bent {
  const u: Vec[] = [[0, 0, 0]];
  let turn: Vec = [0, 0, 0];
  m.elements.forEach(({ l, t }, e) => {
    let more: Vec = [0, 0, 0];
    let aside: Vec = [0, 0, 0];
    kappa(e).forEach((k, q) => {
      const [x, w] = GAUSS[q]!;
      more = add(more, times(k, w * l));
      aside = add(aside, times(cross(k, times(t, (1 - x) * l)), w * l));
    });
    u.push(add(add(u[e]!, cross(turn, times(t, l))), aside));
    turn = add(turn, more);
  });
  return {
    shape: m.r.map((p, i) => add(p, u[i]!)),
    tip: u.at(-1)!,
    hardest: hardest(
      m,
      start,
      m.elements.map((x) => x.t),
    ),
    folds: false,
  };
}

/** Turn a vector by a rotation vector (Rodrigues). */
function turned(v: Vec, by: Vec): Vec {
  const angle = length(by);
  if (angle < 1e-14) return add(v, cross(by, v));
  const k = times(by, 1 / angle);
  const c = Math.cos(angle);
  return add(add(times(v, c), times(cross(k, v), Math.sin(angle))), times(k, dot(k, v) * (1 - c)));
}

type Axes = readonly [Vec, Vec, Vec];
const through = (axes: Axes, v: Vec): Vec =>
  add(add(times(axes[0], v[0]), times(axes[1], v[1])), times(axes[2], v[2]));

const LOAD_STEPS = 6;
const MOST_TURNS = 400;
const CLOSE = 1e-7;

/**
 * Large bends: elements turned one after the other, moments taken on the bent shape, by a damped fixed point under
 * growing load. Lean that adds to itself is in it. Wire past yield goes on bending when `yielding`.
 */
export function bendsFar(arm: Arm, yielding = false): Bent {
  const m = modelOf(arm);
  const shapeOf = (kappa: readonly (readonly Vec[])[]) => {
    let axes: Axes = [
      [1, 0, 0],
      [0, 1, 0],
      [0, 0, 1],
    ];
    const frames: Axes[] = [axes];
    const r: Vec[] = [m.r[0]!];
    m.elements.forEach(({ l, t }, e) => {
      const mean = kappa[e]!.reduce<Vec>((sum, k, q) => add(sum, times(k, GAUSS[q]![1])), [0, 0, 0]);
      const by = (x: number) => onAxes((k) => turned(axes[k], times(mean, x)));
      r.push(add(r[e]!, times(through(by(l / 2), t), l)));
      axes = by(l);
      frames.push(axes);
    });
    return { r, frames };
  };
  let kappa: Vec[][] = m.elements.map(() => GAUSS.map((): Vec => [0, 0, 0]));
  let shape = shapeOf(kappa);
  let worst: Hardest = { ratio: 0, s: 0, moment: 0, twist: 0 };
  let folds = false;
  for (let step = 1; step <= LOAD_STEPS && !folds; step++) {
    let damp = 1;
    let last = Infinity;
    let settled = false;
    for (let turn = 0; turn < MOST_TURNS && !folds; turn++) {
      const { gauss, start } = inside(m, shape.r, (i, v) => through(shape.frames[i]!, v), step / LOAD_STEPS);
      const tangents = m.elements.map((_, e) => unit(sub(shape.r[e + 1]!, shape.r[e]!)));
      worst = hardest(m, start, tangents);
      const wanted = m.elements.map((x, e) =>
        x.rods.map((rod, q) => {
          const found = curvature(gauss[e]![q]!.moment, tangents[e]!, rod, yielding);
          if (found.folds) folds = true;
          return found.k;
        }),
      );
      if (folds) break;
      const mixed = kappa.map((row, e) =>
        row.map((k, q) => add(times(k, 1 - damp), times(wanted[e]![q]!, damp))),
      );
      const next = shapeOf(mixed);
      const moved =
        next.r.reduce((far, p, i) => Math.max(far, length(sub(p, shape.r[i]!))), 0) / m.length / damp;
      if (moved > last * 0.98) damp = Math.max(0.08, damp * 0.7);
      last = moved;
      kappa = mixed;
      shape = next;
      if (moved < CLOSE) {
        settled = true;
        break;
      }
    }
    if (!settled) folds = true;
  }
  return { shape: shape.r, tip: sub(shape.r.at(-1)!, m.r.at(-1)!), hardest: worst, folds };
}

/** The bend that stays when the load is taken off: yielding less elastic curvature. Nothing below first yield. */
export function staysBent(arm: Arm): Vec {
  const m = modelOf(arm);
  const { gauss, start } = inside(m, m.r, (_, v) => v, 1);
  const bent = integrated(m, start, (e) =>
    gauss[e]!.map((c, q) => {
      const { t, rods } = m.elements[e]!;
      const past = curvature(c.moment, t, rods[q]!, true);
      return past.folds ? past.k : sub(past.k, curvature(c.moment, t, rods[q]!, false).k);
    }),
  );
  return bent.tip;
}
