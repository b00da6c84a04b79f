<script setup lang="ts">
import { useTell } from '../state/tell.ts';
import { computed, defineAsyncComponent, onBeforeUnmount, ref, watch, type Component } from 'vue';
import { onBeforeRouteLeave, useRoute, useRouter } from 'vue-router';
import { useNow } from '@vueuse/core';
import { type View } from '@core/figure/index.ts';
import { isLens, LENSES, type LensId } from '../lenses/lenses.ts';
import { useReckonAhead } from '../state/ahead.ts';
import { useBuild } from '../state/build-store.ts';
import { useStage } from '../state/on-stage.ts';
import { useFound } from '../state/found.ts';
import { reckoningNow, useReckoning } from '../state/reckoning.ts';
import { useRinging } from '../state/ring.ts';
import { usePreferences } from '../state/preferences.ts';
import { useReference } from '../state/reference.ts';
import { actsHere, finding } from '../find/finding.ts';
import Stage from '../stage/Stage.vue';
import { stageCaption } from './caption.ts';
import { saveToFile } from './files.ts';
import { sameStates, type States } from './states.ts';
import { focusOpenRow } from '../shared/focus.ts';
import KeepBanner from './KeepBanner.vue';
import { useLeaving } from './leaving.ts';
import { useBuildKeys } from './build-keys.ts';
import { useShortcuts } from './shortcuts.ts';
import MovedNote from './MovedNote.vue';
import MissingPart from './MissingPart.vue';
import Spindle from './Spindle.vue';
import TopRail from './TopRail.vue';
import Segments from '../shared/Segments.vue';

/** Done by name instead of by key. */
const NO_KEY = new KeyboardEvent('keydown');
/** A part of the app that is fetched when it is first needed; where it does not come, that is said in its place. */
const part = (loader: () => Promise<Component>) =>
  defineAsyncComponent({ loader, errorComponent: MissingPart, delay: 0 });
/** What stands in the panel is shown once there is something to reckon it with; the figure does not wait for that. */
const panel = (loader: () => Promise<Component>) =>
  part(async () => {
    const [shown] = await Promise.all([loader(), useReckoning()]);
    return shown;
  });
const PANELS: Record<LensId, Component> = {
  shape: panel(() => import('../lenses/shape/ShapeLens.vue')),
  bones: panel(() => import('../lenses/bones/BonesLens.vue')),
  paste: panel(() => import('../lenses/paste/PasteLens.vue')),
  cut: panel(() => import('../lenses/cut/CutLens.vue')),
  days: panel(() => import('../lenses/days/DaysLens.vue')),
  bench: panel(() => import('../lenses/bench/BenchLens.vue')),
  handover: panel(() => import('../lenses/handover/HandoverLens.vue')),
  log: panel(() => import('../lenses/log/LogLens.vue')),
};
const Clock = part(() => import('./Clock.vue'));
const RoomDrawer = part(() => import('./RoomDrawer.vue'));
const BriefDialog = part(() => import('./BriefDialog.vue'));
const VariationsDialog = part(() => import('./VariationsDialog.vue'));
const KeysDialog = part(() => import('./KeysDialog.vue'));
const TurnView = part(() => import('../turn/TurnView.vue'));
const AddPiece = part(() => import('../lenses/shape/AddPiece.vue'));

const route = useRoute();
const router = useRouter();
const store = useBuild();
const stage = useStage();
const tell = useTell();
const problem = ref<string>();
const room = ref(false);
const keys = ref(false);
const brief = ref(false);
const varying = ref(false);
const adding = ref(false);
const turning = ref(false);
// the dialog gives the focus back first
watch(adding, (on) => !on && setTimeout(focusOpenRow, 60));
/** On a small screen the figure makes room for the words. */
const folded = ref(false);
const figure = ref<InstanceType<typeof Stage>>();
const toPanel = () => document.getElementById('panel')?.focus();
const reference = useReference();
const VIEWS: { label: string; value: View | 'turn' }[] = [
  { label: 'Front', value: 'front' },
  { label: 'Side', value: 'side' },
  { label: 'Turn', value: 'turn' },
];
function look(v: View | 'turn'): void {
  turning.value = v === 'turn';
  if (v !== 'turn') stage.view = v;
}

