import type { Contact } from '../../contacts/index.ts';
import type { Instance } from '../../figure/index.ts';
import type { Layer } from '../../ground/index.ts';
import { add, times, type Vec } from '../../solids/index.ts';
import { GRAVITY } from '../../quantity/index.ts';
import type { RodPath } from '../runs/rod-paths.ts';
import { runsOf, rodSprings, type RodRun, type RodSpring } from './rod-springs.ts';
import type { Rigid } from './settle.ts';
import { HARD, type Paste } from './springs.ts';

/** What is asked of the balance. */
export interface ToBalance {
  readonly instances: readonly Instance[];
  readonly contacts: readonly Contact[];
  /** Grams and balance point of each alone. */
  readonly own: readonly { readonly g: number; readonly at: Vec }[];
  readonly pasteOf: (index: number) => Paste;
  readonly coreOf?: (index: number) => Paste;
  /** Is the one glued on to the other or pressed into it? */
  readonly joined: (c: Contact) => boolean;
  readonly rods: readonly { readonly path: RodPath; readonly g: number }[];
  /** Boards and tiers that a rod runs into, and what lies at a place where no piece is. */
  readonly layer?: (layer: Layer) => Paste;
  readonly under?: (at: Vec) => number | Layer | undefined;
  /** Paste presses no harder than it bears. */
  readonly limited: boolean;
}

/** A piece that touches nothing is held where the person said it stands, on so wide a place, mm; told as hovering. Estimate. */
const STAND_IN = 5;
/** N of a gram. */
export const G = GRAVITY / 1000;
const weight = (g: number): Vec => [0, 0, -g * G];

function middleOf({ placed }: RodPath): Vec {
  const sum = placed.line.reduce<Vec>((a, p) => add(a, p), [0, 0, 0]);
  return times(sum, 1 / placed.line.length);
}

/** Which bodies hang together, the ground among them. */
class Together {
  readonly #of: number[];
  constructor(n: number) {
    this.#of = Array.from({ length: n }, (_, i) => i);
  }
  root(i: number): number {
    let at = i;
    while (this.#of[at] !== at) at = this.#of[at] = this.#of[this.#of[at]!]!;
    return at;
  }
  join(i: number, j: number): void {
    this.#of[this.root(i)] = this.root(j);
  }
  same(i: number, j: number): boolean {
    return this.root(i) === this.root(j);
  }
}

/** A touch made up for what hovers, where the person said it stands. */
function standIn(i: Instance, upper: number): Contact {
  const at = add(i.frame.origin, times(i.frame.z, i.piece.seat.sink));
  const n = times(i.frame.z, -1);
  const spots = [0, 1, 2].map((k) => {
    const a = (2 * Math.PI * k) / 3;
    const out = add(times(i.frame.x, Math.cos(a)), times(i.frame.y, Math.sin(a)));
    return { at: add(at, times(out, STAND_IN)), area: (Math.PI * STAND_IN ** 2) / 3 };
  });
  const area = Math.PI * STAND_IN ** 2;
  return {
    a: upper,
    b: i.carrier,
    area,
    normal: n,
    at,
    depth: 0,
    skin: [0, 0],
    agree: 1,
    round: false,
    spots,
  };
}

/** A rod as one of the bodies: its number, and what holds it. */
export interface HeldRod {
  readonly path: RodPath;
  readonly body: number;
  readonly runs: readonly RodRun[];
  readonly springs: readonly RodSpring[];
}

/** Everything that is to settle, numbered. */
export interface Numbered {
  /** Numbers in `place` of the pieces, in the order of their bodies. */
  readonly numbers: readonly number[];
  readonly bodies: readonly Rigid[];
  readonly rods: readonly HeldRod[];
  /** Body of a piece; the ground is nought. */
  readonly bodyOf: (index: number) => number;
}

/** The ground, each piece that stands for itself, and each rod with what holds it. */
export function numbered(s: ToBalance): Numbered {
  const numbers = s.instances.flatMap((i, k) => (i.first ? [k] : []));
  const byIndex = new Map(numbers.map((k, b) => [k, b + 1]));
  const bodyOf = (index: number) => (index < 0 ? 0 : (byIndex.get(index) ?? 0));
  const bodies: Rigid[] = [
    { at: [0, 0, 0], force: [0, 0, 0], still: true },
    ...numbers.map((k): Rigid => ({ at: s.own[k]!.at, force: weight(s.own[k]!.g), still: false })),
  ];
  const ground = (layer: Layer | undefined) => ({ body: 0, paste: (layer && s.layer?.(layer)) ?? HARD });
  const rods = s.rods.map(({ path, g }): HeldRod => {
    const body = bodies.length;
    bodies.push({ at: middleOf(path), force: weight(g), still: false });
    const runs = runsOf(path).filter((r) => r.instance < 0 || byIndex.has(r.instance));
    const inside = (r: RodRun) => {
      if (r.instance < 0) return ground(r.layer);
      const core = r.part === 'core' && s.coreOf;
      return { body: bodyOf(r.instance), paste: core ? s.coreOf!(r.instance) : s.pasteOf(r.instance) };
    };
    const beyond = (at: Vec) => {
      const index = s.under?.(at);
      if (index === undefined) return undefined;
      if (typeof index !== 'number') return ground(index);
      return byIndex.has(index) ? { body: bodyOf(index), paste: s.pasteOf(index) } : undefined;
    };
    return { path, body, runs, springs: rodSprings(path, body, runs, inside, beyond) };
  });
  return { numbers, bodies, rods, bodyOf };
}

/** What hangs together with nothing that stands on the ground, and touches made up where the person said it stands. */
export function hovering(s: ToBalance, { numbers, bodies, rods, bodyOf }: Numbered) {
  const together = new Together(bodies.length);
  for (const c of s.contacts) together.join(bodyOf(c.a), bodyOf(c.b));
  for (const { body, springs } of rods) for (const r of springs) together.join(body, r.body);
  const hovers = new Set<number>();
  const made: Contact[] = [];
  for (const k of numbers) {
    if (together.same(bodyOf(k), 0)) continue;
    hovers.add(k);
    made.push(standIn(s.instances[k]!, k));
    together.join(bodyOf(k), bodyOf(s.instances[k]!.carrier));
  }
  return { hovers, made };
}
