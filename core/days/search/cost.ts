import type { Rather } from '../../record/index.ts';
import type { Minutes } from '../../quantity/index.ts';
import { SESSION_GAP } from '../sessions.ts';
import type { Work } from '../types.ts';
import type { Decoder } from './decode.ts';

/** What a plan weighs, in points; a bench session is thirty. */
export interface CostWeights {
  /** An hour from the first step to the due time. */
  readonly lead: number;
  readonly session: number;
  /** A minute that a session is short of an hour. */
  readonly short: number;
  readonly idle: number;
  readonly wash: number;
  /** A minute in hours that are there only if need be. */
  readonly ifNeeded: number;
  /** A minute after nine in the evening. */
  readonly night: number;
  /** Multiplies what a step weighs for every hour it is older than fresh. */
  readonly fresh: number;
  /** A minute that a wait has less room than it takes when it is slow. */
  readonly slack: number;
  /** A window used to its very end. */
  readonly window: number;
}

const USUAL: CostWeights = {
  lead: 1,
  session: 30,
  short: 0.3,
  idle: 0.1,
  wash: 0.5,
  ifNeeded: 1,
  night: 0.05,
  fresh: 1,
  slack: 0.1,
  window: 8,
};

/** The usual balance, and what each wish makes of it. */
export const WEIGHTS: Readonly<Record<Rather | 'usual', CostWeights>> = {
  usual: USUAL,
  fewer: { ...USUAL, lead: 0.5, session: 90, short: 0.5, slack: 0.05 },
  later: { ...USUAL, lead: 5, session: 12, short: 0.1 },
  nights: { ...USUAL, night: 1.2, ifNeeded: 3, session: 20 },
  fresher: { ...USUAL, fresh: 5 },
};

const SHORT: Minutes = 60;
const EVENING: Minutes = 21 * 60;
const DAY: Minutes = 1440;
const SHORT_WINDOW: Minutes = 1440;

/** What does not change from one timetable to the next. */
export class Scale {
  private readonly need: Float64Array;
  private readonly likely: Float64Array;
  private readonly fresh: Float64Array;
  private readonly freshFrom: Float64Array;
  private readonly ifNeeded: readonly (readonly { from: Minutes; to: Minutes }[])[];
  private readonly missing: Float64Array;
  private readonly weights: CostWeights;

  constructor(
    work: Work,
    rather: Rather | undefined,
    private readonly due: Minutes,
    /** Steps that are done: they are no part of a session. */
    private readonly done: ReadonlySet<number> = new Set(),
  ) {
    this.weights = WEIGHTS[rather ?? 'usual'];
    const { links } = work;
    this.likely = Float64Array.from(links, (l) =>
      l.kind === 'wait' && Number.isFinite(l.band.likely) ? l.band.likely : 0,
    );
    this.need = Float64Array.from(links, (l, k) => {
      if (l.kind !== 'wait' || this.likely[k]! <= 0) return 0;
      const slow = Number.isFinite(l.band.slow) ? l.band.slow : l.band.likely * 2.5;
      return Math.max(0, slow - l.band.likely);
    });
    this.fresh = Float64Array.from(work.steps, (s) => s.fresh?.weight ?? 0);
    this.freshFrom = Float64Array.from(work.steps, (s) => (s.fresh ? due - s.fresh.hours * 60 : 0));
    this.ifNeeded = work.people.map((p) => p.stretches.filter((s) => s.ifNeeded));
    this.missing = new Float64Array(work.steps.length);
  }

  /** Points of what a decoder has just found, in whichever direction it ran. */
  of(d: Decoder): number {
    const { weights: w, due } = this;
    const p = d.problem;
    const H = p.horizon;
    const from = (i: number) => (p.mirrored ? H - d.end[i]! : d.start[i]!);
    const to = (i: number) => (p.mirrored ? H - d.start[i]! : d.end[i]!);
    let points = 0;
    let first = due;
    for (let i = 0; i < p.steps; i++) {
      if (this.done.has(i)) continue;
      first = Math.min(first, from(i));
      if (this.fresh[i]! > 0)
        points += (w.fresh * this.fresh[i]! * Math.max(0, this.freshFrom[i]! - to(i))) / 60;
    }
    points += (w.lead * (due - first)) / 60;
    for (let k = 0; k < p.people; k++) points += this.sessions(d, k);
    points += this.links(d, from, to);
    return points;
  }

  private sessions(d: Decoder, person: number): number {
    const { weights: w } = this;
    const p = d.problem;
    const h = d.hands[person]!;
    let points = 0;
    let begun = 0;
    let ended = -Infinity;
    let hands = 0;
    let colour = 0;
    const close = () => {
      if (hands === 0) return;
      points += w.session + w.short * Math.max(0, SHORT - (ended - begun)) + w.idle * (ended - begun - hands);
      points += w.night * Math.max(0, (begun % DAY) + (ended - begun) - EVENING);
      hands = 0;
    };
    for (let q = 0; q < h.count; q++) {
      const k = p.mirrored ? h.count - 1 - q : q;
      const from = p.mirrored ? p.horizon - h.to[k]! : h.from[k]!;
      const to = p.mirrored ? p.horizon - h.from[k]! : h.to[k]!;
      if (from - ended >= SESSION_GAP) {
        close();
        begun = from;
      } else if (h.colour[k] !== colour) {
        const [a, b] = p.mirrored ? [h.colour[k]!, colour] : [colour, h.colour[k]!];
        points += w.wash * p.wash[a * p.colours + b]!;
      }
      colour = h.colour[k]!;
      hands += to - from;
      ended = to;
      for (const s of this.ifNeeded[person]!)
        if (s.from < to && s.to > from) points += w.ifNeeded * (Math.min(s.to, to) - Math.max(s.from, from));
    }
    close();
    return points;
  }

  private links(d: Decoder, from: (i: number) => number, to: (i: number) => number): number {
    const { weights: w, missing } = this;
    const p = d.problem;
    const [before, after] = p.mirrored ? [p.after, p.before] : [p.before, p.after];
    missing.fill(0);
    let points = 0;
    for (let k = 0; k < before.length; k++) {
      const a = before[k]!;
      const b = after[k]!;
      if (p.most[k]! >= 0) {
        if (p.most[k]! < SHORT_WINDOW)
          points += w.window * Math.min(1.5, Math.max(0, from(b) - to(a)) / Math.max(1, p.most[k]!));
      } else if (this.need[k]! > 0 && !this.done.has(b)) {
        const short = this.need[k]! - (from(b) - to(a) - this.likely[k]!);
        // several may wait for the same: it counts once
        if (short > missing[a]!) missing[a] = short;
      }
    }
    for (let i = 0; i < p.steps; i++) points += w.slack * missing[i]!;
    return points;
  }
}
