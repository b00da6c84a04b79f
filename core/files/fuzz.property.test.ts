import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readLine } from '../bench/index.ts';
import { plan } from '../plan.ts';
import type { Result } from '../quantity/index.ts';
import { readStores } from '../stores-file.ts';
import { readManifest } from './backup.ts';
import { keepable, lookAtSolid, objTrouble, readBuild } from './index.ts';

/** Hostile files of every kind: each is refused with a sentence, or read; nothing is thrown, and what is read can be kept. */

const text = (path: string): string => readFileSync(new URL(`../../demo/${path}`, import.meta.url), 'utf8');

/** Everywhere something stands in plain data. */
function places(data: unknown, at: readonly (string | number)[] = []): (readonly (string | number)[])[] {
  if (typeof data !== 'object' || data === null) return [at];
  return [
    at,
    ...Object.entries(data).flatMap(([k, v]) => places(v, [...at, Array.isArray(data) ? Number(k) : k])),
  ];
}
function replaced(data: unknown, [head, ...rest]: readonly (string | number)[], by: unknown): unknown {
  if (head === undefined) return by;
  const copy: Record<string, unknown> | unknown[] = Array.isArray(data)
    ? [...(data as unknown[])]
    : { ...(data as object) };
  Reflect.set(copy, head, replaced(Reflect.get(data as object, head), rest, by));
  return copy;
}
/** What people, programs and failing disks put where something else belongs. */
const junk = fc.oneof(
  fc.constantFrom(
    null,
    '',
    '0',
    [],
    {},
    -1,
    0,
    1e300,
    -0,
    NaN,
    true,
    '__proto__',
    'constructor',
    '<script>',
    '\u0000',
    '💥',
  ),
  fc.double(),
  fc.string({ maxLength: 200 }),
  fc.array(fc.integer(), { maxLength: 50 }),
  fc.dictionary(fc.string(), fc.integer(), { maxKeys: 5 }),
);

function hostile(
  name: string,
  whole: string,
  read: (t: string) => Result<unknown>,
  then: (v: unknown) => void,
  runs: number,
): void {
  const data = JSON.parse(whole) as unknown;
  const all = places(data);
  it(`${name}: whatever stands at whatever place`, () => {
    fc.assert(
      fc.property(fc.nat(all.length - 1), junk, (at, by) => {
        const got = read(JSON.stringify(replaced(data, all[at]!, by)));
        if (got.ok) then(got.value);
        else expect(got.problem.text.length).toBeGreaterThan(8);
      }),
      { numRuns: runs },
    );
  });
  it(`${name}: breaking off, with bytes lost or doubled`, () => {
    fc.assert(
      fc.property(
        fc.nat(whole.length),
        fc.nat(40),
        fc.constantFrom('cut', 'lost', 'doubled'),
        (at, n, how) => {
          const hurt =
            how === 'cut'
              ? whole.slice(0, at)
              : how === 'lost'
                ? whole.slice(0, at) + whole.slice(at + n)
                : whole.slice(0, at + n) + whole.slice(at);
          const got = read(hurt);
          if (got.ok) then(got.value);
          else expect(got.problem.text.length).toBeGreaterThan(8);
        },
      ),
      { numRuns: runs },
    );
  });
}

describe('hostile files', () => {
  hostile(
    'a build',
    text('ferryman-otter.spindle.json'),
    readBuild,
    (build) => {
      expect(keepable(build as never).ok).toBe(true);
      // and what was read can be reckoned
      expect(plan(build as never).figure.paste.value).toBeGreaterThanOrEqual(0);
    },
    120,
  );
  hostile('stores', text('workshop.spindle-stores.json'), readStores, () => undefined, 120);
  hostile(
    'the list of a backup',
    JSON.stringify({
      format: 'elm-spindle-backup',
      version: 1,
      made: '2026-12-01T00:00:00Z',
      builds: [{ id: 'a', name: 'A', savedAt: 1, file: 'builds/1.spindle.json', crc: 5 }],
      parts: [],
      pictures: [{ id: 'p', buildId: 'a', addedAt: 1, width: 4, height: 4, mime: 'image/png', file: 'pictures/1.png', crc: 6, marks: { foot: [1, 2] } }],
      stores: 7,
      settings: [{ key: 'shown', json: '{}' }],
    }),
    readManifest,
    () => undefined,
    200,
  ); // prettier-ignore

  it('solids: whatever bytes, whatever ending', () => {
    fc.assert(
      fc.property(
        fc.uint8Array({ maxLength: 400 }),
        fc.constantFrom('a.stl', 'a.obj', 'a', 'a.STL', 'a.exe'),
        (bytes, name) => {
          const got = lookAtSolid(name, bytes);
          if (!got.ok) expect(got.problem.text.length).toBeGreaterThan(8);
        },
      ),
    );
    fc.assert(fc.property(fc.string({ maxLength: 300 }), (t) => (objTrouble(t) ?? 'fine').length > 0));
  });

  it('lines of instruments: whatever is said', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ maxLength: 200 }),
          fc.string({ maxLength: 40 }).map((s) => `scale ${s}`),
        ),
        (line) => {
          const got = readLine(line);
          if (got?.kind === 'scale') expect(Number.isFinite(got.grams)).toBe(true);
        },
      ),
    );
  });
});
