import type { Minutes } from '../../quantity/index.ts';
import type { Slot } from '../types.ts';
import { Hands, type OpenHours } from './hands.ts';
import { orderBy, structureOf, type Structure } from './order.ts';
import { FAR, type SchedulingProblem } from './problem.ts';
import { Use } from './use.ts';

interface In {
  readonly step: number;
  readonly gap: Minutes;
  readonly most: Minutes;
}

export interface DecodeOptions {
  /** Steps that windows tie together may lie apart in the order. */
  readonly free?: boolean;
  /** Not before, by step, where that can be kept. */
  readonly target?: Int32Array;
}

/** The least that is taken for a hold whose end is not known yet. */
const LEAST_HOLD = 1;
const MOST_PUSHES = 400;

/**
 * Serial schedule generation with unscheduling, for work with resources and with least and greatest lags (RCPSP/max): steps are placed one after the other at the earliest time that hands, tools, space
 * and links leave them; where one finds an earlier one too early for its window or its shelf, that one is taken out with
 * all that hangs on it and placed later. Keeps its arrays from one run to the next.
 */
export class Decoder {
  readonly start: Int32Array;
  readonly end: Int32Array;
  readonly who: Int32Array;
  readonly hands: readonly Hands[];
  /** Steps for which no time was found; the run ends at the first. */
  stuck = -1;
  runs = 0;

  private readonly placed: Uint8Array;
  private readonly raised: Int32Array;
  private readonly position: Int32Array;
  private readonly uses: readonly Use[];
  private readonly into: readonly (readonly In[])[];
  private readonly out: readonly (readonly In[])[];
  private readonly opens: readonly (readonly number[])[];
  private readonly closes: readonly (readonly number[])[];
  private readonly holdFrom: Int32Array;
  private readonly holdTo: Int32Array;
  private readonly structure: Structure;
  private cursor = 0;
  private readonly stack: number[] = [];
  private at = 0;
  private until = 0;
  private by = 0;

  constructor(
    readonly problem: SchedulingProblem,
    /** Open hours of each person, in the problem's own direction; may be exchanged between runs. */
    public hours: readonly OpenHours[],
  ) {
    const n = problem.steps;
    this.start = new Int32Array(n);
    this.end = new Int32Array(n);
    this.who = new Int32Array(n);
    this.placed = new Uint8Array(n);
    this.raised = new Int32Array(n);
    this.position = new Int32Array(n);
    this.hands = Array.from({ length: problem.people }, () => new Hands());
    this.uses = Array.from(problem.capacity, () => new Use());
    const into: In[][] = Array.from({ length: n }, () => []);
    const out: In[][] = Array.from({ length: n }, () => []);
    problem.before.forEach((a, k) => {
      const link = { gap: problem.gap[k]!, most: problem.most[k]! };
      into[problem.after[k]!]!.push({ ...link, step: a });
      out[a]!.push({ ...link, step: problem.after[k]! });
    });
    this.into = into;
    this.out = out;
    const opens: number[][] = Array.from({ length: n }, () => []);
    const closes: number[][] = Array.from({ length: n }, () => []);
    problem.holds.forEach((h, k) => {
      opens[problem.before[h.link]!]!.push(k);
      closes[problem.after[h.link]!]!.push(k);
    });
    this.opens = opens;
    this.closes = closes;
    this.holdFrom = new Int32Array(problem.holds.length);
    this.holdTo = new Int32Array(problem.holds.length);
    this.structure = structureOf(problem);
  }

