<script setup lang="ts">
import { computed, defineAsyncComponent, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import { useIntervalFn, useWakeLock } from '@vueuse/core';
import { benchStep } from '@core/bench-step.ts';
import { firmingNow, lastSaid, progressOf, shapedPieces, touchTests } from '@core/days/index.ts';
import { leaveStep, noteAir, takePlan, tick } from '@core/edits/index.ts';
import { wholeOf, type Piece, type TroubleNote } from '@core/record/index.ts';
import { mendsDue } from '@core/trouble/index.ts';
import { tellSeen } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useFound } from '../../state/found.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useInstruments } from '../../state/instruments.ts';
import { usePreferences } from '../../state/preferences.ts';
import BenchFigure from './BenchFigure.vue';
import BenchStepView from './BenchStepView.vue';
import FirmTimer from './FirmTimer.vue';
import MendedCard from './MendedCard.vue';
import RoomBar from './RoomBar.vue';
import StayBar from './StayBar.vue';
import TouchCard from './TouchCard.vue';

const TroubleDialog = defineAsyncComponent(() => import('./TroubleDialog.vue'));
const InstrumentsDrawer = defineAsyncComponent(() => import('./InstrumentsDrawer.vue'));

const store = useBuild();
const here = useOpenBuild();
const instruments = useInstruments();
const build = computed(() => here.build);
const now = ref(Date.now());
useIntervalFn(() => (now.value = Date.now()), 5_000);
const lock = useWakeLock();
onMounted(() => {
  void lock.request('screen').catch(() => undefined);
  void instruments.begin();
});
onBeforeUnmount(() => void lock.release().catch(() => undefined));

const origin = computed(() => store.days?.origin);
const progress = computed(() => progressOf(build.value, store.days, now.value));
const current = computed(() => progress.value.current);
const last = computed(() => [...build.value.bench.done].sort((a, b) => a.at.localeCompare(b.at)).at(-1));
const tests = computed(() => touchTests(build.value, store.days, here.report.firming, now.value));
const asked = computed(() => new Set(tests.value.map((t) => t.piece)));
const firming = computed(() => firmingNow(build.value, here.report.firming, now.value));
const due = computed(() => mendsDue(build.value, now.value));
/** Pieces that are shaped already. */
const made = computed(() => shapedPieces(build.value));

const bones = useFound('bones');
const { shown } = usePreferences();
const about = computed(() =>
  current.value
    ? benchStep(build.value, current.value.step, { batches: here.report.paste, bones: bones.value, shown })
    : undefined,
);

/** What was last said of a piece by touch. */
const wordsOf = (piece: Piece) => {
  const said = lastSaid(build.value, piece);
  return said && origin.value
    ? { firm: said.firm, when: tellSeen(said.at, { zone: origin.value.zone, now: now.value }) }
    : undefined;
};
const iso = () => new Date().toISOString();
// what the room is read to be goes into its history; a change of no account is none
watch(
  () => instruments.room,
  (r) => {
    if (!r) return;
    const noted = noteAir(build.value, { at: iso(), temperature: r.temperature, humidity: r.humidity });
    if (noted !== build.value) store.note(noted);
  },
);

/** The step whose guard was read. */
const minded = ref<string>();
const guards = computed(() => {
  const step = current.value?.step;
  return step && minded.value !== step.id ? (step.guards ?? []) : [];
});
/** What cannot be undone is read first; then the step is done. */
function forward(): void {
  if (guards.value.length > 0) minded.value = current.value?.step.id;
  else finish();
}
function finish(): void {
  const step = current.value?.step;
  if (!step) return;
  const ticked = tick(build.value, step.id, iso(), step.also);
  // whoever begins works to the plan on screen: what follows is kept near it
  const kept = build.value.steps.agreed ? ticked : takePlan(ticked, store.starts);
  store.apply(kept, 'a step done');
}
/** What is left of the plan once a step is not done at all. */
function skip(): void {
  more.value = false;
  const step = current.value?.step;
  if (step) store.apply(leaveStep(build.value, wholeOf(step.id), true), 'leaving a step out');
}
function back(): void {
  more.value = false;
  if (last.value) store.apply(tick(build.value, last.value.step, undefined), 'taking a step back');
}
const titleOf = (id: string) => progress.value.all.find((p) => p.step.id === id)?.step.title ?? id;

const more = ref(false);
const equipment = ref(false);
/** What went wrong, as far as it is known already. */
const wrong = ref<{ piece?: string | undefined; trouble?: string | undefined }>();
const isWrong = computed({
  get: () => wrong.value !== undefined,
  set: (on: boolean) => {
    if (!on) wrong.value = undefined;
  },
});
function tell(note?: TroubleNote): void {
  more.value = false;
  wrong.value = note ? { piece: note.piece, trouble: note.trouble } : { piece: current.value?.step.piece };
}
const press = (e: KeyboardEvent) => {
  const busy = e.target instanceof Element && e.target.closest('button, input, a, [role="dialog"]');
  if (e.key !== 'Enter' || busy || isWrong.value || equipment.value) return;
  e.preventDefault();
  forward();
};
onMounted(() => window.addEventListener('keydown', press));
onBeforeUnmount(() => window.removeEventListener('keydown', press));
</script>

