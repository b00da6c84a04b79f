import { HOME_TESTS, PUSH_LIMITS, RODS, STACK_KINDS, TIER_BOARDS } from '../bones/index.ts';
import {
  BUILD_FORMAT,
  BUILD_VERSION,
  DISC_KINDS,
  DISC_WIDTHS,
  MOST_BENDS,
  SPACES,
  STEP_KINDS,
  TEXTURES,
  TOOLS,
} from '../figure/index.ts';
import { PLACES, QUESTIONS } from '../firming/index.ts';
import {
  BATTERS,
  EDIBLE_DENSITY,
  FILLINGS,
  GLUES,
  JOBS,
  MATERIAL_IDS,
  MOST_SHRINK,
  POWDER_MOST,
} from '../pastes/index.ts';
import { OUTLINES, SHAPE_KINDS } from '../solids/index.ts';

/** Day of the calendar; whether the month has such a day is checked when it is read. */
export const day = { type: 'string', pattern: '^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$' };
export const text = (most: number) => ({ type: 'string', maxLength: most });
export const name = { type: 'string', minLength: 1, maxLength: 120 };
export const id = { type: 'string', pattern: '^[a-z0-9][a-z0-9-]{0,59}$' };
export const number = (minimum: number, maximum: number) => ({ type: 'number', minimum, maximum });
export const oneOf = (values: readonly string[]) => ({ type: 'string', enum: [...values] });
const place = { type: 'array', items: number(-3000, 3000), minItems: 3, maxItems: 3 };
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
const node = list(number(-4, 4), 3, 2);

const rodEnd = record({ on: id, at: place });

const density = number(...EDIBLE_DENSITY);
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

