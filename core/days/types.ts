import type { Band, Question } from '../firming/index.ts';
import type { Space, StepKind, Tool } from '../record/index.ts';
import type { Minutes } from '../quantity/index.ts';

export type { Space, StepKind, Tool };

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
  /** Pairs of hands it takes; one when absent. With none it goes on by itself, but somebody has to be there. */
  readonly hands?: 0 | 1 | 2;
  readonly tools?: readonly Tool[];
  /** Paste on the hands, `#rrggbb`: washing lies between colours. */
  readonly colour?: string;
  /** What it makes does not keep: hours before the due time from which on it is still fresh, and how much that weighs. */
  readonly fresh?: { readonly hours: number; readonly most: number; readonly weight: number };
  /** How many alike it makes, or made whole where it is a part of that. */
  readonly alike?: number;
  /** One of several alike parts of repeated work, and how many of how many it makes. */
  readonly part?: {
    readonly of: string;
    readonly number: number;
    readonly from: number;
    readonly all: number;
    readonly what: string;
  };
  /** Coats over one place, and what one waits between them. */
  readonly coats?: { readonly number: number; readonly next: Band };
  /** What cannot be undone: said before it is begun. */
  readonly guards?: readonly string[];
  /** Other steps done in one with this one. */
  readonly also?: readonly string[];
}

/** Space taken from the end of one step until the start of another. */
export interface Hold {
  readonly space: Space;
  /** In the unit of the space: cm² of shelf. */
  readonly takes: number;
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
  /** What a wait for a piece asks of its paste, where touch can tell. */
  readonly asks?: Question;
  /** Within one sitting: a finger tells when it is over. */
  readonly looked?: true;
  /** Of a window: how surely it is planned to be still open, share. */
  readonly level?: number;
  readonly hold?: Hold;
}

/** Half-open stretch of working time, minutes from the plan's origin. */
export interface Stretch {
  readonly from: Minutes;
  readonly to: Minutes;
  /** Used only if need be: late evenings, a day off. */
  readonly ifNeeded?: boolean;
}

/** A pair of hands. */
export interface Person {
  readonly id: string;
  readonly name: string;
  readonly stretches: readonly Stretch[];
  /** Multiplies the minutes of a step. */
  readonly pace: number;
  /** Kinds of step they do; every kind when absent. */
  readonly does?: readonly StepKind[];
}

/** Something of which there is only so much: tools at one time, space on a shelf. */
export interface Pool {
  readonly id: Tool | Space;
  readonly name: string;
  readonly capacity: number;
}

/** All that has to be scheduled. */
export interface Work {
  readonly steps: readonly Step[];
  readonly links: readonly Link[];
  /** The first is whose plan it is. */
  readonly people: readonly Person[];
  readonly pools: readonly Pool[];
  readonly due: Minutes;
}

/** When a step is done, and by whom. */
export interface Slot {
  readonly from: Minutes;
  readonly to: Minutes;
  /** Places in `Work.people`; none for what goes on by itself. */
  readonly who: readonly number[];
}

/** A slot for each step, in the order of `Work.steps`. */
export type Timetable = readonly Slot[];
