import type { Contact } from '../../contacts/index.ts';
import { remembered } from '../../quantity/index.ts';
import { add, cross, sub, times, type Vec } from '../../solids/index.ts';
import { G, type Numbered, type ToBalance } from './numbered.ts';
import { heldParts } from './parts.ts';
import { MOST_ROUNDS, settle, type Rigid, type Settled, type Spring } from './settle.ts';
import { contactSprings, type LoadedBody } from './springs.ts';

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
/** Out of balance by more than so many times what counts as none, it cannot be told. Estimate. */
const TOLD = 10;

/** What a contact or a spring of a rod does as everything settles, spring by spring. */
export interface Does {
  /** Upwards on the second body, N. */
  readonly up: readonly number[];
  /** Straight on to the patch, N; below nought it pulls. */
  readonly presses: readonly number[];
}

/** Everything settled. */
export interface SettledFigure {
  readonly ofContact: ReadonlyMap<Contact, Does>;
  readonly ofRods: ReadonlyMap<Spring, number>;
  readonly gives: ReadonlySet<number>;
  readonly untold: boolean;
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

/** What hangs on a body beyond the part that is being settled: force, N, and turn about its balance point, N·mm. */
interface Hung {
  readonly force: Vec;
  readonly turn: Vec;
}

/** One of the things that hold two bodies together. */
type Hold =
  | { readonly a: number; readonly b: number; readonly contact: Contact }
  | { readonly a: number; readonly b: number; readonly spring: Spring };

/** A part with its bodies, the root among them, and all that holds them. */
interface PartToSettle {
  readonly root: number;
  readonly holds: readonly Hold[];
  readonly inPart: readonly number[];
}

/** What came of a part; what its holds do in their order, pieces by their number in `place`. */
interface SettledPart {
  readonly does: readonly Does[];
  readonly gives: readonly number[];
  readonly untold: boolean;
  /** On its root. */
  readonly pulls: Hung;
}

/** Settles the parts of one figure. */
class Figure {
  readonly #hung = new Map<number, Hung>();
  readonly #pressedIn: ReadonlySet<Contact>;

  constructor(
    readonly s: ToBalance,
    readonly all: Numbered,
    readonly hovers: ReadonlySet<number>,
  ) {
    this.#pressedIn = pressedInstead(s);
  }

  /** The part settled, with what hangs on its root noted. */
  settle(part: PartToSettle): SettledPart {
    const key = this.#key(part);
    let known = kept.get(key);
    if (!known) {
      if (kept.size >= KEPT) kept.clear();
      kept.set(key, (known = this.#settled(part)));
    }
    if (part.root !== 0) {
      const was = this.#hung.get(part.root) ?? nothing();
      const { force, turn } = known.pulls;
      this.#hung.set(part.root, { force: add(was.force, force), turn: add(was.turn, turn) });
    }
    return known;
  }

  /** Number in `place` of a body; undefined of the ground and of rods. */
  #piece(body: number): number | undefined {
    return body > 0 ? this.all.numbers[body - 1] : undefined;
  }

  #joined(c: Contact): boolean {
    return this.hovers.has(c.a) || this.s.joined(c) || this.#pressedIn.has(c);
  }

  /** Everything the outcome follows from. Of what stays as it stands, its own number is enough. */
  #key({ root, holds, inPart }: PartToSettle): string {
    const { s } = this;
    const out: (number | string)[] = [Number(s.limited)];
    for (const body of inPart) {
      const k = this.#piece(body);
      const { at, force } = this.all.bodies[body]!;
      out.push(body === root ? 'root' : force[2], ...at);
      if (k !== undefined)
        out.push(idOf(s.instances[k]!), s.pasteOf(k).yields, s.pasteOf(k).stiffness, s.own[k]!.g);
      const hung = body === root ? undefined : this.#hung.get(body);
      if (hung) out.push(...hung.force, ...hung.turn);
    }
    const local = new Map(inPart.map((b, i) => [b, i]));
    for (const h of holds) {
      out.push(local.get(h.a)!, local.get(h.b)!);
      if ('contact' in h) out.push(idOf(h.contact.spots), Number(this.#joined(h.contact)));
      else {
        const { at, n, stiff, sideways, press, slide } = h.spring;
        out.push(...at, ...n, stiff, sideways, press, slide);
      }
    }
    return out.join();
  }

  #standing(k: number): LoadedBody {
    const { s } = this;
    return { body: this.all.bodyOf(k), instance: s.instances[k]!, at: s.own[k]!.at, paste: s.pasteOf(k) };
  }

