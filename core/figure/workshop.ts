/** Who works when, with which tools and how much room, and what somebody changed of the steps. */

/** A stretch of the week in which the person works; day 1 is Monday. */
export interface Hours {
  readonly day: number;
  /** `HH:mm`. */
  readonly from: string;
  readonly to: string;
  /** Used only if need be. */
  readonly ifNeeded?: boolean;
}

/** What kind of work a step is; decides its sign on the bench sheet and who may be asked to do it. */
export const STEP_KINDS = [
  'glue',
  'bake',
  'cake',
  'mix',
  'cover',
  'bones',
  'shape',
  'texture',
  'join',
  'finish',
  'pack',
] as const;
export type StepKind = (typeof STEP_KINDS)[number];

/** Things of the workshop that are in one place at a time. */
export const TOOLS = ['oven', 'turntable', 'airbrush'] as const;
export type Tool = (typeof TOOLS)[number];

/** Where things stand while they wait. */
export const SPACES = ['rack', 'fridge', 'freezer', 'box'] as const;
export type Space = (typeof SPACES)[number];

/** Somebody who helps. */
export interface Helper {
  readonly id: string;
  readonly name: string;
  readonly hours: readonly Hours[];
  /** Multiplies the minutes of a step: 1.25 takes a quarter longer. */
  readonly pace: number;
  /** Kinds of step they do; every kind when absent. */
  readonly does?: readonly StepKind[];
}

/** Hands, tools and room there are. What is not said is taken to be enough. */
export interface Workshop {
  readonly helpers: readonly Helper[];
  /** Ovens, turntables, airbrushes. */
  readonly tools: Readonly<Partial<Record<Tool, number>>>;
  /** Room to put things down, cm². */
  readonly space: Readonly<Partial<Record<Space, number>>>;
  /** Minutes of a kind of step against the table, as the person's own times say. */
  readonly paces?: Readonly<Partial<Record<StepKind, number>>>;
}

/** A date that is not like its weekday: off altogether, or other hours. */
export interface DateHours {
  /** `YYYY-MM-DD`. */
  readonly date: string;
  /** `HH:mm`, both or neither: with neither it is a day off. */
  readonly from?: string;
  readonly to?: string;
}

/** A step of somebody's own: it stays when the figure changes. */
export interface OwnStep {
  readonly id: string;
  readonly title: string;
  readonly minutes: number;
  /** Comes after this step, and so many minutes after it. */
  readonly after?: string;
  readonly wait?: number;
  /** Comes before this step. */
  readonly before?: string;
  /** Works on this piece, which has to be within reach. */
  readonly piece?: string;
  readonly tool?: Tool;
}

/** What a plan of days rather has, where it can choose. */
export type Rather = 'fewer' | 'later' | 'nights' | 'fresher';

/** What somebody changed of the steps the figure makes. */
export interface StepEdits {
  readonly own: readonly OwnStep[];
  /** Minutes by step, where they know better. */
  readonly minutes: Readonly<Record<string, number>>;
  /** Steps that are not done here. */
  readonly left: readonly string[];
  /** Steps that begin at a certain time, `YYYY-MM-DDTHH:mm`, in the zone of the brief. */
  readonly pins?: Readonly<Record<string, string>>;
  /** Fewer sessions, a later start, early nights or a fresher cake; the usual balance when absent. */
  readonly rather?: Rather;
  /** Into how many parts a step is cut. */
  readonly parts?: Readonly<Record<string, number>>;
  /** Steps done in one, in their order. */
  readonly joined?: readonly (readonly string[])[];
  /** The plan that was taken, start of each step, `YYYY-MM-DDTHH:mm` in the zone of the brief. */
  readonly agreed?: Readonly<Record<string, string>>;
}

/** One pair of hands, one of each tool, and room enough. */
export const USUAL_WORKSHOP: Workshop = {
  helpers: [],
  tools: { oven: 1, turntable: 1, airbrush: 1 },
  space: {},
};
