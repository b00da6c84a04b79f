<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from 'vue';
import { useIntervalFn, useWakeLock } from '@vueuse/core';
import { clockTime, shapedBy, weekdayTime, type PlannedStep } from '@core/days/index.ts';
import { tick } from '@core/figure/index.ts';
import { stateAt } from '@core/firming/index.ts';
import { formatLength, formatMass, formatTime } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { usePreferences } from '../../state/preferences.ts';
import FirmTimer from './FirmTimer.vue';

const store = useBuild();
const { shown } = usePreferences();
const build = computed(() => store.build!);
const now = ref(Date.now());
useIntervalFn(() => (now.value = Date.now()), 10_000);
const lock = useWakeLock();
onMounted(() => void lock.request('screen').catch(() => undefined));
onBeforeUnmount(() => void lock.release().catch(() => undefined));

const plan = computed(() => store.days?.plan);
const origin = computed(() => store.days?.origin);
const all = computed<PlannedStep[]>(() => plan.value?.sessions.flatMap((s) => s.steps) ?? []);
const done = computed(() => new Map(build.value.bench.done.map((d) => [d.step, Date.parse(d.at)])));
const at = computed(() => all.value.findIndex((p) => !done.value.has(p.step.id)));
const current = computed(() => (at.value < 0 ? undefined : all.value[at.value]));
const next = computed(() => all.value.slice(at.value + 1, at.value + 5));
const last = computed(() => [...build.value.bench.done].sort((a, b) => a.at.localeCompare(b.at)).at(-1));
const session = computed(() =>
  plan.value?.sessions.find((s) => current.value && s.steps.includes(current.value)),
);
const colour = computed(() => current.value?.step.weigh?.colour);

/** What still has to wait before the step in hand may begin, from what was really done and when. */
const holding = computed(() => {
  const step = current.value?.step;
  if (!step || !store.days) return [];
  return store.days.links.flatMap((l) => {
    const from = done.value.get(l.from);
    if (l.to !== step.id || l.kind !== 'wait' || from === undefined) return [];
    const left = l.band.likely - (now.value - from) / 60000;
    return left > 0.5 ? [{ why: l.why, left }] : [];
  });
});
const firming = computed(() =>
  build.value.pieces.flatMap((piece) => {
    const since = done.value.get(shapedBy(piece));
    const f = store.report?.firming.get(piece.id);
    if (since === undefined || !f) return [];
    const minutes = (now.value - since) / 60000;
    const band = f.bands.handle;
    if (!band || minutes > Math.max(band.slow, 60) * 1.2) return [];
    return [{ piece, minutes, band, state: stateAt(f, minutes), since }];
  }),
);
function finish(): void {
  const step = current.value?.step;
  if (step) store.apply(tick(build.value, step.id, new Date().toISOString()), 'a step done');
}
function back(): void {
  if (last.value) store.apply(tick(build.value, last.value.step, undefined), 'taking a step back');
}
const press = (e: KeyboardEvent) => {
  if (e.key !== 'Enter' || (e.target as HTMLElement).closest('button, input, a')) return;
  e.preventDefault();
  finish();
};
onMounted(() => window.addEventListener('keydown', press));
onBeforeUnmount(() => window.removeEventListener('keydown', press));
const titleOf = (id: string) => all.value.find((p) => p.step.id === id)?.step.title ?? id;
</script>

<template>
  <div class="bench">
    <div class="main">
      <template v-if="current && origin">
        <p class="where">
          Step {{ at + 1 }} of {{ all.length
          }}<template v-if="session">
            · planned {{ weekdayTime(origin, current.from) }} · session to
            {{ clockTime(origin, session.to) }}</template
          >
        </p>
        <h1>{{ current.step.title }}</h1>
        <div v-if="current.step.weigh" class="figures">
          <span class="ball" :style="{ background: colour }"></span>
          <div>
            <strong>{{ formatMass(current.step.weigh.grams, shown) }}</strong><span>{{
              current.step.weigh.number > 1 ? `each, ${current.step.weigh.number} times` : 'weigh'
            }}</span>
          </div>
          <div>
            <strong>{{ formatLength(current.step.weigh.ball, shown) }}</strong><span>ball, no creases</span>
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
        <ul class="notes">
          <li v-for="n in current.step.notes" :key="n"><span aria-hidden="true">●</span>{{ n }}</li>
          <li v-for="h in holding" :key="h.why" class="wait">
            <span aria-hidden="true">◆</span>Not yet: {{ h.why }}, about {{ formatTime(h.left) }} more.
          </li>
        </ul>
      </template>
      <template v-else-if="plan && all.length">
        <h1>All {{ all.length }} steps are done.</h1>
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
      />
      <h2>Next</h2>
      <ol :start="at + 2">
        <li v-for="p in next" :key="p.step.id">{{ p.step.title }}</li>
      </ol>
    </aside>
    <footer>
      <button type="button" class="done" :disabled="!current" @click="finish">Done <kbd>Enter</kbd></button>
      <button
        type="button"
        :disabled="!last"
        :title="last ? `Take back: ${titleOf(last.step)}` : ''"
        @click="back"
      >
        Take the last one back
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
  color: #fff;
  font: 600 21px var(--font-text);
  cursor: pointer;
}
footer button:disabled {
  opacity: 0.45;
  cursor: default;
}
.done {
  background: #8fc0aa !important;
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
