<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { spanBetween } from '@core/figure/index.ts';
import { paintedFaces } from '@core/finish/index.ts';
import { useOpenBuild } from '../state/here.ts';
import { useScreen } from '../state/screen.ts';
import { useStage } from '../state/on-stage.ts';
import WhyButton from '../shared/WhyButton.vue';

/** How one looks: from near or far, the whole figure, life size; and measuring. */
defineProps<{ moved: boolean }>();
const emit = defineEmits<{ zoom: [by: number]; whole: []; life: [] }>();
const CardDialog = defineAsyncComponent(() => import('./CardDialog.vue'));
const stage = useStage();
const screen = useScreen();
const here = useOpenBuild();
const calibrating = ref(false);
const painted = computed(() => paintedFaces(here.build).size > 0);
const span = computed(() => {
  const [a, b] = stage.measured;
  return a && b && spanBetween(stage.view, a, b);
});
function life(): void {
  if (screen.perMm === undefined) calibrating.value = true;
  else emit('life');
}
</script>

<template>
  <div class="tools">
    <p v-if="stage.measuring" class="hint" role="status">
      <template v-if="span"><WhyButton :figure="span" /> straight across, as seen from here</template>
      <template v-else-if="stage.measured.length === 1">Tap the other end.</template>
      <template v-else>Tap where to measure from.</template>
    </p>
    <div class="row" role="group" aria-label="How near">
      <button type="button" aria-label="Further away" title="Further away (−)" @click="emit('zoom', 1 / 1.4)">
        −
      </button>
      <button type="button" aria-label="Nearer" title="Nearer (+)" @click="emit('zoom', 1.4)">+</button>
      <button type="button" :disabled="!moved" title="Whole figure (0)" @click="emit('whole')">
        Whole figure
      </button>
      <button type="button" @click="life">Life size</button>
      <button
        v-if="painted"
        type="button"
        :aria-pressed="stage.painted"
        :title="stage.painted ? 'As it is mixed' : 'As it is painted'"
        @click="stage.painted = !stage.painted"
      >
        As painted
      </button>
      <button type="button" :aria-pressed="stage.measuring" @click="stage.measuring = !stage.measuring">
        Measure
      </button>
    </div>
    <CardDialog v-if="calibrating" v-model:open="calibrating" @done="emit('life')" />
  </div>
</template>

<style scoped>
.tools {
  position: absolute;
  left: 12px;
  right: 12px;
  bottom: 10px;
  display: grid;
  justify-items: end;
  gap: 6px;
  pointer-events: none;
}
.tools > * {
  pointer-events: auto;
}
.hint {
  margin: 0;
  padding: 4px 11px;
  border-radius: 8px;
  background: var(--paper);
  border: 1px solid var(--line);
  font-size: 13.5px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  justify-content: end;
  gap: 6px;
}
button {
  min-width: 34px;
  height: 34px;
  padding: 0 11px;
  border: 1px solid var(--line);
  border-radius: 9px;
  background: color-mix(in srgb, var(--paper) 86%, transparent);
  color: var(--ink);
  cursor: pointer;
}
button:hover:not(:disabled) {
  border-color: var(--ink-3);
}
button:disabled {
  color: var(--ink-3);
  cursor: default;
}
button[aria-pressed='true'] {
  background: var(--elm);
  border-color: var(--elm);
  color: var(--paper);
}
@media (pointer: coarse) {
  button {
    min-width: 44px;
    height: 44px;
  }
}
</style>
