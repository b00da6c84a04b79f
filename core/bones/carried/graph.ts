import type { Contact } from '../../contacts/index.ts';
import { settleByParts } from './by-parts.ts';
import { G, hovering, numbered, type HeldRod, type ToBalance } from './numbered.ts';

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

/** Less than this of what holds a piece up is no support. Estimate. */
const SLIGHT = 0.02;
/**
 * Everything in balance under its own weight: bodies on patches that only push unless they are joined, rods beside the paste by
 * their stiffness as far as they hold. What changes no number of it, a name or a colour, changes nothing of the answer.
 */
export function balance(s: ToBalance): Carried {
  const all = numbered(s);
  const { hovers, made } = hovering(s, all);
  const found = settleByParts(s, all, hovers, [...s.contacts, ...made]);
  const rests: Rest[] = [];
  const presses = new Map<number, number>();
  const press = (k: number, g: number) => k >= 0 && presses.set(k, (presses.get(k) ?? 0) + g);
  for (const [c, does] of found.ofContact) {
    let [g, pressed, mx, my] = [0, 0, 0, 0];
    does.up.forEach((n, q) => {
      const up = n / G;
      g += up;
      pressed += does.presses[q]! / G;
      mx += up * c.spots[q]!.at[0];
      my += up * c.spots[q]!.at[1];
    });
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
  for (const rod of all.rods) {
    const on = new Map<number, number>();
    for (const r of rod.springs)
      on.set(r.body, (on.get(r.body) ?? 0) + (found.ofRods.get(r.spring) ?? 0) / G);
    rests.push(...byRod(rod, on, all.bodyOf));
    for (const [body, g] of on) if (g < 0 && body > 0) press(all.numbers[body - 1]!, -g);
  }
  return { rests: gathered(rests), presses, hovers, gives: found.gives, untold: found.untold };
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
