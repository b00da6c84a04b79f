<script setup lang="ts">
import { computed } from 'vue';
import { cautionsIn, type CautionPlace } from '@core/cautions.ts';
import { useOpenBuild } from '../state/here.ts';

/** What may hurt, where it arises: last on the page, and never hidden. */
const props = defineProps<{ place: CautionPlace }>();
const here = useOpenBuild();
const cautions = computed(() => cautionsIn(here.build, props.place));
</script>

<template>
  <aside v-if="cautions.length" aria-label="Take care">
    <h3>Take care</h3>
    <p v-for="c in cautions" :key="c">{{ c }}</p>
    <p class="muted small">Local food law and licensed practice come first.</p>
  </aside>
</template>

<style scoped>
aside {
  margin-top: 26px;
  padding: 2px 0 2px 14px;
  border-left: 4px solid var(--tight);
}
h3 {
  margin: 0 0 4px;
}
p {
  padding: 3px 0;
  max-width: 70ch;
}
</style>