  /**
   * Place every step in the order of the keys.
   * @returns whether all of them have a time that keeps everything
   */
  run(keys: Float64Array, { free = false, target }: DecodeOptions = {}): boolean {
    const { problem: p, structure } = this;
    const n = p.steps;
    this.runs++;
    this.clear();
    const order = orderBy(structure, keys, free);
    if (order.length < n) {
      this.stuck = order.length > 0 ? order[0]! : 0;
      return false;
    }
    order.forEach((i, k) => (this.position[i] = k));
    for (const [i, f] of p.fixed) this.commit(i, f.from, f.to, f.busy ? this.freeHand(i) : 0);
    const mostKicks = 3 * n + 60;
    let kicks = 0;
    this.cursor = 0;
    while (this.cursor < n) {
      const i = order[this.cursor]!;
      if (this.placed[i]) {
        this.cursor++;
        continue;
      }
      if (!this.find(i, target)) {
        this.stuck = i;
        return false;
      }
      const kicked = this.kick(i, this.at, this.until);
      if (kicked === 'stuck' || (kicked === 'kicked' && ++kicks > mostKicks)) {
        this.stuck = i;
        return false;
      }
      if (kicked === 'kicked') continue;
      if (this.until > p.by[i]!) {
        this.stuck = i;
        return false;
      }
      this.commit(i, this.at, this.until, this.by);
      this.cursor++;
    }
    return true;
  }

  /** What was found, in true time. */
  slots(): Slot[] {
    const { problem: p } = this;
    return Array.from({ length: p.steps }, (_, i) => ({
      from: p.mirrored ? p.horizon - this.end[i]! : this.start[i]!,
      to: p.mirrored ? p.horizon - this.start[i]! : this.end[i]!,
      who: Array.from({ length: p.people }, (__, k) => k).filter((k) => (this.who[i]! >> k) & 1),
    }));
  }

  private clear(): void {
    for (const h of this.hands) h.clear();
    for (const u of this.uses) u.clear();
    this.placed.fill(0);
    this.raised.fill(0);
    this.holdFrom.fill(0);
    this.holdTo.fill(0);
    this.stuck = -1;
  }

  /** Whoever may do a pinned step, in the order of the people. */
  private freeHand(i: number): number {
    const { problem: p } = this;
    let mask = 0;
    let need = p.hands[i]!;
    for (let k = 0; k < p.people && need > 0; k++)
      if ((p.able[i]! >> k) & 1) {
        mask |= 1 << k;
        need--;
      }
    return mask;
  }

  /** Earliest time for a step, with everything but what is placed after it; sets at, until, by. */
  private find(i: number, target?: Int32Array): boolean {
    const { problem: p } = this;
    let t = Math.max(p.from[i]!, this.raised[i]!, target ? target[i]! : 0);
    for (const { step, gap } of this.into[i]!) if (this.placed[step]) t = Math.max(t, this.end[step]! + gap);
    let endsFrom = 0;
    for (const { step, most } of this.out[i]!)
      if (most >= 0 && this.placed[step]) endsFrom = Math.max(endsFrom, this.start[step]! - most);
    for (let push = 0; push < MOST_PUSHES; push++) {
      if (!this.fit(i, t)) return false;
      if (this.until < endsFrom) {
        t = Math.max(t + 1, this.at + endsFrom - this.until);
        continue;
      }
      const next = this.shelfFree(i);
      if (next <= t) return true;
      if (next >= FAR >> 1) return false;
      t = next;
    }
    return false;
  }

  /** Earliest time from which the shelves a step needs afterwards have room, all of them together; 0 when they have. */
  private shelfFree(i: number): Minutes {
    const { problem: p } = this;
    const own = this.opens[i]!;
    let next = 0;
    let taken = 0;
    for (const k of own) {
      const { pool, takes } = p.holds[k]!;
      const from = this.until;
      const to = this.holdEnd(k, from);
      const full = this.uses[pool]!.fullUntil(from, to, p.capacity[pool]! - takes);
      if (full >= 0) {
        next = full - from + this.at;
        break;
      }
      this.uses[pool]!.add(from, to, takes);
      taken++;
    }
    for (let q = 0; q < taken; q++) {
      const { pool, takes } = p.holds[own[q]!]!;
      this.uses[pool]!.add(this.until, this.holdEnd(own[q]!, this.until), -takes);
    }
    return next;
  }