/** What the figure stands on is changed under Shape, wherever it was asked for. */
watch(
  () => stage.selection?.kind === 'ground',
  (asked) => {
    if (asked && lens.value !== 'shape' && store.build) void router.push(`/build/${store.build.id}/shape`);
  },
);
const lens = computed<LensId>(() => (isLens(route.params.lens) ? route.params.lens : 'shape'));
watch(
  () => route.params.id as string | undefined,
  async (id) => {
    if (!id) return;
    problem.value = undefined;
    const opened = await store.open(id);
    if (!opened.ok) problem.value = opened.problem.text;
    else await reference.open(id);
  },
  { immediate: true },
);
watch(
  () => store.notice,
  (n) => {
    if (n) tell[n.kind](n.text);
  },
);
watch(
  () => store.build?.name,
  (name) => {
    document.title = name ? `${name} · Elm Spindle` : 'Elm Spindle';
  },
);
onBeforeRouteLeave(async () => {
  await store.flush();
  if (!store.unsaved) return true;
  return tell.ask({
    title: 'Leave without keeping your changes?',
    content: store.theirs
      ? 'Another tab changed this build too. Your side is kept until you open it again and choose.'
      : 'They could not be saved in this browser. Save them to a file first, or they are gone.',
    yes: 'Leave',
    no: 'Stay',
  });
});
useLeaving();
onBeforeUnmount(() => void store.close());

useReckonAhead();
useRinging();
const benchNow = useNow({ interval: 20_000 });
const firmness = useFound('firmness');
/** The very same while no piece changes: a playhead that moves draws only what it moves. */
const states = computed<States | undefined>((last) => {
  const next = statesNow();
  return next && last && sameStates(last, next) ? last : next;
});
function statesNow(): States | undefined {
  const { build, days } = store;
  const { playhead } = stage;
  const firm = firmness.value;
  const reckon = reckoningNow();
  if (!build || !firm || !reckon) return undefined;
  if (lens.value === 'bench') return reckon.statesDone(build, firm, benchNow.value);
  if (playhead === undefined || !days) return undefined;
  return reckon.statesAt(build, firm, days, playhead);
}
const joined = computed(() =>
  stage.rehearsing && store.build && store.days && stage.playhead !== undefined
    ? reckoningNow()?.joinedAt(store.build, store.days, stage.playhead)
    : undefined,
);
/** Steps of one's own that are over at the playhead: nothing is painted before; the very same while no more are. */
const ownDone = computed<ReadonlySet<string> | undefined>((last) => {
  const { build, days } = store;
  const { playhead } = stage;
  if (!build || !days || playhead === undefined) return undefined;
  const next = reckoningNow()?.ownDoneAt(build, days, playhead);
  const same = next && last && next.size === last.size && [...next].every((id) => last.has(id));
  return same ? last : next;
});
/** The piece the next step is about. */
const nextPiece = computed(() =>
  store.build && store.days
    ? reckoningNow()?.progressOf(store.build, store.days, benchNow.value.getTime()).current?.step.piece
    : undefined,
);
const found = useFound('bones');
const preferences = usePreferences();
const caption = computed(() =>
  store.build
    ? stageCaption(
        store.build,
        found.value,
        lens.value,
        states.value !== undefined,
        preferences.shown.length === 'in',
      )
    : '',
);

async function save(): Promise<void> {
  if (!store.build) return;
  const says = await saveToFile(store.build);
  store.offFile = false;
  if (says) store.say(says);
}

const shortcuts = useBuildKeys({
  add: () => (adding.value = true),
  find: () => (finding.value = true),
  help: () => (keys.value = true),
  save: () => void save(),
  turn: () => look(turning.value ? 'front' : stage.view === 'front' ? 'side' : 'turn'),
  zoom: (by) => figure.value?.zoom(by),
  wholeFigure: () => figure.value?.wholeFigure(),
});
useShortcuts(() => shortcuts.value);
// what can be done here is found by name
watch(
  shortcuts,
  (list) =>
    (actsHere.value = [
      ...list
        .filter((s) => !s.edits && !/^(\d|Escape|Ctrl K)$/.test(s.keys))
        .map((s) => ({ text: s.says, kind: s.keys.replaceAll('Arrow', ''), go: () => s.run(NO_KEY) })),
      ...(
        [
          ['The brief: day, way, who eats it', brief],
          ['The room and the workshop', room],
          ['Variations', varying],
        ] as const
      ).map(([text, on]) => ({ text, kind: 'do', go: () => void (on.value = true) })),
    ]),
  { immediate: true },
);
onBeforeUnmount(() => (actsHere.value = []));
</script>

