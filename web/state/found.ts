import { defineStore } from 'pinia';
import { computed, onScopeDispose, shallowRef, watch, type ComputedRef } from 'vue';
import type { Found, FoundPart } from '@core/found.ts';
import type { Build } from '@core/record/index.ts';
import { findJob } from '../workers/client.ts';
import { openBuild } from './open-build.ts';
import { useBuild } from './build-store.ts';
import { useReckoning } from './reckoning.ts';

async function reckonHere(build: Build, parts: readonly FoundPart[]): Promise<Partial<Found>> {
  const { plan, findParts } = await useReckoning();
  return findParts(plan(build), parts);
}

/**
 * What takes thought, reckoned beside the page: parts that are looked at are asked for again after every change, one question
 * at a time, and until the answer is there the last one stands.
 */
const useFinder = defineStore('found', () => {
  const store = useBuild();
  const found = shallowRef<Partial<Found>>({});
  /** Which build each part was found for. */
  const of = shallowRef<Partial<Record<FoundPart, Build>>>({});
  const wanted = shallowRef<ReadonlyMap<FoundPart, number>>(new Map());
  let asking = false;

  const missing = (build: Build): FoundPart[] =>
    [...wanted.value.keys()].filter((p) => of.value[p] !== build);

  function take(build: Build, answer: Partial<Found>): void {
    found.value = { ...found.value, ...answer };
    of.value = { ...of.value, ...Object.fromEntries(Object.keys(answer).map((p) => [p, build])) };
  }

  async function ask(): Promise<void> {
    if (asking) return;
    asking = true;
    for (let build = store.build; build; build = store.build) {
      const left = missing(build);
      if (left.length === 0) break;
      // what the eye waits for comes alone and first
      const parts = left.includes('bones') ? (['bones'] as const) : left;
      // where there is no worker, or it broke, it is reckoned here
      const beside = await findJob(build, parts).result.catch(() => undefined);
      const answer = beside ?? (await reckonHere(build, parts).catch(() => undefined));
      // nothing that reckons came: it is asked for again with the next change
      if (!answer) break;
      if (store.build?.id === build.id) take(build, answer);
    }
    asking = false;
  }

  watch(
    openBuild,
    () => {
      found.value = {};
      of.value = {};
    },
    { flush: 'sync' },
  );
  watch([() => store.build, wanted], () => void ask(), { immediate: true });

  function want(part: FoundPart, by: 1 | -1): void {
    const next = new Map(wanted.value);
    const count = (next.get(part) ?? 0) + by;
    if (count > 0) next.set(part, count);
    else next.delete(part);
    wanted.value = next;
  }
  return { found, of, want };
});

/**
 * A part of what is reckoned, for as long as it is looked at.
 * @returns the part, undefined until it was first found; and whether it is of the build as it is now
 */
export function useFound<K extends FoundPart>(
  part: K,
): ComputedRef<Found[K] | undefined> & { fresh: ComputedRef<boolean> } {
  const finder = useFinder();
  const store = useBuild();
  finder.want(part, 1);
  onScopeDispose(() => finder.want(part, -1));
  return Object.assign(
    computed(() => finder.found[part]),
    { fresh: computed(() => finder.of[part] === store.build) },
  );
}
