import { addDays, daysBetween, type Day } from '@core/quantity/index.ts';
import { readStores } from '@core/stores-file.ts';
import type { Stores } from '@core/stores/index.ts';
import workshop from '../../demo/workshop.spindle-stores.json?raw';
import type { SpindleDb } from './db.ts';
import { replaceStores } from './stores.ts';

/** The day the demonstration stores were written for; their dates move with the builds' due day. */
const STORES_DAY: Day = '2026-12-12';

/** What the demonstration workshop has on its shelf, its dates round a due day. */
export function demoStores(due: Day): Stores {
  const read = readStores(workshop);
  if (!read.ok) throw new Error(`demonstration stores: ${read.problem.text}`);
  const later = daysBetween(STORES_DAY, due);
  return {
    ...read.value,
    items: read.value.items.map((i) =>
      i.keepBy === undefined ? i : { ...i, keepBy: addDays(i.keepBy, later) },
    ),
    book: read.value.book.map((b) => ({ ...b, mixed: addDays(b.mixed, later) })),
  };
}

/**
 * Take out of somebody's own stores what an earlier version put there for the demonstration, as far as they left it as it
 * was: it was never theirs. What they changed is.
 */
export async function withoutDemoStores(store: SpindleDb): Promise<void> {
  const { items, packs, pastes } = demoStores(STORES_DAY);
  await store.transaction('rw', store.stock, store.packs, store.pastes, async () => {
    for (const item of items) {
      const mine = await store.stock.get(item.id);
      if (mine && mine.amount === item.amount && mine.name === item.name && mine.note === item.note)
        await store.stock.delete(item.id);
    }
    for (const [ingredient, sizes] of Object.entries(packs)) {
      const mine = await store.packs.get(ingredient);
      if (mine && mine.sizes.join() === sizes.join()) await store.packs.delete(ingredient);
    }
    for (const paste of pastes) {
      const used = await store.stock.where('ingredient').equals(paste.id).count();
      const mine = await store.pastes.get(paste.id);
      if (used === 0 && mine && JSON.stringify(mine) === JSON.stringify(paste))
        await store.pastes.delete(paste.id);
    }
  });
}

/** Fill empty stores with those of the demonstration workshop. */
export async function seedStores(due: Day, store: SpindleDb): Promise<void> {
  if ((await store.stock.count()) === 0) await replaceStores(demoStores(due), store);
}
