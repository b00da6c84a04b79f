<script setup lang="ts">
import { computed } from 'vue';
import { CalendarPlus, Printer, Table2 } from '@lucide/vue';
import { fileName } from '@core/files/index.ts';
import { PLAN_RUNS, toldTime } from '@core/days/index.ts';
import { leaveStep, setRather } from '@core/edits/index.ts';
import { readStepId, type Rather } from '@core/record/index.ts';
import { formatBand, tellRisk, capital } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useFound } from '../../state/found.ts';
import { useOpenBuild } from '../../state/here.ts';
import { saveBlob } from '../../shell/files.ts';
import ChoiceField from '../../shared/ChoiceField.vue';
import DampDay from './DampDay.vue';
import OddsCard from './OddsCard.vue';
import PlanNotes from './PlanNotes.vue';
import SessionList from './SessionList.vue';

const store = useBuild();
const here = useOpenBuild();
const days = computed(() => store.days);
const plan = computed(() => days.value?.plan);
const origin = computed(() => days.value?.origin);
const RATHER: { value: Rather | ''; label: string }[] = [
  { value: '', label: 'a balance of all' },
  { value: 'fewer', label: 'fewest sessions' },
  { value: 'later', label: 'the latest start' },
  { value: 'nights', label: 'early nights' },
  { value: 'fresher', label: 'the freshest cake' },
];
const left = computed(() => here.build.steps.left);
/** A step that is left out is not in the plan: its id tells the piece. */
function nameOfStep(id: string): string {
  const ref = readStepId(id);
  const own = here.build.steps.own.find((o) => o.id === id);
  const piece = here.build.pieces.find((p) => p.id === ref?.of)?.name.toLowerCase();
  return own?.title ?? (piece ? `${ref!.task} the ${piece}` : (ref?.task ?? id));
}
const firmness = useFound('firmness');
const never = computed(() =>
  [...(firmness.value?.values() ?? [])].flatMap((f) => (f.never ? [f.never] : [])),
);
/** Ways out that were tried stand as buttons; those that were only thought of go. */
const said = computed(() =>
  (days.value?.trouble ?? []).filter((t) => !store.ways.length || !t.startsWith('Way out:')),
);
/** A contradiction is told in one sentence and then link by link. */
const chain = computed(() => (days.value?.conflict ? said.value.slice(1) : []));
/** The first of it is said at the top of the page. */
const trouble = computed(() => [
  ...(chain.value.length ? [] : said.value.slice(plan.value ? 0 : 1)),
  ...never.value,
]);
/** The calendar library is fetched when it is first asked for. */
async function calendar(): Promise<void> {
  const { calendarFile } = await import('@core/days-out.ts');
  const text = calendarFile(here.build, days.value!, new Date());
  if (text) saveBlob(new Blob([text], { type: 'text/calendar' }), nameOf('ics'));
}
async function table(): Promise<void> {
  const { planCsv } = await import('@core/lists.ts');
  const text = planCsv(days.value!);
  if (text) saveBlob(new Blob([text], { type: 'text/csv' }), nameOf('csv'));
}
const nameOf = (ending: string) => fileName(here.build).replace(/\.spindle\.json$/, `-days.${ending}`);
</script>

<template>
  <div>
    <p v-if="store.stale && store.planning === undefined" class="trouble">
      <span aria-hidden="true">▲</span> This plan is from before your last change: the new one could not be
      worked out.
      <button class="button" type="button" @click="store.replan()">Try again</button>
    </p>
    <p v-for="t in trouble" :key="t" class="trouble"><span aria-hidden="true">◆</span> {{ t }}</p>
    <ol v-if="chain.length" class="chain">
      <li v-for="t in chain" :key="t">{{ capital(t) }}.</li>
    </ol>
    <PlanNotes :origin="origin" />
    <div v-if="plan" class="row out">
      <router-link class="button" :to="`/build/${here.build.id}/sheet/days`"
        ><Printer :size="15" /> Wall sheet</router-link
      >
      <button class="button" type="button" @click="calendar">
        <CalendarPlus :size="15" /> Calendar file
      </button>
      <button class="button" type="button" @click="table"><Table2 :size="15" /> Save as a table</button>
    </div>
    <OddsCard v-if="plan && origin" :plan="plan" :origin="origin" />
    <div v-if="plan" class="row choices">
      <ChoiceField
        class="rather"
        label="Plan for"
        :value="here.build.steps.rather ?? ''"
        :options="RATHER"
        :width="180"
        @change="(v) => store.apply(setRather(here.build, v || undefined), 'what the plan is for')"
      />
      <DampDay />
    </div>
    <p v-if="left.length" class="muted">
      Left out:
      <button
        v-for="id in left"
        :key="id"
        class="button plain"
        type="button"
        @click="store.apply(leaveStep(here.build, id, false), 'taking a step in again')"
      >
        {{ nameOfStep(id) }} — take it in again
      </button>
    </p>
    <p v-if="plan?.critical && origin" class="critical">
      Tightest wait: {{ plan.critical.link.why }},
      {{ formatBand(plan.critical.link.band.fast, plan.critical.link.band.slow) }}; needed
      {{ toldTime(origin, plan.critical.used) }}.
      <template v-if="plan.missed > 0.02"
        >{{ capital(tellRisk(plan.missed, PLAN_RUNS)) }} a piece has gone too hard before you get to
        it.</template
      >
    </p>
    <p v-if="!plan && store.planning !== undefined" class="muted">Planning…</p>
    <SessionList v-if="plan && origin && days" :plan="plan" :origin="origin" :days="days" />
    <template v-else-if="store.lastGood?.plan && store.lastGood.origin && store.planning === undefined">
      <h3 class="last">The last plan that could be done</h3>
      <p class="muted">It is from before your last change and does not count that in.</p>
      <SessionList
        :plan="store.lastGood.plan"
        :origin="store.lastGood.origin"
        :days="store.lastGood"
        class="past"
      />
    </template>
  </div>
</template>

<style scoped>
.chain {
  margin: 10px 0;
  padding-left: 20px;
}
.chain li {
  padding: 3px 0;
}
.trouble {
  padding: 9px 0;
  border-bottom: 1px solid var(--line);
  color: var(--tight);
}
.choices {
  align-items: flex-start;
  gap: 20px;
  padding-bottom: 10px;
}
.out {
  padding: 10px 0;
}
.out a {
  color: inherit;
}
.critical {
  padding: 10px 0;
  border-bottom: 1px solid var(--line);
}
.last {
  margin-top: 16px;
}
.past {
  opacity: 0.65;
}
</style>
