<script setup lang="ts">
import { computed, ref } from 'vue';
import {
  betweenSessions,
  dayName,
  midnights,
  momentWords,
  sessionWords,
  stripOf,
  toldTime,
  type Session,
} from '@core/days/index.ts';
import { formatBand, formatTime } from '@core/quantity/index.ts';
import { useBuild } from '../state/build-store.ts';
import { useStage } from '../state/on-stage.ts';
import { useOpenBuild } from '../state/here.ts';

/** The days along the foot of the screen: sessions as blocks, waits as hatching, the due mark, a playhead. */
const props = defineProps<{ folded: boolean }>();
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const strip = ref<HTMLElement>();

const days = computed(() => store.days);
const plan = computed(() => days.value?.plan);
const ends = computed(() => (plan.value ? stripOf(plan.value, days.value?.due ?? 0) : { from: 0, to: 0 }));
const from = computed(() => ends.value.from);
const to = computed(() => ends.value.to);
const span = computed(() => Math.max(1, to.value - from.value));
const at = (minute: number) => `${(100 * (minute - from.value)) / span.value}%`;
const wide = (minutes: number) => `${(100 * minutes) / span.value}%`;
const dayLines = computed(() =>
  // no day begins on the clock after it is due: there is no room for its name
  days.value?.origin && plan.value
    ? midnights(days.value.origin, from.value, Math.min(to.value, days.value.due ?? to.value))
    : [],
);

const labelOf = (s: Session): string => sessionWords(here.build, s);
/** Sessions of the person's own; helpers have a thinner line beneath. */
const own = computed(() => plan.value?.sessions.filter((s) => s.person === 0) ?? []);
const helped = computed(() => plan.value?.sessions.filter((s) => s.person > 0) ?? []);
/** Too short for its own name, which then stands after it where there is room. */
const isNarrow = (s: Session): boolean => s.to - s.from < span.value * 0.075;
const roomAfter = (i: number): number => {
  const all = own.value;
  return all[i + 1] ? all[i + 1]!.from - all[i]!.to : 0;
};
/** Hatched from the end of a session to the start of the next while something firms that the next one needs. */
const rests = computed(() => (plan.value ? betweenSessions(own.value, plan.value.waits) : []));
const now = computed(() => {
  const origin = days.value?.origin;
  return origin ? (Date.now() - origin.millis) / 60000 : undefined;
});

const told = computed(() =>
  stage.playhead !== undefined && plan.value && days.value?.origin
    ? momentWords(plan.value, days.value.origin, stage.playhead)
    : undefined,
);

function seek(e: PointerEvent): void {
  const box = strip.value!.getBoundingClientRect();
  const share = Math.min(1, Math.max(0, (e.clientX - box.left) / box.width));
  stage.playhead = Math.round(from.value + share * span.value);
}
function press(e: PointerEvent): void {
  if (!plan.value) return;
  strip.value!.setPointerCapture(e.pointerId);
  seek(e);
}
const drag = (e: PointerEvent) => {
  if (strip.value?.hasPointerCapture(e.pointerId)) seek(e);
};
function keys(e: KeyboardEvent): void {
  const step = e.shiftKey ? 60 : 10;
  if (e.key === 'ArrowLeft' || e.key === 'ArrowRight') {
    e.preventDefault();
    e.stopPropagation();
    stage.playhead = Math.min(
      to.value,
      Math.max(from.value, (stage.playhead ?? from.value) + (e.key === 'ArrowLeft' ? -step : step)),
    );
  }
}
</script>

<template>
  <section
    class="clock"
    :class="{ folded: props.folded || !plan, planning: store.planning !== undefined }"
    aria-label="The days"
  >
    <p v-if="!plan && store.planning === undefined" class="none">
      {{ days?.trouble[0] ?? 'Planning…' }}
    </p>
    <p v-else-if="!plan" class="none">Planning…</p>
    <div
      v-else
      ref="strip"
      class="strip"
      role="slider"
      tabindex="0"
      aria-label="Playhead"
      :aria-valuemin="Math.round(from)"
      :aria-valuemax="Math.round(to)"
      :aria-valuenow="Math.round(stage.playhead ?? from)"
      :aria-valuetext="told ?? 'not set'"
      @pointerdown="press"
      @pointermove="drag"
      @keydown="keys"
    >
      <template v-for="m in dayLines" :key="m">
        <i class="day" :style="{ left: at(m) }"></i>
        <span class="day-name" :style="{ left: at(m) }">{{ dayName(days!.origin!, m) }}</span>
      </template>
      <i
        v-for="r in rests"
        :key="r.from"
        class="rest"
        :style="{ left: at(r.from), width: wide(r.to - r.from) }"
      ></i>
      <span
        v-for="r in rests"
        v-show="r.to - r.from > span * 0.16 && r.wait"
        :key="`w${r.from}`"
        class="wait-name"
        :style="{ left: at(r.from), width: wide(r.to - r.from) }"
      >
        {{ r.wait?.link.why }} · {{ r.wait ? formatBand(r.wait.link.band.fast, r.wait.link.band.slow) : '' }}
      </span>
      <span
        v-for="s in own"
        :key="s.from"
        class="session"
        :style="{ left: at(s.from), width: wide(s.to - s.from) }"
        :title="labelOf(s)"
        ><template v-if="!isNarrow(s)">{{ labelOf(s) }}</template></span
      >
      <span
        v-for="(s, i) in own"
        v-show="isNarrow(s) && roomAfter(i) > span * 0.06"
        :key="`n${s.from}`"
        class="after"
        :style="{ left: at(s.to), maxWidth: wide(roomAfter(i) * 0.7) }"
        aria-hidden="true"
        >{{ labelOf(s) }}</span
      >
      <i
        v-for="s in helped"
        :key="`h${s.person}-${s.from}`"
        class="helper"
        :style="{ left: at(s.from), width: wide(s.to - s.from) }"
        :title="`${days!.people[s.person]}: ${labelOf(s)}`"
      ></i>
      <i v-if="now !== undefined && now > from && now < to" class="now" :style="{ left: at(now) }"></i>
      <span class="due" :style="{ left: at(days!.due!) }"
        ><b>due {{ toldTime(days!.origin!, days!.due!) }}</b
        ><br />{{ formatTime(plan.spare) }} spare</span
      >
      <template v-if="stage.playhead !== undefined">
        <i class="playhead" :style="{ left: at(stage.playhead) }"></i>
        <span
          class="told"
          :class="{ leftwards: stage.playhead > from + span * 0.55 }"
          :style="{ left: at(stage.playhead) }"
          >{{ told }}</span
        >
      </template>
      <span v-else class="hint">Drag along here to see how firm everything is at any hour.</span>
    </div>
    <div v-if="store.planning !== undefined" class="busy" role="status">
      Looking for a better plan · {{ Math.round(store.planning * 100) }} %
      <button type="button" @click="store.cancelPlanning()">Stop</button>
    </div>
  </section>
