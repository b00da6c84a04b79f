<script setup lang="ts">
import { computed, ref } from 'vue';
import {
  clockTime,
  dayName,
  idleOf,
  WASH,
  toldTime,
  type DaysPlan,
  type DaysReport,
  type Idle,
  type Origin,
  type PlannedStep,
  type Session,
} from '@core/days/index.ts';
import { formatBand, formatTime, lower } from '@core/quantity/index.ts';
import { useFound } from '../../state/found.ts';
import { useStage } from '../../state/on-stage.ts';
import StepCard from './StepCard.vue';
import WhyTree from '../../shared/WhyTree.vue';

/** Sittings at the bench in order: who, when, which steps, what to do while hands are free, what rests meanwhile. */
const props = defineProps<{ plan: DaysPlan; origin: Origin; days: DaysReport }>();
const stage = useStage();
const opened = ref<string>();
const step = ref<string>();
type Row = { at: number; step?: PlannedStep; idle?: Idle };
const rowsOf = (s: Session): Row[] =>
  [
    ...s.steps.map((step): Row => ({ at: step.from, step })),
    ...idleOf(s, props.plan, props.days.links).map((idle): Row => ({ at: idle.from, idle })),
  ].sort((a, b) => a.at - b.at);
const sessions = computed(() => {
  const all = props.plan.sessions;
  return all.map((s) => {
    const next = all.find((x) => x.from > s.from && x.from >= s.to);
    const waits = props.plan.waits.filter(
      (w) => w.from <= s.to && w.likely > s.to && (next === undefined || w.used >= next.from),
    );
    const busy = all.some((x) => x !== s && x.from < (next?.from ?? Infinity) && x.to > s.to);
    const alone = s.steps.filter((p) => p.who.length === 0 && p.to > s.to);
    return { s, rows: rowsOf(s), next: busy ? undefined : next, waits: busy ? [] : waits, alone };
  });
});
const cleaning = (p: PlannedStep) => (p.wash >= WASH ? 'wash your hands' : 'wipe down');
const others = (p: PlannedStep, s: Session): string =>
  p.who
    .filter((k) => k !== s.person)
    .map((k) => (props.days.people[k] === 'you' ? 'you' : props.days.people[k]))
    .join(' and ');
/** What goes on by itself at a moment. */
const meanwhile = (s: Session, at: number) =>
  s.steps.find((p) => p.who.length === 0 && p.from <= at && p.to > at)?.step.title;
const firmness = useFound('firmness');
const why = (piece: string | undefined) => (piece ? firmness.value?.get(piece)?.handle : undefined);
const keyOf = (w: { link: { from: string; to: string } }) => `${w.link.from}${w.link.to}`;
const nameOf = (s: Session) => (s.person === 0 ? '' : (props.days.people[s.person] ?? ''));
/** What goes on at the playhead, sitting by sitting: a sitting in which it stays the same is not drawn again. */
const goesOn = (s: Session): string => {
  const at = stage.playhead;
  if (at === undefined || at < s.from) return '';
  return s.steps.flatMap((p) => (at >= p.from && at < p.to ? [p.step.id] : [])).join(' ');
};
const now = computed(() => new Set(props.plan.sessions.flatMap((s) => goesOn(s).split(' '))));
function toggle(p: PlannedStep): void {
  step.value = step.value === p.step.id ? undefined : p.step.id;
  stage.playhead = p.from;
  if (p.step.piece) stage.selection = { kind: 'piece', id: p.step.piece };
}
</script>

