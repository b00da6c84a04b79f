<script setup lang="ts">
import { useUnion } from '../state/union.ts';
import WhyButton from './WhyButton.vue';

/** What it means for a lens that pieces lie in each other: the sum of the pieces against their true union. */
defineProps<{ lens: 'bones' | 'paste' }>();
const union = useUnion();
</script>

<template>
  <p class="union">
    <template v-if="union.share !== undefined">
      <span role="status">Joining the pieces · {{ Math.round(union.share * 100) }} %</span>
      <button class="button plain" type="button" @click="union.cancel()">Stop</button>
    </template>
    <template v-else-if="union.figures && !union.stale">
      Joined, the pieces fill <WhyButton :figure="union.figures.together" after="," />
      <WhyButton :figure="union.figures.shared" /> less than one by one.
      <template v-if="lens === 'bones'">
        Pressed paste keeps its weight; counted once, the balance point would move
        <WhyButton :figure="union.figures.moves" after="." />
      </template>
      <template v-else>
        Pressed on, none is lost; trimming every seat would give back at most
        <WhyButton :figure="union.figures.trim" after="." />
      </template>
    </template>
    <template v-else>
      <span class="muted">Where pieces are pressed on, the overlap is counted twice here.</span>
      <button class="button plain" type="button" @click="union.reckon()">
        {{ union.stale ? 'Join them again' : 'Join them and see the difference' }}
      </button>
    </template>
  </p>
</template>

<style scoped>
.union {
  padding: 10px 0;
  min-height: 54px;
}
</style>
