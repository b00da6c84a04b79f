<script setup lang="ts">
import { computed } from 'vue';
import { useNow } from '@vueuse/core';
import { restLeft, tick } from '@core/edits/index.ts';
import { type Batch } from '@core/paste-list/index.ts';
import { formatTime } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';

/** A clock that runs from the moment a batch was mixed until its gum has taken hold. */
const props = defineProps<{ batch: Batch; step: string }>();
const store = useBuild();
const here = useOpenBuild();
const now = useNow({ interval: 5_000 });
const left = computed(() => restLeft(here.build, props.step, props.batch.rest, now.value));
const start = () => store.apply(tick(here.build, props.step, new Date().toISOString()), 'mixing');
const stop = () => store.apply(tick(here.build, props.step, undefined), 'taking the mixing back');
</script>

<template>
  <p class="clock" role="status">
    <template v-if="left === undefined">
      <button class="button" type="button" @click="start">
        {{ batch.rest > 0 ? `Mixed now: rest it ${formatTime(batch.rest)}` : 'Mixed now' }}
      </button>
    </template>
    <template v-else>
      <strong>{{ left > 0 ? `${formatTime(Math.ceil(left))} more to rest` : 'mixed and ready' }}</strong>
      <button class="button plain" type="button" @click="stop">Not mixed yet</button>
    </template>
  </p>
</template>

<style scoped>
.clock {
  display: flex;
  gap: 8px;
  align-items: center;
}
strong {
  font: 650 18px/1.2 var(--font-title);
}
</style>