<template>
  <div class="sessions">
    <section
      v-for="{ s, rows, next, waits, alone } in sessions"
      :key="`${s.person}-${s.from}`"
      v-memo="[s, origin, days, goesOn(s), step, opened, firmness]"
      class="session when-near"
      :class="{ open: s.steps.some((p) => p.step.id === step) || waits.some((w) => keyOf(w) === opened) }"
    >
      <h3>
        {{ dayName(origin, s.from) }}
        <b v-if="nameOf(s)" class="who">{{ nameOf(s) }}</b>
        <span
          >{{ clockTime(origin, s.from) }}–{{ clockTime(origin, s.to) }} · {{ formatTime(s.handsOn) }} at
          work</span
        >
      </h3>
      <ol>
        <template v-for="r in rows" :key="r.step?.step.id ?? `idle${r.at}`">
          <li v-if="r.step" :class="{ now: now.has(r.step.step.id) }">
            <button type="button" :aria-expanded="step === r.step.step.id" @click="toggle(r.step)">
              <time>{{ clockTime(origin, r.step.from) }}</time><span
                ><span v-if="r.step.wash > 0" class="tag">{{ cleaning(r.step) }}</span
                >{{ r.step.step.title
                }}<span v-if="others(r.step, s)" class="tag after">with {{ others(r.step, s) }}</span
                ><span v-if="r.step.who.length === 0" class="tag after">goes on by itself</span></span
              ><span class="muted">{{ formatTime(r.step.step.minutes) }}</span>
            </button>
            <StepCard v-if="step === r.step.step.id" :step="r.step.step" :from="r.step.from" />
          </li>
          <li v-else-if="r.idle" class="idle">
            <time>{{ clockTime(origin, r.idle.from) }}</time>
            <span
              >{{ formatTime(r.idle.to - r.idle.from) }} with your hands free<template
                v-if="r.idle.because.length"
                >, while {{ r.idle.because[0]!.link.why }}</template
              ><template v-else-if="meanwhile(s, r.idle.from)"
                >; “{{ meanwhile(s, r.idle.from) }}” goes on meanwhile</template
              >.<template v-if="r.idle.could.length">
                You could already {{ r.idle.could.map((x) => `“${x.title}”`).join(', ') }}.</template
              ></span
            >
          </li>
        </template>
      </ol>
      <div v-if="next" class="then">
        <p class="muted">
          then it rests until {{ toldTime(origin, next.from)
          }}<template v-if="waits.length || alone.length">, while</template>
        </p>
        <ul>
          <li v-for="p in alone" :key="p.step.id" class="alone">
            {{ lower(p.step.title) }} goes on by itself
            <span class="muted">until {{ clockTime(origin, p.to) }}</span>
          </li>
          <li v-for="w in waits" :key="keyOf(w)">
            <button
              type="button"
              :aria-expanded="opened === keyOf(w)"
              @click="opened = opened === keyOf(w) ? undefined : keyOf(w)"
            >
              {{ w.link.why }}
              <span class="muted">{{ formatBand(w.link.band.fast, w.link.band.slow) }}</span><span
                v-if="!w.easy"
                class="tight"
              >
                ◆ tight when slow</span
              >
            </button>
            <WhyTree v-if="opened === keyOf(w) && why(w.link.piece)" :figure="why(w.link.piece)!" />
          </li>
        </ul>
      </div>
    </section>
  </div>
</template>

<style scoped>
.session {
  padding: 14px 0 4px;
  contain-intrinsic-height: auto 600px;
}
.session h3 > span {
  font: 400 13px var(--font-text);
  color: var(--ink-2);
  margin-left: 8px;
}
.who {
  margin-left: 8px;
  padding: 1px 9px;
  border-radius: 9px;
  background: var(--elm-soft);
  font: 600 13px var(--font-text);
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
ol button,
.idle {
  display: grid;
  grid-template-columns: var(--clock-wide, 52px) 1fr 70px;
  width: 100%;
  padding: 6px 0;
}
ol button {
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
.idle {
  grid-template-columns: var(--clock-wide, 52px) 1fr;
  color: var(--ink-2);
  background: repeating-linear-gradient(-55deg, var(--slab) 0 2px, transparent 2px 9px);
}
.idle > span {
  background: var(--slab-2);
}
li.now > button {
  background: #fbf0d6;
}
time {
  font-weight: 600;
}
.tag {
  display: inline-block;
  margin-right: 8px;
  padding: 0 7px;
  border: 1px solid var(--line);
  border-radius: 9px;
  font-size: 12.5px;
  color: var(--ink-2);
}
.tag.after {
  margin: 0 0 0 8px;
}
.then {
  margin: 8px 0 0;
  padding: 7px 12px;
  border-left: 3px solid var(--elm-pale);
  background: repeating-linear-gradient(-55deg, var(--slab) 0 2px, var(--slab-2) 2px 9px);
}
.then .alone {
  padding-inline: 5px;
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
