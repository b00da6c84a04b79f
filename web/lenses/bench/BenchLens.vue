<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from 'vue';
import { useIntervalFn, useWakeLock } from '@vueuse/core';
import {
  ALL_DONE,
  clockTime,
  givenOf,
  heldBy,
  preflight,
  shapedBy,
  toldTime,
  type PlannedStep,
} from '@core/days/index.ts';
import { leaveStep, remake, sayFirm, takePlan, tick } from '@core/edits/index.ts';
import { pieceOf, wholeOf } from '@core/record/index.ts';
import { stateAt, type Question } from '@core/firming/index.ts';
import { formatLength, formatMass, formatTime, tellSeen } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { usePreferences } from '../../state/preferences.ts';
import FirmTimer from './FirmTimer.vue';
import StayBar from './StayBar.vue';

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
/** What two do together stands in the session of each. */
const all = computed<PlannedStep[]>(() =>
  [...new Map((plan.value?.sessions ?? []).flatMap((s) => s.steps).map((p) => [p.step.id, p])).values()].sort(
    (a, b) => a.from - b.from,
  ),
);
const names = computed(() => store.days?.people ?? []);
const doneBy = computed(() => {
  const who = current.value?.who ?? [];
  if (names.value.length < 2 || (who.length === 1 && who[0] === 0)) return '';
  return who.length === 0 ? 'it goes on by itself' : who.map((k) => names.value[k]).join(' and ');
});
const done = computed(() => new Map(build.value.bench.done.map((d) => [d.step, Date.parse(d.at)])));
/** Steps ticked off that the plan still knows, and those ahead. */
const ahead = computed(() => all.value.filter((p) => !done.value.has(p.step.id)).length);
const finished = computed(() => done.value.size);
const allDone = computed(() => store.days?.trouble.includes(ALL_DONE) ?? false);
const at = computed(() => all.value.findIndex((p) => !done.value.has(p.step.id)));
const current = computed(() => (at.value < 0 ? undefined : all.value[at.value]));
const next = computed(() => all.value.slice(at.value + 1, at.value + 5));
const last = computed(() => [...build.value.bench.done].sort((a, b) => a.at.localeCompare(b.at)).at(-1));
const session = computed(() =>
  plan.value?.sessions.find((s) => current.value && s.steps.includes(current.value)),
);
const colour = computed(() => current.value?.step.weigh?.colour);

/** What was said of pieces by touch: it counts at once, whatever was reckoned. */
const said = computed(() => (origin.value ? givenOf(build.value, origin.value, now.value).said : undefined));
const wordsOf = (piece: string) => {
  const last = build.value.bench.said?.filter((s) => s.piece === piece).at(-1);
  if (!last || !origin.value) return undefined;
  return {
    firm: last.firm && Date.parse(last.at) >= (done.value.get(shapedBy(pieceOf(build.value, piece)!)) ?? 0),
    when: tellSeen(Date.parse(last.at), { zone: origin.value.zone, now: now.value }),
  };
};
/** It is firm enough for what the step in hand asks of it. */
function firmEnough(piece: string, question: Question): void {
  store.apply(sayFirm(build.value, { piece, question, firm: true, at: rest() }), 'what was said of a piece');
}
/** What still has to wait before the step in hand may begin, from what was really done and when. */
const holding = computed(() => {
  const step = current.value?.step;
  if (!step || !store.days || !origin.value) return [];
  return heldBy(store.days.links, step.id, done.value, {
    origin: origin.value,
    said: said.value,
    now: now.value,
  });
});
/** What has to be so before a step that cannot be undone. */
const before = computed(() => {
  const step = current.value?.step;
  return step && store.days ? preflight(build.value, store.days.steps, step).slice(0, 6) : [];
});
const firming = computed(() =>
  build.value.pieces.flatMap((piece) => {
    const since = done.value.get(shapedBy(piece));
    const f = store.report?.firming.get(piece.id);
    if (since === undefined || !f) return [];
    const minutes = (now.value - since) / 60000;
    const band = f.bands.handle;
    if (!band || minutes > Math.max(band.slow, 60) * 1.2) return [];
    return [{ piece, minutes, band, state: stateAt(f, minutes), since, f }];
  }),
);
const rest = () => new Date().toISOString();
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
  finish();
};
onMounted(() => window.addEventListener('keydown', press));
onBeforeUnmount(() => window.removeEventListener('keydown', press));
const titleOf = (id: string) => all.value.find((p) => p.step.id === id)?.step.title ?? id;
</script>

<template>
  <div class="bench">
    <div class="main">
      <StayBar :now="now" />
      <template v-if="current && origin">
        <p class="where">
          Step {{ finished + 1 }} of {{ finished + ahead
          }}<template v-if="session">
            · planned {{ toldTime(origin, current.from) }} · session to
            {{ clockTime(origin, session.to) }}</template
          ><template v-if="doneBy"> · {{ doneBy }}</template>
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
          <li v-for="c in before" :key="c.text" :class="{ wait: !c.done }">
            <span aria-hidden="true">{{ c.done ? '●' : '◆' }}</span>{{
              c.done ? c.text : `First be sure: ${c.text}`
            }}.
          </li>
          <li v-for="h in holding" :key="h.why" class="wait">
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
      <template v-else-if="finished > 0 && ahead === 0 && (plan !== undefined || allDone)">
        <h1>All {{ finished }} steps are done.</h1>
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
        :firming="f.f"
        :said="wordsOf(f.piece.id)"
        @broke="
          store.apply(
            remake(build, f.piece.id, rest(), store.starts),
            `making the ${f.piece.name.toLowerCase()} again`,
          )
        "
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
      <button v-if="current" type="button" title="It is not done at all, or by somebody else" @click="skip">
        Skip it
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
