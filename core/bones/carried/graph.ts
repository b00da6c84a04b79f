import type { Contact } from '../../contacts/index.ts';
import type { Instance } from '../../figure/index.ts';
import { add, times, type Vec } from '../../solids/index.ts';
import { GRAVITY } from '../../quantity/index.ts';
import type { RodPath } from '../runs/rod-paths.ts';
import { runsOf, rodSprings, type RodRun, type RodSpring } from './rod-springs.ts';
import { MOST_ROUNDS, settle, type Rigid, type Settled, type Spring } from './settle.ts';
import { contactSprings, HARD, type Paste, type LoadedBody } from './springs.ts';

/** One that rests on another, with how much of it; numbers as in `place`, −1 is the ground. */
export interface Rest {
  readonly upper: number;
  readonly lower: number;
  /** Grams by the patch, and by rods that go on into the lower one. */
  readonly patch: number;
  /** Straight on to the patch, as grams: what is hung on a side is not pressed. */
  readonly pressed: number;
  readonly rods: number;
  /** Where the weight comes down, from above: the lever rule, with what the patch takes as a turn. */
  readonly through: readonly [x: number, y: number] | undefined;
  readonly contact: Contact | undefined;
}

/** Who carries whom, as everything settles. */
export interface Carried {
  readonly rests: readonly Rest[];
  /** Grams that press on the paste of each, by patches from above and by rods that end in it. */
  readonly presses: ReadonlyMap<number, number>;
  /** What touches nothing that leads down to the ground. */
  readonly hovers: ReadonlySet<number>;
  /** What is held, but not enough. */
  readonly gives: ReadonlySet<number>;
  /** No state of balance was found: what hangs by friction alone. */
  readonly untold: boolean;
}

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
  /** What a rod runs on into where no piece is. */
  readonly board?: Paste;
  readonly under?: (at: Vec) => number | undefined;
  /** Paste presses no harder than it bears. */
  readonly limited: boolean;
}

/** A piece that touches nothing is held where the person said it stands, on so wide a place, mm; told as hovering. Estimate. */
const STAND_IN = 5;
/** Carried by nothing real: more than this of its weight. Estimate. */
const UNCARRIED = 0.02;
/** A step of the method; estimate. */
const LEAST = 0.05;
/** What only lies on another does not drift: so much of the lighter one's weight it rubs. Estimate. */
const RUBS = 0.02;
/** Further in each other than this, two were pressed together and hold as they would glued, mm; estimate. */
const PRESSED = 0.5;
/** Rounds in which what is held at all is found to be. Estimate. */
const FEW_ROUNDS = 20;
/** Less than this of what holds a piece up is no support. Estimate. */
const SLIGHT = 0.02;
/** Out of balance by more than so many times what counts as none, it cannot be told. Estimate. */
const TOLD = 10;

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
interface HeldRod {
  readonly path: RodPath;
  readonly body: number;
  readonly runs: readonly RodRun[];
  readonly springs: readonly RodSpring[];
}

/** Everything that is to settle, numbered. */
interface Numbered {
  /** Numbers in `place` of the pieces, in the order of their bodies. */
  readonly numbers: readonly number[];
  readonly bodies: readonly Rigid[];
  readonly rods: readonly HeldRod[];
  /** Body of a piece; the ground is nought. */
  readonly bodyOf: (index: number) => number;
}

/** The ground, each piece that stands for itself, and each rod with what holds it. */
function numbered(s: ToBalance): Numbered {
  const numbers = s.instances.flatMap((i, k) => (i.first ? [k] : []));
  const byIndex = new Map(numbers.map((k, b) => [k, b + 1]));
  const bodyOf = (index: number) => (index < 0 ? 0 : (byIndex.get(index) ?? 0));
  const bodies: Rigid[] = [
    { at: [0, 0, 0], force: [0, 0, 0], still: true },
    ...numbers.map((k): Rigid => ({ at: s.own[k]!.at, force: weight(s.own[k]!.g), still: false })),
  ];
  const board = { body: 0, paste: s.board ?? HARD };
  const rods = s.rods.map(({ path, g }): HeldRod => {
    const body = bodies.length;
    bodies.push({ at: middleOf(path), force: weight(g), still: false });
    const runs = runsOf(path).filter((r) => r.part === 'board' || byIndex.has(r.instance));
    const inside = (r: RodRun) => {
      if (r.part === 'board') return board;
      const core = r.part === 'core' && s.coreOf;
      return { body: bodyOf(r.instance), paste: core ? s.coreOf!(r.instance) : s.pasteOf(r.instance) };
    };
    const beyond = (at: Vec) => {
      const index = s.under?.(at);
      if (index === undefined) return undefined;
      if (index < 0) return board;
      return byIndex.has(index) ? { body: bodyOf(index), paste: s.pasteOf(index) } : undefined;
    };
    return { path, body, runs, springs: rodSprings(path, body, runs, inside, beyond) };
  });
  return { numbers, bodies, rods, bodyOf };
}

