<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import {
  formatDuration,
  formatLength,
  formatMass,
  formatTemperature,
  parseQuantity,
  roundTo,
  type QuantityKind,
} from '@core/quantity/index.ts';
import { usePreferences } from '../state/preferences.ts';
import { leaveField } from './focus.ts';

/** A number typed as people say it. Wrong input keeps the old value and says what would be understood. */
const props = withDefaults(
  defineProps<{
    value: number;
    kind: QuantityKind;
    label: string;
    hideLabel?: boolean;
    width?: number;
    suffix?: string;
  }>(),
  { hideLabel: false, width: 86, suffix: '' },
);
const emit = defineEmits<{ change: [value: number] }>();
const preferences = usePreferences();

const shownText = computed(() => {
  const v = props.value;
  switch (props.kind) {
    case 'mass':
      return formatMass(v, preferences.shown);
    case 'length':
      return formatLength(v, preferences.shown);
    case 'temperature':
      return formatTemperature(v, preferences.custom);
    case 'percent':
      return `${roundTo(v, 0.1)} %`;
    case 'time':
      return formatDuration(v);
    case 'angle':
      return `${roundTo(v, 0.5)}°`;
    default:
      return `${roundTo(v, 0.01)}${props.suffix}`;
  }
});
const text = ref(shownText.value);
const problem = ref<string>();
watch(shownText, (t) => {
  text.value = t;
  problem.value = undefined;
});

function finish(): void {
  if (text.value === shownText.value) {
    problem.value = undefined;
    return;
  }
  const unit =
    props.kind === 'mass'
      ? preferences.shown.mass
      : props.kind === 'length'
        ? preferences.shown.length
        : props.kind === 'temperature'
          ? preferences.custom.temperature.toLowerCase()
          : undefined;
  const typed = props.suffix ? text.value.replace(props.suffix, '') : text.value;
  const read = parseQuantity(props.kind, typed, unit);
  if (!read.ok) {
    problem.value = read.problem.text;
    return;
  }
  problem.value = undefined;
  emit('change', read.value);
  // a value the build refuses leaves the old one standing
  text.value = shownText.value;
}
function giveUp(): void {
  text.value = shownText.value;
  problem.value = undefined;
}
</script>

<template>
  <label class="quantity" :class="{ wrong: problem }">
    <span :class="hideLabel ? 'visually-hidden' : 'name'">{{ label }}</span>
    <input
      v-model="text"
      type="text"
      inputmode="text"
      autocomplete="off"
      :style="{ width: `${width}px` }"
      :aria-invalid="problem !== undefined"
      @change="finish"
      @keydown.enter="leaveField"
      @keydown.esc.stop="giveUp"
      @focus="($event.target as HTMLInputElement).select()"
    />
    <span v-if="problem" class="problem" role="alert">{{ problem }}</span>
  </label>
</template>

<style scoped>
.quantity {
  display: inline-flex;
  flex-direction: column;
  gap: 3px;
  position: relative;
}
.name {
  font-size: 12.5px;
  color: var(--ink-2);
}
input {
  font: inherit;
  color: inherit;
  height: 34px;
  padding: 0 9px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--paper);
}
input:hover {
  border-color: var(--ink-3);
}
.wrong input {
  border-color: var(--fails);
}
.problem {
  position: absolute;
  top: 100%;
  left: 0;
  z-index: 5;
  width: max-content;
  max-width: 260px;
  margin-top: 4px;
  padding: 6px 9px;
  border-radius: 8px;
  background: var(--ink);
  color: var(--paper);
  font-size: 12.5px;
}
</style>
