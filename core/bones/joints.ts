import {
  BOARD,
  measureOf,
  place,
  placeRods,
  type Build,
  type Instance,
  type PlacedRod,
} from '../figure/index.ts';
import {
  add,
  bodyBall,
  bodyFootRadius,
  bodyInside,
  dot,
  length,
  lyingContact,
  sub,
  times,
  toLocal,
  toWorld,
  unit,
  type Vec,
} from '../solids/index.ts';
import { carriedMasses, type Mass } from './balance.ts';
import { rodStock, type RodStock } from './rods/registry.ts';

/** What a rod is inside of at one spot. */
export interface Inside {
  /** Index of the instance, or −1 for the board. */
  readonly instance: number;
  readonly part: 'paste' | 'core' | 'board';
  /** From the rod's skin to the side of the piece, mm. */
  readonly cover: number;
}

/** A run of a rod inside one thing. */
export interface Run extends Inside {
  readonly thick: number;
}

/** A rod sampled along its length. */
export interface RodPath {
  readonly placed: PlacedRod;
  readonly stock: RodStock;
  readonly length: number;
  readonly step: number;
  readonly spots: readonly (readonly Inside[])[];
  /** Everything it passes, by instance. */
  readonly passes: ReadonlySet<number>;
}

/** One rod crossing a joint: what holds it on each side, from the joint outwards. */
export interface Crossing {
  readonly path: RodPath;
  readonly below: readonly Run[];
  readonly above: readonly Run[];
  readonly heldBelow: number;
  readonly heldAbove: number;
  readonly bare: number;
  readonly at: Vec;
  /** From the lower part to the upper. */
  readonly axis: Vec;
}

/** Where a piece with all it carries is held to what is below by rods. */
export interface Joint {
  /** Index of the piece that is held. */
  readonly upper: number;
  readonly crossings: readonly Crossing[];
  readonly load: Mass;
  readonly at: Vec;
  readonly axis: Vec;
  /** Line from rod to rod; any direction across for a single one. */
  readonly across: Vec;
  /** Between the outer rods, mm. */
  readonly spacing: number;
  readonly bare: number;
  /** Half size of the touching faces, mm; zero when they do not touch. */
  readonly seat: number;
  /** Half the widest of what is carried, for a nudge that turns it. */
  readonly halfWidth: number;
}

const STEP = 1;
const MOST_SPOTS = 400;

/** One stop of a rod inside one body. */
interface Stop {
  readonly spot: number;
  readonly part: 'paste' | 'core';
  readonly cover: number;
}

const stops = new WeakMap<Instance, Map<string, readonly Stop[]>>();
const MOST_RODS = 60;

/** The stops of a rod inside a standing body, remembered as long as both stay where they are. */
function stopsInside(
  instance: Instance,
  { from, to }: PlacedRod,
  radius: number,
  n: number,
  first: number,
  last: number,
): readonly Stop[] {
  const key = `${from.join()}|${to.join()}|${radius}`;
  let known = stops.get(instance);
  if (!known) stops.set(instance, (known = new Map()));
  const before = known.get(key);
  if (before) return before;
  const run = sub(to, from);
  const found: Stop[] = [];
  for (let spot = first; spot <= last; spot++) {
    const at = toLocal(instance.frame, add(from, times(run, (spot + 0.5) / n)));
    const inside = bodyInside(instance.body, at);
    if (inside) found.push({ spot, part: inside.part, cover: Math.max(0, inside.cover - radius) });
  }
  if (known.size >= MOST_RODS) known.clear();
  known.set(key, found);
  return found;
}

/** Distance of a point from a stretch of rod. */
function distanceToLine(p: Vec, from: Vec, to: Vec): number {
  const d = sub(to, from);
  const L2 = dot(d, d);
  const t = L2 > 0 ? Math.min(1, Math.max(0, dot(sub(p, from), d) / L2)) : 0;
  return length(sub(p, add(from, times(d, t))));
}

/** Follow every rod through the figure and note what it is inside of. */
export function rodPaths(build: Build): RodPath[] {
  const instances = place(build);
  const spheres = instances.map((i) => {
    const ball = bodyBall(i.body);
    return { centre: toWorld(i.frame, ball.centre), radius: ball.radius };
  });
  return placeRods(build).map((placed) => {
    const stock = rodStock(placed.rod.stock);
    const L = length(sub(placed.to, placed.from));
    const n = Math.max(2, Math.min(MOST_SPOTS, Math.ceil(L / STEP)));
    const radius = stock.section.diameter / 2;
    const near = instances
      .map((instance, index) => ({ instance, index }))
      .filter(
        ({ index }) =>
          distanceToLine(spheres[index]!.centre, placed.from, placed.to) <= spheres[index]!.radius,
      );
    const spots: Inside[][] = Array.from({ length: n }, () => []);
    const passes = new Set<number>();
    const note = (s: number, inside: Inside) => {
      spots[s]!.push(inside);
      passes.add(inside.instance);
    };
    const run = sub(placed.to, placed.from);
    for (let s = 0; s < n; s++) {
      const z = placed.from[2] + (run[2] * (s + 0.5)) / n;
      if (z < 0 && z >= -build.board.thickness) note(s, { instance: -1, part: 'board', cover: 99 });
    }
    for (const { instance, index } of near) {
      // only the stretch of the rod inside the sphere round the piece can be inside the piece
      const { centre, radius: around } = spheres[index]!;
      const t = dot(sub(centre, placed.from), run) / (L * L || 1);
      const reach = around / (L || 1);
      const first = Math.max(0, Math.floor((t - reach) * n));
      const last = Math.min(n - 1, Math.ceil((t + reach) * n));
      for (const { spot, part, cover } of stopsInside(instance, placed, radius, n, first, last))
        note(spot, { instance: index, part, cover });
    }
    return { placed, stock, length: L, step: L / n, spots, passes };
  });
}

