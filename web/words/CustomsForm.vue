<script setup lang="ts">
import { usePreferences } from '../state/preferences.ts';
import Segments from '../shared/Segments.vue';
import { TONGUES, type TongueId } from './tongues.ts';

/** Units, clock, week and language, as this person is used to; nothing of a build changes with them. */
const preferences = usePreferences();
const { shown, customs } = preferences;

/** One thing to choose: where it is kept, and what there is. One more is one entry. */
const choice = <K extends string, T extends string | number>(
  of: Record<K, T>,
  key: K,
  {
    label,
    options,
  }: { readonly label: string; readonly options: readonly { readonly value: T; readonly label: string }[] },
) => ({ key, label, options, value: () => of[key], choose: (v: T) => (of[key] = v) });
const CHOICES = [
  choice(shown, 'mass', {
    label: 'Weights',
    options: [
      { label: 'grams', value: 'g' },
      { label: 'ounces', value: 'oz' },
    ],
  }),
  choice(shown, 'length', {
    label: 'Lengths',
    options: [
      { label: 'millimetres', value: 'mm' },
      { label: 'inches', value: 'in' },
    ],
  }),
  choice(customs, 'temperature', {
    label: 'Temperatures',
    options: [
      { label: 'Celsius', value: 'C' },
      { label: 'Fahrenheit', value: 'F' },
    ],
  }),
  choice(customs, 'volume', {
    label: 'Liquids',
    options: [
      { label: 'millilitres', value: 'mL' },
      { label: 'spoons and cups', value: 'spoons' },
    ],
  }),
  choice(customs, 'clock', {
    label: 'Clock',
    options: [
      { label: '24 hours', value: 24 },
      { label: 'am and pm', value: 12 },
    ],
  }),
  choice(customs, 'firstDay', {
    label: 'The week begins on',
    options: [
      { label: 'Monday', value: 1 },
      { label: 'Sunday', value: 7 },
    ],
  }),
  choice(customs, 'tongue', {
    label: 'Language',
    options: (Object.keys(TONGUES) as TongueId[]).map((value) => ({ value, label: TONGUES[value].name })),
  }),
];
</script>

<template>
  <div class="customs">
    <Segments
      v-for="c in CHOICES"
      :key="c.key"
      :label="c.label"
      :value="c.value()"
      :options="c.options"
      @change="(v) => c.choose(v as never)"
    />
  </div>
  <p v-if="preferences.unsaid" class="problem" role="alert">{{ preferences.unsaid }}</p>
  <p v-else-if="preferences.customs.tongue !== 'en'" class="muted small">
    Some of what is reckoned is still told in English.
  </p>
</template>

<style scoped>
.customs {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 18px;
}
.problem,
p {
  margin-top: 10px;
}
</style>
