import { POWDER_MOST } from '../pastes/index.ts';
import { field, type Grams, type Of } from '../quantity/index.ts';
import { stepId } from './workshop.ts';

/** What was done, tried and seen at the bench. */

const { byName, day, entryOf, flag, id, instant, list, number, oneOf, optional, record, text } = field;

const said = record({
  piece: id,
  /** What was asked of it, in the terms of firming. */
  question: entryOf('questions'),
  firm: flag,
  at: instant,
});

/** What somebody said of a piece in their hand. */
export interface Said extends Of<typeof said> {}

/** Most that is kept of what was said by touch; of more the oldest goes. */
export const MOST_SAID = 2000;

/** What the scale said of something that is weighed for a step. */
const weighedStep = record({
  step: stepId,
  grams: number<Grams>(0.001, 100_000),
  /** What it should have weighed, as it was asked then. */
  wanted: number<Grams>(0.001, 100_000),
  at: instant,
});

export const MOST_WEIGHED = 4000;

export const airReading = record({
  at: instant,
  temperature: number(-30, 60),
  /** Per cent. */
  humidity: number(0, 100),
});

/** What a thermometer with a hygrometer said of the room. */
export interface AirReading extends Of<typeof airReading> {}
export const MOST_READINGS = 2000;

/** What was done about a piece that is made again. */
export const REMADE = 'remake';

export const troubleRecord = record({
  id: text(80, 1),
  at: instant,
  trouble: entryOf('troubles'),
  /** What it befell; absent for what is no piece's own. */
  piece: optional(id),
  /** What was answered at the bench, by sign. */
  signs: optional(byName(flag, 40)),
  /** The likeliest cause then. */
  cause: optional(entryOf('causes')),
  /** What was done about it; `REMADE` when it is made again. */
  mend: optional(entryOf('mends')),
  /** It did what it should. */
  held: optional(flag),
  /** What stays inside and is not food, in words. */
  leaves: optional(text(120)),
  /** The step of one's own that waits for it. */
  step: optional(stepId),
  note: optional(text(1000)),
  /** A picture of it, kept in the browser. */
  picture: optional(text(80)),
});

/** Something that went wrong at the bench, and what was done about it. */
export interface TroubleNote extends Of<typeof troubleRecord> {}
export const MOST_TROUBLES = 500;

export const benchRecord = record({
  /** From this instant what is not done was planned anew; the plan keeps its own days while it is absent. */
  from: optional(instant),
  done: list(record({ step: stepId, at: instant }), 4000),
  /** What was said of pieces by touch, the latest last: it counts at once, whatever was reckoned. */
  said: optional(list(said, MOST_SAID, 1)),
  /** The instant until which somebody means to stay at the bench, whatever their week says. */
  until: optional(instant),
  /** What was weighed for a step, the latest last. */
  weighed: optional(list(weighedStep, MOST_WEIGHED, 1)),
  /** The room as it was read, the latest last. */
  air: optional(list(airReading, MOST_READINGS, 1)),
  trouble: optional(list(troubleRecord, MOST_TROUBLES, 1)),
});

/** What has really been done. */
export interface BenchRecord extends Of<typeof benchRecord> {}

export const HOME_TEST_KINDS = ['press', 'pull', 'bend', 'spring', 'tab'] as const;
export type HomeTest = (typeof HOME_TEST_KINDS)[number];

export const measurementRecord = record({
  id,
  test: oneOf(HOME_TEST_KINDS),
  /** What was tested: a cake or core, a rod of the catalogue, a glue. */
  of: text(60, 1),
  on: day,
  /** What was read off, by the test's own names. */
  readings: byName(number(0, 50_000), 8),
});

/** A test made at the bench; what it gives replaces a typical value in everything that is reckoned. */
export interface Measurement extends Of<typeof measurementRecord> {}

export const seenRecord = record({
  id: text(80, 1),
  /** When it was seen, ISO with its zone. */
  at: instant,
  /** Names of the build and of the piece, as they were then: for reading. */
  build: text(120),
  piece: text(120),
  /** Ids of both; absent in looks that were kept by name alone. */
  buildId: optional(text(80, 1)),
  pieceId: optional(id),
  /** What was asked of it, in the terms of firming. */
  question: entryOf('questions'),
  /** It was just firm then, it was or was not yet, or what went wrong. */
  saw: oneOf(['just', 'yes', 'not', 'cracked', 'sagged', 'squashed']),
  /** After shaping. */
  minutes: number(0.1, 60 * 24 * 30),
  note: text(1000),
  /** A picture of it, kept in the browser. */
  picture: optional(text(80)),
  paste: record({ base: entryOf('materials'), gumPaste: number(0, 100), powder: number(0, POWDER_MOST) }),
  /** The drying body, mm. */
  body: record({
    volume: number(0.01, 1e9),
    area: number(0.01, 1e7),
    depth: number(0.01, 1000),
    facing: number(0.01, 3000),
    thickness: number(0.01, 2000),
    kind: oneOf(['rod', 'sheet']),
    coat: flag,
  }),
  /** The air it lay in: until so many hours after shaping, °C, 0–1, m/s; the last goes on. */
  spells: list(
    record({
      until: optional(number(0, 1e5)),
      temperature: number(-30, 60),
      humidity: number(0, 1),
      air: number(0.01, 5),
      wrapped: optional(flag),
    }),
    20,
    1,
  ),
  /** Free length and lean, strain it had to take, load on it, as firming asks for them. */
  duty: byName(number(-1e6, 1e9), 12),
  /** Of what sets by cold: minutes by the table in that room, which it is held against. */
  table: optional(number(0.1, 1e6)),
});

/** One look at a piece, with all that its firming was reckoned from then, so that it can be learned from anywhere. */
export interface Seen extends Of<typeof seenRecord> {}
export type Saw = Seen['saw'];
