import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, nextTick, shallowRef, type EffectScope } from 'vue';
import { demoBuild } from '@core/files/demo.testing.ts';
import { rodOf, type Build } from '@core/record/index.ts';
import { setPiece, setRod } from '@core/edits/index.ts';
import { plan } from '@core/plan.ts';
import type { FoundChoice, FoundMend } from '../../workers/bones.worker.ts';

/** Looks for mends as the worker would make them, answered by hand. */
interface Asked<T> {
  readonly build: Build;
  readonly rod: string;
  readonly answer: (found: T) => void;
  readonly lose: () => void;
  cancelled: boolean;
}
const mends: Asked<FoundMend[]>[] = [];
const glued: Asked<FoundMend[]>[] = [];
const choices: Asked<FoundChoice | undefined>[] = [];
/** What was begun and given up, in its order. */
const order: string[] = [];
function job<T>(into: Asked<T>[]) {
  return (build: Build, rod: string) => {
    let answer!: (found: T) => void;
    let lose!: () => void;
    const result = new Promise<T>((resolve, reject) => {
      answer = resolve;
      lose = () => reject(new Error('lost'));
    });
    const asked: Asked<T> = { build, rod, answer, lose, cancelled: false };
    into.push(asked);
    order.push(`start ${rod}`);
    return {
      result,
      cancel: () => {
        asked.cancelled = true;
        order.push(`cancel ${rod}`);
      },
    };
  };
}
vi.mock('../../workers/client.ts', () => ({
  mendsJob: job(mends),
  gluedMendsJob: job(glued),
  chooseJob: job(choices),
}));
const otter = demoBuild('ferryman-otter');
const now = shallowRef<Build>(otter);
const applied: string[] = [];
vi.mock('../../state/build-store.ts', () => ({
  useBuild: () => ({
    get build() {
      return now.value;
    },
    apply: (change: { value: Build }, label: string) => {
      now.value = change.value;
      applied.push(label);
    },
  }),
}));
const { useGluedMends, useMends } = await import('./mends.ts');

const rod = shallowRef('lantern-stick');
const report = () => plan(now.value).bones.rods.find((r) => r.rod.id === rod.value)!;
const settled = () => vi.advanceTimersByTimeAsync(400);
const changed = (build: Build) => ({ rods: build.rods, pieces: [] });
const thicker = (build: Build) => {
  const c = setRod(build, 'lantern-stick', { stock: 'dowel8' });
  if (!c.ok) throw new Error(c.problem.text);
  return c.value;
};

describe('mends of the rod whose card is open', () => {
  let scope: EffectScope;
  const open = () => scope.run(() => useMends(() => now.value, report))!;
  beforeEach(() => {
    vi.useFakeTimers();
    scope = effectScope();
    now.value = otter;
    rod.value = 'lantern-stick';
    mends.length = choices.length = glued.length = applied.length = order.length = 0;
  });
  afterEach(() => {
    scope.stop();
    vi.useRealTimers();
  });

  it('are looked for once the pulling rests, and only where something does not hold', async () => {
    const m = open();
    expect(m.looking.value).toBe(true);
    expect(mends).toHaveLength(0);
    await settled();
    expect(mends.map((x) => x.rod)).toEqual(['lantern-stick']);
    mends[0]!.answer([{ text: 'Use a dowel', times: 1.6, changed: changed(thicker(otter)) }]);
    await settled();
    expect(m.mends.value!.map((x) => x.text)).toEqual(['Use a dowel']);
    expect(m.looking.value).toBe(false);
    rod.value = 'spine';
    await nextTick();
    expect(m.looking.value).toBe(false);
    await settled();
    expect(mends).toHaveLength(1);
  });

  it('of an older build are given up, and never shown', async () => {
    const m = open();
    await settled();
    const older = mends[0]!;
    const renamed = setPiece(otter, 'head', { name: 'Big head' });
    if (!renamed.ok) throw new Error(renamed.problem.text);
    now.value = renamed.value;
    await nextTick();
    expect(older.cancelled).toBe(true);
    older.answer([{ text: 'Out of date', times: 2, changed: changed(thicker(otter)) }]);
    await settled();
    expect(m.mends.value).toBeUndefined();
    expect(mends).toHaveLength(2);
  });

  it('are taken as one change, with the pieces that are not as they were', async () => {
    const m = open();
    await settled();
    const lighter = { ...otter.pieces.find((p) => p.id === 'lantern')!, name: 'Hollow lantern' };
    m.take({
      text: 'Make it lighter',
      times: 2,
      changed: { rods: thicker(otter).rods, pieces: [lighter] },
    });
    expect(applied).toEqual(['make it lighter']);
    expect(rodOf(now.value, 'lantern-stick')!.stock).toBe('dowel8');
    expect(now.value.pieces.find((p) => p.id === 'lantern')!.name).toBe('Hollow lantern');
    expect(now.value.pieces.filter((p) => p.id !== 'lantern')).toEqual(
      otter.pieces.filter((p) => p.id !== 'lantern'),
    );
  });

  it('a choice is put in and told with what it passed over, unless the build changed meanwhile', async () => {
    const m = open();
    const chosen = m.choose();
    const found: FoundChoice = {
      stock: 'dowel8',
      name: 'wooden dowel 8 mm',
      text: 'Wooden dowel 8 mm is the simplest that holds.',
      passedOver: [{ why: 'too thin', names: ['cocktail stick 2 mm'] }],
      changed: changed(thicker(otter)),
    };
    choices[0]!.answer(found);
    await chosen;
    expect(applied).toEqual(['choosing wooden dowel 8 mm for rod D']);
    expect(m.told.value!.passedOver).toEqual(found.passedOver);
    const late = m.choose();
    now.value = otter;
    choices[1]!.answer(found);
    await late;
    expect(applied).toHaveLength(1);
  });

  it('a choice begins after the look for mends was given up: that ends the worker both work in', async () => {
    const m = open();
    await settled();
    const chosen = m.choose();
    expect(mends[0]!.cancelled).toBe(true);
    expect(order).toEqual(['start lantern-stick', 'cancel lantern-stick', 'start lantern-stick']);
    choices[0]!.answer(undefined);
    await chosen;
    expect(m.told.value).toBeUndefined();
  });

  it('nothing is looked for any more once the card is closed', async () => {
    const m = open();
    scope.stop();
    await settled();
    expect(mends).toHaveLength(0);
    expect(m.mends.value).toBeUndefined();
  });

  it('of a glued piece are looked for while its card is open, and given up when it is closed', async () => {
    const card = shallowRef<string>();
    const m = scope.run(() =>
      useGluedMends(
        () => now.value,
        () => card.value,
      ),
    )!;
    await settled();
    expect(glued).toHaveLength(0);
    card.value = 'scarf-end';
    await nextTick();
    expect(m.looking.value).toBe(true);
    await settled();
    expect(glued.map((x) => x.rod)).toEqual(['scarf-end']);
    card.value = undefined;
    await nextTick();
    expect(glued[0]!.cancelled).toBe(true);
    expect(m.looking.value).toBe(false);
    glued[0]!.answer([{ text: 'Prop it', times: 1.4, changed: changed(otter) }]);
    await settled();
    expect(m.mends.value).toBeUndefined();
  });

  it('none are shown when the worker is lost, and nothing hangs', async () => {
    const m = open();
    await settled();
    mends[0]!.lose();
    await settled();
    expect(m.mends.value).toEqual([]);
    expect(m.looking.value).toBe(false);
  });
});
