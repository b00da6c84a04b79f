<script setup lang="ts">
import { computed } from 'vue';
import { PLAN_RUNS, toldStart, type DaysReport } from '@core/days/index.ts';
import { formatDuration, listed, tellOdds } from '@core/quantity/index.ts';
import type { StartAnswers } from '@core/start-answers.ts';
import type { WayOut } from '@core/ways-out.ts';
import WhyButton from '../shared/WhyButton.vue';
import VerdictWord from '../shared/VerdictWord.vue';

/** What follows from what was said, each answer in its place; old ones stay, paler, until the new ones are there. */
const props = defineProps<{
  answers: StartAnswers | undefined;
  days: DaysReport | undefined;
  ways: readonly WayOut[];
  stale: { readonly answers: boolean; readonly days: boolean };
  due: boolean;
}>();
const plan = computed(() => props.days?.plan);
const startBy = computed(() => {
  const { origin } = props.days ?? {};
  return plan.value && origin ? toldStart(origin, plan.value.startBy) : undefined;
});
const odds = computed(() => plan.value && tellOdds(plan.value.chance, PLAN_RUNS));
const MOST = 4;
const beware = computed(() => props.answers?.beware.slice(0, MOST) ?? []);
const more = computed(() => props.answers?.beware.slice(MOST) ?? []);
const colours = computed(() => props.answers?.colours ?? []);
const largest = computed(() => props.answers?.largest);
const late = computed(() => (plan.value?.lateBy ?? 0) > 0);
const sessions = computed(() => plan.value?.sessions.length ?? 0);
const tried = computed(() => listed(props.ways.slice(0, 2).map((w) => w.text)));
</script>

<template>
  <section class="answers" aria-label="What it comes to" aria-live="polite">
    <div class="one" :class="{ stale: stale.answers }">
      <template v-if="answers && largest">
        <strong><WhyButton :figure="answers.mix" /></strong>
        <p>
          of paste in {{ answers.batches === 1 ? 'one batch' : `${answers.batches} batches` }};
          {{ largest.over ? 'most goes over' : 'largest ball, for' }} the {{ largest.name.toLowerCase() }}:
          <WhyButton :figure="largest.ball" />
        </p>
        <ul class="swatches" aria-label="By colour">
          <li v-for="c in colours.slice(0, 8)" :key="c.name" :title="c.name">
            <i :style="{ background: c.hex }"></i><WhyButton :figure="c.mix" />
          </li>
        </ul>
      </template>
      <strong v-else class="wait">…</strong>
    </div>
    <div class="one" :class="{ stale: stale.days && due }">
      <template v-if="!due">
        <strong class="ask">Which day?</strong>
        <p>Say when it has to be ready, and it is planned back from there.</p>
      </template>
      <template v-else-if="startBy && plan">
        <strong :class="{ late }">{{ startBy }}</strong>
        <p v-if="late">is when you would have to begin, and it would still be late.</p>
        <p v-else>
          start by; on time {{ odds }}<template v-if="odds !== 'almost sure'"> when begun then</template>
        </p>
      </template>
      <template v-else-if="days">
        <strong class="late">no plan</strong>
        <p>{{ days.trouble[0] }}</p>
      </template>
      <strong v-else class="wait">…</strong>
    </div>
    <div class="one" :class="{ stale: stale.answers }">
      <template v-if="answers">
        <strong>{{ answers.sticks.number === 0 ? 'no sticks' : `${answers.sticks.number} sticks` }}</strong>
        <p>
          <template v-if="answers.sticks.number > 0">
            {{ answers.sticks.words }};
            <VerdictWord :verdict="answers.sticks.verdict" />
            <template v-if="answers.sticks.holds">
              {{ ' '
              }}<WhyButton
                :figure="answers.sticks.holds"
                :text="`${answers.sticks.holds.value.toFixed(1)} ×`"
              />
            </template>
            <br
          /></template>
          {{ answers.stands.words }}
        </p>
      </template>
      <strong v-else class="wait">…</strong>
    </div>
    <div class="one" :class="{ stale: stale.days && due }">
      <template v-if="due && plan">
        <strong>{{ sessions }} {{ sessions === 1 ? 'session' : 'sessions' }}</strong>
        <p>
          {{ formatDuration(plan.handsOn) }} at the bench<template v-if="plan.critical"
            >; tightest wait: {{ plan.critical.link.why }}</template
          >
        </p>
      </template>
      <strong v-else-if="due" class="wait">…</strong>
    </div>
    <ul class="beware">
      <li v-for="w in answers?.wrong ?? []" :key="w" class="fails">{{ w }}</li>
      <li v-if="ways.length" class="way">Tried, and it helps: {{ tried }}.</li>
      <li v-for="b in beware" :key="b.says" :class="b.level">{{ b.says }}</li>
    </ul>
    <details v-if="more.length">
      <summary>{{ more.length }} more to beware of</summary>
      <ul class="beware">
        <li v-for="b in more" :key="b.says" :class="b.level">{{ b.says }}</li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.answers {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px 26px;
  padding-top: 16px;
  border-top: 1px solid var(--line);
}
.one {
  min-height: 74px;
  transition: opacity 0.15s;
}
.stale {
  opacity: 0.45;
}
strong {
  display: block;
  font: 650 25px/1.15 var(--font-title);
}
.ask,
.wait {
  color: var(--ink-3);
}
.late {
  color: var(--fails);
}
.one p {
  margin-top: 3px;
  color: var(--ink-2);
  font-size: 14.5px;
  line-height: 1.35;
}
.swatches {
  display: flex;
  flex-wrap: wrap;
  gap: 3px 10px;
  margin: 6px 0 0;
  padding: 0;
  list-style: none;
  color: var(--ink-2);
  font-size: 13px;
}
.swatches li {
  display: flex;
  gap: 5px;
  align-items: center;
}
i {
  width: 13px;
  height: 13px;
  border: 1px solid var(--ink-3);
  border-radius: 50%;
}
.beware {
  grid-column: 1 / -1;
  display: grid;
  gap: 5px;
  margin: 0;
  padding: 0;
  list-style: none;
  font-size: 14.5px;
  line-height: 1.35;
}
.beware li {
  padding-left: 20px;
  text-indent: -20px;
}
.beware li::before {
  content: '◆';
  display: inline-block;
  width: 20px;
  color: var(--ink-3);
  text-indent: 0;
}
.beware .must::before,
.beware .fails::before {
  color: var(--fails);
}
.beware .should::before {
  color: var(--tight);
}
.beware .way::before {
  content: '→';
  color: var(--elm);
}
details {
  grid-column: 1 / -1;
  font-size: 14.5px;
}
summary {
  min-height: 30px;
  color: var(--ink-2);
  cursor: pointer;
}
</style>
