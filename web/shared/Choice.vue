<script setup lang="ts">
import { nextTick, onMounted, ref, watch, type ComponentPublicInstance } from 'vue';

/** A list to choose from, fit for a screen reader: closed, the library names a list that is not there. */
defineOptions({ inheritAttrs: false });
const open = ref(false);
const select = ref<ComponentPublicInstance>();
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
  <a-select ref="select" v-bind="$attrs" :open="open" @dropdown-visible-change="(v: boolean) => (open = v)" />
</template>
