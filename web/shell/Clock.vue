<script setup lang="ts">
import { computed, ref } from 'vue';
import {
  betweenSessions,
  betweenWords,
  clockTime,
  dayName,
  foldedStrip,
  minuteOf,
  momentWords,
  sittingParts,
  toldTime,
  waitsOfPiece,
  type Session,
} from '@core/days/index.ts';
import { formatBand, formatTime } from '@core/quantity/index.ts';
import { useBuild } from '../state/build-store.ts';
import { useStage } from '../state/on-stage.ts';
import { useOpenBuild } from '../state/here.ts';
import ClockPlayhead from './ClockPlayhead.vue';
import ClockSitting from './ClockSitting.vue';

/** The days along the foot of the screen: sittings with their names, nights folded, now and due; pulled along to look at any hour. */
const props = defineProps<{ folded: boolean }>();
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const strip = ref<HTMLElement>();

const days = computed(() => store.days);
const plan = computed(() => days.value?.plan);
/** Sittings of the person's own; helpers have a thinner line beneath. */
const own = computed(() => plan.value?.sessions.filter((s) => s.person === 0) ?? []);
const helped = computed(() => plan.value?.sessions.filter((s) => s.person > 0) ?? []);
const time = computed(() => foldedStrip(own.value, days.value?.due ?? 0));
const percent = (share: number) => `${100 * share}%`;
const at = (minute: number) => percent(time.value.shareOf(minute));
const wide = (from: number, to: number) => percent(time.value.span(from, to));
const origin = computed(() => days.value?.origin);

const sittings = computed(() =>
  own.value.map((s) => ({
    s,
    left: at(s.from),
    width: wide(s.from, s.to),
    day: origin.value ? dayName(origin.value, s.from) : '',
    begins: origin.value ? clockTime(origin.value, s.from) : '',
    hours: origin.value ? `${clockTime(origin.value, s.from)} to ${clockTime(origin.value, s.to)}` : '',
    says: labelOf(s),
    parts: sittingParts(here.build, s, time.value.span(s.from, s.to)).map((p) => ({
      ...p,
      left: percent((p.from - s.from) / Math.max(1, s.to - s.from)),
      width: percent((p.to - p.from) / Math.max(1, s.to - s.from)),
    })),
  })),
);
const labelOf = (s: Session): string =>
  sittingParts(here.build, s)
    .map((p) => p.words)
    .join(', ');
/** Folded together between two sittings, with the longest wait that the next one needs. */
const rests = computed(() =>
  plan.value
    ? betweenSessions(own.value, plan.value.waits).map((r) => ({
        from: r.from,
        left: at(r.from),
        width: wide(r.from, r.to),
        words: betweenWords(r.from, r.to),
        says: r.wait
          ? `${r.wait.link.why}, ${formatBand(r.wait.link.band.fast, r.wait.link.band.slow)}`
          : betweenWords(r.from, r.to),
      }))
    : [],
);
const now = computed(() => (origin.value ? minuteOf(origin.value, Date.now()) : undefined));

/** What holds the selected piece to its times. */
const ties = computed(() => {
  const id = stage.selection?.kind === 'piece' ? stage.selection.id : undefined;
  if (!id || !plan.value) return [];
  const steps = new Map(plan.value.sessions.flatMap((s) => s.steps.map((p) => [p.step.id, p.step] as const)));
  return waitsOfPiece(plan.value.waits, steps, id);
});

const told = computed(() =>
  stage.playhead !== undefined && plan.value && origin.value
    ? momentWords(plan.value, origin.value, stage.playhead)
    : undefined,
);

function seek(e: PointerEvent): void {
  const box = strip.value!.getBoundingClientRect();
  stage.playhead = Math.round(time.value.minuteAt((e.clientX - box.left) / box.width));
}
function press(e: PointerEvent): void {
  if (!plan.value) return;
  // a finger that goes along scrolls the strip; a tap looks
  if (e.pointerType !== 'touch') strip.value!.setPointerCapture(e.pointerId);
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
    const { from, to } = time.value;
    stage.playhead = Math.min(
      to,
      Math.max(
        from,
        (stage.playhead ?? plan.value?.startBy ?? from) + (e.key === 'ArrowLeft' ? -step : step),
      ),
    );
  } else if (e.key === 'Escape') stage.playhead = undefined;
}
</script>