  #springs(h: Hold, pressedIn: ReadonlySet<Contact>): readonly Spring[] {
    if ('spring' in h) return [h.spring];
    const { s } = this;
    const c = h.contact;
    return contactSprings(c, this.#standing(c.a), c.b < 0 ? undefined : this.#standing(c.b), {
      joined: this.#joined(c) || pressedIn.has(c),
      rubs: RUBS * G * Math.min(s.own[c.a]!.g, c.b < 0 ? Infinity : s.own[c.b]!.g),
      limited: s.limited,
    });
  }

  #settled({ root, holds, inPart }: PartToSettle): SettledPart {
    const { s, all } = this;
    const local = new Map(inPart.map((b, i) => [b, i]));
    const bodies = inPart.map((b): Rigid => ({
      ...all.bodies[b]!,
      ...(b === root ? { still: true } : { hung: this.#hung.get(b) }),
    }));
    const pressedIn = new Set<Contact>();
    const solve = (most: number) => {
      const of = holds.map((h) => this.#springs(h, pressedIn));
      const springs = of.flat();
      const inside = springs.map((x) => ({ ...x, a: local.get(x.a)!, b: local.get(x.b)! }));
      const found = settle(bodies, inside, most);
      const falls = inPart.flatMap((b, i) => {
        const k = b === root ? undefined : this.#piece(b);
        return k !== undefined && found.uncarried[i]! > G * Math.max(LEAST, UNCARRIED * s.own[k]!.g)
          ? [k]
          : [];
      });
      return { of, springs, found, falls };
    };
    const withRod = holds.some((h) => 'spring' in h);
    const gives = new Set<number>();
    let now = solve(s.limited || withRod ? MOST_ROUNDS : FEW_ROUNDS);
    for (const deep of s.limited ? [] : [PRESSED, -Infinity]) {
      if (now.found.off < TOLD && now.falls.length === 0) break;
      if (deep < 0) for (const k of now.falls) gives.add(k);
      const before = pressedIn.size;
      for (const h of holds)
        if ('contact' in h && h.contact.b >= 0 && h.contact.depth > deep)
          if (now.falls.includes(h.contact.a) || now.falls.includes(h.contact.b)) pressedIn.add(h.contact);
      if (pressedIn.size > before) now = solve(deep < 0 ? MOST_ROUNDS : FEW_ROUNDS);
    }
    for (const k of now.falls) gives.add(k);
    return {
      does: doneBy(now.of, now.found),
      gives: [...gives],
      untold: now.found.off > TOLD,
      pulls: pullOn(root, all.bodies[root]!.at, now.springs, now.found),
    };
  }
}

const nothing = (): Hung => ({ force: [0, 0, 0], turn: [0, 0, 0] });

/** Parts of a dozen figures with a hundred pieces. A step of the method; estimate. */
const KEPT = 4000;
const kept = new Map<string, SettledPart>();
let ids = 0;
const idOf = remembered((_: object): number => ++ids);

/** What each hold does, spring by spring. */
function doneBy(of: readonly (readonly Spring[])[], found: Settled): Does[] {
  let from = 0;
  return of.map((springs) => {
    const own = springs.map((_, i) => from + i);
    from += springs.length;
    return { up: own.map((q) => found.onSecond[3 * q + 2]!), presses: own.map((q) => found.presses[q]!) };
  });
}

/** What springs do to one body. */
function pullOn(body: number, at: Vec, springs: readonly Spring[], found: Settled): Hung {
  let { force, turn } = nothing();
  springs.forEach((x, q) => {
    if (x.a !== body && x.b !== body) return;
    const f = times(
      [found.onSecond[3 * q]!, found.onSecond[3 * q + 1]!, found.onSecond[3 * q + 2]!],
      x.b === body ? 1 : -1,
    );
    force = add(force, f);
    turn = add(turn, cross(sub(x.at, at), f));
  });
  return { force, turn };
}

/**
 * Settles a figure part by part. What hangs on a body by nothing else pulls on it with its weight however that body moves, so
 * that parts held in more than one way are settled each for itself, from the twigs down to the ground: the outcome is that of
 * the whole at once, and after a change only the parts between it and the ground are settled again. What would fall is held
 * by what it was pressed into, and failing that by all it touches, and told.
 */
export function settleByParts(
  s: ToBalance,
  all: Numbered,
  hovers: ReadonlySet<number>,
  contacts: readonly Contact[],
): SettledFigure {
  const holds: Hold[] = [
    ...contacts.map((contact) => ({ a: all.bodyOf(contact.a), b: all.bodyOf(contact.b), contact })),
    ...all.rods.flatMap((r) => r.springs.map(({ spring }) => ({ a: spring.a, b: spring.b, spring }))),
  ];
  const figure = new Figure(s, all, hovers);
  const ofContact = new Map<Contact, Does>();
  const ofRods = new Map<Spring, number>();
  const gives = new Set<number>();
  let untold = false;
  for (const { root, edges } of heldParts(all.bodies.length, holds)) {
    const own = edges.map((e) => holds[e]!);
    const inPart = [...new Set(own.flatMap(({ a, b }) => [a, b]))].sort((p, q) => p - q);
    const part = figure.settle({ root, holds: own, inPart });
    own.forEach((h, i) => {
      if ('contact' in h) ofContact.set(h.contact, part.does[i]!);
      else ofRods.set(h.spring, part.does[i]!.up[0]!);
    });
    for (const k of part.gives) gives.add(k);
    untold ||= part.untold;
  }
  return { ofContact, ofRods, gives, untold };
}
