<script lang="ts">
import { shallowRef } from 'vue';
import { missingPart } from '../updates.ts';

/** One for all fields: fetched once, when the first is shown. */
const list = shallowRef<typeof import('./ChoiceList.vue').default>();
function fetchList(): void {
  if (!list.value)
    import('./ChoiceList.vue').then(
      (m) => (list.value = m.default),
      () => (missingPart.value = true),
    );
}
</script>

<script setup lang="ts" generic="T extends string | number">
import { computed } from 'vue';
import type { Choices } from './choices.ts';

/** A choice from a list under its label, of the type of its options; typing narrows a long one where `search` is set. */
const props = defineProps<{
  value: T | undefined;
  label: string;
  options: Choices<T>;
  hideLabel?: boolean;
  search?: boolean;
  /** Pixels; as wide as there is room without. */
  width?: number;
}>();
const emit = defineEmits<{ change: [value: T]; 'update:value': [value: T] }>();
fetchList();

/** What is chosen, until there is a list to choose another from. */
const chosen = computed(
  () =>
    props.options.flatMap((o) => ('options' in o ? o.options : [o])).find((o) => o.value === props.value)
      ?.label,
);
function choose(value: T): void {
  emit('update:value', value);
  emit('change', value);
}
</script>

<template>
  <label class="field">
    <span :class="{ 'visually-hidden': hideLabel }">{{ label }}</span>
    <component
      :is="list"
      v-if="list"
      :value="value"
      :options="options"
      :search="search"
      :width="width"
      @change="choose"
    />
    <span v-else class="coming" :style="width === undefined ? undefined : { width: `${width}px` }">{{
      chosen
    }}</span>
  </label>
</template>

<style scoped>
.coming {
  display: block;
  height: 34px;
  padding: 5px 11px;
  border: 1px solid var(--line);
  border-radius: 8px;
  overflow: hidden;
}
</style>
