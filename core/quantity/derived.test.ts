import { describe, expect, it } from 'vitest';
import { derivedFrom, remembered, sameParts } from './derived.ts';

interface Record3 {
  readonly a: readonly number[];
  readonly b: readonly number[];
  readonly n?: number;
}

describe('what follows from named parts of a record', () => {
  const sum = (xs: readonly number[]) => xs.reduce((x, y) => x + y, 0);
  it('is made once while they stay, and anew when one of them is another', () => {
    let made = 0;
    const total = derivedFrom<Record3>()(['a', 'n'], ({ a, n = 0 }) => {
      made++;
      return sum(a) + n;
    });
    const r: Record3 = { a: [1, 2], b: [10] };
    expect(total(r)).toBe(3);
    const other: Record3 = { ...r, b: [99] };
    expect(total(other)).toBe(3);
    expect(made).toBe(1);
    expect(total({ a: r.a, n: 5 })).toBe(8);
    expect(total({ a: [4] })).toBe(4);
    // a change and its undoing cost nothing again
    expect(total(r)).toBe(3);
    expect(made).toBe(3);
  });

  it('cannot read a part it does not name: neither by type nor in fact', () => {
    const sly = derivedFrom<Record3>()(['a'], (of) => {
      // @ts-expect-error b is not in the key: an answer must not depend on it
      const { b } = of;
      return [sum(of.a), b as unknown] as const;
    });
    const whole: Record3 = { a: [1], b: [2] };
    expect(sly(whole)).toEqual([1, undefined]);
    // @ts-expect-error a name that is no part of the record
    derivedFrom<Record3>()(['c'], () => 0);
  });
});

describe('a function that keeps its last answers', () => {
  it('goes by the identity of all its arguments, and forgets the oldest', () => {
    let made = 0;
    const f = remembered((a: object, n: number) => [a, n, ++made] as const);
    const [x, y] = [{}, {}];
    expect(f(x, 1)).toBe(f(x, 1));
    expect(f(y, 1)).not.toBe(f(x, 1));
    for (let n = 2; n <= 5; n++) f(x, n);
    const before = made;
    f(x, 5);
    expect(made).toBe(before);
    f(x, 1);
    expect(made).toBe(before + 1);
  });
  it('may take two records with the very same parts for one', () => {
    const f = remembered((_a: object, r: { n: number }) => ({ n: r.n }), sameParts);
    const key = {};
    expect(f(key, { n: 1 })).toBe(f(key, { n: 1 }));
    expect(f(key, { n: 1 })).not.toBe(f(key, { n: 2 }));
    expect(sameParts({ a: 1 }, { a: 1, b: undefined })).toBe(false);
    expect(sameParts(null, {})).toBe(false);
  });
});