<template>
  <div v-if="problem" class="problem">
    <h2>{{ problem }}</h2>
    <router-link to="/">Back to the shelf</router-link>
  </div>
  <div v-else-if="store.build" class="frame" :class="`lens-${lens}`">
    <a class="skip" href="#panel" @click.prevent="toPanel">Skip to the {{ lens }}</a>
    <TopRail
      :lens="lens"
      @room="room = true"
      @brief="brief = true"
      @variations="varying = true"
      @help="keys = true"
      @save="save"
      @find="finding = true"
    />
    <KeepBanner />
    <div v-if="store.theirs" class="conflict" role="alert">
      This build was changed in another tab while you changed it here. Both are kept until you choose.
      <button class="button" type="button" @click="store.settle('mine')">Keep what is here</button>
      <button class="button" type="button" @click="store.settle('theirs')">
        Take the other (undo brings this back)
      </button>
    </div>
    <main class="work">
      <Spindle :states="states" :next="nextPiece" :bones="lens === 'bones'" />
      <div v-show="lens !== 'bench'" class="stage-wrap" :class="{ folded }">
        <div class="stage-bar">
          <Segments
            :value="turning ? 'turn' : stage.view"
            :options="VIEWS"
            label="Seen from"
            @change="look"
          />
          <span class="muted small caption">{{ caption }}</span>
          <button class="button plain fold" type="button" :aria-expanded="!folded" @click="folded = !folded">
            {{ folded ? 'Show the figure' : 'Fold the figure away' }}
          </button>
        </div>
        <div v-show="!folded" class="stage-box">
          <TurnView v-if="turning" :lens="lens" :states="states" :own-done="ownDone" />
          <Stage v-else ref="figure" :lens="lens" :states="states" :joined="joined" :own-done="ownDone" />
        </div>
      </div>
      <section id="panel" class="panel" tabindex="-1" :aria-label="LENSES.find((l) => l.id === lens)!.name">
        <MovedNote />
        <component :is="PANELS[lens]" @add="adding = true" />
      </section>
    </main>
    <Clock v-if="lens !== 'bench'" :folded="lens === 'shape' || lens === 'cut'" />
    <RoomDrawer v-if="room" v-model:open="room" />
    <VariationsDialog v-if="varying" v-model:open="varying" />
    <BriefDialog v-if="brief && store.report" v-model:open="brief" />
    <KeysDialog v-if="keys" v-model:open="keys" :list="shortcuts" />
    <AddPiece v-if="adding" v-model:open="adding" />
  </div>
</template>

<style scoped>
.frame {
  flex: 1 1 0;
  min-height: 0;
  display: flex;
  flex-direction: column;
}
/* each a stacking context: while something is pulled on the stage, the others are not painted again */
.rail,
.spindle,
.panel,
.clock {
  isolation: isolate;
}
.skip {
  position: absolute;
  left: 8px;
  top: -60px;
  z-index: 20;
  padding: 9px 14px;
  border-radius: 9px;
  background: var(--elm);
  color: var(--paper);
}
.skip:focus-visible {
  top: 6px;
}
.work {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: 122px minmax(340px, 1fr) minmax(460px, 44%);
}
.lens-bench .work {
  grid-template-columns: 122px 1fr;
}
.stage-wrap {
  display: flex;
  flex-direction: column;
  min-width: 0;
  min-height: 0;
  background: var(--slab);
  border-right: 1px solid var(--line);
}
.stage-bar {
  position: relative;
  z-index: 1;
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 10px;
  padding: 10px 14px 0;
}
.caption {
  text-align: right;
}
.fold {
  display: none;
}
.stage-box {
  flex: 1;
  min-height: 0;
  padding: 4px 0 0;
}
.panel {
  display: flex;
  flex-direction: column;
  min-width: 0;
  min-height: 0;
  outline: none;
  container: panel / inline-size;
}
.problem {
  padding: 60px;
  display: grid;
  gap: 14px;
}
.conflict {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  padding: 8px 16px;
  background: #fff4dc;
  border-bottom: 1px solid var(--tight);
}
@media (max-width: 1120px) {
  .work {
    grid-template-columns: 112px minmax(300px, 1fr) minmax(440px, 46%);
  }
}
/* upright: the figure over the words */
@media (max-width: 900px) {
  .work {
    grid-template: minmax(200px, 42%) 1fr / 112px 1fr;
  }
  .work > .spindle {
    grid-row: 1 / 3;
  }
  .lens-bench .work {
    grid-template: 1fr / 112px 1fr;
  }
  .stage-wrap {
    border-right: 0;
    border-bottom: 1px solid var(--line);
  }
}
@media (max-width: 620px) {
  .frame {
    flex: 1 0 auto;
  }
  .work,
  .lens-bench .work {
    display: flex;
    flex-direction: column;
  }
  .work > .spindle {
    display: none;
  }
  .stage-box {
    flex: 0 0 auto;
    height: 44vh;
  }
  .caption {
    display: none;
  }
  .fold {
    display: inline-flex;
  }
  .folded .stage-bar {
    padding-bottom: 8px;
  }
}
/* low and wide, as at 200 %: nothing may eat the work */
@media (max-height: 520px) and (min-width: 621px) {
  .frame {
    flex: 1 0 auto;
    min-height: 520px;
  }
}
</style>
