import { liveQuery, type Subscription } from 'dexie';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import type { Build, Change } from '@core/record/index.ts';
import type { HeightMoved } from '@core/moved.ts';
import { ok, type Result } from '@core/quantity/index.ts';
import { forgetMine, keepMine, mineOf } from '../storage/aside.ts';
import { loadBuild, saveBuild } from '../storage/builds.ts';
import { forgetLeft, keepLeft, takeLeft } from '../storage/left.ts';
import { reading } from '../storage/reading.ts';
import { db, type StoredBuild } from '../storage/db.ts';
import { seedDemo } from '../storage/demo.ts';
import { recorded, redo, startHistory, undo, type History } from './history.ts';
import { openBuild } from './open-build.ts';
import { usePlanning } from './planning.ts';
import { reckoningNow, useReckoning } from './reckoning.ts';

/** Changes that come faster than this are saved together, ms; the first of them at once. */
const SAVE_AFTER = 350;
/** The hand rests when it has not moved for so long, ms. */
const RESTS_AFTER = 400;

export const PUT_BACK =
  'This build was taken off the shelf in another tab. Your change has put it back, as it is here.';

/** The build on the bench: its history, what is reckoned from it, and its place in the store. */
export const useBuild = defineStore('build', () => {
  const history = shallowRef<History>();
  /** A change being dragged: shown and reckoned, not yet recorded. */
  const dragged = shallowRef<Build>();
  const revision = ref<number>();
  const notice = ref<{ text: string; kind: 'info' | 'error'; at: number }>();
  const theirs = shallowRef<StoredBuild>();
  const unsaved = ref(false);
  /** Why what is on screen is not kept in this browser, until it is. */
  const notKept = ref<string>();
  /** What was removed just now, and the build with it; until the next change. */
  const removed = shallowRef<{ text: string; build: Build }>();
  /** What the last change moved all over the figure; until the next change. */
  const moved = shallowRef<HeightMoved>();
  /** Changed since it was last saved to a file. */
  const offFile = ref(false);

  /** What is being pulled, as it was when the hand last rested. */
  const rested = shallowRef<Build>();
  let resting: ReturnType<typeof setTimeout> | undefined;

  /** What is reckoned and told: while something is pulled, as it was when the hand last rested. */
  const build = computed(() => rested.value ?? history.value?.now);
  /** What is drawn: it follows the hand. */
  const live = computed(() => dragged.value ?? build.value);
  /** Undefined, too, until what reckons has been fetched. */
  const report = computed(() => (build.value ? reckoningNow()?.plan(build.value) : undefined));
  const canUndo = computed(() => (history.value?.past.length ?? 0) > 0);
  const canRedo = computed(() => (history.value?.future.length ?? 0) > 0);
  const undoLabel = computed(() => history.value?.past.at(-1)?.label);
  const redoLabel = computed(() => history.value?.future[0]?.label);

  let saveTimer: ReturnType<typeof setTimeout> | undefined;
  let watching: Subscription | undefined;
  /** Whether a build could be opened again; there as soon as one is open. */
  let keepable: Awaited<ReturnType<typeof reading>>['keepable'];
  let saving: Promise<void> = Promise.resolve();
  /** What is being written just now. */
  let writing: Build | undefined;

  const say = (text: string, kind: 'info' | 'error' = 'info') => {
    notice.value = { text, kind, at: Date.now() };
  };

  const planner = usePlanning(
    () => history.value?.now,
    (text) => say(text, 'error'),
  );

  async function save(): Promise<void> {
    const h = history.value;
    if (!h || !unsaved.value) return;
    if (theirs.value) {
      // two tabs changed one build: this one's side is kept aside until somebody chooses
      await keepMine(h.now, revision.value).catch(() => undefined);
      return;
    }
    unsaved.value = false;
    writing = h.now;
    let saved = await saveBuild(h.now, revision.value);
    const gone = saved.kind === 'gone';
    if (gone) saved = await saveBuild(h.now, undefined);
    writing = undefined;
    if (saved.kind === 'saved') {
      revision.value = saved.revision;
      notKept.value = undefined;
      forgetLeft(h.now.id);
      if (gone) say(PUT_BACK);
      return;
    }
    unsaved.value = true;
    if (saved.kind === 'conflict') {
      theirs.value = saved.theirs;
      await keepMine(h.now, revision.value).catch(() => undefined);
    } else if (saved.kind === 'failed') notKept.value = saved.text;
  }

  /** The page goes away: what is not written yet is kept at once. */
  function goingAway(): void {
    const h = history.value;
    if (h && (unsaved.value || writing)) keepLeft(h.now, revision.value);
    void flush();
  }

  /** Write what is waiting, one save at a time. */
  function flush(): Promise<void> {
    clearTimeout(saveTimer);
    saveTimer = undefined;
    saving = saving.then(save);
    return saving;
  }

  function changed(planToo = true): void {
    unsaved.value = true;
    offFile.value = true;
    removed.value = moved.value = undefined;
    // the first change is written at once, so that a page that goes away takes nothing with it
    const first = saveTimer === undefined;
    clearTimeout(saveTimer);
    saveTimer = setTimeout(() => void flush(), SAVE_AFTER);
    if (first) saving = saving.then(save);
    if (planToo) planner.replan();
  }

  /** Record a change; a refused one is said and nothing changes, and so is one that could not be opened again. */
  function apply(change: Change | Build, label: string): boolean {
    leave();
    const next: Change = 'ok' in change ? change : ok(change);
    if (next.ok && (!history.value || next.value === history.value.now)) return true;
    const kept = next.ok ? keepable(next.value) : next;
    if (!kept.ok) {
      say(kept.problem.text, 'error');
      return false;
    }
    history.value = recorded(history.value!, kept.value, label);
    changed();
    return true;
  }

  /** Keep what an instrument said: nothing a hand did, so nothing to undo, and no other plan. */
  function note(next: Build): void {
    const h = history.value;
    if (!h || dragged.value || next === h.now || !keepable(next).ok) return;
    history.value = { ...h, now: next };
    changed(false);
  }

  /** Record that something was taken away, with a way to bring it back until the next change. */
  function remove(next: Build, label: string, text: string): void {
    const before = history.value?.now;
    if (before && apply(next, label)) removed.value = { text, build: before };
  }
  const bringBack = (): void => {
    if (removed.value) apply(removed.value.build, 'bringing it back');
  };

  /** Show a change while it is being dragged; what takes thought is reckoned as soon as the hand rests. */
  function drag(change: Change): void {
    if (!change.ok) return;
    dragged.value = change.value;
    clearTimeout(resting);
    resting = setTimeout(() => (rested.value = dragged.value), RESTS_AFTER);
  }

  /** Let go of what is being dragged, as if nothing had been. */
  function leave(): void {
    clearTimeout(resting);
    dragged.value = rested.value = undefined;
  }

  const drop = (label: string): boolean => (dragged.value ? apply(dragged.value, label) : false);

  function step(move: (h: History) => History): void {
    if (!history.value) return;
    const before = history.value.now;
    const moved = move(history.value);
    const { air } = before.bench;
    // what was read of the room stays read
    history.value =
      air === undefined || moved.now === before
        ? moved
        : { ...moved, now: { ...moved.now, bench: { ...moved.now.bench, air } } };
    if (moved.now !== before) changed();
  }

  function show(stored: StoredBuild): void {
    history.value = startHistory(stored.build);
    revision.value = stored.revision;
    leave();
    theirs.value = undefined;
    unsaved.value = false;
    notKept.value = undefined;
    removed.value = moved.value = undefined;
    planner.replan();
  }

  async function open(id: string): Promise<Result<StoredBuild>> {
    await close();
    // the panel says so where it does not come
    useReckoning().catch(() => undefined);
    // the store may be empty when a build is opened by its address; a failure shows when the build is not found
    await seedDemo().catch(() => undefined);
    const loaded = await loadBuild(id);
    if (!loaded.ok) return loaded;
    ({ keepable } = await reading());
    planner.forget();
    openBuild.value = id;
    offFile.value = false;
    show(loaded.value);
    await takeUpLeft(loaded.value);
    await takeUpMine(loaded.value);
    watching = liveQuery(() => db.builds.get(id)).subscribe((stored) => {
      if (!stored) return;
      // this tab's own save may still be on its way to telling its revision
      void saving.then(() => {
        if (stored.revision <= (revision.value ?? 0)) return;
        if (unsaved.value || dragged.value) theirs.value = stored;
        else {
          show(stored);
          say('This build was changed in another tab; you see it as it is now.');
        }
      });
    });
    return loaded;
  }

  /** What was done as the page went away, and did not come to be written. */
  async function takeUpLeft(stored: StoredBuild): Promise<void> {
    const left = await takeLeft(stored.id);
    if (!left || JSON.stringify(left.build) === JSON.stringify(stored.build)) return;
    // written since, here or in another tab: both are shown, and it is asked
    if (left.revision !== stored.revision) {
      await keepMine(left.build, left.revision).catch(() => undefined);
      return;
    }
    history.value = recorded(startHistory(stored.build), left.build, 'what was done last');
    changed();
  }

  /** My side of two tabs' changes that nobody chose between yet: it is shown, and asked about again. */
  async function takeUpMine(stored: StoredBuild): Promise<void> {
    const mine = await mineOf(stored.id);
    if (!mine) return;
    if (mine.revision === stored.revision || JSON.stringify(mine.build) === JSON.stringify(stored.build)) {
      await forgetMine(stored.id);
      return;
    }
    history.value = startHistory(mine.build);
    revision.value = mine.revision;
    theirs.value = stored;
    unsaved.value = true;
    planner.replan();
  }

  /** Two tabs changed one build: keep what is here, or take what is there. */
  function settle(keep: 'mine' | 'theirs'): void {
    const other = theirs.value;
    if (!other) return;
    void forgetMine(other.id).catch(() => undefined);
    if (keep === 'theirs') {
      const mine = history.value?.now;
      show(other);
      if (mine)
        history.value = {
          past: [{ build: mine, label: 'taking the other tab’s build' }],
          now: other.build,
          future: [],
        };
    } else {
      revision.value = other.revision;
      theirs.value = undefined;
      changed(false);
    }
  }

  async function close(): Promise<void> {
    watching?.unsubscribe();
    watching = undefined;
    planner.stop();
    if (unsaved.value) await flush();
    history.value = undefined;
    openBuild.value = undefined;
  }

  return {
    build,
    live,
    report,
    days: planner.days,
    lastGood: planner.lastGood,
    ways: planner.ways,
    planning: planner.planning,
    stale: planner.stale,
    replan: planner.replan,
    starts: planner.starts,
    better: planner.better,
    notice,
    theirs,
    unsaved,
    notKept,
    removed,
    moved,
    offFile,
    canUndo,
    canRedo,
    undoLabel,
    redoLabel,
    open,
    close,
    flush,
    goingAway,
    apply,
    note,
    remove,
    bringBack,
    drag,
    drop,
    leave,
    settle,
    say,
    cancelPlanning: planner.stop,
    undo: () => step(undo),
    redo: () => step(redo),
  };
});
