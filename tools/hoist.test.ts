import { Ajv2020 } from 'ajv/dist/2020.js';
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { buildSchema } from '../core/files/schema.ts';
import { demoBuild } from '../core/files/demo.testing.ts';
import { hoisted } from './hoist.ts';

const plain = new Ajv2020().compile(buildSchema);
const shared = new Ajv2020({ inlineRefs: false }).compile({ ...hoisted(buildSchema), $id: 'shared' });

it('says yes and no to the very same builds, whatever is broken in them', () => {
  const whole = JSON.parse(JSON.stringify(demoBuild('ferryman-otter'))) as Record<string, unknown>;
  const record = { format: 'elm-spindle', ...whole };
  /** Every place of a record, by its path. */
  const paths: string[][] = [];
  const walk = (x: unknown, at: string[]): void => {
    if (at.length) paths.push(at);
    if (typeof x === 'object' && x !== null) for (const [k, v] of Object.entries(x)) walk(v, [...at, k]);
  };
  walk(record, []);
  expect(paths.length).toBeGreaterThan(800);
  let refused = 0;
  fc.assert(
    fc.property(
      fc.constantFrom(...paths),
      fc.constantFrom(undefined, null, '', 'Ä ö', -1e9, 1e9, 0.5, [], {}, true),
      (path, put) => {
        const broken = structuredClone(record) as Record<string, unknown>;
        const last = path.at(-1)!;
        const holder = path
          .slice(0, -1)
          .reduce<Record<string, unknown>>((x, k) => x[k] as Record<string, unknown>, broken);
        if (put === undefined) delete holder[last];
        else holder[last] = put;
        const says = plain(broken);
        if (!says) refused++;
        expect(shared(broken)).toBe(says);
        expect(shared.errors?.[0]?.instancePath).toBe(plain.errors?.[0]?.instancePath);
      },
    ),
    { numRuns: 400 },
  );
  expect(refused).toBeGreaterThan(100);
});

it('writes what is the same once', () => {
  const point = {
    type: 'array',
    items: { type: 'number', minimum: -3000, maximum: 3000 },
    minItems: 3,
    maxItems: 3,
  };
  const small = hoisted({ type: 'object', properties: { from: point, to: point } });
  expect(small.$defs).toEqual({ array1: point });
  expect(small.properties).toEqual({ from: { $ref: '#/$defs/array1' }, to: { $ref: '#/$defs/array1' } });
});
