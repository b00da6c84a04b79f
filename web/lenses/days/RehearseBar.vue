<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core';
import { computed, onBeforeUnmount } from 'vue';
import { ChevronLeft, ChevronRight, Pause, Play } from '@lucide/vue';
import { rehearsalOf } from '@core/days/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useStage } from '../../state/on-stage.ts';

/** The plan gone through step by step: what is made comes up on the stage, firms, and is set in its place. */
const store = useBuild();
const stage = useStage();
/** How long a step stays on the stage, ms. */
const BEAT = 900;
const steps = computed(() => {
  const { plan, origin } = store.days ?? {};
  return plan && origin ? rehearsalOf(plan, origin) : [];
});
/** The last step that is over at the playhead; −1 before the first. */
const at = computed(() => {
  const { playhead } = stage;
  return playhead === undefined ? -1 : steps.value.filter((s) => s.at <= playhead).length - 1;
});
const now = computed(() => steps.value[at.value]);
function show(k: number): void {
  stage.rehearsing = true;
  const step = steps.value[k];
  stage.playhead = step ? step.at : (store.days?.plan?.startBy ?? 0);
}
const {
  isActive: playing,
  pause,
  resume,
} = useIntervalFn(
  () => {
    if (at.value + 1 >= steps.value.length) pause();
    else show(at.value + 1);
  },
  BEAT,
  { immediate: false },
);
function play(): void {
  // what is picked is told below, not now
  stage.selection = undefined;
  if (playing.value) return pause();
  if (at.value + 1 >= steps.value.length) show(-1);
  resume();
}
function turn(by: number): void {
  pause();
  show(Math.max(-1, Math.min(steps.value.length - 1, at.value + by)));
}
function stop(): void {
  pause();
  stage.rehearsing = false;
  stage.playhead = undefined;
}
onBeforeUnmount(stop);
</script>

<template>
  <div v-if="steps.length" class="rehearse" role="group" aria-label="Rehearse the plan">
    <button class="button main" type="button" @click="play">
      <component :is="playing ? Pause : Play" :size="16" aria-hidden="true" />
      {{ playing ? 'Pause' : !stage.rehearsing ? 'Rehearse' : 'Go on' }}
    </button>
    <template v-if="stage.rehearsing">
      <button class="button" type="button" aria-label="One step back" @click="turn(-1)">
        <ChevronLeft :size="16" aria-hidden="true" />
      </button>
      <button class="button" type="button" aria-label="One step on" @click="turn(1)">
        <ChevronRight :size="16" aria-hidden="true" />
      </button>
      <span class="words" role="status">{{ now ? now.words : 'before the first step' }}</span>
      <button class="button plain" type="button" @click="stop">Leave</button>
    </template>
    <span v-else class="muted small">goes through the plan on the stage, step by step</span>
  </div>
</template>

<style scoped>
.rehearse {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  min-height: 44px;
  position: sticky;
  z-index: 3;
  top: -18px;
  padding: 6px 0;
  background: var(--slab-2);
}
.button {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}
.words {
  flex: 1 1 160px;
  font-weight: 500;
}
</style>
