<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from 'vue';
import { useIntervalFn, useWakeLock } from '@vueuse/core';
import { clockTime, firmingNow, lastSaid, lotOf, progressOf, toldTime } from '@core/days/index.ts';
import { leaveStep, remake, sayFirm, takePlan, tick } from '@core/edits/index.ts';
import { wholeOf, type Piece } from '@core/record/index.ts';
import type { Question } from '@core/firming/index.ts';
import { formatLength, formatMass, formatTime, isWeighed, tellSeen } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePreferences } from '../../state/preferences.ts';
import FirmTimer from './FirmTimer.vue';
import StayBar from './StayBar.vue';
import TrialBar from './TrialBar.vue';

const store = useBuild();
const here = useOpenBuild();
const { shown } = usePreferences();
const build = computed(() => here.build);
const now = ref(Date.now());
useIntervalFn(() => (now.value = Date.now()), 10_000);
const lock = useWakeLock();
onMounted(() => void lock.request('screen').catch(() => undefined));
onBeforeUnmount(() => void lock.release().catch(() => undefined));

const origin = computed(() => store.days?.origin);
const progress = computed(() => progressOf(build.value, store.days, now.value));
const current = computed(() => progress.value.current);
/** Many alike: a few are timed. */
const lot = computed(() =>
  current.value && store.days ? lotOf(current.value.step, store.days.steps) : undefined,
);
const last = computed(() => [...build.value.bench.done].sort((a, b) => a.at.localeCompare(b.at)).at(-1));
const firming = computed(() => firmingNow(build.value, here.report.firming, now.value));

/** What was last said of a piece by touch. */
const wordsOf = (piece: Piece) => {
  const said = lastSaid(build.value, piece);
  return said && origin.value
    ? { firm: said.firm, when: tellSeen(said.at, { zone: origin.value.zone, now: now.value }) }
    : undefined;
};
/** It is firm enough for what the step in hand asks of it. */
function firmEnough(piece: string, question: Question): void {
  store.apply(sayFirm(build.value, { piece, question, firm: true, at: rest() }), 'what was said of a piece');
}
const rest = () => new Date().toISOString();
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
  const ticked = tick(build.value, step.id, rest(), step.also);
  // whoever begins works to the plan on screen: what follows is kept near it
  const kept = build.value.steps.agreed ? ticked : takePlan(ticked, store.starts);
  store.apply(kept, 'a step done');
}
/** What is left of the plan once a step is not done at all. */
function skip(): void {
  const step = current.value?.step;
  if (step) store.apply(leaveStep(build.value, wholeOf(step.id), true), 'leaving a step out');
}
function back(): void {
  if (last.value) store.apply(tick(build.value, last.value.step, undefined), 'taking a step back');
}
const press = (e: KeyboardEvent) => {
  if (e.key !== 'Enter' || (e.target as HTMLElement).closest('button, input, a')) return;
  e.preventDefault();
  forward();
};
onMounted(() => window.addEventListener('keydown', press));
onBeforeUnmount(() => window.removeEventListener('keydown', press));
const titleOf = (id: string) => progress.value.all.find((p) => p.step.id === id)?.step.title ?? id;
</script>

