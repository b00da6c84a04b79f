import { day, list, name, number, oneOf, ownPasteSchema, record, text } from './schema-parts.ts';
import { MATERIAL_IDS, POWDER_MOST } from '../pastes/index.ts';

export const STORES_FORMAT = 'elm-spindle-stores';
export const STORES_VERSION = 2;

const ingredient = { type: 'string', minLength: 1, maxLength: 80 };

/** JSON Schema (draft 2020-12) of the stores: what is on the shelf, pack sizes, pastes of the person's own. */
export const storesSchema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: 'stores',
  title: 'Elm Spindle stores',
  ...record({
    format: { const: STORES_FORMAT },
    version: { const: STORES_VERSION },
    items: list(
      record(
        {
          id: { type: 'string', minLength: 1, maxLength: 80 },
          ingredient,
          name,
          amount: number(0, 1_000_000),
          keepBy: day,
          note: text(1000),
          offcut: record({
            blend: record(
              {
                base: oneOf(MATERIAL_IDS),
                gumPaste: number(0, 100),
                powder: number(0, POWDER_MOST),
                ratio: number(1, 8),
              },
              ['ratio'],
            ),
            colour: record({ name, hex: { type: 'string', pattern: '^#[0-9a-fA-F]{6}$' } }),
            clean: { type: 'boolean' },
            allergens: list(text(60), 20),
          }),
          size: record(
            {
              shape: oneOf(['ball', 'block', 'round', 'square', 'disc']),
              sizes: list(number(0, 10_000), 3, 1),
              made: text(20),
            },
            ['made'],
          ),
        },
        ['keepBy', 'offcut', 'size'],
      ),
      5000,
    ),
    packs: {
      type: 'object',
      maxProperties: 300,
      additionalProperties: list({ type: 'number', exclusiveMinimum: 0, maximum: 1_000_000 }, 12),
    },
    pastes: list(ownPasteSchema, 200),
  }),
};
