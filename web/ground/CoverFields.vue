<script setup lang="ts">
import { computed } from 'vue';
import { usualCover } from '@core/edits/index.ts';
import type { RolledCover } from '@core/record/index.ts';
import { useOpenBuild } from '../state/here.ts';
import ChoiceField from '../shared/ChoiceField.vue';
import QuantityField from '../shared/QuantityField.vue';

/** Rolled paste over a tier or the board: of what, how thick, in which colour; or none. */
const props = defineProps<{ cover: RolledCover | undefined }>();
const emit = defineEmits<{ change: [cover: RolledCover | undefined] }>();
const here = useOpenBuild();
const BARE = '';
const blends = computed(() => [
  { value: BARE, label: 'no paste' },
  ...here.build.blends.map((b) => ({ value: b.id, label: b.name })),
]);
const colours = computed(() => here.build.colours.map((c) => ({ value: c.id, label: c.name })));
const now = computed(() => props.cover ?? usualCover(here.build));
const set = (patch: Partial<RolledCover>) => emit('change', { ...now.value, ...patch });
</script>

<template>
  <ChoiceField
    label="Covered with"
    :value="cover?.blend ?? BARE"
    :options="blends"
    :width="160"
    @change="(v) => (v === BARE ? emit('change', undefined) : set({ blend: v }))"
  />
  <template v-if="cover">
    <QuantityField
      label="Cover thick"
      kind="length"
      :width="76"
      :value="cover.thickness"
      @change="(v) => set({ thickness: v })"
    />
    <ChoiceField
      label="Colour"
      :value="cover.colour"
      :options="colours"
      :width="130"
      @change="(v) => set({ colour: v })"
    />
  </template>
</template>
