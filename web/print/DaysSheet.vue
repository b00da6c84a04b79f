<script setup lang="ts">
import { computed } from 'vue';
import { clockTime, dayName, forPaper, PLAN_RUNS, toldStart, WASH } from '@core/days/index.ts';
import { waitWords } from '@core/days-out.ts';
import { formatLength, formatMass, formatTime, tellOdds } from '@core/quantity/index.ts';
import { useBuild } from '../state/build-store.ts';
import { usePreferences } from '../state/preferences.ts';
import SheetPage from './SheetPage.vue';

/** The plan on paper, to pin to the wall: sessions, steps to tick, what rests meanwhile. */
const store = useBuild();
const { shown } = usePreferences();
const plan = computed(() => store.days?.plan);
/** Paper is read on other days. */
const origin = computed(() => store.days?.origin && forPaper(store.days.origin));
const resting = (from: number, to: number, next: number | undefined) =>
  (plan.value?.waits ?? []).filter(
    (w) => w.from >= from && w.from <= to && (next === undefined || w.used >= next),
  );
</script>

<template>
  <SheetPage lens="days" title="Days">
    <p v-if="!plan || !origin" class="muted" :class="{ noprint: store.planning !== undefined }">
      {{ store.planning !== undefined ? 'Planning…' : 'There is no plan to print yet.' }}
    </p>
    <template v-else>
      <p class="muted">
        Start by {{ toldStart(origin, plan.startBy) }}; {{ tellOdds(plan.chance, PLAN_RUNS) }} to be on time;
        {{ formatTime(plan.handsOn) }} of work in {{ plan.sessions.length }}
        {{ plan.sessions.length === 1 ? 'session' : 'sessions' }}.
      </p>
      <section v-for="(s, i) in plan.sessions" :key="`${s.person}-${s.from}`">
        <h2>
          {{ dayName(origin, s.from) }}, {{ clockTime(origin, s.from) }}–{{ clockTime(origin, s.to)
          }}<template v-if="s.person > 0">, {{ store.days!.people[s.person] }}</template>
        </h2>
        <table>
          <tbody>
            <tr v-for="p in s.steps" :key="p.step.id">
              <td>☐</td>
              <td>{{ clockTime(origin, p.from) }}</td>
              <td>
                <template v-if="p.wash > 0">{{
                  p.wash >= WASH ? 'Wash your hands. ' : 'Wipe down. '
                }}</template>
                <strong>{{ p.step.title }}</strong>
                <template v-if="p.who.length > 1"> (both of you)</template>
                <template v-if="p.step.weigh">
                  — {{ formatMass(p.step.weigh.grams, shown)
                  }}<template v-if="p.step.weigh.number > 1"> × {{ p.step.weigh.number }}</template
                  >, ball {{ formatLength(p.step.weigh.ball, shown) }}</template
                >
              </td>
              <td class="n">{{ formatTime(p.step.minutes) }}</td>
            </tr>
          </tbody>
        </table>
        <p
          v-for="w in resting(s.from, s.to, plan.sessions.slice(i + 1).find((x) => x.from >= s.to)?.from)"
          :key="`${w.link.from}${w.link.to}`"
          class="muted"
        >
          {{ w.link.why }}: {{ waitWords(origin, w) }}.
        </p>
      </section>
    </template>
  </SheetPage>
</template>