</template>

<style scoped>
.clock {
  position: relative;
  height: 118px;
  background: var(--ink);
  color: #dfe6e2;
  padding: 0 24px;
}
.clock.folded {
  height: 46px;
}
.none {
  padding: 12px 0;
}
.strip {
  position: relative;
  height: 100%;
  cursor: ew-resize;
  touch-action: none;
}
.strip:focus-visible {
  outline-color: var(--playhead);
  outline-offset: -3px;
}
.strip > * {
  position: absolute;
}
.day {
  top: 8px;
  bottom: 8px;
  width: 1px;
  background: #47524e;
}
.day-name {
  top: 9px;
  padding-left: 8px;
  font-size: 12.5px;
  color: #b4c0ba;
  white-space: nowrap;
}
.session {
  top: 36px;
  height: 24px;
  min-width: 9px;
  padding: 2px 6px;
  border-radius: 5px;
  background: var(--elm-pale);
  color: var(--ink);
  font-size: 12.5px;
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
}
.helper {
  top: 62px;
  height: 5px;
  min-width: 6px;
  border-radius: 3px;
  background: var(--elm-pale);
}
.after {
  top: 38px;
  height: 20px;
  margin-left: 3px;
  padding: 0 7px 0 5px;
  background: var(--ink);
  color: #cfe3d9;
  font-size: 12px;
  line-height: 20px;
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
}
.rest {
  top: 38px;
  height: 20px;
  background: repeating-linear-gradient(-55deg, #6f8d80 0 1.3px, transparent 1.3px 8px);
}
.wait-name {
  top: 64px;
  font-size: 12px;
  color: #b4c0ba;
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
  padding: 0 6px;
  text-align: center;
}
.due {
  top: 32px;
  padding-left: 8px;
  border-left: 2px solid var(--paper);
  font-size: 12.5px;
  line-height: 1.3;
  white-space: nowrap;
  transform: translateX(-1px);
}
.due b {
  font-weight: 600;
}
.now {
  top: 30px;
  height: 36px;
  width: 2px;
  background: var(--paper);
  opacity: 0.5;
}
.playhead {
  top: 8px;
  bottom: 0;
  width: 2px;
  background: var(--playhead);
}
.playhead::before {
  content: '';
  position: absolute;
  left: -5px;
  top: -2px;
  width: 12px;
  height: 12px;
  border-radius: 50%;
  background: var(--playhead);
}
.told,
.hint {
  bottom: 6px;
  padding: 0 9px;
  font-size: 12.5px;
  white-space: nowrap;
  color: var(--playhead);
}
.told {
  background: var(--ink);
  border-radius: 4px;
}
.told.leftwards {
  transform: translateX(-100%);
}
.hint {
  left: 0;
  padding: 0;
  color: #9fb0a8;
}
.busy {
  position: absolute;
  right: 16px;
  bottom: 6px;
  font-size: 12px;
  color: #b4c0ba;
  background: var(--ink);
}
.folded .busy {
  right: auto;
  left: 24px;
}
/* folded there is one line: the days make room for what is going on */
.clock.folded.planning .strip {
  margin-inline: 232px 40px;
}
.busy button {
  margin-left: 6px;
  border: 1px solid #5f6c67;
  border-radius: 6px;
  background: none;
  color: var(--paper);
  cursor: pointer;
}
.folded .session {
  top: 11px;
}
.folded .rest {
  top: 13px;
}
.folded .due {
  top: 5px;
}
.folded .day-name,
.folded .wait-name,
.folded .after,
.folded .hint,
.folded .told {
  display: none;
}
</style>
