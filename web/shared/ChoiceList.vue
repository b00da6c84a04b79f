<script setup lang="ts" generic="T extends string | number">
import { computed, nextTick, onMounted, ref, watch, type ComponentPublicInstance } from 'vue';
import { retold } from '../words/say.ts';
import type { Choices } from './choices.ts';

/** The list of a choice field: the component library's, which is fetched when the first is shown. */
const props = defineProps<{
  value: T | undefined;
  options: Choices<T>;
  search?: boolean | undefined;
  width?: number | undefined;
}>();
const emit = defineEmits<{ change: [value: T] }>();

/** The library says what was chosen without its type: it is one of the options, by its value. */
function choose(chosen: unknown): void {
  const found = props.options
    .flatMap((o) => ('options' in o ? o.options : [o]))
    .find((o) => o.value === chosen);
  if (found) emit('change', found.value);
}

/** The library shows what it is given: it is said here. */
const said = computed(() =>
  props.options.map((o) => ({
    ...o,
    label: retold(o.label),
    ...('options' in o ? { options: o.options.map((p) => ({ ...p, label: retold(p.label) })) } : {}),
  })),
);
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
  <a-select
    ref="select"
    :value="value"
    :options="said"
    :show-search="search"
    option-filter-prop="label"
    :style="width === undefined ? undefined : { width: `${width}px` }"
    :open="open"
    @dropdown-visible-change="(now: boolean) => (open = now)"
    @change="choose"
  />
</template>
