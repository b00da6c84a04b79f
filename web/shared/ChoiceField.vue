<script setup lang="ts" generic="T extends string | number">
import { nextTick, onMounted, ref, watch, type ComponentPublicInstance } from 'vue';

interface Option {
  readonly value: T;
  readonly label: string;
  readonly disabled?: boolean;
}

/** A choice from a list under its label, of the type of its options; typing narrows a long one where `search` is set. */
const props = defineProps<{
  value: T | undefined;
  label: string;
  options: readonly (Option | { readonly label: string; readonly options: readonly Option[] })[];
  hideLabel?: boolean;
  search?: boolean;
  /** Pixels; as wide as there is room without. */
  width?: number;
}>();
const emit = defineEmits<{ change: [value: T]; 'update:value': [value: T] }>();

/** The library says what was chosen without its type: it is one of the options, by its value. */
function choose(chosen: unknown): void {
  const found = props.options
    .flatMap((o) => ('options' in o ? o.options : [o]))
    .find((o) => o.value === chosen);
  if (!found) return;
  emit('update:value', found.value);
  emit('change', found.value);
}

const open = ref(false);
const select = ref<ComponentPublicInstance>();
/** Closed, the library names a list that is not there: a screen reader would look for it. */
function tidy(): void {
  const root: unknown = select.value?.$el;
  const input = root instanceof HTMLElement ? root.querySelector('input') : null;
  // `aria-controls` says the same and may name what comes later
  for (const name of ['aria-owns', 'aria-activedescendant']) input?.removeAttribute(name);
}
onMounted(() => void nextTick(tidy));
watch(open, (now) => {
  if (!now) void nextTick(tidy);
});
</script>

<template>
  <label class="field">
    <span :class="{ 'visually-hidden': hideLabel }">{{ label }}</span>
    <a-select
      ref="select"
      :value="value"
      :options="[...options]"
      :show-search="search"
      option-filter-prop="label"
      :style="width === undefined ? undefined : { width: `${width}px` }"
      :open="open"
      @dropdown-visible-change="(now: boolean) => (open = now)"
      @change="choose"
    />
  </label>
</template>
