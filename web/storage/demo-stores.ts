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
  };
}

/** Fill empty stores with those of the demonstration workshop. */
export async function seedStores(due: Day, store: SpindleDb): Promise<void> {
  if ((await store.stock.count()) === 0) await replaceStores(demoStores(due), store);
}
