<script setup lang="ts" generic="T extends string | number">
/** A few choices side by side, of the type of their values. */
const props = defineProps<{
  value: T;
  options: readonly { readonly value: T; readonly label: string }[];
  label?: string;
}>();
const emit = defineEmits<{ change: [value: T]; 'update:value': [value: T] }>();
function choose(chosen: unknown): void {
  const found = props.options.find((o) => o.value === chosen);
  if (!found) return;
  emit('update:value', found.value);
  emit('change', found.value);
}
</script>

<template>
  <a-segmented :value="value" :options="[...options]" :aria-label="label" @change="choose" />
</template>