  /** Until when a hold that begins at a time lasts: to what ends it, as far as that is known. */
  private holdEnd(k: number, from: Minutes): Minutes {
    const { link } = this.problem.holds[k]!;
    const closer = this.problem.after[link]!;
    const least = from + Math.max(LEAST_HOLD, this.problem.gap[link]!);
    return this.placed[closer] ? Math.max(least, this.start[closer]!) : least;
  }

  /** Earliest start ≥ t for hands and tools. */
  private fit(i: number, from: Minutes): boolean {
    const { problem: p } = this;
    let t = from;
    for (let round = 0; round < 2000; round++) {
      if (!this.fitHands(i, t)) return false;
      let next = -1;
      for (const pool of p.tools[i]!)
        next = Math.max(next, this.uses[pool]!.fullUntil(this.at, this.until, p.capacity[pool]! - 1));
      if (next < 0) return true;
      if (next >= FAR) return false;
      t = next;
    }
    return false;
  }

  private fitHands(i: number, t: Minutes): boolean {
    const { problem: p } = this;
    const one = (k: number, at: Minutes, minutes: Minutes) =>
      this.hands[k]!.fit(this.hours[k]!, at, minutes, p.colour[i]!, p.wash, p.colours);
    if (p.hands[i] === 0) return this.attended(t, p.base[i]!);
    if (p.hands[i] === 1) {
      let best = FAR;
      for (let k = 0; k < p.people; k++) {
        if (!((p.able[i]! >> k) & 1)) continue;
        const minutes = p.minutes[k]![i]!;
        const at = one(k, t, minutes);
        if (at + minutes < best) {
          best = at + minutes;
          this.at = at;
          this.until = best;
          this.by = 1 << k;
        }
      }
      return best < FAR;
    }
    let now = t;
    for (let round = 0; round < 5000; round++) {
      let first = FAR;
      let second = FAR;
      let who = 0;
      for (let k = 0; k < p.people; k++) {
        if (!((p.able[i]! >> k) & 1)) continue;
        const at = one(k, now, p.base[i]!);
        if (at < first) {
          second = first;
          first = at;
          who = (who << 8) | k;
        } else if (at < second) {
          second = at;
          who = ((who & 255) | (k << 8)) & 0xffff;
        }
      }
      if (second >= FAR) return false;
      if (first === second) {
        this.at = first;
        this.until = first + p.base[i]!;
        this.by = (1 << (who & 255)) | (1 << ((who >> 8) & 255));
        return true;
      }
      now = second;
    }
    return false;
  }

  /** What goes on by itself lies where somebody is at work. */
  private attended(t: Minutes, minutes: Minutes): boolean {
    let best = FAR;
    for (const { from, to } of this.hours)
      for (let s = 0; s < from.length; s++) {
        const at = Math.max(t, from[s]!);
        if (at + minutes <= to[s]!) {
          best = Math.min(best, at);
          break;
        }
      }
    if (minutes === 0) best = t;
    this.at = best;
    this.until = best + minutes;
    this.by = 0;
    return best < FAR;
  }

  /** Take out what is placed too early for a step at this time; `stuck` where that cannot be moved. */
  private kick(i: number, at: Minutes, until: Minutes): 'none' | 'kicked' | 'stuck' {
    const { problem: p } = this;
    const culprits: number[] = [];
    const blame = (j: number, by: Minutes): boolean => {
      if (p.fixed.has(j)) return false;
      this.raised[j] = Math.max(this.raised[j]!, this.start[j]! + by);
      culprits.push(j);
      return true;
    };
    for (const { step, gap } of this.out[i]!) {
      if (!this.placed[step]) continue;
      const excess = until + gap - this.start[step]!;
      if (excess > 0 && !blame(step, excess)) return 'stuck';
    }
    for (const { step, most } of this.into[i]!) {
      if (most < 0 || !this.placed[step]) continue;
      const excess = at - this.end[step]! - most;
      if (excess > 0 && !blame(step, excess)) return 'stuck';
    }
    if (culprits.length === 0) {
      const shelf = this.shelfBlocked(i, at);
      if (shelf && !blame(shelf.step, shelf.by)) return 'stuck';
    }
    for (const j of culprits) this.unschedule(j);
    return culprits.length > 0 ? 'kicked' : 'none';
  }

