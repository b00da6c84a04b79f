<script setup lang="ts">
import { computed } from 'vue';
import type { BenchStep } from '@core/bench-step.ts';
import { cautionsAt, workedSince } from '@core/cautions.ts';
import {
  clockTime,
  lotOf,
  toldTime,
  type Origin,
  type PlannedStep,
  type Progress,
} from '@core/days/index.ts';
import { sayFirm } from '@core/edits/index.ts';
import type { Question } from '@core/firming/index.ts';
import { formatTime } from '@core/quantity/index.ts';
import { measureOf, outlineOf } from '@core/figure/index.ts';
import { pieceOf } from '@core/record/index.ts';
import { outlinePath } from '../../drawing/paths.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { BookOpen } from '@lucide/vue';
import BenchFigure from './BenchFigure.vue';
import LifeSize from './LifeSize.vue';
import TrialBar from './TrialBar.vue';
import WeighRing from './WeighRing.vue';

/** The step in hand: what is weighed, how large it is, where it goes, and what to mind. */
const props = defineProps<{
  progress: Progress;
  current: PlannedStep;
  origin: Origin;
  guards: readonly string[];
  made: ReadonlySet<string>;
  about: BenchStep;
}>();
/** Room round the template, share of its size. */
const ROUND = 1.15;
const store = useBuild();
const here = useOpenBuild();
const build = computed(() => here.build);
const step = computed(() => props.current.step);
const piece = computed(() => pieceOf(build.value, step.value.piece ?? ''));
/** With what it weighs; undefined for a step that weighs nothing. */
const weighed = computed(() => {
  const { weigh, ...rest } = step.value;
  return weigh ? { ...rest, weigh } : undefined;
});
/** Many alike: a few are timed. */
const lot = computed(() => (store.days ? lotOf(step.value, store.days.steps) : undefined));
/** Its template, small: the line it is cut along. */
const paper = computed(() => {
  if (!piece.value) return undefined;
  const { outlines } = outlineOf(piece.value.form);
  const { width, height } = measureOf(piece.value);
  const side = Math.max(width, height) * ROUND;
  return { line: outlinePath(outlines), box: `${-side / 2} ${-(height + side) / 2} ${side} ${side}` };
});
/** Hazards of this step; the hour is that of whoever stands there. */
const cautions = computed(() => {
  const now = Date.now();
  return cautionsAt({
    build: build.value,
    step: step.value,
    worked: workedSince(build.value, now),
    hour: new Date(now).getHours(),
  });
});
/** It is firm enough for what the step in hand asks of it. */
function firmEnough(id: string, question: Question): void {
  const at = new Date().toISOString();
  store.apply(sayFirm(build.value, { piece: id, question, firm: true, at }), 'what was said of a piece');
}
</script>

