import { liveQuery } from 'dexie';
import { defineStore } from 'pinia';
import { computed, shallowRef, watch } from 'vue';
import { EMPTY_STORES, type Stores } from '@core/stores/index.ts';
import { db, demoDb, type SpindleDb } from '../storage/db.ts';
import { loadStores } from '../storage/stores.ts';
import { seedDemo } from '../storage/demo.ts';
import { inDemo } from './open-build.ts';

/** Today, as the calendar on the wall says. */
export function today(now = new Date()): string {
  const two = (n: number) => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

export interface Kept {
  readonly build: string;
  readonly name: string;
  readonly grams: number;
}

/**
 * What is on the shelf, kept the same in every tab: the person's own, or the demonstration's larder while a demonstration
 * build is open.
 */
export const useStores = defineStore('stores', () => {
  const stores = shallowRef<Stores>(EMPTY_STORES);
  const ready = shallowRef(false);
  const problem = shallowRef<string>();
  /** What builds have kept for themselves of each entry. */
  const kept = shallowRef<ReadonlyMap<string, readonly Kept[]>>(new Map());
  /** Where entries are written: never into the person's own while a demonstration is open. */
  const larder = computed<SpindleDb>(() => (inDemo.value ? demoDb : db));
  // the demonstration's larder comes with its builds, whichever page is opened first
  void seedDemo().catch(() => undefined);
  watch(
    larder,
    (of, _before, done) => {
      ready.value = false;
      const watching = liveQuery(() => loadStores(of)).subscribe({
        next: (now) => {
          stores.value = now;
          ready.value = true;
          problem.value = undefined;
        },
        error: () => {
          ready.value = true;
          problem.value =
            'What is in the stores could not be read from this browser. Reload the page to try again.';
        },
      });
      done(() => watching.unsubscribe());
    },
    { immediate: true },
  );
  liveQuery(() => db.builds.toArray()).subscribe({
    next: (builds) => {
      const all = new Map<string, Kept[]>();
      for (const { build } of builds)
        for (const r of build?.reserves ?? [])
          all.set(r.stock, [
            ...(all.get(r.stock) ?? []),
            { build: build.id, name: build.name, grams: r.grams },
          ]);
      kept.value = all;
    },
    error: () => undefined,
  });
  /** Grams of an entry that other builds have kept. */
  const keptElsewhere = (id: string, but: string): number =>
    (kept.value.get(id) ?? []).reduce((g, k) => g + (k.build === but ? 0 : k.grams), 0);
  return { stores, ready, problem, demo: inDemo, larder, kept, keptElsewhere };
});
