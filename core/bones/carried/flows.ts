import type { Vec } from '../../solids/index.ts';
import type { Rest } from './graph.ts';

/** Something with a mass and a place. */
export interface Mass {
  readonly g: number;
  readonly at: Vec;
}

/** Mass and balance point of several: M = Σ m, X = Σ m x ÷ M. */
export function together(parts: readonly Mass[]): Mass {
  let [g, x, y, z] = [0, 0, 0, 0];
  for (const p of parts) {
    g += p.g;
    x += p.g * p.at[0];
    y += p.g * p.at[1];
    z += p.g * p.at[2];
  }
  return g > 0 ? { g, at: [x / g, y / g, z / g] } : { g: 0, at: [0, 0, 0] };
}

/** One that is carried, the share of it that is, and where that comes down from above. */
export interface Share {
  readonly upper: number;
  readonly share: number;
  readonly through: readonly [x: number, y: number] | undefined;
}

/** Less than this of what holds a piece up is no support to reckon with. Estimate. */
const SLIGHT = 0.1;

/** Who rests on each, with what share of it, the slight ones left to the others; −1 is the ground. */
export function sharesOf(all: readonly Rest[]): ReadonlyMap<number, readonly Share[]> {
  const most = new Map<number, number>();
  for (const r of all) most.set(r.upper, (most.get(r.upper) ?? 0) + r.patch + r.rods);
  const rests = all.filter((r) => r.patch + r.rods >= SLIGHT * most.get(r.upper)!);
  const whole = new Map<number, number>();
  for (const r of rests) whole.set(r.upper, (whole.get(r.upper) ?? 0) + r.patch + r.rods);
  const out = new Map<number, Share[]>();
  for (const r of rests) {
    const share = (r.patch + r.rods) / whole.get(r.upper)!;
    const of = out.get(r.lower);
    if (of) of.push({ upper: r.upper, share, through: r.through });
    else out.set(r.lower, [{ upper: r.upper, share, through: r.through }]);
  }
  return out;
}

/** A step of the method; estimate. */
const MOST_TURNS = 60;
/** A step of the method; estimate. */
const STILL = 1e-6;
/** Held up by one alone, all of it hangs on that one, wherever it balances. Estimate. */
const WHOLE = 0.999;

/**
 * Each with all it carries, as one mass: its own and its share of what rests on it, and of what rests on that. Of a pair that
 * carries one thing together each has its part.
 */
export function carriedWith(
  own: ReadonlyMap<number, Mass>,
  shares: ReadonlyMap<number, readonly Share[]>,
): ReadonlyMap<number, Mass> {
  let all = new Map(own);
  for (let turn = 0; turn < MOST_TURNS; turn++) {
    let moved = 0;
    const next = new Map<number, Mass>();
    for (const [k, mass] of own) {
      const parts = (shares.get(k) ?? []).flatMap(({ upper, share, through }): Mass[] => {
        const m = next.get(upper) ?? all.get(upper);
        if (!m) return [];
        const at = share < WHOLE && through ? ([...through, m.at[2]] as const) : m.at;
        return [{ g: m.g * share, at }];
      });
      const sum = together([mass, ...parts]);
      moved = Math.max(moved, Math.abs(sum.g - all.get(k)!.g));
      next.set(k, sum);
    }
    all = next;
    if (moved < STILL) break;
  }
  return all;
}

/** Held up by another to less than this, it does not fall with it. Estimate. */
const FALLS = 0.1;

/** One with everything that would fall if it were taken away, by number. */
export function fallsWith(index: number, shares: ReadonlyMap<number, readonly Share[]>): ReadonlySet<number> {
  const out = new Set([index]);
  const waiting = [index];
  while (waiting.length > 0)
    for (const { upper, share } of shares.get(waiting.pop()!) ?? [])
      if (share >= FALLS && !out.has(upper)) {
        out.add(upper);
        waiting.push(upper);
      }
  return out;
}

/** Everything that holds one up, and holds that up, by number; the ground is −1. */
export function heldUpBy(index: number, rests: readonly Rest[]): ReadonlySet<number> {
  const under = new Map<number, number[]>();
  for (const r of rests) under.set(r.upper, [...(under.get(r.upper) ?? []), r.lower]);
  const out = new Set<number>();
  const waiting = [index];
  while (waiting.length > 0)
    for (const lower of under.get(waiting.pop()!) ?? [])
      if (!out.has(lower)) {
        out.add(lower);
        waiting.push(lower);
      }
  return out;
}
