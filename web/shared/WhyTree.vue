<script setup lang="ts">
import { formatReckoned, formatTime, type Reckoned } from '@core/quantity/index.ts';
import { usePreferences } from '../state/preferences.ts';

/** The sum behind a figure, as the formula itself left it. */
const props = withDefaults(defineProps<{ figure: Reckoned; depth?: number }>(), { depth: 0 });
const preferences = usePreferences();
const range = (f: Reckoned) =>
  f.range && f.unit === 'min' ? `${formatTime(f.range[0])} to ${formatTime(f.range[1])}` : undefined;
const open = props.depth < 2;
</script>

<template>
  <div class="why">
    <component :is="figure.from?.length ? 'details' : 'div'" :open="open || undefined">
      <component :is="figure.from?.length ? 'summary' : 'div'" class="line">
        <span class="what">{{ figure.name }}</span>
        <strong>{{ formatReckoned(figure, preferences.shown) }}</strong>
        <span v-if="range(figure)" class="muted">{{ range(figure) }}</span>
        <span v-if="figure.source && figure.source !== 'derived'" class="source">{{ figure.source }}</span>
      </component>
      <p v-if="figure.rule" class="rule">{{ figure.rule }}</p>
      <div v-if="figure.from?.length" class="parts">
        <WhyTree v-for="(part, i) in figure.from" :key="i" :figure="part" :depth="depth + 1" />
      </div>
    </component>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 9px;
  align-items: baseline;
  padding: 2px 0;
}
summary.line {
  cursor: pointer;
  display: flex;
  list-style: none;
}
summary.line::before {
  content: '▸';
  color: var(--ink-3);
  width: 9px;
}
details[open] > summary.line::before {
  content: '▾';
}
div.line {
  padding-left: 18px;
}
.what {
  color: var(--ink-2);
}
.rule {
  margin: 0 0 2px 18px;
  font-size: 12.5px;
  color: var(--ink-2);
  background: var(--slab);
  border-radius: 6px;
  padding: 2px 8px;
  width: fit-content;
}
.parts {
  margin-left: 8px;
  padding-left: 10px;
  border-left: 1px solid var(--line);
}
.source {
  font-size: 12px;
  color: var(--ink-3);
  font-style: italic;
}
</style>
