<script setup lang="ts">
import { computed } from 'vue';
import type { Rolled } from '@core/covers/index.ts';
import { formatLength } from '@core/quantity/index.ts';
import { usePreferences } from '../../state/preferences.ts';
import { useStage } from '../../state/on-stage.ts';
import WhyButton from '../../shared/WhyButton.vue';

/** A sheet that is rolled and laid over something: how large, how thick, what stays of it. */
const props = defineProps<{ rolled: Rolled }>();
const stage = useStage();
const { shown } = usePreferences();
const thick = computed(() => formatLength(props.rolled.thick, shown));
const chosen = computed(() => stage.selection?.kind === 'piece' && stage.selection.id === props.rolled.id);
</script>

<template>
  <li :class="{ on: chosen }">
    <template v-if="rolled.kind === 'draped'">
      <strong>{{ rolled.name }}</strong>
      <span
        >Roll a {{ rolled.draped.of.shape === 'round' ? 'disc' : 'square' }} of
        <WhyButton :figure="rolled.draped.roll" />, {{ thick }} thick;
        <WhyButton :figure="rolled.draped.used" /> of it stays.</span
      >
    </template>
    <template v-else>
      <button
        type="button"
        :aria-pressed="chosen"
        @click="stage.selection = { kind: 'piece', id: rolled.id }"
      >
        <strong>{{ rolled.name }}, gathered at the bottom</strong>
      </button>
      <span
        >Roll a round of <WhyButton :figure="rolled.gathered.round" />, {{ thick }} thick, from
        <WhyButton :figure="rolled.gathered.rolled" after="." />
        <WhyButton :figure="rolled.gathered.stays" /> stay, <WhyButton :figure="rolled.gathered.off" /> come
        off again; <WhyButton :figure="rolled.gathered.thinnest" /> at its thinnest, on the top.</span
      >
      <span class="muted"
        >Smooth <WhyButton :figure="rolled.gathered.smooth" /> from the top over the skin; folds from
        <WhyButton :figure="rolled.gathered.folds" /> on, where nobody looks. A round under
        <WhyButton :figure="rolled.gathered.least" /> tears.</span
      >
      <span v-for="s in rolled.gathered.says" :key="s" class="note">◆ {{ s }}</span>
    </template>
  </li>
</template>

<style scoped>
li {
  display: grid;
  gap: 3px;
  padding: 9px 6px;
  border-top: 1px solid var(--line);
}
.on {
  background: var(--elm-soft);
}
li > button {
  justify-self: start;
  border: 0;
  padding: 0;
  background: none;
  text-align: left;
  cursor: pointer;
}
.note {
  color: var(--tight);
}
</style>