<template>
  <div class="bench">
    <div class="main">
      <StayBar :now="now" />
      <RoomBar :now="now" />
      <BenchStepView
        v-if="current && origin && about"
        :progress="progress"
        :current="current"
        :origin="origin"
        :guards="guards"
        :made="made"
        :about="about"
      />
      <template v-else-if="progress.over">
        <h1>All {{ progress.finished }} steps are done.</h1>
        <p class="where">Count every rod, stick and pin, and tell whoever serves it what is inside.</p>
      </template>
      <template v-else>
        <h1>{{ store.planning !== undefined ? 'Planning…' : 'There is no plan to work from yet.' }}</h1>
        <p v-for="t in store.days?.trouble" :key="t" class="where">{{ t }}</p>
      </template>
    </div>
    <aside>
      <div v-if="about && current?.step.weigh" class="figure">
        <BenchFigure
          :build="build"
          :lit="about.pieces"
          :made="made"
          :seats="[]"
          name="The figure, with what this step is about lit"
        />
      </div>
      <template v-if="tests.length || due.length">
        <h2>Feel for it now</h2>
        <MendedCard v-for="t in due" :key="t.id" :note="t" @again="tell" />
        <TouchCard v-for="t in tests.slice(0, 3)" :key="`${t.piece} ${t.question}`" :test="t" />
      </template>
      <h2>Firming now</h2>
      <p v-if="!firming.length" class="muted">
        Nothing is firming. When a piece is shaped and ticked off, its clock starts here.
      </p>
      <FirmTimer
        v-for="f in firming"
        :key="f.piece.id"
        :name="f.piece.name"
        :minutes="f.minutes"
        :band="f.band"
        :state="f.state"
        :since="f.since"
        :firming="f.firming"
        :said="wordsOf(f.piece)"
        :asked="asked.has(f.piece.id)"
        @broke="wrong = { piece: f.piece.id, trouble: 'broke' }"
      />
      <h2>Next</h2>
      <ol :start="progress.finished + 2">
        <li v-for="p in progress.next" :key="p.step.id">{{ p.step.title }}</li>
      </ol>
    </aside>
    <footer>
      <button type="button" class="done" :disabled="!current" @click="forward">
        {{ guards.length ? 'Ready for it' : 'Done' }} <kbd>Enter</kbd>
      </button>
      <button type="button" @click="tell()">Something went wrong</button>
      <div class="rest" @keydown.esc.stop="more = false">
        <div v-if="more" class="menu" role="group" aria-label="More">
          <button v-if="last" type="button" @click="back">Undo last step: {{ titleOf(last.step) }}</button>
          <button v-if="current" type="button" @click="skip">Leave this step out</button>
          <button type="button" @click="((equipment = true), (more = false))">Scale, room and bells</button>
        </div>
        <button type="button" :aria-expanded="more" @click="more = !more">More</button>
      </div>
    </footer>
    <TroubleDialog v-if="wrong" v-model:open="isWrong" :piece="wrong.piece" :known="wrong.trouble" />
    <InstrumentsDrawer v-if="equipment" v-model:open="equipment" />
  </div>
</template>

<style scoped>
.bench {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template: minmax(0, 1fr) auto / minmax(0, 1fr) 340px;
}
.main {
  padding: 22px 36px;
  overflow: auto;
  font-size: 20px;
}
.where {
  color: var(--ink-2);
  font-size: 17px;
}
h1 {
  font-size: clamp(34px, 4.4vw, 56px);
  margin: 8px 0 20px;
  max-width: 16em;
}
aside {
  background: var(--slab);
  border-left: 1px solid var(--line);
  padding: 20px;
  overflow: auto;
  font-size: 17px;
}
.figure {
  --tall: 220px;
  margin-bottom: 14px;
}
aside h2 {
  font-size: 20px;
  margin-bottom: 10px;
}
aside h2:not(:first-child) {
  margin-top: 24px;
}
ol {
  margin: 0;
  padding-left: 30px;
  color: var(--ink-2);
}
ol li {
  padding: 4px 0;
}
footer {
  grid-column: 1 / -1;
  display: flex;
  gap: 14px;
  padding: 12px 20px 12px 36px;
  background: var(--ink);
}
footer button {
  min-height: 64px;
  padding: 0 28px;
  border: 1px solid #6c7873;
  border-radius: 12px;
  background: var(--ink);
  color: var(--paper);
  font: 600 20px var(--font-text);
  cursor: pointer;
}
footer button:disabled {
  opacity: 0.45;
  cursor: default;
}
footer .done {
  flex: 1 1 50%;
  border-color: transparent;
  background: var(--elm-pale);
  color: var(--ink);
  font-size: 24px;
}
.done kbd {
  font: 400 16px var(--font-text);
  margin-left: 8px;
}
.rest {
  position: relative;
}
.menu {
  position: absolute;
  right: 0;
  bottom: calc(100% + 10px);
  z-index: 5;
  display: grid;
  gap: 8px;
  width: min(420px, 88vw);
  padding: 12px;
  border-radius: 14px;
  background: var(--ink);
  box-shadow: 0 8px 30px rgb(0 0 0 / 35%);
}
.menu button {
  text-align: left;
  font-size: 18px;
}
footer button:focus-visible {
  outline-color: var(--playhead);
}
@media (hover: none) {
  .done kbd {
    display: none;
  }
}
@media (max-width: 900px) {
  .bench {
    grid-template: auto auto auto / minmax(0, 1fr);
  }
  .main {
    padding: 18px;
  }
  footer {
    position: sticky;
    bottom: 0;
    z-index: 4;
    padding: 10px 14px;
    gap: 8px;
  }
  footer button {
    padding: 0 12px;
    font-size: 17px;
  }
  footer .done {
    flex: 1 1 46%;
    font-size: 20px;
  }
}
</style>
