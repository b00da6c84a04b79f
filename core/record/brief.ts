import { field, type Celsius, type Degrees, type Grams, type Of } from '../quantity/index.ts';
import { DEPTHS, POT_KINDS } from '../colour/index.ts';
import { allergensField } from '../pastes/index.ts';

const { day, flag, forSome, hex, id, list, localTime, name, number, oneOf, optional, record, text } = field;

export const JOURNEYS = ['table', 'carry', 'carFlat', 'carSeat', 'carHard'] as const;
export type Journey = (typeof JOURNEYS)[number];

export const pushRecord = record({
  /** Sideways, in any direction, g. */
  sideways: number(0, 1.5),
  /** The board leans, in the worst direction. */
  tilt: number<Degrees>(0, 30),
  /** The weight presses so many times, and holds down so many times. */
  down: number(1, 3),
  up: number(0.2, 1),
});

/** How hard a situation pushes on what stands in it. */
export interface PushFactors extends Of<typeof pushRecord> {}

/** What somebody may not eat or does not want. */
export const AVOIDED = ['nuts', 'milk', 'egg', 'wheat', 'soya', 'gelatine', 'alcohol', 'animal'] as const;
export type Avoided = (typeof AVOIDED)[number];

export const eatersRecord = record({
  who: oneOf(['adults', 'children', 'under3']),
  avoid: list(oneOf(AVOIDED), AVOIDED.length),
  /** Eaten, taken off and kept, or only looked at. */
  fate: oneOf(['eaten', 'kept', 'notEaten']),
});

/** Who eats it, what they avoid, and whether it is eaten at all. */
export interface Eaters extends Of<typeof eatersRecord> {}

/** What the brief asks: each is said, or taken as usual. */
export const BRIEF_KEYS = ['size', 'paste', 'base', 'due', 'journey', 'eaters', 'hours', 'room'] as const;
export type BriefKey = (typeof BRIEF_KEYS)[number];

export const briefRecord = record({
  /** Local date and time, `YYYY-MM-DDTHH:mm`. */
  due: localTime,
  /** IANA time zone. */
  zone: text(60, 1),
  journey: oneOf(JOURNEYS),
  /** What the board stands on while it travels. */
  grip: oneOf(['bare', 'box', 'seat', 'mat']),
  /** How hard a situation pushes, where somebody knows better than the usual figures. */
  loads: optional(forSome(JOURNEYS, pushRecord)),
  /** Who eats it; nobody said when absent, and cautions stand as for children. */
  eaters: optional(eatersRecord),
  /** What of the brief somebody said or confirmed; when absent, all of it. */
  said: optional(list(oneOf(BRIEF_KEYS), BRIEF_KEYS.length)),
  note: text(4000),
});

/** What was asked for. */
export interface Brief extends Of<typeof briefRecord> {}
export type Grip = Brief['grip'];

const humidity = number(5, 95);

export const nightRecord = record({ temperature: number<Celsius>(0, 40), humidity });

export const roomRecord = record({
  temperature: number<Celsius>(5, 40),
  /** Relative humidity, per cent. */
  humidity,
  /** Metres a second: 0.03 in a closed cupboard, 0.1 in a still room, 0.3 to 1 before a fan. */
  air: number(0.02, 3),
  /** From ten in the evening to eight in the morning, where that differs. */
  night: optional(nightRecord),
});

/** The air the pieces stand in. */
export interface Room extends Of<typeof roomRecord> {}

export const practiceRecord = record({
  /** Spare paste, per cent. */
  spare: number(0, 100),
  /** Their spoon: grams in a millilitre of stiffening powder. */
  powderBulk: number(0.2, 1.2),
  /** What their teaspoon holds, mL. */
  spoon: number(1, 25),
  /** Least paste they knead in one lump. */
  smallestBatch: number<Grams>(0, 500),
  /** Trimmings are kneaded back into the next rolling. */
  saves: flag,
  /** Multiplies the hands-on minutes; 1 is the table. */
  pace: number(0.3, 4),
});

/** How this person works; every value starts from common practice and is theirs to change. */
export interface Practice extends Of<typeof practiceRecord> {}

export const potRecord = record({
  name,
  kind: oneOf([...POT_KINDS]),
  depth: oneOf([...DEPTHS]),
  /** Drops of gel for 100 g, as a mix was reckoned; by how deep it is wanted when absent. */
  per100: optional(number(0.01, 200)),
  /** What it took: drops, or grams of powder, in so much of a base. */
  took: optional(
    record({ amount: number(0.01, 10_000), grams: number<Grams>(1, 100_000), base: text(40, 1) }),
  ),
});

/** A pot of colour that goes into a paste. */
export interface Pot extends Of<typeof potRecord> {}
/** So many go into one colour at most. */
export const MOST_POTS = 4;

export const colourRecord = record({
  id,
  name,
  hex,
  /** What it is coloured with; not said when absent. */
  pots: optional(list(potRecord, MOST_POTS, 1)),
});

/** A colour of the build. */
export interface Colour extends Of<typeof colourRecord> {}

export const reserveRecord = record({
  /** Entry of the stores. */
  stock: text(80, 1),
  name,
  batch: text(130),
  grams: number<Grams>(0, 100_000),
  /** It is lighter than wanted and is coloured again. */
  recolour: flag,
  allergens: allergensField,
  keepBy: optional(day),
});

/** An offcut kept for a batch of this build. */
export interface Reserve extends Of<typeof reserveRecord> {}
