import { describe, expect, it, vi } from 'vitest';
import { fail, ok } from '@core/quantity/index.ts';
import { emptyBuild } from '@core/record/index.ts';
import type { StoredBuild } from '../storage/db.ts';
import { cardReader } from './cards.ts';

const WHEN = { due: '2026-12-19T15:00', zone: 'Europe/Berlin' };
const stored = (id: string, revision = 1, build: unknown = emptyBuild(id, id, WHEN)): StoredBuild => ({
  id,
  name: `Figure ${id}`,
  savedAt: 1,
  revision,
  build: build as StoredBuild['build'],
});
/** What a store hands out: new objects every time, whoever was saved. */
const again = (list: readonly StoredBuild[]) => structuredClone(list) as StoredBuild[];

describe('cards of the shelf', () => {
  it('are the very same while nobody saves them, so that saving one draws one', () => {
    const read = vi.fn((r: unknown) => ok(r as StoredBuild['build']));
    const cards = cardReader();
    const list = ['a', 'b', 'c'].map((id) => stored(id));
    const first = cards(list, read);
    const second = cards(again([list[0]!, stored('b', 2), list[2]!, stored('d')]), read);
    expect(second.map((c, i) => c === first[i])).toEqual([true, false, true, false]);
    // and read when they are shown, once
    expect(read).not.toHaveBeenCalled();
    for (const c of [...first, ...second, ...second]) c.read();
    expect(read).toHaveBeenCalledTimes(5);
  });

  it('are read anew when one of the same name and number came back, saved at another time', () => {
    const cards = cardReader();
    const read = (r: unknown) => ok(r as StoredBuild['build']);
    const [first] = cards([stored('a')], read);
    cards([], read);
    expect(cards([stored('a')], read)[0]).not.toBe(first);
    const [third] = cards([stored('a')], read);
    expect(cards([{ ...stored('a'), savedAt: 2 }], read)[0]).not.toBe(third);
  });

  it('tell what is wrong with a damaged one, under its name or without one', () => {
    const cards = cardReader();
    const list = [stored('a'), { ...stored('b', 1, 7), name: 3 as unknown as string }];
    const shown = cards(list, (r) => (typeof r === 'number' ? fail('It is a number.') : ok(r as never)));
    expect(shown[0]!.read()).toMatchObject({ name: 'Figure a', stored: { revision: 1 } });
    expect(shown[1]!.read()).toMatchObject({
      name: 'A build without a name',
      wrong: 'It is a number.',
      raw: 7,
    });
    expect(shown.map((c) => c.due)).toEqual([WHEN.due, '']);
  });
});
