import 'fake-indexeddb/auto';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { resize, rename } from '@core/edits/index.ts';
import { type Build } from '@core/record/index.ts';
import { db } from '../storage/db.ts';
import { demoBuilds } from '../storage/demo-builds.ts';
import { loadBuild, removeBuild, saveBuild } from '../storage/builds.ts';
import { pieceRemoved } from '../shell/removing.ts';

vi.mock('../workers/client.ts', () => {
  const never = () => ({ result: new Promise(() => undefined), cancel: () => undefined });
  return { scheduleJob: never, waysOutJob: never };
});
const { useBuild } = await import('./build-store.ts');
const { useReckoning } = await import('./reckoning.ts');

const [otter] = demoBuilds(new Date('2026-11-24T12:00:00')) as [Build];
const opened = async () => {
  setActivePinia(createPinia());
  const store = useBuild();
  const found = await store.open(otter.id);
  if (!found.ok) throw new Error(found.problem.text);
  return store;
};
const taller = (b: Build, height: number) => resize(b, 'tail', { length: height });
const tail = (b: Build | undefined) => b!.pieces.find((p) => p.id === 'tail')!.form.sizes.length;
const stored = async () => {
  const r = await loadBuild(otter.id);
  return r.ok ? r.value : undefined;
};

describe('the build on the bench', () => {
  beforeEach(async () => {
    await db.builds.clear();
    await saveBuild(otter, undefined);
  });

  it('is there to be drawn before what reckons it, and reckoned as soon as that has come', async () => {
    vi.resetModules();
    const fresh = await import('./build-store.ts');
    const { useReckoning: come } = await import('./reckoning.ts');
    setActivePinia(createPinia());
    const store = fresh.useBuild();
    await store.open(otter.id);
    expect(store.build).toEqual(otter);
    await come();
    expect(store.report!.figure.pieces).toHaveLength(otter.pieces.length);
    await store.close();
  });

  it('what was done as the page went away is there when it is opened again, and only once', async () => {
    const kept = new Map<string, string>();
    vi.stubGlobal('localStorage', {
      getItem: (k: string) => kept.get(k) ?? null,
      setItem: (k: string, v: string) => void kept.set(k, v),
      removeItem: (k: string) => void kept.delete(k),
    });
    const store = await opened();
    const before = (await stored())!.revision;
    store.apply(taller(store.build!, 151), 'a longer tail');
    store.goingAway();
    // the page is killed: what it was writing never came to its end
    const left = new Map(kept);
    await store.flush();
    await store.close();
    await db.builds.clear();
    await db.builds.put({ id: otter.id, name: otter.name, savedAt: 0, revision: before, build: otter });
    expect(left.size).toBe(1);
    left.forEach((v, k) => kept.set(k, v));
    const again = await opened();
    expect(tail(again.build)).toBe(151);
    await again.flush();
    expect(tail((await stored())!.build)).toBe(151);
    expect(kept.size).toBe(0);
    await again.close();
    // what cannot be read is let go, and a full store stops nothing
    kept.set([...left.keys()][0]!, '{"build":{"name":1}}');
    expect(tail((await opened()).build)).toBe(151);
    expect(kept.size).toBe(0);
    vi.unstubAllGlobals();
  });

  it('is changed, taken back and brought again, and reckoned each time', async () => {
    const store = await opened();
    await useReckoning();
    const before = store.report!.figure.paste.value;
    expect(store.apply(taller(store.build!, 150), 'a longer tail')).toBe(true);
    expect(tail(store.build)).toBe(150);
    expect(store.report!.figure.paste.value).toBeGreaterThan(before);
    expect(store.undoLabel).toBe('a longer tail');
    store.undo();
    expect(store.build).toEqual(otter);
    expect(store.canUndo).toBe(false);
    store.redo();
    expect(tail(store.build)).toBe(150);
    await store.close();
  });

  it('takes its own saves for its own: nothing is asked and nothing said of another tab', async () => {
    const store = await opened();
    for (const height of [141, 142, 143]) {
      store.apply(taller(store.build!, height), 'a longer tail');
      await store.flush();
      // the store tells every tab of a save, this one too
      await vi.waitFor(async () => expect((await stored())!.revision).toBeGreaterThan(height - 140));
      await new Promise((r) => setTimeout(r, 30));
      expect(store.theirs).toBeUndefined();
      expect(store.notice).toBeUndefined();
      expect(store.canUndo).toBe(true);
    }
    expect(store.undoLabel).toBe('a longer tail');
    expect(tail((await stored())!.build)).toBe(143);
    await store.close();
  });

  it('a refused change is said, and nothing changes', async () => {
    const store = await opened();
    expect(store.apply(taller(store.build!, -5), 'no')).toBe(false);
    expect(store.notice).toMatchObject({ kind: 'error' });
    expect(store.notice!.text).toMatch(/has to be between/);
    expect(store.build).toEqual(otter);
    expect(store.canUndo).toBe(false);
    await store.close();
  });

  it('dragging shows without recording; letting go is one step back', async () => {
    const store = await opened();
    for (const h of [110, 120, 130]) store.drag(taller(otter, h));
    // the drawing follows the hand; what is reckoned follows as soon as it rests
    expect(tail(store.live)).toBe(130);
    expect(tail(store.build)).toBe(tail(otter));
    await vi.waitFor(() => expect(tail(store.build)).toBe(130));
    expect(store.canUndo).toBe(false);
    expect(store.drop('pulling the tail')).toBe(true);
    expect(store.undoLabel).toBe('pulling the tail');
    store.undo();
    expect(store.build).toEqual(otter);
    await store.close();
  });

  it('what is left alone while it is dragged was never there', async () => {
    const store = await opened();
    store.drag(taller(otter, 130));
    store.leave();
    expect(tail(store.live)).toBe(tail(otter));
    expect(store.drop('nothing')).toBe(false);
    expect(store.canUndo).toBe(false);
    await store.close();
  });

  it('is saved when it is closed, without waiting', async () => {
    const store = await opened();
    store.apply(taller(store.build!, 140), 'a longer tail');
    expect(store.unsaved).toBe(true);
    await store.close();
    expect(tail((await stored())!.build)).toBe(140);
    expect((await stored())!.revision).toBe(2);
  });

  it('what another tab saved shows here, as long as nothing is changed here', async () => {
    const store = await opened();
    await saveBuild({ ...otter, name: 'Theirs' }, 1);
    await vi.waitFor(() => expect(store.build!.name).toBe('Theirs'));
    expect(store.notice!.text).toMatch(/changed in another tab/);
    expect(store.theirs).toBeUndefined();
    await store.close();
  });

  it('changed in both tabs, one is asked, and either choice loses nothing', async () => {
    const store = await opened();
    store.apply(rename(store.build!, 'Mine'), 'the name');
    await saveBuild({ ...otter, name: 'Theirs' }, 1);
    await store.flush();
    expect(store.theirs!.build.name).toBe('Theirs');
    // nothing is written while nobody has chosen
    expect((await stored())!.build.name).toBe('Theirs');
    store.settle('theirs');
    expect(store.build!.name).toBe('Theirs');
    expect(store.undoLabel).toMatch(/other tab/);
    store.undo();
    expect(store.build!.name).toBe('Mine');
    await store.close();
    expect((await stored())!.build.name).toBe('Mine');
  });

  it('mine is kept over theirs when that is said', async () => {
    const store = await opened();
    store.apply(rename(store.build!, 'Mine'), 'the name');
    await saveBuild({ ...otter, name: 'Theirs' }, 1);
    await store.flush();
    store.settle('mine');
    await store.flush();
    expect(store.theirs).toBeUndefined();
    expect((await stored())!.build.name).toBe('Mine');
    await store.close();
  });

  it('taken off the shelf elsewhere it is put back by the first change', async () => {
    const store = await opened();
    await removeBuild(otter.id);
    store.apply(rename(store.build!, 'Still here'), 'the name');
    await store.flush();
    expect(store.notice!.text).toMatch(/taken off the shelf.*put it back/);
    expect((await stored())!.build.name).toBe('Still here');
    expect(store.unsaved).toBe(false);
    await store.close();
  });

  it('a full disk is said, and the change stays on screen to be saved', async () => {
    const store = await opened();
    const put = vi.spyOn(db.builds, 'put').mockImplementation(() => {
      throw Object.assign(new Error('full'), { name: 'QuotaExceededError' });
    });
    store.apply(rename(store.build!, 'Big'), 'the name');
    await store.flush();
    // it stays said, not for a few seconds
    expect(store.notKept).toMatch(/no room left/);
    expect(store.unsaved).toBe(true);
    expect(store.build!.name).toBe('Big');
    put.mockRestore();
    await store.flush();
    expect(store.notKept).toBeUndefined();
    expect((await stored())!.build.name).toBe('Big');
    await store.close();
  });

  it('what could not be opened again is refused with its sentence, and nothing is kept of it', async () => {
    const store = await opened();
    const broken = {
      ...otter,
      pieces: otter.pieces.map((p) => (p.id === 'tail' ? { ...p, blend: 'nobody’s' } : p)),
    };
    expect(store.apply(broken, 'something no edit does')).toBe(false);
    expect(store.notice!.text).toMatch(/cannot be kept.*blend/i);
    expect(store.build).toEqual(otter);
    await store.flush();
    expect((await stored())!.build).toEqual(otter);
    // nor does it come past the store
    expect((await saveBuild(broken, 1)).kind).toBe('failed');
    await store.close();
  });

  it('my side of two tabs survives a reload, is asked about again, and either choice lets it go', async () => {
    let store = await opened();
    store.apply(rename(store.build!, 'Mine'), 'the name');
    await saveBuild({ ...otter, name: 'Theirs' }, 1);
    await store.flush();
    store.apply(rename(store.build!, 'Mine, and more'), 'the name');
    await store.close();
    store = await opened();
    expect(store.build!.name).toBe('Mine, and more');
    expect(store.theirs!.build.name).toBe('Theirs');
    expect(store.unsaved).toBe(true);
    store.settle('mine');
    await store.close();
    expect((await stored())!.build.name).toBe('Mine, and more');
    store = await opened();
    expect(store.theirs).toBeUndefined();
    await store.close();
  });

  it('what was removed is brought back until the next change', async () => {
    const store = await opened();
    const gone = pieceRemoved(store.build!, 'head')!;
    expect(gone.text).toMatch(/^Removed the head, .* and \d+ more\.$/);
    store.remove(gone.build, gone.label, gone.text);
    expect(store.build!.pieces.some((p) => p.id === 'head')).toBe(false);
    expect(store.removed!.text).toBe(gone.text);
    store.bringBack();
    expect(store.build).toEqual(otter);
    expect(store.removed).toBeUndefined();
    store.remove(gone.build, gone.label, gone.text);
    store.apply(rename(store.build!, 'On we go'), 'the name');
    expect(store.removed).toBeUndefined();
    await store.close();
  });

  it('the first change is written at once, not after a while', async () => {
    const store = await opened();
    store.apply(taller(store.build!, 141), 'a longer tail');
    await vi.waitFor(async () => expect(tail((await stored())!.build)).toBe(141), { timeout: 200 });
    await store.close();
  });

  it('one that is not there is a sentence', async () => {
    setActivePinia(createPinia());
    const found = await useBuild().open('nobody');
    expect(!found.ok && found.problem.text).toMatch(/no longer on the shelf/);
  });
});
