import fc from 'fast-check';
import { expect, it } from 'vitest';
import { reusing } from './index.ts';

const record = fc.jsonValue({ maxDepth: 4 });

it('what is reused is equal to what came, whatever was there before', () => {
  fc.assert(
    fc.property(record, record, (was, now) => {
      expect(reusing(was, now)).toEqual(now);
    }),
  );
});

it('a copy is the very record again, and of a changed one the untouched parts are', () => {
  fc.assert(
    fc.property(fc.dictionary(fc.string(), record, { minKeys: 2 }), record, (was, other) => {
      expect(reusing(was, structuredClone(was))).toBe(was);
      const [first, ...rest] = Object.keys(was) as [string, ...string[]];
      const now = { ...structuredClone(was), [first]: other };
      const got = reusing(was, now);
      for (const k of rest) expect(got[k]).toBe(was[k]);
    }),
  );
});

it('a part of a list that moved is found again by its id', () => {
  const was = [
    { id: 'a', form: { kind: 'ball' } },
    { id: 'b', form: { kind: 'egg' } },
  ];
  const got = reusing(was, structuredClone([{ id: 'new', form: { kind: 'cone' } }, was[1]!, was[0]!]));
  expect(got[1]).toBe(was[1]);
  expect(got[2]).toBe(was[0]);
  expect(got[0]!.form.kind).toBe('cone');
});
