import { field, type Of } from '../quantity/index.ts';
import { FACE_SIDE_KINDS, WORK_KINDS } from './works.ts';

/** Who works when, with which tools and how much room, and what somebody changed of the steps. */

const { byName, clock, day, flag, forSome, id, list, localTime, name, number, oneOf, optional, record } =
  field;
const { entryOf, hex, text, whole } = field;

/** A step, as its id names it. */
export const stepId = text(200, 1);

export const hoursRecord = record({
  /** 1 is Monday. */
  day: whole(1, 7),
  from: clock,
  to: clock,
  /** Used only if need be. */
  ifNeeded: optional(flag),
});

/** A stretch of the week in which the person works. */
export interface Hours extends Of<typeof hoursRecord> {}
export const weekOfHours = list(hoursRecord, 60);

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

export const helperRecord = record({
  id,
  name,
  hours: weekOfHours,
  /** Multiplies the minutes of a step: 1.25 takes a quarter longer. */
  pace: number(0.3, 4),
  /** Kinds of step they do; every kind when absent. */
  does: optional(list(oneOf(STEP_KINDS), STEP_KINDS.length)),
});

/** Somebody who helps. */
export interface Helper extends Of<typeof helperRecord> {}

/** More would stand in each other's way. */
export const MOST_HELPERS = 8;
/** How many of a tool there may be. */
export const toolCountField = whole(0, 20);
/** Room to put things down, cm². */
export const standingRoomField = number(0, 100_000);

export const workshopRecord = record({
  helpers: list(helperRecord, MOST_HELPERS),
  tools: forSome(TOOLS, toolCountField),
  space: forSome(SPACES, standingRoomField),
  /** Minutes of a kind of step against the table, as the person's own times say. */
  paces: optional(forSome(STEP_KINDS, number(0.2, 5))),
});

/** Hands, tools and room there are. What is not said is taken to be enough. */
export interface Workshop extends Of<typeof workshopRecord> {}

export const dateRecord = record({
  date: day,
  /** Both or neither: with neither it is a day off. */
  from: optional(clock),
  to: optional(clock),
});

/** A date that is not like its weekday: off altogether, or other hours. */
export interface DateHours extends Of<typeof dateRecord> {}

const minutes = number(1, 600);

/** So many coats at most. */
export const MOST_COATS = 6;

export const finishRecord = record({
  technique: entryOf('finishes'),
  /** cm², marks, or cm of line, as the technique counts. */
  amount: number(0.1, 100_000),
  coats: whole(1, MOST_COATS),
  /** As it looks on the face; nothing where it has no colour of its own. */
  colour: optional(hex),
});

/** What is done to a face once it is shaped. */
export interface FinishWork extends Of<typeof finishRecord> {}

export const ownStepRecord = record({
  id: field.written('^own:[a-z0-9-]{1,60}$'),
  title: name,
  minutes,
  /** Comes after this step, and so many minutes after it. */
  after: optional(stepId),
  wait: optional(number(0, 20_000)),
  /** Comes before this step. */
  before: optional(stepId),
  /** Works on this piece, which has to be within reach. */
  piece: optional(id),
  /** What is done to it, within reach of a brush and not wet when absent, and on which side, all that is seen of it when absent. */
  work: optional(oneOf(WORK_KINDS)),
  side: optional(oneOf(FACE_SIDE_KINDS)),
  tool: optional(oneOf(TOOLS)),
  /** What is done is a finish: its minutes, its coats, its place in the order and how long it dries are reckoned from it. */
  finish: optional(finishRecord),
});

/** A step of somebody's own: it stays when the figure changes. */
export interface OwnStep extends Of<typeof ownStepRecord> {}

/** Into how many parts a step may be cut, and how many may be done in one. */
export const stepPartsField = whole(1, 12);
export const MOST_JOINED = 12;

export const stepsRecord = record({
  own: list(ownStepRecord, 200),
  /** Minutes by step, where they know better. */
  minutes: byName(minutes, 1000),
  /** Steps that are not done here. */
  left: list(stepId, 1000),
  /** Steps that begin at a certain time, in the zone of the brief. */
  pins: optional(byName(localTime, 300)),
  /** Fewer sessions, a later start, early nights or a fresher cake; the usual balance when absent. */
  rather: optional(oneOf(['fewer', 'later', 'nights', 'fresher'])),
  /** Into how many parts a step is cut. */
  parts: optional(byName(stepPartsField, 300)),
  /** Steps done in one, in their order. */
  joined: optional(list(list(stepId, MOST_JOINED, 2), 100)),
  /** The plan that was taken, start of each step, in the zone of the brief. */
  agreed: optional(byName(localTime, 1000)),
});

/** What somebody changed of the steps the figure makes. */
export interface StepEdits extends Of<typeof stepsRecord> {}

/** What a plan of days rather has, where it can choose. */
export type Rather = NonNullable<StepEdits['rather']>;

/** One pair of hands, one of each tool, and room enough. */
export const USUAL_WORKSHOP: Workshop = {
  helpers: [],
  tools: { oven: 1, turntable: 1, airbrush: 1 },
  space: {},
};
