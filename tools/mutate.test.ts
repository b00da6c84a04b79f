import { expect, it } from 'vitest';
import { mutantsOf, mutated } from './mutate.ts';

const after = (text: string) => mutantsOf(text).map((m) => mutated(text, m));

it('exchanges operators, negates conditions, exchanges arguments and enlarges numbers, one at a time', () => {
  expect(after('const f = (a, b) => a + b;')).toEqual(['const f = (a, b) => a - b;']);
  expect(after('if (a < b) g();')).toEqual(['if (!(a < b)) g();', 'if (a <= b) g();']);
  expect(after('const x = Math.min(a, b);')).toEqual([
    'const x = Math.min(b, a);',
    'const x = Math.max(a, b);',
  ]);
  expect(after('const K = 4;')).toEqual(['const K = (4 * 1.5);']);
});
it('leaves words, types and imports alone', () => {
  expect(after("import { a } from './a.ts';\ninterface B { c: 4 }\nconst t = 'a' + b;")).toEqual([]);
});