<template>
  <div class="bench">
    <div class="main">
      <StayBar :now="now" />
      <template v-if="current && origin">
        <p class="where">
          Step {{ progress.finished + 1 }} of {{ progress.finished + progress.ahead
          }}<template v-if="progress.session">
            · planned {{ toldTime(origin, current.from) }} · session to
            {{ clockTime(origin, progress.session.to) }}</template
          ><template v-if="progress.doneBy"> · {{ progress.doneBy }}</template>
        </p>
        <h1 aria-live="polite">{{ current.step.title }}</h1>
        <ul v-if="guards.length" class="guards">
          <li v-for="g in guards" :key="g"><span aria-hidden="true">◆</span> {{ g }}</li>
        </ul>
        <div v-if="current.step.weigh" class="figures">
          <span class="ball" :style="{ background: current.step.weigh.colour }"></span>
          <div v-if="isWeighed(current.step.weigh.grams)">
            <strong>{{ formatMass(current.step.weigh.grams, shown) }}</strong><span>{{
              current.step.weigh.number > 1 ? `each, ${current.step.weigh.number} times` : 'weigh'
            }}</span>
          </div>
          <div>
            <strong>{{ formatLength(current.step.weigh.ball, shown) }}</strong><span>{{
              isWeighed(current.step.weigh.grams) ? 'ball, no creases' : 'ball, too small to weigh'
            }}</span>
          </div>
          <div>
            <strong>{{ formatTime(current.step.minutes) }}</strong><span>at the bench</span>
          </div>
        </div>
        <div v-else class="figures">
          <div>
            <strong>{{ formatTime(current.step.minutes) }}</strong><span>at the bench</span>
          </div>
        </div>
        <TrialBar v-if="lot" :lot="lot" />
        <ul class="notes">
          <template v-if="!guards.length">
            <li v-for="g in current.step.guards" :key="g" class="wait">
              <span aria-hidden="true">◆</span>{{ g }}
            </li>
          </template>
          <li v-for="n in current.step.notes" :key="n"><span aria-hidden="true">●</span>{{ n }}</li>
          <li v-for="c in progress.before" :key="c.text" :class="{ wait: !c.done }">
            <span aria-hidden="true">{{ c.done ? '●' : '◆' }}</span>{{
              c.done ? c.text : `First be sure: ${c.text}`
            }}.
          </li>
          <li v-for="c in progress.closing" :key="c.text" class="wait">
            <span aria-hidden="true">{{ c.left > 0 ? '◐' : '▲' }}</span>{{ c.text }}
          </li>
          <li v-for="h in progress.holding" :key="h.why" class="wait">
            <span aria-hidden="true">◆</span>
            <span class="held"
              >Not yet: {{ h.why }}, about {{ formatTime(h.left) }} more.
              <button
                v-if="h.piece && h.asks"
                type="button"
                class="button"
                @click="firmEnough(h.piece, h.asks)"
              >
                It is firm enough
              </button></span
            >
          </li>
        </ul>
      </template>
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
        @broke="
          store.apply(
            remake(build, f.piece.id, rest(), store.starts),
            `making the ${f.piece.name.toLowerCase()} again`,
          )
        "
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
      <button
        type="button"
        :disabled="!last"
        :title="last ? `Take back: ${titleOf(last.step)}` : ''"
        @click="back"
      >
        Undo last step
      </button>
      <button v-if="current" type="button" title="It is not done at all, or by somebody else" @click="skip">
        Leave this step out
      </button>
    </footer>
  </div>
</template>

<style scoped>
.bench {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template: 1fr auto / 1fr 390px;
}
.main {
  padding: 26px 40px;
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
.guards {
  max-width: 26em;
  margin: 0 0 20px;
  padding: 16px 20px;
  border-left: 5px solid var(--tight);
  background: var(--slab);
  font-size: 26px;
  line-height: 1.3;
  list-style: none;
}
.held .button {
  min-height: 56px;
  font-size: 18px;
  display: inline-flex;
  margin-left: 8px;
}
.figures {
  display: flex;
  flex-wrap: wrap;
  gap: 18px 36px;
  align-items: center;
  padding: 16px 0;
  border-block: 1px solid var(--line);
}
.figures strong {
  display: block;
  font: 650 42px/1.1 var(--font-title);
}
.figures span {
  color: var(--ink-2);
  font-size: 17px;
}
.ball {
  width: 60px;
  height: 60px;
  border: 2px solid var(--ink);
  border-radius: 50%;
}
.notes {
  list-style: none;
  margin: 18px 0 0;
  padding: 0;
  display: grid;
  gap: 12px;
}
.notes li {
  display: flex;
  gap: 16px;
}
.notes .wait span {
  color: var(--tight);
}
aside {
  background: var(--slab);
  border-left: 1px solid var(--line);
  padding: 24px;
  overflow: auto;
  font-size: 17px;
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
  padding-left: 26px;
  color: var(--ink-2);
}
ol li {
  padding: 4px 0;
}
footer {
  grid-column: 1 / -1;
  display: flex;
  justify-content: space-between;
  gap: 14px;
  padding: 14px 20px 14px 40px;
  background: var(--ink);
}
footer button {
  min-height: 64px;
  padding: 0 32px;
  border: 1px solid #6c7873;
  border-radius: 12px;
  background: none;
  color: var(--paper);
  font: 600 21px var(--font-text);
  cursor: pointer;
}
footer button:disabled {
  opacity: 0.45;
  cursor: default;
}
.done {
  background: var(--elm-pale) !important;
  color: var(--ink) !important;
}
.done kbd {
  font: 400 16px var(--font-text);
  margin-left: 8px;
}
footer button:focus-visible {
  outline-color: var(--playhead);
}
@media (max-width: 900px) {
  .bench {
    grid-template: auto auto auto / 1fr;
  }
  .main {
    padding: 18px;
  }
  footer {
    position: sticky;
    bottom: 0;
    padding: 10px 14px;
  }
  footer button {
    padding: 0 16px;
    flex: 1;
    font-size: 18px;
  }
}
</style>
