import type { Band } from '../firming/index.ts';
import type { Minutes } from '../quantity/index.ts';

/** What kind of work a step is; decides its sign on the bench sheet. */
export type StepKind = 'mix' | 'cover' | 'bones' | 'shape' | 'texture' | 'join' | 'finish' | 'pack';

/** One thing to do with the hands, without a break. */
export interface Step {
  readonly id: string;
  readonly kind: StepKind;
  /** Said in big type: `Shape the head`. */
  readonly title: string;
  /** Short lines beneath it. */
  readonly notes: readonly string[];
  readonly minutes: Minutes;
  readonly piece?: string;
  /** Grams to weigh and the ball to roll, where there are any. */
  readonly weigh?: {
    readonly grams: number;
    readonly ball: number;
    readonly number: number;
    readonly colour: string;
  };
}

/**
 * What must lie between two steps: from the end of one to the start of the other at least a wait, at most a window.
 */
export interface Link {
  readonly from: string;
  readonly to: string;
  /** `order` has no length; a wait is planned on its cautious side, a window on its shortest. */
  readonly kind: 'order' | 'wait' | 'window';
  readonly band: Band;
  /** Said to the person: `the body firms until it carries the head`. */
  readonly why: string;
  readonly piece?: string;
}

/** Half-open stretch of working time, minutes from the plan's origin. */
export interface Stretch {
  readonly from: Minutes;
  readonly to: Minutes;
}

/** All that has to be scheduled. */
export interface Work {
  readonly steps: readonly Step[];
  readonly links: readonly Link[];
  readonly stretches: readonly Stretch[];
  readonly due: Minutes;
}

/** When each step starts, in the order of `Work.steps`. */
export interface Timetable {
  readonly start: readonly Minutes[];
}