<template>
  <section class="clock" :class="{ folded: props.folded || !plan }" aria-label="The days">
    <p v-if="!plan" class="none">
      {{ store.planning === undefined ? (days?.trouble[0] ?? 'Planning…') : 'Planning…' }}
    </p>
    <div v-else class="along">
      <div
        ref="strip"
        class="strip"
        :style="{ minWidth: `${own.length * 92}px` }"
        role="slider"
        tabindex="0"
        aria-label="Time looked at"
        :aria-valuemin="Math.round(time.from)"
        :aria-valuemax="Math.round(time.to)"
        :aria-valuenow="Math.round(stage.playhead ?? plan.startBy)"
        :aria-valuetext="told ?? 'not set'"
        @pointerdown="press"
        @pointermove="drag"
        @keydown="keys"
      >
        <span
          v-for="r in rests"
          :key="`r${r.from}`"
          class="rest"
          :style="{ left: r.left, width: r.width }"
          :title="r.says"
          ><em>{{ r.words }}</em></span
        >
        <ClockSitting
          v-for="x in sittings"
          :key="x.s.from"
          :sitting="x"
          :folded="props.folded"
          :style="{ left: x.left, width: x.width }"
        />
        <i
          v-for="s in helped"
          :key="`h${s.person}-${s.from}`"
          class="helper"
          :style="{ left: at(s.from), width: wide(s.from, s.to) }"
          :title="`${days!.people[s.person]}: ${labelOf(s)}`"
        ></i>
        <i
          v-for="t in ties"
          :key="`t${t.from}-${t.words}`"
          class="tie"
          :class="{ closes: t.closes }"
          :style="{ left: at(t.from), width: wide(t.from, t.to) }"
          :title="t.words"
        ></i>
        <i v-if="now !== undefined && now > time.from && now < time.to" class="now" :style="{ left: at(now) }"
          ><em>now</em></i
        >
        <i class="due" :style="{ left: at(days!.due!) }"></i>
        <ClockPlayhead v-if="told !== undefined" :share="time.shareOf(stage.playhead!)" :told="told" />
      </div>
      <p class="end">
        <b>due {{ toldTime(origin!, days!.due!) }}</b
        ><span>{{ formatTime(plan.spare) }} to spare</span>
        <span v-if="store.planning !== undefined" class="busy" role="status">
          looking for a better plan, {{ Math.round(store.planning * 100) }} %
          <button type="button" @click="store.cancelPlanning()">Stop</button>
        </span>
        <span v-else-if="told === undefined && !props.folded" class="hint"
          >Pull along the days to look ahead.</span
        >
      </p>
    </div>
  </section>
</template>

<style scoped>
.clock {
  position: relative;
  height: 118px;
  background: var(--ink);
  color: #dfe6e2;
  padding: 0 16px;
}
.clock.folded {
  height: 46px;
}
.none {
  padding: 12px 0;
}
.along {
  display: flex;
  gap: 16px;
  height: 100%;
  overflow-x: auto;
  scrollbar-width: thin;
}
.strip {
  position: relative;
  flex: 1 0 auto;
  width: 0;
  cursor: ew-resize;
  touch-action: pan-x;
  user-select: none;
}
.strip:focus-visible {
  outline-color: var(--playhead);
  outline-offset: -3px;
}
.strip > * {
  position: absolute;
}
.rest {
  top: 14px;
  height: 68px;
  display: grid;
  place-items: center;
  font-size: 12px;
  color: #b4c0ba;
  overflow: hidden;
  background: repeating-linear-gradient(-55deg, #55635d 0 1.2px, transparent 1.2px 8px);
}
.rest em {
  font-style: normal;
  background: var(--ink);
  padding: 0 3px;
}
.helper {
  top: 84px;
  height: 5px;
  min-width: 6px;
  border-radius: 3px;
  background: var(--elm-pale);
}
/* a window ends in a mark, a wait in an open end */
.tie {
  top: 90px;
  height: 8px;
  min-width: 4px;
  border: solid #dfe6e2;
  border-width: 0 0 2px 2px;
  border-radius: 0 0 0 4px;
}
.tie.closes {
  border-color: var(--playhead);
  border-right-width: 3px;
  border-radius: 0 0 4px 4px;
}
.now,
.due {
  top: 8px;
  height: 80px;
  width: 2px;
  background: var(--paper);
}
.now {
  opacity: 0.6;
}
.now em {
  position: absolute;
  top: -7px;
  left: 5px;
  font: 400 11.5px var(--font-text);
}
.end {
  flex: 0 0 auto;
  align-self: flex-start;
  display: grid;
  gap: 1px;
  width: 168px;
  padding-top: 13px;
  font-size: 12.5px;
  line-height: 1.35;
}
.end b {
  font-weight: 600;
}
.hint,
.busy {
  color: #b4c0ba;
}
.busy button {
  margin-left: 4px;
  border: 1px solid #5f6c67;
  border-radius: 6px;
  background: none;
  color: var(--paper);
  cursor: pointer;
}
.folded .rest {
  top: 8px;
  height: 30px;
}
.folded .end {
  display: flex;
  align-items: center;
  gap: 10px;
  width: auto;
  padding-top: 12px;
  white-space: nowrap;
}
.folded .tie,
.folded .helper,
.folded .now em {
  display: none;
}
.folded .now,
.folded .due {
  top: 4px;
  height: 38px;
}
@media (max-width: 1100px) {
  .end {
    width: 122px;
  }
  .hint {
    display: none;
  }
}
@media (max-width: 620px) {
  .end {
    width: 104px;
  }
  .folded .end span {
    display: none;
  }
}
@media (forced-colors: active) {
  .rest,
  .helper {
    border: 1px solid CanvasText;
  }
  .due,
  .now {
    background: Highlight;
  }
}
</style>
