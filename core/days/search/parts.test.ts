import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { components, orderBy, structureOf } from './order.ts';
import { FAR, write } from './problem.ts';
import { Hands } from './hands.ts';
import { Use } from './use.ts';
import { blocksOf, openHours } from './genome.ts';
import { alone, anyJob, anyWork, order, step, window, workOf } from '../work.testing.ts';

const LONG = 300;
const stretch = fc
  .tuple(fc.nat(LONG), fc.integer({ min: 1, max: 60 }))
  .map(([from, minutes]) => ({ from, to: from + minutes }));

describe('what is in use over time', () => {
  const takes = fc.array(fc.record({ at: stretch, takes: fc.integer({ min: 1, max: 5 }) }), {
    maxLength: 12,
  });
  /** The slow, obvious way: minute by minute. */
  const byMinute = (all: { at: { from: number; to: number }; takes: number }[]): number[] =>
    Array.from({ length: LONG + 80 }, (_, t) =>
      all.reduce((sum, x) => sum + (x.at.from <= t && t < x.at.to ? x.takes : 0), 0),
    );

  it('is full when it is full minute by minute, and until then', () => {
    fc.assert(
      fc.property(takes, stretch, fc.integer({ min: 0, max: 8 }), (all, { from, to }, most) => {
        const use = new Use();
        for (const x of all) use.add(x.at.from, x.at.to, x.takes);
        const slow = byMinute(all);
        const full = Array.from({ length: to - from }, (_, k) => from + k).filter((t) => slow[t]! > most);
        const until = use.fullUntil(from, to, most);
        expect(until >= 0).toBe(full.length > 0);
        if (full.length === 0) return;
        // it ends a piece of the function in which the first full minute lies
        expect(until).toBeGreaterThan(full[0]!);
        for (let t = full[0]!; t < Math.min(until, slow.length); t++) expect(slow[t]!).toBe(slow[full[0]!]!);
        expect(use.lastFull(from, to, most)).toBeGreaterThan(full.at(-1)!);
      }),
    );
  });

  it('given back is as if it had never been taken', () => {
    fc.assert(
      fc.property(takes, stretch, (all, probe) => {
        const use = new Use();
        for (const x of all) use.add(x.at.from, x.at.to, x.takes);
        for (const x of all) use.add(x.at.from, x.at.to, -x.takes);
        expect(use.fullUntil(probe.from, probe.to, 0)).toBe(-1);
      }),
    );
  });
});

describe('a pair of hands', () => {
  const COLOURS = 3;
  const wash = Int16Array.from([0, 2, 5, 3, 0, 4, 1, 6, 0]);
  const hours = { from: Int32Array.from([0, 120, 220]), to: Int32Array.from([100, 200, 360]) };
  type Busy = { from: number; to: number; colour: number };

  /** The slow, obvious way: minute by minute, the neighbours on either side asked. */
  const fits = (busy: Busy[], t: number, minutes: number, colour: number): boolean => {
    if (!hours.from.some((f, k) => f <= t && t + minutes <= hours.to[k]!)) return false;
    if (busy.some((b) => b.from < t + minutes && t < b.to)) return false;
    const before = busy.filter((b) => b.to <= t).sort((a, b) => b.to - a.to)[0];
    const after = busy.filter((b) => b.from >= t + minutes).sort((a, b) => a.from - b.from)[0];
    return (
      (!before || t >= before.to + wash[before.colour * COLOURS + colour]!) &&
      (!after || t + minutes + wash[colour * COLOURS + after.colour]! <= after.from)
    );
  };

  it('find the first free time, clean hands before and after', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            t: fc.nat(200),
            minutes: fc.integer({ min: 1, max: 40 }),
            colour: fc.nat(COLOURS - 1),
          }),
          { minLength: 1, maxLength: 9 },
        ),
        (asked) => {
          const hands = new Hands();
          const busy: Busy[] = [];
          asked.forEach(({ t, minutes, colour }, k) => {
            const at = hands.fit(hours, t, minutes, colour, wash, COLOURS);
            let slow = t;
            while (slow < 400 && !fits(busy, slow, minutes, colour)) slow++;
            expect(at).toBe(slow < 400 ? slow : FAR);
            if (at === FAR) return;
            hands.take(at, at + minutes, colour, k);
            busy.push({ from: at, to: at + minutes, colour });
          });
          // what is given back is free again
          const last = busy.at(-1);
          if (!last) return;
          hands.release(last.from, asked.length - 1);
          const again = hands.fit(hours, last.from, last.to - last.from, last.colour, wash, COLOURS);
          expect(again === last.from || busy.length < asked.length).toBe(true);
        },
      ),
    );
  });

  it('are as long as anybody needs them', () => {
    const hands = new Hands();
    for (let k = 0; k < 200; k++) hands.take(10 * k, 10 * k + 10, 0, k);
    expect(hands.count).toBe(200);
    for (let k = 199; k >= 0; k--) hands.release(10 * k, k);
    expect(hands.count).toBe(0);
  });
});

