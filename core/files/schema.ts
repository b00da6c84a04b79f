import { RODS } from '../bones/index.ts';
import { BUILD_FORMAT, BUILD_VERSION, TEXTURES } from '../figure/index.ts';
import { MATERIAL_IDS, POWDER_MOST } from '../pastes/index.ts';
import { OUTLINES, SHAPE_KINDS } from '../solids/index.ts';

const text = (most: number) => ({ type: 'string', maxLength: most });
const name = { type: 'string', minLength: 1, maxLength: 120 };
const id = { type: 'string', pattern: '^[a-z0-9][a-z0-9-]{0,59}$' };
const number = (minimum: number, maximum: number) => ({ type: 'number', minimum, maximum });
const oneOf = (values: readonly string[]) => ({ type: 'string', enum: [...values] });
const place = { type: 'array', items: number(-3000, 3000), minItems: 3, maxItems: 3 };
const record = (properties: Record<string, unknown>, optional: readonly string[] = []) => ({
  type: 'object',
  additionalProperties: false,
  required: Object.keys(properties).filter((k) => !optional.includes(k)),
  properties,
});
const list = (items: unknown, maxItems: number, minItems = 0) => ({
  type: 'array',
  items,
  maxItems,
  minItems,
});

/** A point of a drawn line; a third number of 1 makes it a corner. */
const node = list(number(-4, 4), 3, 2);

const rodEnd = record({ on: id, at: place });

/** JSON Schema (draft 2020-12) of a build, made from the same registries the app offers, so that they cannot drift. */
export const buildSchema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: 'build',
  title: 'Elm Spindle build',
  ...record({
    format: { const: BUILD_FORMAT },
    version: { const: BUILD_VERSION },
    id: { type: 'string', minLength: 1, maxLength: 80 },
    name,
    brief: record({
      due: { type: 'string', pattern: '^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}$' },
      zone: { type: 'string', minLength: 1, maxLength: 60 },
      journey: oneOf(['table', 'carry', 'carFlat', 'carSeat', 'carHard']),
      note: text(4000),
    }),
    room: record({ temperature: number(5, 40), humidity: number(5, 95), air: number(0.02, 3) }),
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
          density: number(0.1, 1.7),
        },
        ['density'],
      ),
      60,
      1,
    ),
    colours: list(record({ id, name, hex: { type: 'string', pattern: '^#[0-9a-fA-F]{6}$' } }), 200, 1),
    pieces: list(
      record({
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
        seat: record({
          on: id,
          at: place,
          lean: number(-360, 360),
          tip: number(-360, 360),
          turn: number(-360, 360),
          sink: number(-200, 500),
          how: oneOf(['sits', 'set', 'hangs', 'wraps']),
          overlap: oneOf(['pressed', 'trimmed']),
        }),
        pair: { type: 'boolean' },
        count: { type: 'integer', minimum: 1, maximum: 500 },
        texture: oneOf(Object.keys(TEXTURES)),
        core: oneOf(['foam', 'cereal', 'cake']),
        tolerance: oneOf(['equal', 'mirrored', 'varied', 'hidden']),
        hidden: oneOf(['none', 'under', 'back', 'front', 'left', 'right', 'top']),
      }),
      600,
    ),
    rods: list(
      record({
        id,
        name,
        stock: oneOf(RODS.map((r) => r.id)),
        from: rodEnd,
        to: rodEnd,
        pair: { type: 'boolean' },
        sleeved: { type: 'boolean' },
      }),
      200,
    ),
    hours: list(
      record({
        day: { type: 'integer', minimum: 1, maximum: 7 },
        from: { type: 'string', pattern: '^([01]\\d|2[0-3]):[0-5]\\d$' },
        to: { type: 'string', pattern: '^([01]\\d|2[0-3]):[0-5]\\d$' },
      }),
      60,
    ),
    practice: record({ spare: number(0, 100), powderBulk: number(0.2, 1.2), pace: number(0.3, 4) }),
    bench: record({ done: list(record({ step: text(200), at: text(40) }), 4000) }),
  }),
};
