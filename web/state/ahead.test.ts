import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, nextTick, reactive } from 'vue';

const store = reactive<{ build: { id: string } | undefined }>({ build: undefined });
const made: string[] = [];
let reckon: { reckonAhead: (b: { id: string }) => Generator } | undefined;
vi.mock('./build-store.ts', () => ({ useBuild: () => store }));
vi.mock('./reckoning.ts', () => ({ reckoningNow: () => reckon }));
const { useReckonAhead } = await import('./ahead.ts');

describe('reckoning ahead', () => {
  beforeEach(() => {
    vi.useFakeTimers();
    made.length = 0;
    reckon = {
      *reckonAhead({ id }) {
        for (let k = 0; k < 5; k++) {
          made.push(`${id}${k}`);
          yield;
        }
      },
    };
  });
  afterEach(() => vi.useRealTimers());

  it('begins when the hand rests, a step at a time, and drops what was changed meanwhile', async () => {
    const scope = effectScope();
    scope.run(useReckonAhead);
    store.build = { id: 'a' };
    await nextTick();
    vi.advanceTimersByTime(600);
    expect(made).toEqual([]);
    vi.advanceTimersByTime(100 + 3 * 40);
    expect(made).toEqual(['a0', 'a1', 'a2']);
    store.build = { id: 'b' };
    await nextTick();
    vi.advanceTimersByTime(700 + 10 * 40);
    expect(made.slice(3)).toEqual(['b0', 'b1', 'b2', 'b3', 'b4']);
    scope.stop();
    store.build = { id: 'c' };
    await nextTick();
    vi.advanceTimersByTime(5000);
    expect(made).toHaveLength(8);
  });
});
