<script setup lang="ts">
import { nextTick, onMounted, ref, useTemplateRef, watch } from 'vue';
import { X } from '@lucide/vue';
import type { Joining } from '@core/days/index.ts';
import { useStage } from '../../state/on-stage.ts';
import JoinCard from './JoinCard.vue';
import ReachCard from './ReachCard.vue';

/** The join that was picked, in sight under the lines wherever they are; where its faces are within reach is told when asked for. */
const props = defineProps<{ joining: Joining }>();
const stage = useStage();
const reach = ref(false);
const card = useTemplateRef<HTMLElement>('card');
/** On a small screen the whole page is scrolled, and nothing stays in sight by itself. */
const SMALL = '(max-width: 760px)';
const show = () => {
  if (window.matchMedia(SMALL).matches) void nextTick(() => card.value?.scrollIntoView({ block: 'nearest' }));
};
onMounted(show);
watch(() => props.joining.piece.id, show);
</script>

<template>
  <div
    ref="card"
    class="picked"
    role="region"
    :aria-label="`The join of the ${joining.piece.name.toLowerCase()}`"
    tabindex="0"
  >
    <button
      class="button plain away"
      type="button"
      aria-label="Put it away"
      @click="stage.selection = undefined"
    >
      <X :size="18" aria-hidden="true" />
    </button>
    <JoinCard :joining="joining" />
    <button class="button plain" type="button" :aria-expanded="reach" @click="reach = !reach">
      {{ reach ? '▾' : '▸' }} Where it is still within reach
    </button>
    <ReachCard v-if="reach" :key="joining.piece.id" :piece="joining.piece.id" />
  </div>
</template>

<style scoped>
.picked {
  position: sticky;
  z-index: 2;
  bottom: -28px;
  max-height: 40vh;
  margin: 14px -22px 0;
  padding: 4px 22px 30px;
  overflow: auto;
  border-top: 2px solid var(--ink);
  background: var(--slab-2);
}
.away {
  position: sticky;
  top: 0;
  float: right;
}
</style>