  /** A hold that would have to reach to this step over a time when the shelf is full, all that end here together. */
  private shelfBlocked(i: number, at: Minutes): { step: number; by: Minutes } | undefined {
    const { problem: p } = this;
    const own = this.closes[i]!;
    let found: { step: number; by: Minutes } | undefined;
    let taken = 0;
    for (const k of own) {
      taken++;
      const { link, pool, takes } = p.holds[k]!;
      const j = p.before[link]!;
      if (!this.placed[j]) continue;
      const from = this.end[j]! + Math.max(LEAST_HOLD, p.gap[link]!);
      const full = this.uses[pool]!.lastFull(from, at, p.capacity[pool]! - takes);
      if (full > 0) {
        found = { step: j, by: Math.max(1, Math.min(full, at) - this.end[j]!) };
        taken--;
        break;
      }
      this.uses[pool]!.add(from, at, takes);
    }
    for (let q = 0; q < taken; q++) {
      const { link, pool, takes } = p.holds[own[q]!]!;
      const j = p.before[link]!;
      if (this.placed[j]) this.uses[pool]!.add(this.end[j]! + Math.max(LEAST_HOLD, p.gap[link]!), at, -takes);
    }
    return found;
  }

  private setHold(k: number, from: Minutes, to: Minutes): void {
    const { pool, takes } = this.problem.holds[k]!;
    const use = this.uses[pool]!;
    use.add(this.holdFrom[k]!, this.holdTo[k]!, -takes);
    this.holdFrom[k] = from;
    this.holdTo[k] = to;
    use.add(from, to, takes);
  }

  private commit(i: number, from: Minutes, to: Minutes, who: number): void {
    const { problem: p } = this;
    this.start[i] = from;
    this.end[i] = to;
    this.who[i] = who;
    this.placed[i] = 1;
    const busy = p.fixed.get(i)?.busy ?? true;
    if (busy && to > from) {
      for (let k = 0; k < p.people; k++) if ((who >> k) & 1) this.hands[k]!.take(from, to, p.colour[i]!, i);
      for (const pool of p.tools[i]!) this.uses[pool]!.add(from, to, 1);
    }
    for (const k of this.opens[i]!) this.setHold(k, to, this.holdEnd(k, to));
    for (const k of this.closes[i]!) {
      const opener = p.before[p.holds[k]!.link]!;
      if (this.placed[opener]) this.setHold(k, this.end[opener]!, from);
    }
  }

  private remove(i: number): void {
    const { problem: p } = this;
    this.placed[i] = 0;
    const from = this.start[i]!;
    const to = this.end[i]!;
    if (to > from) {
      for (let k = 0; k < p.people; k++) if ((this.who[i]! >> k) & 1) this.hands[k]!.release(from, i);
      for (const pool of p.tools[i]!) this.uses[pool]!.add(from, to, -1);
    }
    for (const k of this.opens[i]!) this.setHold(k, 0, 0);
    for (const k of this.closes[i]!) {
      const { link } = p.holds[k]!;
      const opener = p.before[link]!;
      if (this.placed[opener]) this.setHold(k, this.end[opener]!, this.holdEnd(k, this.end[opener]!));
    }
  }

  /** Take a step out, what windows tie to it, and everything placed after them. */
  private unschedule(j: number): void {
    const { stack, structure } = this;
    const out = (x: number): void => {
      if (!this.placed[x] || this.problem.fixed.has(x)) return;
      this.remove(x);
      this.cursor = Math.min(this.cursor, this.position[x]!);
      stack.push(x);
    };
    for (const x of structure.members[structure.group[j]!]!) out(x);
    out(j);
    while (stack.length > 0) for (const x of structure.next[stack.pop()!]!) out(x);
  }
}
