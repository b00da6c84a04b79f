import { PUSH_LIMITS, RODS, STACK_KINDS, TIER_BOARDS } from '../bones/index.ts';
import { SPACES, STEP_KINDS, TOOLS } from '../figure/index.ts';
import { QUESTIONS } from '../firming/index.ts';
import {
  BATTERS,
  EDIBLE_DENSITY,
  FILLINGS,
  MATERIAL_IDS,
  MOST_SHRINK,
  POWDER_MOST,
} from '../pastes/index.ts';

/** What the schemas are made of: kinds of field, and the parts of a build that stand on their own. */

/** Day of the calendar; whether the month has such a day is checked when it is read. */
export const day = { type: 'string', pattern: '^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$' };
/** An instant as it is kept; whether there is such a time is checked when it is read. */
export const instant = { type: 'string', maxLength: 40 };
export const text = (most: number) => ({ type: 'string', maxLength: most });
export const name = { type: 'string', minLength: 1, maxLength: 120 };
export const id = { type: 'string', pattern: '^[a-z0-9][a-z0-9-]{0,59}$' };
export const number = (minimum: number, maximum: number) => ({ type: 'number', minimum, maximum });
export const oneOf = (values: readonly string[]) => ({ type: 'string', enum: [...values] });
export const place = { type: 'array', items: number(-3000, 3000), minItems: 3, maxItems: 3 };
export const record = (properties: Record<string, unknown>, optional: readonly string[] = []) => ({
  type: 'object',
  additionalProperties: false,
  required: Object.keys(properties).filter((k) => !optional.includes(k)),
  properties,
});
export const list = (items: unknown, maxItems: number, minItems = 0) => ({
  type: 'array',
  items,
  maxItems,
  minItems,
});

/** A point of a drawn line; a third number of 1 makes it a corner. */
export const node = list(number(-4, 4), 3, 2);

export const rodEnd = record({ on: id, at: place });

export const density = number(...EDIBLE_DENSITY);
const words = list(text(60), 20);

/** A paste of the person's own, in a build and in the stores. */
export const ownPasteSchema = record(
  {
    id,
    name,
    like: oneOf(MATERIAL_IDS),
    density,
    shrink: number(0, MOST_SHRINK),
    allergens: words,
    note: text(1000),
  },
  ['density', 'shrink'],
);

export const cakeSchema = record(
  {
    batter: oneOf(Object.keys(BATTERS)),
    density,
    layer: number(5, 200),
    filling: oneOf(Object.keys(FILLINGS)),
    fillingThickness: number(0, 50),
    coat: oneOf(Object.keys(FILLINGS)),
    coatThickness: number(0, 30),
    tins: list(number(40, 800), 30),
    chill: record({ where: oneOf(['room', 'fridge', 'freezer']), hours: number(0, 96) }),
    tiers: list(
      record(
        {
          id,
          name,
          shape: oneOf(['round', 'square']),
          width: number(40, 800),
          height: number(20, 400),
          cover: record({ thickness: number(1, 20), blend: id, colour: id }),
          board: record({ kind: oneOf(Object.keys(TIER_BOARDS)), width: number(30, 900) }),
          posts: record({
            stock: oneOf(RODS.map((r) => r.id)),
            number: { type: 'integer', minimum: 1, maximum: 12 },
          }),
        },
        ['board', 'posts'],
      ),
      12,
    ),
  },
  ['density'],
);

export const reserveSchema = record(
  {
    stock: { type: 'string', minLength: 1, maxLength: 80 },
    name,
    batch: text(130),
    grams: number(0, 100_000),
    recolour: { type: 'boolean' },
    allergens: words,
    keepBy: day,
  },
  ['keepBy'],
);

export const stackSchema = record(
  {
    thread: { type: 'integer', enum: [6, 8, 10, 12] },
    items: list(
      record(
        {
          id,
          kind: oneOf(Object.keys(STACK_KINDS)),
          name,
          thick: number(0, 600),
          width: number(20, 900),
          weight: number(1, 50_000),
          made: oneOf(['mdf', 'plywood']),
        },
        ['width', 'weight', 'made'],
      ),
      40,
    ),
    cutAt: number(0, 3000),
  },
  ['cutAt'],
);

export const CLOCK = '^([01]\\d|2[0-3]):[0-5]\\d$';
export const LOCAL_TIME = '^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}$';
export const stepId = { type: 'string', minLength: 1, maxLength: 200 };
export const hoursSchema = list(
  record(
    {
      day: { type: 'integer', minimum: 1, maximum: 7 },
      from: { type: 'string', pattern: CLOCK },
      to: { type: 'string', pattern: CLOCK },
      ifNeeded: { type: 'boolean' },
    },
    ['ifNeeded'],
  ),
  60,
);

export const workshopSchema = record(
  {
    helpers: list(
      record(
        {
          id,
          name,
          hours: hoursSchema,
          pace: number(0.3, 4),
          does: list(oneOf(STEP_KINDS), STEP_KINDS.length),
        },
        ['does'],
      ),
      8,
    ),
    tools: record(
      Object.fromEntries(TOOLS.map((t) => [t, { type: 'integer', minimum: 0, maximum: 20 }])),
      TOOLS,
    ),
    space: record(Object.fromEntries(SPACES.map((t) => [t, number(0, 100_000)])), SPACES),
    paces: record(Object.fromEntries(STEP_KINDS.map((t) => [t, number(0.2, 5)])), STEP_KINDS),
  },
  ['paces'],
);

export const pushSchema = record(
  Object.fromEntries(Object.entries(PUSH_LIMITS).map(([k, [least, most]]) => [k, number(least, most)])),
);
export const JOURNEYS = ['table', 'carry', 'carFlat', 'carSeat', 'carHard'];

export const seenSchema = record(
  {
    id: { type: 'string', minLength: 1, maxLength: 80 },
    at: text(40),
    build: text(120),
    piece: text(120),
    buildId: { type: 'string', minLength: 1, maxLength: 80 },
    pieceId: id,
    question: oneOf(QUESTIONS),
    saw: oneOf(['just', 'yes', 'not', 'cracked', 'sagged', 'squashed']),
    minutes: number(0.1, 60 * 24 * 30),
    note: text(1000),
    picture: text(80),
    paste: record({ base: oneOf(MATERIAL_IDS), gumPaste: number(0, 100), powder: number(0, POWDER_MOST) }),
    body: record({
      volume: number(0.01, 1e9),
      area: number(0.01, 1e7),
      depth: number(0.01, 1000),
      facing: number(0.01, 3000),
      thickness: number(0.01, 2000),
      kind: oneOf(['rod', 'sheet']),
      coat: { type: 'boolean' },
    }),
    spells: list(
      record(
        {
          until: number(0, 1e5),
          temperature: number(-30, 60),
          humidity: number(0, 1),
          air: number(0.01, 5),
          wrapped: { type: 'boolean' },
        },
        ['until', 'wrapped'],
      ),
      20,
      1,
    ),
    duty: { type: 'object', additionalProperties: number(-1e6, 1e9), maxProperties: 12 },
  },
  ['picture', 'buildId', 'pieceId'],
);
