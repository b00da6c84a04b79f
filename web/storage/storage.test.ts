import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { plan } from '@core/plan.ts';
import { loadBuild, lookPicture, NO_ROOM, removeBuild, saveBuild, shelve } from './builds.ts';
import { SpindleDb } from './db.ts';
import { DEMO_IDS } from './demo-ids.ts';
import { demoStores, seedStores } from './demo-stores.ts';
import { demoBuilds } from './demo-builds.ts';
import { restoreDemo, seedDemo } from './demo.ts';
import { keepMarks, keepPicture, keptSize, pictureOf, removePicture } from './pictures.ts';
import { readSetting, writeSetting } from './settings.ts';

let store: SpindleDb;
let larder: SpindleDb;
let n = 0;
beforeEach(() => {
  store = new SpindleDb(`test-${n}`);
  larder = new SpindleDb(`test-larder-${n++}`);
});
const [otter] = demoBuilds(new Date('2026-11-24T12:00:00'));

describe('demonstration builds', () => {
  it('are known by their ids, so that their larder is kept apart', () => {
    expect(new Set(demoBuilds().map((b) => b.id))).toEqual(DEMO_IDS);
  });

  it('are due on the Saturday after next and can be planned', () => {
    expect(otter!.brief.due).toBe('2026-12-05T15:00');
    expect(plan(otter!).days().plan).toBeDefined();
  });

  it('come at the first start, and stay deleted when they are deleted', async () => {
    await seedDemo(store, larder);
    expect(await store.builds.count()).toBe(DEMO_IDS.size);
    // the larder of the demonstration is nobody's own
    expect(await store.stock.count()).toBe(0);
    expect(await larder.stock.count()).toBeGreaterThan(8);
    await removeBuild(otter!.id, store);
    await seedDemo(store, larder);
    expect(await store.builds.count()).toBe(DEMO_IDS.size - 1);
    expect(await restoreDemo(store)).toBe(1);
    expect(await store.builds.count()).toBe(DEMO_IDS.size);
  });
});

describe('what an earlier version put into somebody’s own stores', () => {
  it('is taken out again as far as they left it as it was, once', async () => {
    const due = demoBuilds()[0]!.brief.due.slice(0, 10);
    await restoreDemo(store);
    await seedStores(due, store);
    await writeSetting('demo-seeded', true, store);
    const [first, second] = demoStores(due).items;
    await store.stock.update(first!.id, { amount: first!.amount + 5 });
    await store.stock.add({ id: 'mine', ingredient: 'fondant', name: 'Tin', amount: 250, note: '' });
    await seedDemo(store, larder);
    expect((await store.stock.toArray()).map((i) => i.id).sort()).toEqual([first!.id, 'mine'].sort());
    expect(await larder.stock.get(second!.id)).toBeDefined();
    // what they put back themselves stays
    await store.stock.add(second!);
    await seedDemo(store, larder);
    expect(await store.stock.get(second!.id)).toBeDefined();
  });
});

