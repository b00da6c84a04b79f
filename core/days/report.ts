import type { Minutes } from '../quantity/index.ts';
import type { Origin } from './calendar.ts';
import type { StartOdds } from './odds.ts';
import type { PlannedWait, Session } from './sessions.ts';
import type { Link, Step } from './types.ts';

/** A step whose time is not what was agreed. */
export interface Moved {
  readonly step: Step;
  readonly from: Minutes;
  readonly to: Minutes;
}

/** A plan of days that can be done. */
export interface DaysPlan {
  readonly caution: number;
  /** Share of simulated runs that end in time. */
  readonly chance: number;
  /** Share of runs in which a window closed before it was used. */
  readonly missed: number;
  /** Windows that are missed most often, and in which share of runs. */
  readonly late: readonly { readonly link: Link; readonly share: number }[];
  /**
   * What it costs in points of convenience; smaller is better, compared at the same caution only. Absent for a plan that
   * was taken.
   */
  readonly points?: number;
  readonly startBy: Minutes;
  readonly sessions: readonly Session[];
  readonly waits: readonly PlannedWait[];
  readonly handsOn: Minutes;
  readonly spare: Minutes;
  /** When it would be ready after the due time; 0 when it is in time. */
  readonly lateBy: Minutes;
  /** Chances by the day on which work begins. */
  readonly odds: readonly StartOdds[];
  /** The wait that is used with the least room when it is slow. */
  readonly critical?: PlannedWait;
  /** Waits by how far the end goes with their length. */
  readonly decides: readonly Link[];
  /** Minutes by which a step may run later, by its id. */
  readonly slack: Readonly<Record<string, Minutes>>;
  /** Latest start when every wait is fast, likely or slow, without any caution. */
  readonly latest?: {
    readonly fast: Minutes;
    readonly likely: Minutes;
    readonly slow: Minutes;
    /** Share of runs in time when begun at the likely one. */
    readonly chance: number;
  };
  /** It is the plan that was taken. */
  readonly agreed: boolean;
  /** What is not where the plan that was taken had it. */
  readonly moved: readonly Moved[];
  /** Steps of the plan that was taken that are gone, and new ones. */
  readonly added: readonly Step[];
}

export interface DaysReport {
  /** Undefined when no plan could be made; `trouble` says why. */
  readonly plan?: DaysPlan;
  readonly origin?: Origin;
  readonly due?: Minutes;
  /** Names of the people, the person's own first. */
  readonly people: readonly string[];
  readonly steps: readonly Step[];
  readonly links: readonly Link[];
  /** Plain sentences: what stands in the way, what to keep an eye on. */
  readonly trouble: readonly string[];
  /** Steps in a circle that cannot be, where that is the trouble. */
  readonly conflict?: { readonly steps: readonly string[]; readonly links: readonly Link[] };
}
