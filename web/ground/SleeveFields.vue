<script setup lang="ts">
import { computed } from 'vue';
import { usualSleeve } from '@core/edits/index.ts';
import type { Sleeve } from '@core/record/index.ts';
import { useOpenBuild } from '../state/here.ts';
import ChoiceField from '../shared/ChoiceField.vue';
import QuantityField from '../shared/QuantityField.vue';

/** Paste round the threaded rod where it crosses a gap: of what, how wide, in which colour; or none. */
const props = defineProps<{ sleeve: Sleeve | undefined }>();
const emit = defineEmits<{ change: [sleeve: Sleeve | undefined] }>();
const here = useOpenBuild();
const BARE = '';
const blends = computed(() => [
  { value: BARE, label: 'bare rod' },
  ...here.build.blends.map((b) => ({ value: b.id, label: b.name })),
]);
const colours = computed(() => here.build.colours.map((c) => ({ value: c.id, label: c.name })));
const set = (patch: Partial<Sleeve>) =>
  emit('change', { ...(props.sleeve ?? usualSleeve(here.build)), ...patch });
</script>

<template>
  <ChoiceField
    label="Round the rod there"
    :value="sleeve?.blend ?? BARE"
    :options="blends"
    :width="160"
    @change="(v) => (v === BARE ? emit('change', undefined) : set({ blend: v }))"
  />
  <template v-if="sleeve">
    <QuantityField
      label="Sleeve across"
      kind="length"
      :width="76"
      :value="sleeve.across"
      @change="(v) => set({ across: v })"
    />
    <ChoiceField
      label="Sleeve colour"
      :value="sleeve.colour"
      :options="colours"
      :width="130"
      @change="(v) => set({ colour: v })"
    />
  </template>
</template>