/** Gather equal neighbours into runs, walking from `start` in a direction while `take` finds something. */
function runsFrom(
  path: RodPath,
  start: number,
  direction: 1 | -1,
  take: (spot: readonly Inside[]) => Inside | undefined,
): Run[] {
  const runs: Run[] = [];
  for (let s = start; s >= 0 && s < path.spots.length; s += direction) {
    const inside = take(path.spots[s]!);
    if (!inside) break;
    const last = runs.at(-1);
    if (last && last.instance === inside.instance && last.part === inside.part)
      runs[runs.length - 1] = {
        ...last,
        thick: last.thick + path.step,
        cover: Math.min(last.cover, inside.cover),
      };
    else runs.push({ ...inside, thick: path.step });
  }
  return runs;
}

const heldLength = (runs: readonly Run[]): number => runs.reduce((sum, r) => sum + r.thick, 0);

/** How one rod crosses the joint under `upper`; undefined when it holds only one side. */
function crossing(
  path: RodPath,
  family: ReadonlySet<number>,
  carriers: ReadonlySet<number>,
): Crossing | undefined {
  const inFamily = (spot: readonly Inside[]) => spot.find((i) => family.has(i.instance));
  const outside = (spot: readonly Inside[]) =>
    inFamily(spot) ? undefined : spot.find((i) => !family.has(i.instance));
  const first = path.spots.findIndex((s) => inFamily(s) !== undefined);
  if (first < 0) return undefined;
  let last = first;
  while (last + 1 < path.spots.length && inFamily(path.spots[last + 1]!)) last++;
  const seek = (start: number, direction: 1 | -1) => {
    let s = start;
    while (s >= 0 && s < path.spots.length && !outside(path.spots[s]!)) {
      if (inFamily(path.spots[s]!)) return undefined;
      s += direction;
    }
    if (s < 0 || s >= path.spots.length) return undefined;
    const runs = runsFrom(path, s, direction, outside);
    return {
      runs,
      gap: Math.max(0, Math.abs(s - start) * path.step),
      carries: runs.some((r) => carriers.has(r.instance)),
    };
  };
  const before = seek(first - 1, -1);
  const after = seek(last + 1, 1);
  const lower =
    before && after
      ? before.carries === after.carries
        ? heldLength(before.runs) >= heldLength(after.runs)
          ? 'before'
          : 'after'
        : before.carries
          ? 'before'
          : 'after'
      : before
        ? 'before'
        : after
          ? 'after'
          : undefined;
  if (lower === undefined) return undefined;
  const side = lower === 'before' ? before! : after!;
  const direction = lower === 'before' ? 1 : -1;
  const start = lower === 'before' ? first : last;
  const above = runsFrom(path, start, direction, inFamily);
  const along = unit(sub(path.placed.to, path.placed.from));
  const axis = lower === 'before' ? along : times(along, -1);
  const edge = add(path.placed.from, times(along, (lower === 'before' ? first : last + 1) * path.step));
  return {
    path,
    below: side.runs,
    above,
    heldBelow: heldLength(side.runs),
    heldAbove: heldLength(above),
    bare: side.gap,
    at: add(edge, times(axis, -side.gap)),
    axis,
  };
}

const seatRadii = new WeakMap<Instance, number>();

/** Half size of the face a piece rests on: its section a little way up, less when it lies on its side. */
export function seatRadius(instance: Instance): number {
  let known = seatRadii.get(instance);
  if (known === undefined) seatRadii.set(instance, (known = restingRadius(instance)));
  return known;
}

function restingRadius({ piece, body, frame }: Instance): number {
  const m = measureOf(piece);
  const sunk = Math.max(piece.seat.sink, 0.06 * m.height, 0.5);
  const standing = bodyFootRadius(body, sunk);
  if (body.type !== 'stack') return standing;
  const lying = 0.25 * Math.min(m.width, m.height);
  return Math.abs(frame.z[2]) > 0.7 ? standing : Math.min(standing, lying);
}

const memo = new WeakMap<
  Build['pieces'],
  { rods: Build['rods']; board: Build['board']; found: { paths: RodPath[]; joints: Joint[] } }
>();