/** What hangs together with nothing that stands on the ground, and touches made up where the person said it stands. */
function hovering(s: ToBalance, { numbers, bodies, rods, bodyOf }: Numbered) {
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

/** Springs settled, and which of them are whose. */
interface Found {
  readonly settled: Settled;
  /** Where the springs of each contact begin; those of the rods follow the last. */
  readonly stretches: readonly { readonly c: Contact; readonly from: number; readonly to: number }[];
  readonly gives: ReadonlySet<number>;
}

/** Settle it, with what would fall held by what it was pressed into, and failing that by all it touches, and told. */
function settled(
  s: ToBalance,
  all: Numbered,
  hovers: ReadonlySet<number>,
  contacts: readonly Contact[],
): Found {
  const { numbers, bodies, rods, bodyOf } = all;
  const pressedIn = pressedInstead(s);
  const standing = (k: number): LoadedBody => ({
    body: bodyOf(k),
    instance: s.instances[k]!,
    at: s.own[k]!.at,
    paste: s.pasteOf(k),
  });
  const ofRods = rods.flatMap((r) => r.springs.map((x) => x.spring));
  const solve = (most: number): Found => {
    const springs: Spring[] = [];
    const stretches = contacts.map((c) => {
      const from = springs.length;
      const hold = {
        joined: hovers.has(c.a) || s.joined(c) || pressedIn.has(c),
        rubs: RUBS * G * Math.min(s.own[c.a]!.g, c.b < 0 ? Infinity : s.own[c.b]!.g),
        limited: s.limited,
      };
      springs.push(...contactSprings(c, standing(c.a), c.b < 0 ? undefined : standing(c.b), hold));
      return { c, from, to: springs.length };
    });
    const found = settle(bodies, [...springs, ...ofRods], most);
    const gives = new Set(
      numbers.filter((k) => found.uncarried[bodyOf(k)]! > G * Math.max(LEAST, UNCARRIED * s.own[k]!.g)),
    );
    return { settled: found, stretches, gives };
  };
  let now = solve(s.limited || rods.length > 0 ? MOST_ROUNDS : FEW_ROUNDS);
  const gives = new Set<number>();
  for (const deep of s.limited ? [] : [PRESSED, -Infinity]) {
    if (now.settled.off < TOLD && now.gives.size === 0) break;
    if (deep < 0) for (const k of now.gives) gives.add(k);
    const before = pressedIn.size;
    for (const c of s.contacts)
      if (c.b >= 0 && c.depth > deep && (now.gives.has(c.a) || now.gives.has(c.b))) pressedIn.add(c);
    if (pressedIn.size > before) now = solve(deep < 0 ? MOST_ROUNDS : FEW_ROUNDS);
  }
  return { ...now, gives: new Set([...gives, ...now.gives]) };
}

/** Every number that a balance follows from, in one line. */
function signature(s: ToBalance): string {
  const out: (number | string)[] = [Number(s.limited), s.board?.yields ?? 0];
  s.instances.forEach((i, k) => {
    if (!i.first) return;
    const { origin, x, y, z } = i.frame;
    const core = i.piece.core && s.coreOf ? s.coreOf(k).yields : 0;
    out.push(k, i.carrier, i.piece.seat.sink, s.own[k]!.g, ...s.own[k]!.at, s.pasteOf(k).yields, core);
    out.push(...origin, ...x, ...y, ...z);
  });
  for (const c of s.contacts) out.push(c.a, c.b, c.area, c.depth, ...c.at, ...c.normal, Number(s.joined(c)));
  for (const { path, g } of s.rods) {
    const inBoard = path.spots.filter((x) => x.some((i) => i.part === 'board')).length;
    out.push('rod', path.stock.section.diameter, g, path.placed.line.join(), inBoard);
  }
  return out.join();
}

const kept = new Map<string, Carried>();
/** A change and its undoing, with and without rods. A step of the method; estimate. */
const KEPT = 8;

/**
 * Everything in balance under its own weight: bodies on patches that only push unless they are joined, rods beside the paste by
 * their stiffness as far as they hold. What changes no number of it, a name or a colour, changes nothing of the answer.
 */
export function balance(s: ToBalance): Carried {
  const key = signature(s);
  let known = kept.get(key);
  if (!known) {
    if (kept.size >= KEPT) kept.delete(kept.keys().next().value!);
    kept.set(key, (known = balanced(s)));
  }
  return known;
}

function balanced(s: ToBalance): Carried {
  const all = numbered(s);
  const { hovers, made } = hovering(s, all);
  const { settled: found, stretches, gives } = settled(s, all, hovers, [...s.contacts, ...made]);
  const up = (q: number) => found.onSecond[3 * q + 2]! / G;
  const rests: Rest[] = [];
  const presses = new Map<number, number>();
  const press = (k: number, g: number) => k >= 0 && presses.set(k, (presses.get(k) ?? 0) + g);
  for (const { c, from, to } of stretches) {
    let [g, pressed, mx, my] = [0, 0, 0, 0];
    for (let q = from; q < to; q++) {
      g += up(q);
      pressed += found.presses[q]! / G;
      mx += up(q) * c.spots[q - from]!.at[0];
      my += up(q) * c.spots[q - from]!.at[1];
    }
    const [upper, lower] = g > 0 ? [c.b, c.a] : [c.a, c.b];
    if (upper < 0 || g === 0) continue;
    rests.push({
      upper,
      lower,
      patch: Math.abs(g),
      pressed: Math.max(0, pressed),
      rods: 0,
      through: [mx / g, my / g],
      contact: hovers.has(c.a) ? undefined : c,
    });
    press(lower, Math.abs(g));
  }
  let q = stretches.at(-1)?.to ?? 0;
  for (const rod of all.rods) {
    const on = new Map<number, number>();
    for (const r of rod.springs) on.set(r.body, (on.get(r.body) ?? 0) + up(q++));
    rests.push(...byRod(rod, on, all.bodyOf));
    for (const [body, g] of on) if (g < 0 && body > 0) press(all.numbers[body - 1]!, -g);
  }
  return { rests: gathered(rests), presses, hovers, gives, untold: found.off > TOLD };
}

const G = GRAVITY / 1000;
const weight = (g: number): Vec => [0, 0, -g * G];

function middleOf({ placed }: RodPath): Vec {
  const sum = placed.line.reduce<Vec>((a, p) => add(a, p), [0, 0, 0]);
  return times(sum, 1 / placed.line.length);
}

/** Of pieces that do not touch what the person said they stand on, the ones they were pressed into. */
function pressedInstead({ instances, contacts }: ToBalance): Set<Contact> {
  const seated = new Set<number>();
  for (const { a, b } of contacts) {
    if (instances[a]!.carrier === b) seated.add(a);
    if (b >= 0 && instances[b]!.carrier === a) seated.add(b);
  }
  return new Set(
    contacts.filter(({ a, b, depth }) => b >= 0 && depth > PRESSED && !(seated.has(a) && seated.has(b))),
  );
}

/** What a rod holds up, each with the body the rod goes on down into. */
function byRod(
  { runs, path }: HeldRod,
  on: ReadonlyMap<number, number>,
  bodyOf: (index: number) => number,
): Rest[] {
  const { line } = path.placed;
  const down = line[0]![2] <= line[line.length - 1]![2] ? -1 : 1;
  const out: Rest[] = [];
  const seen = new Set<number>();
  runs.forEach((run, k) => {
    if (run.instance < 0 || seen.has(run.instance)) return;
    seen.add(run.instance);
    const g = on.get(bodyOf(run.instance)) ?? 0;
    if (g <= 0) return;
    let below = k;
    while (runs[below]?.instance === run.instance) below += down;
    const next = runs[below] ?? runs.find((r) => (on.get(bodyOf(r.instance)) ?? 0) < 0);
    if (next && next.instance !== run.instance)
      out.push({
        upper: run.instance,
        lower: next.instance,
        patch: 0,
        pressed: 0,
        rods: g,
        through: undefined,
        contact: undefined,
      });
  });
  return out;
}

/** Two rests of one on the same other. */
function both(a: Rest, b: Rest): Rest {
  const patch = a.patch + b.patch;
  const mean = (k: 0 | 1) => (a.patch * a.through![k] + b.patch * b.through![k]) / patch;
  return {
    ...a,
    patch,
    pressed: a.pressed + b.pressed,
    rods: a.rods + b.rods,
    through: a.through && b.through ? [mean(0), mean(1)] : (a.through ?? b.through),
    contact: a.contact ?? b.contact,
  };
}

/** One rest for each two, the slight ones left out. */
function gathered(rests: readonly Rest[]): Rest[] {
  const of = new Map<string, Rest>();
  const whole = new Map<number, number>();
  for (const r of rests) {
    const key = `${r.upper} ${r.lower}`;
    const was = of.get(key);
    of.set(key, was ? both(was, r) : r);
    whole.set(r.upper, (whole.get(r.upper) ?? 0) + r.patch + r.rods);
  }
  return [...of.values()].filter((r) => r.patch + r.rods >= SLIGHT * whole.get(r.upper)!);
}
