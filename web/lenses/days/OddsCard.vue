<script setup lang="ts">
import { computed } from 'vue';
import {
  CURVE_RUNS,
  dayName,
  minuteOf,
  PLAN_RUNS,
  toldTime,
  type DaysPlan,
  type Origin,
} from '@core/days/index.ts';
import { formatBand, tellOdds, tellRisk } from '@core/quantity/index.ts';

/** What happens if it is begun on another day, what decides it, and what the last moment would be without any caution. */
const props = defineProps<{ plan: DaysPlan; origin: Origin }>();
const DAY = 24 * 60;
const names = computed(() => {
  const now = minuteOf(props.origin, Date.now());
  return new Map([
    [dayName(props.origin, now), 'today'],
    [dayName(props.origin, now + DAY), 'tomorrow'],
  ]);
});
/** Days from tomorrow to the start of the plan, where tomorrow is not in the list. */
const early = computed(() => {
  const tomorrow = minuteOf(props.origin, Date.now()) + DAY;
  const first = props.plan.odds[0]?.from ?? 0;
  return tomorrow < first - DAY ? Math.floor((props.plan.startBy - tomorrow) / DAY) : 0;
});
const rows = computed(() =>
  props.plan.odds.map((o) => ({
    ...o,
    name: names.value.get(dayName(props.origin, o.from)),
    own: dayName(props.origin, o.from) === dayName(props.origin, props.plan.startBy),
  })),
);
</script>

<template>
  <details class="odds">
    <summary>If you start on another day</summary>
    <table class="plain">
      <tbody>
        <tr v-for="o in rows" :key="o.from" :class="{ own: o.own }">
          <td>
            {{ toldTime(origin, o.from) }}<span v-if="o.name" class="muted">, {{ o.name }}</span
            ><span v-if="o.own" class="muted">, the plan</span>
          </td>
          <td class="wide">
            <div class="bar" aria-hidden="true">
              <i :style="{ width: `${Math.round(o.chance * 100)}%` }"></i>
            </div>
          </td>
          <td class="n">{{ tellOdds(o.chance, CURVE_RUNS) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="early > 0" class="small">
      Tomorrow is earlier than any of these: begun then, there
      {{ early === 1 ? 'is a day' : `are ${early} days` }}
      more than the plan needs.
    </p>
    <p class="muted small">
      Everything that keeps done as soon as it can be, in your hours; each day tried 80 times.
    </p>
    <p v-if="plan.latest" class="small">
      Without any caution the last start would be {{ toldTime(origin, plan.latest.fast) }} when everything
      firms fast, {{ toldTime(origin, plan.latest.likely) }} when it firms as is likely and
      {{ toldTime(origin, plan.latest.slow) }} when it is slow. Begun as is likely, the odds of being on time
      are {{ tellOdds(plan.latest.chance, PLAN_RUNS)
      }}<template v-if="plan.latest.chance < 0.9">: do not plan on it</template>.
    </p>
    <template v-if="plan.late.length">
      <h4>What comes too late most often</h4>
      <ul>
        <li v-for="l in plan.late" :key="`${l.link.from}${l.link.to}`">
          {{ l.link.why }}: late {{ tellRisk(l.share, PLAN_RUNS) }}
        </li>
      </ul>
      <p class="muted small">Wetted, glued with gum glue and held, that is mended in about four minutes.</p>
    </template>
    <template v-if="plan.decides.length">
      <h4>What decides whether it is in time</h4>
      <ul>
        <li v-for="l in plan.decides" :key="`${l.from}${l.to}`">
          {{ l.why }} <span class="muted">{{ formatBand(l.band.fast, l.band.slow) }}</span>
        </li>
      </ul>
    </template>
  </details>
</template>

<style scoped>
.odds {
  padding: 4px 0 8px;
}
.odds summary {
  cursor: pointer;
}
.odds td {
  padding-block: 3px;
  vertical-align: middle;
}
.own {
  font-weight: 600;
}
.wide {
  width: 45%;
}
.bar {
  height: 10px;
  border-radius: 5px;
  background: var(--slab-3);
}
.bar i {
  display: block;
  height: 100%;
  border-radius: 5px;
  background: var(--holds);
}
p {
  padding-top: 6px;
}
h4 {
  margin: 10px 0 4px;
}
ul {
  margin: 0;
  padding-left: 18px;
}
</style>
