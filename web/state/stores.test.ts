import 'fake-indexeddb/auto';
import { createPinia, setActivePinia } from 'pinia';
import { describe, expect, it, vi } from 'vitest';
import { demoBuild } from '@core/files/demo.testing.ts';
import { type Build, type Reserve } from '@core/record/index.ts';
import { db } from '../storage/db.ts';
import { putItem } from '../storage/stores.ts';
import { today, useStores } from './stores.ts';

const acorn = demoBuild('trial-acorn');
const keeps = (stock: string, grams: number): Reserve => ({
  stock,
  name: stock,
  batch: 'plain/red',
  grams,
  recolour: false,
  allergens: [],
});
const kept = (id: string, ...reserves: Reserve[]): Build => ({ ...acorn, id, name: id, reserves });
const put = (build: Build) =>
  db.builds.put({ id: build.id, name: build.name, savedAt: 1, revision: 1, build });

describe('what is on the shelf, in every tab', () => {
  it('is there once it was read, and follows what is put in', async () => {
    setActivePinia(createPinia());
    const shelf = useStores();
    await vi.waitFor(() => expect(shelf.ready).toBe(true));
    const done = await putItem({ id: 'tin', ingredient: 'fondant', name: 'Tin', amount: 250, note: '' });
    expect(done.ok).toBe(true);
    await vi.waitFor(() => expect(shelf.stores.items.map((i) => i.id)).toContain('tin'));
    expect(shelf.problem).toBeUndefined();
  });

  it('knows what other builds have kept of an entry, and not what this one has', async () => {
    setActivePinia(createPinia());
    const shelf = useStores();
    await put(kept('one', keeps('tin', 40), keeps('tin', 10)));
    await put(kept('two', keeps('tin', 25), keeps('box', 5)));
    await vi.waitFor(() => expect(shelf.kept.get('tin')).toHaveLength(3));
    expect(shelf.keptElsewhere('tin', 'one')).toBe(25);
    expect(shelf.keptElsewhere('tin', 'two')).toBe(50);
    expect(shelf.keptElsewhere('tin', 'three')).toBe(75);
    expect(shelf.keptElsewhere('nothing', 'one')).toBe(0);
    await db.builds.delete('two');
    await vi.waitFor(() => expect(shelf.keptElsewhere('tin', 'one')).toBe(0));
  });
});

describe('today', () => {
  it('is the day on the wall, not that of Greenwich', () => {
    expect(today(new Date(2026, 0, 5, 0, 10))).toBe('2026-01-05');
    expect(today(new Date(2026, 10, 30, 23, 59))).toBe('2026-11-30');
  });
});
