import { liveQuery, type Subscription } from 'dexie';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import type { Build, Change, View } from '@core/figure/index.ts';
import { plan } from '@core/plan.ts';
import type { Result } from '@core/quantity/index.ts';
import { db, type StoredBuild } from '../storage/db.ts';
import { loadBuild, saveBuild } from '../storage/builds.ts';
import { seedDemo } from '../storage/demo.ts';
import { record, redo, startHistory, undo, type History } from './history.ts';
import { usePlanning } from './planning.ts';

export interface Selection {
  readonly kind: 'piece' | 'rod' | 'batch';
  readonly id: string;
}

const SAVE_AFTER = 350;

/** The build on the bench: its history, what is selected, what is reckoned from it, and its place in the store. */
export const useBuild = defineStore('build', () => {
  const history = shallowRef<History>();
  /** A change being dragged: shown and reckoned, not yet recorded. */
  const dragged = shallowRef<Build>();
  const revision = ref<number>();
  const selection = ref<Selection>();
  /** Pieces pointed at in a list, lit on the stage. */
  const lit = shallowRef<ReadonlySet<string>>();
  const view = ref<View>('front');
  /** Minute on the clock, from the plan's origin. */
  const playhead = ref<number>();
  /** Asked for from another lens: done as soon as the lens that can do it is there. */
  const wanted = ref<'rod'>();
  const notice = ref<{ text: string; kind: 'info' | 'error'; at: number }>();
  const theirs = shallowRef<StoredBuild>();
  const unsaved = ref(false);

  const build = computed(() => dragged.value ?? history.value?.now);
  const report = computed(() => (build.value ? plan(build.value) : undefined));
  const canUndo = computed(() => (history.value?.past.length ?? 0) > 0);
  const canRedo = computed(() => (history.value?.future.length ?? 0) > 0);
  const undoLabel = computed(() => history.value?.past.at(-1)?.label);
  const redoLabel = computed(() => history.value?.future[0]?.label);

  let saveTimer: ReturnType<typeof setTimeout> | undefined;
  let watching: Subscription | undefined;
  let saving: Promise<void> = Promise.resolve();

  const say = (text: string, kind: 'info' | 'error' = 'info') => {
    notice.value = { text, kind, at: Date.now() };
  };

  const planner = usePlanning(
    () => history.value?.now,
    (text) => say(text, 'error'),
  );

  async function save(): Promise<void> {
    const h = history.value;
    if (!h || !unsaved.value || theirs.value) return;
    unsaved.value = false;
    const saved = await saveBuild(h.now, revision.value);
    if (saved.kind === 'saved') revision.value = saved.revision;
    else {
      unsaved.value = true;
      if (saved.kind === 'conflict') theirs.value = saved.theirs;
      else if (saved.kind === 'gone') {
        revision.value = undefined;
        say(
          'This build was taken off the shelf in another tab; it is put back with your next change.',
          'error',
        );
      } else say(saved.text, 'error');
    }
  }

  /** Write what is waiting, one save at a time. */
  function flush(): Promise<void> {
    clearTimeout(saveTimer);
    saving = saving.then(save);
    return saving;
  }

  function changed(planToo = true): void {
    unsaved.value = true;
    clearTimeout(saveTimer);
    saveTimer = setTimeout(() => void flush(), SAVE_AFTER);
    if (planToo) planner.replan();
  }

  /** Record a change; a refused one is said and nothing changes. */
  function apply(change: Change | Build, label: string): boolean {
    if ('ok' in change && !change.ok) {
      dragged.value = undefined;
      say(change.problem.text, 'error');
      return false;
    }
    const next = 'ok' in change ? change.value : change;
    dragged.value = undefined;
    if (!history.value || next === history.value.now) return true;
    history.value = record(history.value, next, label);
    changed();
    return true;
  }

  /** Show a change while it is being dragged. */
  function drag(change: Change): void {
    if (change.ok) dragged.value = change.value;
  }

  const drop = (label: string): boolean => (dragged.value ? apply(dragged.value, label) : false);

  function step(move: (h: History) => History): void {
    if (!history.value) return;
    const before = history.value.now;
    history.value = move(history.value);
    if (history.value.now !== before) changed();
  }

  function show(stored: StoredBuild): void {
    history.value = startHistory(stored.build);
    revision.value = stored.revision;
    dragged.value = undefined;
    theirs.value = undefined;
    unsaved.value = false;
    planner.replan();
  }

  async function open(id: string): Promise<Result<StoredBuild>> {
    await close();
    // the store may be empty when a build is opened by its address; a failure shows when the build is not found
    await seedDemo().catch(() => undefined);
    const loaded = await loadBuild(id);
    if (!loaded.ok) return loaded;
    selection.value = undefined;
    playhead.value = undefined;
    planner.forget();
    show(loaded.value);
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

  /** Two tabs changed one build: keep what is here, or take what is there. */
  function settle(keep: 'mine' | 'theirs'): void {
    const other = theirs.value;
    if (!other) return;
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
  }

  return {
    build,
    report,
    days: planner.days,
    lastGood: planner.lastGood,
    ways: planner.ways,
    planning: planner.planning,
    starts: planner.starts,
    better: planner.better,
    selection,
    lit,
    view,
    playhead,
    notice,
    wanted,
    theirs,
    unsaved,
    canUndo,
    canRedo,
    undoLabel,
    redoLabel,
    open,
    close,
    flush,
    apply,
    drag,
    drop,
    settle,
    say,
    cancelPlanning: planner.stop,
    undo: () => step(undo),
    redo: () => step(redo),
  };
});