describe('a browser that keeps nothing', () => {
  const real = globalThis.indexedDB;
  afterEach(() => {
    vi.stubGlobal('indexedDB', real);
    vi.useRealTimers();
  });
  const opens = () => vi.spyOn(Dexie.prototype, 'open');
  it.each<[string, () => void]>([
    ['has no database', () => vi.stubGlobal('indexedDB', undefined)],
    ['denies it', () => void opens().mockRejectedValueOnce(new Error('denied'))],
    [
      'never answers',
      () => {
        vi.useFakeTimers({ shouldAdvanceTime: true, advanceTimeDelta: 2000 });
        opens().mockReturnValueOnce(new Promise(() => undefined) as never);
      },
    ],
  ])('%s: everything works in memory, and it is said', async (_, without) => {
    vi.resetModules();
    without();
    const fresh = await import('./db.ts');
    const { saveBuild: save, loadBuild: load } = await import('./builds.ts');
    await fresh.openDb();
    vi.useRealTimers();
    expect(fresh.keeping.value).toBe('memory');
    expect((await save(otter!, undefined)).kind).toBe('saved');
    const back = await load(otter!.id);
    expect(back.ok && back.value.build).toEqual(otter);
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
    // the first keeps its own, the second gets one nobody has
    expect(first).toEqual({ ok: true, value: otter!.id });
    expect(second.ok && second.value).toMatch(/^[\w-]{36}$/);
    expect(await store.builds.count()).toBe(2);
    const other = await loadBuild(second.ok ? second.value : '', store);
    expect(other.ok && other.value.build).toEqual({ ...otter!, id: second.ok && second.value });
  });

  it('gives an opened file another id where its own could not stand in an address', async () => {
    const odd = await shelve({ ...otter!, id: 'a/b?c' }, store);
    expect(odd.ok && odd.value).toMatch(/^[\w-]{36}$/);
  });
});

it('keeps settings', async () => {
  expect(await readSetting('shown', 'g', store)).toBe('g');
  await writeSetting('shown', 'oz', store);
  expect(await readSetting('shown', 'g', store)).toBe('oz');
});

describe('pictures', () => {
  const small = (blob: Blob) => Promise.resolve({ blob, width: 800, height: 600 });

  it('are kept no larger than they have to be', () => {
    expect(keptSize(4000, 3000)).toEqual({ width: 1600, height: 1200 });
    expect(keptSize(300, 200)).toEqual({ width: 300, height: 200 });
    expect(keptSize(20000, 1)).toEqual({ width: 1600, height: 1 });
  });

  it('one to a build, replaced by the next, gone with the build', async () => {
    await saveBuild(otter!, undefined, store);
    await keepPicture(otter!.id, new Blob(['a']), store, small);
    const second = await keepPicture(otter!.id, new Blob(['b']), store, small);
    expect(second.ok && (await pictureOf(otter!.id, store))?.id).toBe(second.ok && second.value.id);
    expect(await store.pictures.count()).toBe(1);
    await removeBuild(otter!.id, store);
    expect(await store.pictures.count()).toBe(0);
  });

  it('of a look stay as long as a copy of the build speaks of them', async () => {
    const log = [{ id: 'a-look' }] as never;
    for (const id of [otter!.id, 'its-copy'])
      await store.builds.put({ id, name: 'x', savedAt: 0, revision: 1, build: { ...otter!, id, log } });
    await keepPicture(lookPicture('a-look'), new Blob(['a']), store, small);
    await removeBuild(otter!.id, store);
    expect(await store.pictures.count()).toBe(1);
    await removeBuild('its-copy', store);
    expect(await store.pictures.count()).toBe(0);
  });

  it('keep what was marked on them; one kept before anything could be marked is still read', async () => {
    const kept = await keepPicture(otter!.id, new Blob(['a']), store, small);
    if (!kept.ok) throw new Error(kept.problem.text);
    expect((await pictureOf(otter!.id, store))?.marks).toBeUndefined();
    const marks = { known: { from: [0, 0], to: [10, 0], mm: 50 } } as const;
    await keepMarks({ ...kept.value, marks }, store);
    expect((await pictureOf(otter!.id, store))?.marks).toEqual(marks);
    await removePicture(otter!.id, store);
    expect(await keepMarks({ ...kept.value, marks }, store)).toBe(0);
  });

  it('that are none are refused, and the one before stays', async () => {
    await keepPicture(otter!.id, new Blob(['a']), store, small);
    const wrong = await keepPicture(otter!.id, new Blob(['?']), store, () => Promise.resolve(undefined));
    expect(!wrong.ok && wrong.problem.text).toMatch(/not a picture/);
    expect(await store.pictures.count()).toBe(1);
    expect(await removePicture(otter!.id, store)).toBe(1);
  });
});
