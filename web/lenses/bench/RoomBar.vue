<script setup lang="ts">
import { computed } from 'vue';
import { setRoom } from '@core/edits/index.ts';
import { roomDiffers } from '@core/firming/index.ts';
import { roundTo } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';

/** The room is read to be other than it is reckoned with: that is said once, and taken with one tap. */
const props = defineProps<{ now: number }>();
const store = useBuild();
const here = useOpenBuild();
const read = computed(() => roomDiffers(here.build, props.now));
const told = (r: { temperature: number; humidity: number }) =>
  `${roundTo(r.temperature, 0.5)} °C, ${Math.round(r.humidity)} %`;
const take = () => read.value && store.apply(setRoom(here.build, read.value), 'the room');
</script>

<template>
  <div v-if="read" class="until" role="status">
    <span>The room is {{ told(read) }}; the plan reckons with {{ told(here.build.room) }}.</span>
    <button type="button" class="button" @click="take">Reckon with the room as it is</button>
  </div>
</template>

<style scoped>
.until {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  margin-bottom: 16px;
  padding: 12px 16px;
  border-left: 4px solid var(--tight);
  background: var(--slab);
}
.until span {
  flex: 1 1 300px;
}
.button {
  min-height: 56px;
  font-size: 18px;
}
</style>
