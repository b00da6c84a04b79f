<script setup lang="ts">
import { formatReckoned, type Reckoned } from '@core/quantity/index.ts';
import { usePreferences } from '../state/preferences.ts';
import { useSums } from '../state/sums.ts';

/** A figure that opens to its sum; `after` is the punctuation that follows it without a gap. */
defineProps<{ figure: Reckoned; text?: string; after?: string }>();
const preferences = usePreferences();
const sums = useSums();
</script>

<template>
  <button
    class="figure"
    type="button"
    :aria-label="`${figure.name}: ${text ?? formatReckoned(figure, preferences.shown)}. Show the sum`"
    @click="sums.open(figure)"
  >
    <slot>{{ text ?? formatReckoned(figure, preferences.shown) }}</slot></button
  >{{ after }}
</template>

<style scoped>
.figure {
  all: unset;
  cursor: pointer;
  border-bottom: 1px dotted var(--ink-3);
  border-radius: 2px;
}
.figure:hover {
  color: var(--elm);
  border-color: var(--elm);
}
.figure:focus-visible {
  outline: 2px solid var(--elm);
  outline-offset: 2px;
}
</style>
