import fc from 'fast-check';
import { expect, it } from 'vitest';
import { customsKept, USUAL } from './preferences.ts';

it('what was kept is what is used, as far as it is known here', () => {
  const mine = { temperature: 'F', volume: 'spoons', clock: 12, firstDay: 7, tongue: 'de' };
  expect(customsKept(mine)).toEqual(mine);
  expect(customsKept({ ...mine, tongue: 'klingon', clock: 13 })).toEqual({
    ...mine,
    tongue: 'en',
    clock: 24,
  });
});

it('whatever was kept, there are customs', () => {
  fc.assert(
    fc.property(fc.anything(), (kept) => {
      expect(Object.keys(customsKept(kept))).toEqual(Object.keys(USUAL));
    }),
  );
});