describe('an order of steps', () => {
  it('keeps every link, and takes the smallest key that may come next', () => {
    fc.assert(
      fc.property(
        anyWork(9),
        fc.infiniteStream(fc.double({ min: 0, max: 1, noNaN: true })),
        (work, random) => {
          const s = structureOf(write(work, { caution: 0 }));
          const keys = Float64Array.from(work.steps, () => random.next().value as number);
          for (const free of [true, false]) {
            const made = orderBy(s, keys, free);
            expect([...made].sort((a, b) => a - b)).toEqual([...work.steps.keys()]);
            const at = new Map(made.map((i, k) => [i, k]));
            s.next.forEach((all, i) => all.forEach((j) => expect(at.get(i)!).toBeLessThan(at.get(j)!)));
          }
          // freely: each is the smallest of those that wait for nothing any more
          const free = orderBy(s, keys, true);
          free.forEach((i, k) => {
            const done = new Set(free.slice(0, k));
            const ready = free
              .slice(k)
              .filter((j) => s.next.every((all, a) => !all.includes(j) || done.has(a)));
            expect(keys[i]).toBe(Math.min(...ready.map((j) => keys[j]!)));
          });
        },
      ),
    );
  });

  it('what a short window ties together stands together', () => {
    const work = workOf([step('a', 5), step('b', 5), step('c', 5)], [window('a', 'c', 20), order('a', 'b')]);
    const s = structureOf(write(work, { caution: 0 }));
    expect(orderBy(s, Float64Array.from([0, 1, 2]), false)).toEqual([0, 2, 1]);
    expect(orderBy(s, Float64Array.from([0, 1, 2]), true)).toEqual([0, 1, 2]);
  });

  it('in a circle is given up', () => {
    const work = workOf([step('a', 5), step('b', 5)], [order('a', 'b'), order('b', 'a')]);
    expect(orderBy(structureOf(write(work, { caution: 0 })), new Float64Array(2), true)).toEqual([]);
  });
});

it('groups of steps that lead back to themselves are those each of which reaches the other', () => {
  fc.assert(
    fc.property(fc.array(fc.array(fc.nat(7), { maxLength: 3 }), { minLength: 8, maxLength: 8 }), (next) => {
      const reach = (from: number): Set<number> => {
        const seen = new Set<number>([from]);
        const stack = [from];
        while (stack.length > 0)
          for (const j of next[stack.pop()!]!)
            if (!seen.has(j)) {
              seen.add(j);
              stack.push(j);
            }
        return seen;
      };
      const all = next.map((_, i) => reach(i));
      const { group, members } = components(next);
      expect(members.flat().sort((a, b) => a - b)).toEqual([...next.keys()]);
      for (let i = 0; i < 8; i++)
        for (let j = 0; j < 8; j++) expect(group[i] === group[j]).toBe(all[i]!.has(j) && all[j]!.has(i));
    }),
  );
});

describe('hours that may be opened', () => {
  it('if need be are opened half an hour at a time, from the side of the regular ones', () => {
    const work = {
      ...workOf([step('a', 5)]),
      people: alone([
        { from: 100, to: 200 },
        { from: 200, to: 290, ifNeeded: true },
        { from: 20, to: 100, ifNeeded: true },
      ]),
    };
    const blocks = blocksOf(work);
    expect(blocks.rows.map((r) => r.map((k) => blocks.all[k]!.from))).toEqual([
      [200, 230, 260],
      [70, 40, 20],
    ]);
    const open = new Uint8Array(blocks.all.length).fill(1);
    const [mine] = openHours(blocks, open);
    expect([[...mine!.from], [...mine!.to]]).toEqual([[20], [290]]);
    blocks.rows.flat().forEach((k) => (open[k] = 0));
    const [regular] = openHours(blocks, open);
    expect([[...regular!.from], [...regular!.to]]).toEqual([[100], [200]]);
  });

  it('all opened are all the hours there are', () => {
    fc.assert(
      fc.property(anyJob(4), (work) => {
        const blocks = blocksOf(work);
        const total = (p: (typeof work.people)[number]) => p.stretches.reduce((s, x) => s + x.to - x.from, 0);
        openHours(blocks, new Uint8Array(blocks.all.length).fill(1)).forEach((h, k) => {
          const sum = [...h.from].reduce((s, f, i) => s + h.to[i]! - f, 0);
          expect(sum).toBe(total(work.people[k]!));
        });
      }),
    );
  });
});
