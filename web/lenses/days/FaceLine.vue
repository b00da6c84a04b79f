<script setup lang="ts">
import { computed } from 'vue';
import { faceWords, type FaceAsk } from '@core/days/index.ts';
import { useOpenBuild } from '../../state/here.ts';
import { pieceOf } from '@core/record/index.ts';
import WhyButton from '../../shared/WhyButton.vue';

/** What one face has to be for a join, and when it is so after it was shaped. */
const props = defineProps<{ ask: FaceAsk; closes: boolean }>();
const here = useOpenBuild();
const piece = computed(() => pieceOf(here.build, props.ask.piece));
const words = computed(() => piece.value && faceWords(piece.value, props.ask, props.closes));
</script>

<template>
  <p v-if="piece && words" class="face">
    <span aria-hidden="true" :class="closes ? 'closes' : 'opens'">{{ closes ? '◐' : '○' }}</span>
    {{ piece.name }} {{ words.does }} <WhyButton :figure="ask.told" :text="words.when" after="." />
  </p>
</template>

<style scoped>
.opens {
  color: var(--ink-2);
}
.closes {
  color: var(--holds);
}
</style>
