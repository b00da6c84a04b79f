<script setup lang="ts">
import { usePreferences } from '../state/preferences.ts';
import Segments from '../shared/Segments.vue';
import { TONGUES, type TongueId } from './tongues.ts';

/** Units, clock, week and language, as this person is used to; nothing of a build changes with them. */
const preferences = usePreferences();
const tongues = (Object.keys(TONGUES) as TongueId[]).map((value) => ({ value, label: TONGUES[value].name }));
</script>

<template>
  <div class="customs">
    <Segments
      label="Weights"
      :value="preferences.shown.mass"
      :options="[
        { label: 'grams', value: 'g' },
        { label: 'ounces', value: 'oz' },
      ]"
      @change="(v) => (preferences.shown.mass = v)"
    />
    <Segments
      label="Lengths"
      :value="preferences.shown.length"
      :options="[
        { label: 'millimetres', value: 'mm' },
        { label: 'inches', value: 'in' },
      ]"
      @change="(v) => (preferences.shown.length = v)"
    />
    <Segments
      label="Temperatures"
      :value="preferences.customs.temperature"
      :options="[
        { label: 'Celsius', value: 'C' },
        { label: 'Fahrenheit', value: 'F' },
      ]"
      @change="(v) => (preferences.customs.temperature = v)"
    />
    <Segments
      label="Liquids"
      :value="preferences.customs.volume"
      :options="[
        { label: 'millilitres', value: 'mL' },
        { label: 'spoons and cups', value: 'spoons' },
      ]"
      @change="(v) => (preferences.customs.volume = v)"
    />
    <Segments
      label="Clock"
      :value="preferences.customs.clock"
      :options="[
        { label: '24 hours', value: 24 },
        { label: 'am and pm', value: 12 },
      ]"
      @change="(v) => (preferences.customs.clock = v)"
    />
    <Segments
      label="The week begins on"
      :value="preferences.customs.firstDay"
      :options="[
        { label: 'Monday', value: 1 },
        { label: 'Sunday', value: 7 },
      ]"
      @change="(v) => (preferences.customs.firstDay = v)"
    />
    <Segments
      label="Language"
      :value="preferences.customs.tongue"
      :options="tongues"
      @change="(v) => (preferences.customs.tongue = v)"
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
