import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { plan } from '@core/plan.ts';
import { loadBuild, NO_ROOM, removeBuild, saveBuild, shelve } from './builds.ts';
import { SpindleDb } from './db.ts';
import { demoBuilds, restoreDemo, seedDemo } from './demo.ts';
import { readSetting, writeSetting } from './settings.ts';

let store: SpindleDb;
let n = 0;
beforeEach(() => {
  store = new SpindleDb(`test-${n++}`);
});
const [otter] = demoBuilds(new Date('2026-11-24T12:00:00'));

describe('demonstration builds', () => {
  it('are due on the Saturday after next and can be planned', () => {
    expect(otter!.brief.due).toBe('2026-12-05T15:00');
    expect(plan(otter!).days.plan).toBeDefined();
  });

  it('come at the first start, and stay deleted when they are deleted', async () => {
    await seedDemo(store);
    expect(await store.builds.count()).toBe(4);
    await removeBuild(otter!.id, store);
    await seedDemo(store);
    expect(await store.builds.count()).toBe(3);
    expect(await restoreDemo(store)).toBe(1);
    expect(await store.builds.count()).toBe(4);
  });
});

describe('saving', () => {
  it('gives a build back as it was, with its revision', async () => {
    expect(await saveBuild(otter!, undefined, store)).toEqual({ kind: 'saved', revision: 1 });
    expect(await saveBuild({ ...otter!, name: 'Other' }, 1, store)).toEqual({ kind: 'saved', revision: 2 });
    const back = await loadBuild(otter!.id, store);
    expect(back.ok && back.value.build.name).toBe('Other');
  });

  it('does not overwrite what another tab saved meanwhile', async () => {
    await saveBuild(otter!, undefined, store);
    await saveBuild({ ...otter!, name: 'Theirs' }, 1, store);
    const mine = await saveBuild({ ...otter!, name: 'Mine' }, 1, store);
    expect(mine.kind === 'conflict' && mine.theirs.name).toBe('Theirs');
    const kept = await loadBuild(otter!.id, store);
    expect(kept.ok && kept.value.name).toBe('Theirs');
  });

  it('notices that a build was taken off the shelf', async () => {
    expect((await saveBuild(otter!, 3, store)).kind).toBe('gone');
    const gone = await loadBuild('nothing', store);
    expect(!gone.ok && gone.problem.text).toMatch(/no longer on the shelf/);
  });

  it('says it in a sentence when the disk is full, and loses nothing', async () => {
    await saveBuild(otter!, undefined, store);
    vi.spyOn(store.builds, 'put').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    expect(await saveBuild({ ...otter!, name: 'New' }, 1, store)).toEqual({ kind: 'failed', text: NO_ROOM });
    vi.restoreAllMocks();
    const kept = await loadBuild(otter!.id, store);
    expect(kept.ok && kept.value.name).toBe('Ferryman otter');
  });

  it('refuses a damaged record with a sentence', async () => {
    await store.builds.put({
      id: 'bad',
      name: 'Bad',
      savedAt: 1,
      revision: 1,
      build: { ...otter!, pieces: 7 } as never,
    });
    const bad = await loadBuild('bad', store);
    expect(!bad.ok && bad.problem.text).toMatch(/pieces/);
  });

  it('puts an opened file beside a build of the same id', async () => {
    const first = await shelve(otter!, store);
    const second = await shelve(otter!, store);
    expect(first.ok && second.ok && first.value !== second.value).toBe(true);
    expect(await store.builds.count()).toBe(2);
  });
});

it('keeps settings', async () => {
  expect(await readSetting('shown', 'g', store)).toBe('g');
  await writeSetting('shown', 'oz', store);
  expect(await readSetting('shown', 'g', store)).toBe('oz');
});