/** Every joint that rods cross, the lowest piece first. */
export function jointsOf(build: Build): { paths: RodPath[]; joints: Joint[] } {
  const known = memo.get(build.pieces);
  if (known && known.rods === build.rods && known.board === build.board) return known.found;
  const instances = place(build);
  const paths = rodPaths(build);
  const { with: masses, descendants } = carriedMasses(build);
  const joints: Joint[] = [];
  instances.forEach((instance, upper) => {
    const through = paths.filter((p) => p.passes.has(upper));
    if (through.length === 0) return;
    const family = new Set(descendants[upper]);
    const carriers = new Set<number>([-1]);
    for (let c = instance.carrier; c >= 0; c = instances[c]!.carrier) carriers.add(c);
    const crossings = through
      .map((p) => crossing(p, family, carriers))
      .filter((c): c is Crossing => c !== undefined && c.heldBelow >= 1 && c.heldAbove >= 1);
    if (crossings.length === 0) return;
    const at = times(
      crossings.reduce<Vec>((s, c) => add(s, c.at), [0, 0, 0]),
      1 / crossings.length,
    );
    const axis = unit(crossings.reduce<Vec>((s, c) => add(s, c.axis), [0, 0, 0]));
    const apart = crossings.length > 1 ? sub(crossings[1]!.at, crossings[0]!.at) : ([1, 0, 0] as const);
    const flat = sub(apart, times(axis, dot(apart, axis)));
    const across = length(flat) > 1e-6 ? unit(flat) : unit(sub([0, 1, 0], times(axis, axis[1])));
    const along = crossings.map((c) => dot(sub(c.at, at), across));
    const bare = Math.max(...crossings.map((c) => c.bare));
    joints.push({
      upper,
      crossings,
      load: masses[upper]!,
      at,
      axis,
      across,
      spacing: crossings.length > 1 ? Math.max(...along) - Math.min(...along) : 0,
      bare,
      seat: bare < 2 ? seatRadius(instance) : 0,
      halfWidth: measureOf(instance.piece).width / 2,
    });
  });
  const found = { paths, joints };
  memo.set(build.pieces, { rods: build.rods, board: build.board, found });
  return found;
}

/** What the seat of a piece means for its firming. */
export interface SeatFacts {
  /** Surface closed off by the seat and by what sits on it, mm². */
  readonly contact: number;
  /** Length held in the carrier, mm. */
  readonly held: number;
  /** Grams resting on it. */
  readonly load: number;
  /** Share of that carried by rods. */
  readonly loadOnRods: number;
  readonly loadContact: number;
  readonly section: number;
  /** A rod runs through it. */
  readonly rodded: boolean;
}

/** Paste on a board settles by this much under its own weight, mm; estimate. */
const SETTLES = 0.5;

/** Face on which a piece rests, mm²: its foot, or the strip it lies on. */
function seatArea(instance: Instance): number {
  const m = measureOf(instance.piece);
  const upright = Math.abs(instance.frame.z[2]) > 0.7;
  if (instance.body.type !== 'stack' || upright) return Math.PI * seatRadius(instance) ** 2;
  const across = Math.min(m.width, m.depth);
  const press = Math.min(across / 2, Math.max(SETTLES, instance.piece.seat.sink));
  return lyingContact(across, m.height, press);
}

/** Seat facts of every piece, by id, from the instance the person edits. */
export function seatFacts(build: Build): Map<string, SeatFacts> {
  const instances = place(build);
  const { joints, paths } = jointsOf(build);
  const { with: masses } = carriedMasses(build);
  const jointAt = new Map(joints.map((j) => [j.upper, j]));
  const rodded = new Set(paths.flatMap((p) => [...p.passes]));
  const childrenOf = new Map<number, number[]>();
  instances.forEach((i, k) => {
    if (i.carrier >= 0) childrenOf.set(i.carrier, [...(childrenOf.get(i.carrier) ?? []), k]);
  });
  const out = new Map<string, SeatFacts>();
  instances.forEach((instance, k) => {
    if (out.has(instance.piece.id)) return;
    const m = measureOf(instance.piece);
    let load = 0;
    let onRods = 0;
    let contact = 0;
    for (const child of childrenOf.get(k) ?? []) {
      const above =
        instances[child]!.frame.origin[2] > instance.frame.origin[2] + 0.4 * m.height * instance.frame.z[2];
      if (!above) continue;
      const g = masses[child]!.g;
      const joint = jointAt.get(child);
      const toBoard = joint?.crossings.some((c) => c.below.some((r) => r.instance === -1)) ?? false;
      load += g;
      onRods += g * (joint ? (toBoard ? 0.9 : 0.5) : 0);
      contact += Math.PI * seatRadius(instances[child]!) ** 2;
    }
    out.set(instance.piece.id, {
      contact: (instance.piece.seat.on === BOARD || instance.carrier >= 0 ? seatArea(instance) : 0) + contact,
      held: instance.piece.seat.sink,
      load,
      loadOnRods: load > 0 ? onRods / load : 0,
      loadContact: contact,
      section: (Math.PI / 4) * Math.min(m.width, m.height) ** 2,
      rodded: rodded.has(k),
    });
  });
  return out;
}
