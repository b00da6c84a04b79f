// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Alarm } from '@core/days/index.ts';
import { claimRing, keepAlarms, keptAlarms } from '../storage/alarms.ts';
import { saveBuild } from '../storage/builds.ts';
import { demoBuilds } from '../storage/demo-builds.ts';
import { db } from '../storage/db.ts';
import { useAlarms } from './alarms.ts';

const rung: string[] = [];
vi.mock('./sound.ts', () => ({ soundBell: (kind: string) => rung.push(kind), readySound: () => undefined }));

const T = Date.parse('2026-11-30T20:00:00Z');
const alarm = (id: string, minutes: number, kind: Alarm['kind'] = 'opens'): Alarm => ({
  id,
  at: T + minutes * 60_000,
  kind,
  title: `Ready: ${id}`,
  text: `${id} can begin.`,
});
const [otter] = demoBuilds(new Date());
const keep = (build: string, alarms: readonly Alarm[]) => keepAlarms({ build, name: build, alarms });

beforeEach(async () => {
  setActivePinia(createPinia());
  rung.length = 0;
  await db.settings.clear();
  await db.builds.clear();
  for (const id of ['a', 'b']) await saveBuild({ ...otter!, id }, undefined);
});
afterEach(() => useAlarms().end());

/** An alarm clock that knows what is kept, as it does when the page is opened. */
async function opened() {
  setActivePinia(createPinia());
  const alarms = useAlarms();
  alarms.known = await keptAlarms();
  return alarms;
}

describe('bells', () => {
  it('ring when it is time, once, with a mark in the title, until they are heard', async () => {
    await keep('a', [alarm('tail', 10), alarm('head', 60)]);
    const alarms = await opened();
    await alarms.look(T + 9 * 60_000);
    expect(alarms.ringing).toEqual([]);
    await alarms.look(T + 10 * 60_000);
    expect(alarms.ringing.map((r) => r.title)).toEqual(['Ready: tail']);
    expect(alarms.mark).toBe('◆ Ready: tail · ');
    await alarms.look(T + 11 * 60_000);
    expect(rung).toEqual(['opens']);
    alarms.hush(alarms.ringing[0]!.id);
    expect(alarms.mark).toBe('');
  });

  it('ring after a reload and after sleep if they were missed, but not what has rung, nor what is long past', async () => {
    await keep('a', [alarm('tail', 10), alarm('ears', 20, 'closing')]);
    const before = await opened();
    await before.look(T + 10 * 60_000);
    const after = await opened();
    await after.look(T + 45 * 60_000);
    expect(after.ringing.map((r) => r.kind)).toEqual(['closing']);
    await keep('a', [alarm('old', -1000)]);
    const late = await opened();
    await late.look(T);
    expect(late.ringing).toEqual([]);
  });

  it('ring in one tab only, whatever build is open, and never for a build that is gone', async () => {
    await keep('a', [alarm('tail', 1)]);
    await keep('b', [alarm('lid', 2)]);
    await keep('gone', [alarm('ghost', 1)]);
    const [one, two] = [await opened(), await opened()];
    await Promise.all([one.look(T + 5 * 60_000), two.look(T + 5 * 60_000)]);
    expect([...one.ringing, ...two.ringing].map((r) => r.build).sort()).toEqual(['a', 'b']);
  });

  it('a clock that is put back rings nothing twice', async () => {
    await keep('a', [alarm('tail', 1)]);
    const alarms = await opened();
    await alarms.look(T + 2 * 60_000);
    await alarms.look(T - 60 * 60_000);
    await alarms.look(T + 2 * 60_000);
    expect(rung).toHaveLength(1);
    const later = await opened();
    await later.look(T + 2 * 60_000);
    expect(later.ringing).toEqual([]);
  });

  it('stop when what they were for is done, and are silent when they are to be', async () => {
    await keep('a', [alarm('tail', 1)]);
    const alarms = await opened();
    alarms.sound = false;
    await alarms.look(T + 2 * 60_000);
    expect(rung).toEqual([]);
    expect(alarms.ringing).toHaveLength(1);
    alarms.settle('b', []);
    expect(alarms.ringing).toHaveLength(1);
    alarms.settle('a', []);
    expect(alarms.ringing).toEqual([]);
  });

  it('a build without any is forgotten, and what rang long ago too', async () => {
    await keep('a', [alarm('tail', 1)]);
    await keep('a', []);
    expect(await keptAlarms()).toEqual([]);
    expect(await claimRing('x', T)).toBe(true);
    expect(await claimRing('x', T + 60_000)).toBe(false);
    await claimRing('y', T + 4 * 864e5);
    expect(Object.keys((await db.settings.get('rung'))!.value as object)).toEqual(['y']);
  });
});
