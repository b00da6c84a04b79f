import { onScopeDispose, watch } from 'vue';
import { useBuild } from './build-store.ts';
import { reckoningNow } from './reckoning.ts';

/** The hand has rested so long before anything is reckoned ahead, ms. */
const RESTED = 700;
/** Left of an idle moment, so much is enough for another step, ms. */
const ENOUGH = 4;

type Idle = (work: (left: () => number) => void) => void;
const whenIdle: Idle =
  'requestIdleCallback' in globalThis
    ? (work) => void requestIdleCallback((d) => work(() => d.timeRemaining()))
    : // where a browser does not say when it is idle, a step at a time
      (work) => void setTimeout(() => work(() => 0), 40);

/** Lenses that are opened for the first time find what they ask for reckoned: bit by bit, while nothing else is to be done. */
export function useReckonAhead(): void {
  const store = useBuild();
  let timer: ReturnType<typeof setTimeout> | undefined;
  let steps: Generator | undefined;

  function go(mine: Generator): void {
    whenIdle((left) => {
      if (steps !== mine) return;
      let done: boolean | undefined;
      do done = mine.next().done;
      while (!done && left() > ENOUGH);
      if (!done) go(mine);
    });
  }
  watch(
    [() => store.build, reckoningNow],
    ([build, reckon]) => {
      clearTimeout(timer);
      steps = undefined;
      if (!build || !reckon) return;
      timer = setTimeout(() => go((steps = reckon.reckonAhead(build))), RESTED);
    },
    { immediate: true },
  );
  onScopeDispose(() => {
    clearTimeout(timer);
    steps = undefined;
  });
}