const cakeSchema = record(
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

const reserveSchema = record(
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

const stackSchema = record(
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

const CLOCK = '^([01]\\d|2[0-3]):[0-5]\\d$';
const LOCAL_TIME = '^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}$';
const stepId = { type: 'string', minLength: 1, maxLength: 200 };
const hoursSchema = list(
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

const workshopSchema = record(
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

const pushSchema = record(
  Object.fromEntries(Object.entries(PUSH_LIMITS).map(([k, [least, most]]) => [k, number(least, most)])),
);
const JOURNEYS = ['table', 'carry', 'carFlat', 'carSeat', 'carHard'];

const seenSchema = record(
  {
    id: { type: 'string', minLength: 1, maxLength: 80 },
    at: text(40),
    build: text(120),
    piece: text(120),
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
  ['picture'],
);

/** JSON Schema (draft 2020-12) of a build, made from the same registries the app offers, so that they cannot drift. */
export const buildSchema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: 'build',
  title: 'Elm Spindle build',
  ...record(
    {
      format: { const: BUILD_FORMAT },
      version: { const: BUILD_VERSION },
      id: { type: 'string', minLength: 1, maxLength: 80 },
      name,
      brief: record(
        {
          due: { type: 'string', pattern: LOCAL_TIME },
          zone: { type: 'string', minLength: 1, maxLength: 60 },
          journey: oneOf(JOURNEYS),
          grip: oneOf(['bare', 'box', 'seat', 'mat']),
          loads: record(Object.fromEntries(JOURNEYS.map((j) => [j, pushSchema])), JOURNEYS),
          note: text(4000),
        },
        ['loads'],
      ),
      room: record(
        {
          temperature: number(5, 40),
          humidity: number(5, 95),
          air: number(0.02, 3),
          night: record({ temperature: number(0, 40), humidity: number(5, 95) }),
        },
        ['night'],
      ),
      board: record({
        shape: oneOf(['round', 'square']),
        width: number(20, 1500),
        thickness: number(1, 60),
        material: oneOf(['drum', 'mdf', 'plywood', 'foamcore']),
      }),
      blends: list(
        record(
          {
            id,
            name,
            base: oneOf(MATERIAL_IDS),
            gumPaste: number(0, 100),
            powder: number(0, POWDER_MOST),
            ratio: number(1, 8),
            density,
            shrink: number(0, MOST_SHRINK),
            job: oneOf(JOBS.map((j) => j.id)),
            own: ownPasteSchema,
          },
          ['ratio', 'density', 'shrink', 'job', 'own'],
        ),
        60,
        1,
      ),
      colours: list(record({ id, name, hex: { type: 'string', pattern: '^#[0-9a-fA-F]{6}$' } }), 200, 1),
      pieces: list(
        record(
          {
            id,
            name,
            form: record(
              {
                kind: oneOf(SHAPE_KINDS),
                sizes: { type: 'object', additionalProperties: { type: 'number' }, maxProperties: 12 },
                outline: oneOf(Object.keys(OUTLINES)),
                curves: {
                  type: 'object',
                  patternProperties: { '^(edge|front|side|profile|hole[1-9])$': list(node, 200, 2) },
                  additionalProperties: false,
                },
                coat: record({ thickness: number(0.1, 100), under: { type: 'boolean' } }),
                solid: record({
                  name,
                  corners: list({ type: 'integer', minimum: 0, maximum: 10_000 }, 60_000, 12),
                  faces: list({ type: 'integer', minimum: 0, maximum: 20_000 }, 60_000, 12),
                  fills: number(0, 1),
                  centre: list(number(-1, 2), 3, 3),
                  watertight: { type: 'boolean' },
                }),
              },
              ['outline', 'curves', 'coat', 'solid'],
            ),
            blend: id,
            colour: id,
            seat: record(
              {
                on: id,
                at: place,
                lean: number(-360, 360),
                tip: number(-360, 360),
                turn: number(-360, 360),
                sink: number(-200, 500),
                how: oneOf(['sits', 'set', 'hangs', 'wraps']),
                overlap: oneOf(['pressed', 'trimmed']),
                disc: record({ of: oneOf(DISC_KINDS), width: number(...DISC_WIDTHS) }),
              },
              ['disc'],
            ),
            pair: { type: 'boolean' },
            count: { type: 'integer', minimum: 1, maximum: 500 },
            texture: oneOf(Object.keys(TEXTURES)),
            core: oneOf(['foam', 'cereal', 'cake']),
            tolerance: oneOf(['equal', 'mirrored', 'varied', 'hidden']),
            hidden: oneOf(['none', 'under', 'back', 'front', 'left', 'right', 'top']),
            breaks: number(0, 60),
            glue: oneOf(GLUES.map((g) => g.id)),
            built: oneOf(['there', 'dummy', 'foam']),
            propped: { type: 'boolean', enum: [true] },
            rests: list(record({ place: oneOf(Object.keys(PLACES)), hours: number(0.1, 200) }), 6, 1),
          },
          ['glue', 'built', 'propped', 'rests'],
        ),
        600,
      ),
      rods: list(
        record(
          {
            id,
            name,
            stock: oneOf(RODS.map((r) => r.id)),
            from: rodEnd,
            to: rodEnd,
            bends: list(rodEnd, MOST_BENDS, 1),
            pair: { type: 'boolean' },
            sleeved: { type: 'boolean' },
            across: number(0.1, 40),
            bundle: name,
            shown: { type: 'boolean' },
          },
          ['bends', 'across', 'bundle', 'shown'],
        ),
        200,
      ),
      hours: hoursSchema,
      dates: list(
        record(
          { date: day, from: { type: 'string', pattern: CLOCK }, to: { type: 'string', pattern: CLOCK } },
          ['from', 'to'],
        ),
        200,
        1,
      ),
      practice: record({
        spare: number(0, 100),
        powderBulk: number(0.2, 1.2),
        spoon: number(1, 25),
        smallestBatch: number(0, 500),
        saves: { type: 'boolean' },
        pace: number(0.3, 4),
      }),
      workshop: workshopSchema,
      cake: cakeSchema,
      portions: record({
        piece: id,
        target: number(0.01, 5000),
        within: number(0.001, 1000),
        step: number(0.001, 10),
        caseWidth: number(0, 500),
        weighed: list(number(0.001, 10_000), 2000),
      }),
      stack: stackSchema,
      reserves: list(reserveSchema, 200),
      measured: list(
        record({
          id,
          test: oneOf(HOME_TESTS.map((t) => t.id)),
          of: { type: 'string', minLength: 1, maxLength: 60 },
          on: day,
          readings: { type: 'object', additionalProperties: number(0, 50_000), maxProperties: 8 },
        }),
        100,
      ),
      log: list(seenSchema, 2000),
      steps: record(
        {
          own: list(
            record(
              {
                id: { type: 'string', pattern: '^own:[a-z0-9-]{1,60}$' },
                title: name,
                minutes: number(1, 600),
                after: stepId,
                wait: number(0, 20_000),
                before: stepId,
                piece: id,
                tool: oneOf(TOOLS),
              },
              ['after', 'wait', 'before', 'piece', 'tool'],
            ),
            200,
          ),
          minutes: { type: 'object', additionalProperties: number(1, 600), maxProperties: 1000 },
          left: list(stepId, 1000),
          rather: oneOf(['fewer', 'later', 'nights', 'fresher']),
          parts: {
            type: 'object',
            additionalProperties: { type: 'integer', minimum: 1, maximum: 12 },
            maxProperties: 300,
          },
          joined: list(list(stepId, 12, 2), 100),
          agreed: {
            type: 'object',
            additionalProperties: { type: 'string', pattern: LOCAL_TIME },
            maxProperties: 1000,
          },
          pins: {
            type: 'object',
            additionalProperties: { type: 'string', pattern: LOCAL_TIME },
            maxProperties: 300,
          },
        },
        ['pins', 'rather', 'parts', 'joined', 'agreed'],
      ),
      bench: record({ from: text(40), done: list(record({ step: text(200), at: text(40) }), 4000) }, [
        'from',
      ]),
    },
    ['portions', 'stack', 'dates'],
  ),
};
