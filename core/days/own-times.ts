import type { Minutes } from '../quantity/index.ts';
import type { BenchRecord, StepKind } from '../record/index.ts';
import type { Step } from './types.ts';

/** How long a kind of work takes this person against the table. */
export interface OwnTime {
  readonly kind: StepKind;
  /** Their minutes over the table's, drawn towards one where there are few. */
  readonly ratio: number;
  /** Steps it rests on. */
  readonly seen: number;
}

/** Longer than this against the plan it was no work but a pause; shorter, the tick came late. */
const PAUSE = 3;
const LATE_TICK = 0.2;
/** The table weighs as much as so many steps. */
const TABLE = 3;

/** A step that was ticked off, with how long it took by the ticks. */
export interface TickedStep {
  readonly step: Step;
  readonly minutes: Minutes;
  readonly at: string;
}

/**
 * Minutes really taken, from the ticks at the bench: from one tick to the next, where nothing else can have come between.
 * @param steps with the minutes they are held against
 */
export function tickedSteps(done: BenchRecord['done'], steps: readonly Step[]): TickedStep[] {
  const byId = new Map(steps.map((s) => [s.id, s]));
  const ticks = [...done].sort((a, b) => a.at.localeCompare(b.at));
  return ticks.flatMap((tick, k): TickedStep[] => {
    const before = ticks[k - 1];
    const step = byId.get(tick.step);
    if (!before || !step || step.minutes < 2 || before.at === tick.at) return [];
    const minutes = (Date.parse(tick.at) - Date.parse(before.at)) / 60_000;
    const ratio = minutes / step.minutes;
    return ratio > LATE_TICK && ratio < PAUSE ? [{ step, minutes, at: tick.at }] : [];
  });
}

/** How long each kind of work takes. @param steps with the minutes of the table */
export function ownTimes(done: BenchRecord['done'], steps: readonly Step[]): OwnTime[] {
  const ratios = new Map<StepKind, number[]>();
  for (const { step, minutes } of tickedSteps(done, steps))
    ratios.set(step.kind, [...(ratios.get(step.kind) ?? []), minutes / step.minutes]);
  return [...ratios].map(([kind, seen]) => ({
    kind,
    seen: seen.length,
    ratio: Math.exp(seen.reduce((sum, r) => sum + Math.log(r), 0) / (seen.length + TABLE)),
  }));
}

/** The same taken together from several builds. */
export function ownTimesTogether(all: readonly (readonly OwnTime[])[]): OwnTime[] {
  const sums = new Map<StepKind, { log: number; seen: number }>();
  for (const { kind, ratio, seen } of all.flat()) {
    const s = sums.get(kind) ?? { log: 0, seen: 0 };
    sums.set(kind, { log: s.log + Math.log(ratio) * (seen + TABLE), seen: s.seen + seen });
  }
  return [...sums].map(([kind, { log, seen }]) => ({ kind, seen, ratio: Math.exp(log / (seen + TABLE)) }));
}

/** What a new build reckons with: only what rests on a few steps and makes a difference. */
export const pacesFrom = (times: readonly OwnTime[]): Partial<Record<StepKind, number>> =>
  Object.fromEntries(
    times
      .filter((t) => t.seen >= 3 && Math.abs(t.ratio - 1) >= 0.05)
      .map((t) => [t.kind, Math.round(t.ratio * 100) / 100]),
  );
