<script setup lang="ts">
import { computed, ref } from 'vue';
import { clockTime, dayName, weekdayTime } from '@core/days/index.ts';
import { formatBand, formatTime } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import WhyTree from '../../shared/WhyTree.vue';

const store = useBuild();
const days = computed(() => store.days);
const plan = computed(() => days.value?.plan);
const origin = computed(() => days.value?.origin);
const opened = ref<string>();
const inPast = computed(
  () => !!origin.value && !!plan.value && origin.value.millis + plan.value.startBy * 60000 < Date.now(),
);
const waitsAfter = (to: number, next: number | undefined) =>
  (plan.value?.waits ?? []).filter(
    (w) => w.from <= to && w.likely > to && (next === undefined || w.used >= next),
  );
const why = (piece: string | undefined) => (piece ? store.report?.firming.get(piece)?.handle : undefined);
const never = computed(() =>
  [...(store.report?.firming.values() ?? [])].flatMap((f) => (f.never ? [f.never] : [])),
);
</script>

<template>
  <div class="panel-scroll">
    <h2>Days</h2>
    <div v-if="plan && origin" class="headline">
      <div>
        <strong>{{ weekdayTime(origin, plan.startBy) }}</strong><span>start by</span>
      </div>
      <div>
        <strong>{{ Math.round(plan.chance * 100) }} in 100</strong><span>runs on time</span>
      </div>
      <div>
        <strong>{{ plan.sessions.length }}</strong><span>sessions</span>
      </div>
      <div>
        <strong>{{ formatTime(plan.handsOn) }}</strong><span>hands-on</span>
      </div>
      <div>
        <strong>{{ formatTime(plan.spare) }}</strong><span>spare at the end</span>
      </div>
    </div>
    <p v-if="inPast && !store.build!.bench.done.length" class="trouble">
      <span aria-hidden="true">▲</span> The latest start has passed: move the due time, add hours, or make it
      simpler.
    </p>
    <p v-for="t in [...(days?.trouble ?? []), ...never]" :key="t" class="trouble">
      <span aria-hidden="true">◆</span> {{ t }}
    </p>
    <p v-if="plan?.critical && origin" class="critical">
      The wait to watch: {{ plan.critical.link.why }},
      {{ formatBand(plan.critical.link.band.fast, plan.critical.link.band.slow) }}; needed
      {{ weekdayTime(origin, plan.critical.used) }}.
    </p>
    <p v-if="!plan && store.planning !== undefined" class="muted">Planning…</p>

    <template v-if="plan && origin">
      <section v-for="(s, i) in plan.sessions" :key="s.from" class="session">
        <h3>
          {{ dayName(origin, s.from) }}
          <span
            >{{ clockTime(origin, s.from) }}–{{ clockTime(origin, s.to) }} · {{ formatTime(s.handsOn) }} at
            work</span
          >
        </h3>
        <ol>
          <li
            v-for="p in s.steps"
            :key="p.step.id"
            :class="{
              now: store.playhead !== undefined && store.playhead >= p.from && store.playhead < p.to,
            }"
          >
            <button
              type="button"
              @click="
                ((store.playhead = p.from),
                p.step.piece && (store.selection = { kind: 'piece', id: p.step.piece }))
              "
            >
              <time>{{ clockTime(origin, p.from) }}</time><span>{{ p.step.title }}</span
              ><span class="muted">{{ formatTime(p.step.minutes) }}</span>
            </button>
          </li>
        </ol>
        <div v-if="plan.sessions[i + 1]" class="then">
          <p class="muted">
            then it rests until {{ weekdayTime(origin, plan.sessions[i + 1]!.from)
            }}<template v-if="waitsAfter(s.to, plan.sessions[i + 1]!.from).length">, while</template>
          </p>
          <ul>
            <li v-for="w in waitsAfter(s.to, plan.sessions[i + 1]!.from)" :key="`${w.link.from}${w.link.to}`">
              <button
                type="button"
                :aria-expanded="opened === `${w.link.from}${w.link.to}`"
                @click="
                  opened = opened === `${w.link.from}${w.link.to}` ? undefined : `${w.link.from}${w.link.to}`
                "
              >
                {{ w.link.why }}
                <span class="muted">{{ formatBand(w.link.band.fast, w.link.band.slow) }}</span><span
                  v-if="!w.easy"
                  class="tight"
                >
                  ◆ tight when slow</span
                >
              </button>
              <WhyTree
                v-if="opened === `${w.link.from}${w.link.to}` && why(w.link.piece)"
                :figure="why(w.link.piece)!"
              />
            </li>
          </ul>
        </div>
      </section>
    </template>
  </div>
</template>

<style scoped>
.trouble {
  padding: 9px 0;
  border-bottom: 1px solid var(--line);
  color: var(--tight);
}
.critical {
  padding: 10px 0;
  border-bottom: 1px solid var(--line);
}
.session {
  padding: 14px 0 4px;
}
.session h3 span {
  font: 400 13px var(--font-text);
  color: var(--ink-2);
  margin-left: 8px;
}
ol,
ul {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
}
ol li {
  border-top: 1px solid var(--slab-3);
}
ol button {
  display: grid;
  grid-template-columns: 52px 1fr 70px;
  width: 100%;
  padding: 6px 0;
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
}
ol button > :last-child {
  text-align: right;
}
ol button:hover {
  background: var(--slab);
}
li.now button {
  background: #fbf0d6;
}
time {
  font-weight: 600;
}
.then {
  margin: 8px 0 0;
  padding: 7px 12px;
  border-left: 3px solid var(--elm-pale);
  background: repeating-linear-gradient(-55deg, var(--slab) 0 2px, var(--slab-2) 2px 9px);
}
.then button {
  border: 0;
  background: var(--slab-2);
  padding: 1px 5px;
  border-radius: 5px;
  cursor: pointer;
  text-align: left;
}
.tight {
  color: var(--tight);
}
</style>
