import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { shallowReactive } from 'vue';
import { demoBuild } from '@core/files/demo.testing.ts';
import { setSeat } from '@core/edits/index.ts';
import { type Build } from '@core/record/index.ts';
import type { UnionReport } from '../workers/solids.worker.ts';

/** Unions as the worker would make them, answered by hand. */
interface Asked {
  readonly build: Build;
  readonly progress: (share: number) => void;
  readonly answer: (found: UnionReport | undefined) => void;
  readonly fail: () => void;
  cancelled: boolean;
}
const asked: Asked[] = [];
vi.mock('../workers/client.ts', () => ({
  unionJob: (build: Build, progress: Asked['progress']) => {
    let answer!: Asked['answer'];
    let fail!: () => void;
    const result = new Promise<UnionReport | undefined>((resolve, reject) => {
      answer = resolve;
      fail = () => reject(new Error('no room'));
    });
    const job: Asked = { build, progress, answer, fail, cancelled: false };
    asked.push(job);
    return {
      result,
      cancel: () => {
        job.cancelled = true;
        answer(undefined);
      },
    };
  },
}));
const open = shallowReactive<{ build: Build | undefined }>({ build: undefined });
vi.mock('./build-store.ts', () => ({ useBuild: () => open }));
const { useUnion } = await import('./union.ts');

const otter = demoBuild('ferryman-otter');
const joined: UnionReport = {
  apart: 1_000_000,
  together: 960_000,
  surface: 70_000,
  centreApart: [0, 0, 90],
  centre: [0, 1, 88],
  left: [],
};

describe('the union of the pieces', () => {
  beforeEach(() => {
    setActivePinia(createPinia());
    asked.length = 0;
    open.build = otter;
  });

  it('is joined when asked for, tells how far it is, and is kept', async () => {
    const union = useUnion();
    expect(union.figures).toBeUndefined();
    const done = union.reckon();
    expect(union.share).toBe(0);
    asked[0]!.progress(0.6);
    expect(union.share).toBe(0.6);
    asked[0]!.answer(joined);
    await done;
    expect(union.share).toBeUndefined();
    expect(union.report).toEqual(joined);
    expect(union.figures!.shared.value).toBeCloseTo(40, 6);
    expect(union.stale).toBe(false);
  });

  it('is out of date once a piece moved, and fresh again once joined again', async () => {
    const union = useUnion();
    const first = union.reckon();
    asked[0]!.answer(joined);
    await first;
    const moved = setSeat(otter, 'head', { sink: 12 });
    if (!moved.ok) throw new Error(moved.problem.text);
    open.build = moved.value;
    expect(union.stale).toBe(true);
    const again = union.reckon();
    asked[1]!.answer({ ...joined, together: 900_000 });
    await again;
    expect(union.stale).toBe(false);
    expect(union.figures!.shared.value).toBeCloseTo(100, 6);
  });

  it('is not that of a copy whose pieces have the same names', async () => {
    const union = useUnion();
    const first = union.reckon();
    asked[0]!.answer(joined);
    await first;
    open.build = { ...otter, id: 'a-copy' };
    expect(union.report).toBeUndefined();
    open.build = undefined;
    expect(union.report).toBeUndefined();
    await union.reckon();
    expect(asked).toHaveLength(1);
  });

  it('can be given up, and says when it cannot be made', async () => {
    const union = useUnion();
    const given = union.reckon();
    union.cancel();
    await given;
    expect(asked[0]!.cancelled).toBe(true);
    expect(union.share).toBeUndefined();
    expect(union.report).toBeUndefined();
    const failed = union.reckon();
    asked[1]!.fail();
    await failed;
    expect(union.problem).toMatch(/The sum of the pieces is still right/);
  });
});