<template>
  <p class="where">
    Step {{ progress.finished + 1 }} of {{ progress.finished + progress.ahead
    }}<template v-if="progress.session">
      · planned {{ toldTime(origin, current.from) }} · session to
      {{ clockTime(origin, progress.session.to) }}</template
    ><template v-if="progress.doneBy"> · {{ progress.doneBy }}</template> · {{ formatTime(step.minutes) }} at
    the bench
    <router-link class="book" to="/handbook/bench" aria-label="Handbook: Bench" title="What the bench is for"
      ><BookOpen :size="16" aria-hidden="true"
    /></router-link>
  </p>
  <h1 aria-live="polite">{{ step.title }}</h1>
  <ul v-if="guards.length" class="guards">
    <li v-for="g in guards" :key="g"><span aria-hidden="true">◆</span> {{ g }}</li>
  </ul>
  <div :class="weighed ? 'weighed' : 'beside'">
    <div class="show">
      <WeighRing v-if="weighed" :step="weighed" />
      <LifeSize v-if="weighed && piece" :weigh="weighed.weigh" :piece="piece" />
      <div v-if="!weighed" class="figure">
        <BenchFigure
          :build="build"
          :lit="about.pieces"
          :made="made"
          :seats="about.seats"
          :name="piece ? `Where the ${piece.name.toLowerCase()} goes` : 'The figure'"
        />
        <p v-if="about.seats.length" class="muted small">Ringed: where it is set on.</p>
      </div>
    </div>
    <div class="said">
      <p v-if="about.batch || about.rods.length || about.tools.length || about.paper" class="hand">
        <span v-if="about.batch" class="chip"
          ><i :style="{ background: about.batch.hex }" aria-hidden="true"></i>{{ about.batch.name }},
          {{ about.batch.blend.toLowerCase() }}</span
        >
        <span v-for="r in about.rods" :key="r" class="chip">Rod {{ r }}</span>
        <span v-for="t in about.tools" :key="t" class="chip">with {{ t }}</span>
        <router-link v-if="about.paper && paper" class="chip" :to="`/build/${build.id}/cut`"
          ><svg class="paper" :viewBox="paper.box" aria-hidden="true"><path :d="paper.line" /></svg>its paper
          template is under Cut</router-link
        >
      </p>
      <ul v-if="cautions.length" class="cautions" aria-label="Take care">
        <li v-for="c in cautions" :key="c">{{ c }}</li>
      </ul>
      <TrialBar v-if="lot" :lot="lot" />
      <ul class="notes">
        <template v-if="!guards.length">
          <li v-for="g in step.guards" :key="g" class="wait"><span aria-hidden="true">◆</span>{{ g }}</li>
        </template>
        <li v-for="n in step.notes" :key="n"><span aria-hidden="true">●</span>{{ n }}</li>
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
    </div>
  </div>
</template>

<style scoped>
.where {
  color: var(--ink-2);
  font-size: 17px;
  margin: 0;
}
h1 {
  font-size: clamp(34px, 4.2vw, 54px);
  margin: 4px 0 14px;
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
.show {
  display: flex;
  flex-wrap: wrap;
  gap: 18px 28px;
  align-items: flex-start;
}
.weighed {
  display: grid;
  grid-template: auto 1fr / 262px minmax(0, 1fr);
  gap: 0 32px;
}
.weighed > .show {
  display: contents;
}
.weighed :deep(.weigh) {
  grid-row: 1 / 3;
}
.beside {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 38%);
  gap: 26px;
}
.beside .show {
  order: 2;
  align-items: flex-start;
}
.beside .figure {
  --tall: min(48vh, 420px);
  flex: 1 1 100%;
}
@media (max-width: 900px) {
  .beside,
  .weighed {
    grid-template: none / minmax(0, 1fr);
  }
  .weighed :deep(.weigh) {
    grid-row: auto;
    margin: 0 auto;
  }
  .beside .figure {
    --tall: 220px;
  }
}
.figure p {
  margin: 4px 0 0;
  text-align: center;
}
.hand {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 14px 0 0;
}
.chip {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  min-height: 36px;
  padding: 4px 14px;
  border: 1px solid var(--line);
  border-radius: 18px;
  font-size: 17px;
}
/* as tall as the line it stands in */
.book {
  display: inline-grid;
  place-items: center;
  min-width: 28px;
  min-height: 24px;
  margin-left: 6px;
  vertical-align: -6px;
  color: inherit;
}
.paper {
  width: 44px;
  height: 44px;
  fill: none;
  stroke: var(--ink);
}
.paper path {
  vector-effect: non-scaling-stroke;
  stroke-width: 1.5px;
  stroke-dasharray: 4 3;
}
.chip i {
  width: 20px;
  height: 20px;
  border: 1px solid rgb(29 36 34 / 35%);
  border-radius: 6px;
}
.cautions {
  margin: 14px 0 0;
  padding: 8px 14px;
  border-left: 3px solid var(--tight);
  color: var(--ink-2);
  font-size: 16px;
  list-style: none;
}
.held .button {
  min-height: 56px;
  font-size: 18px;
  display: inline-flex;
  margin-left: 8px;
}
.notes {
  list-style: none;
  margin: 16px 0 0;
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
</style>
