<script setup lang="ts">
import type { Start } from '@core/starts/index.ts';
import ChoiceField from '../shared/ChoiceField.vue';
import Segments from '../shared/Segments.vue';

/** What may be varied of a start: choices, and shares between two ends. */
const props = defineProps<{ start: Start; varied: Readonly<Record<string, number | string>> }>();
const emit = defineEmits<{ vary: [key: string, value: number | string] }>();
const now = (key: string, usual: number): number => {
  const v = props.varied[key];
  return typeof v === 'number' ? v : usual;
};
const said = (key: string, usual: string): string => String(props.varied[key] ?? usual);
</script>

<template>
  <div class="vary">
    <div v-for="v in start.variants" :key="v.key" class="choice">
      <ChoiceField
        v-if="v.options.length > 2"
        :label="v.label"
        :value="said(v.key, v.options[0]!.value)"
        :options="v.options"
        :width="180"
        @change="(value) => emit('vary', v.key, value)"
      />
      <template v-else>
        <span>{{ v.label }}</span>
        <Segments
          :value="said(v.key, v.options[0]!.value)"
          :options="v.options"
          :label="v.label"
          @change="(value) => emit('vary', v.key, value)"
      /></template>
    </div>
    <label v-for="s in start.sliders" :key="s.key">
      <span
        >{{ s.label }}<template v-if="s.whole">, {{ Math.round(now(s.key, s.usual)) }}</template></span
      >
      <input
        type="range"
        :min="s.least"
        :max="s.most"
        :step="s.whole ? 1 : (s.most - s.least) / 50"
        :value="now(s.key, s.usual)"
        @input="emit('vary', s.key, Number(($event.target as HTMLInputElement).value))"
      />
    </label>
  </div>
</template>

<style scoped>
.vary {
  display: grid;
  gap: 9px;
  align-content: start;
}
.choice,
label {
  display: grid;
  gap: 2px;
  font-size: 13px;
  color: var(--ink-2);
}
input {
  width: 100%;
  min-height: 28px;
  accent-color: var(--elm);
}
</style>
