<script setup lang="ts">
import { BEAD, HATCHES } from './hatches.ts';

/**
 * One soft light from the upper left, for every drawing of the app: on a ball, along a rope, over a sheet, by how the paste
 * shines. It stands once in the page, drawn itself nowhere.
 */
const SHEENS = [
  { name: 'matt', high: 0.3, low: 0.3 },
  { name: 'satin', high: 0.46, low: 0.34 },
  { name: 'gloss', high: 0.62, low: 0.38 },
] as const;
</script>

<template>
  <svg class="defs" aria-hidden="true" focusable="false">
    <defs>
      <template v-for="s in SHEENS" :key="s.name">
        <radialGradient :id="`light-${s.name}`" cx="0.34" cy="0.25" r="0.92">
          <stop offset="0" stop-color="#fff" :stop-opacity="s.high" />
          <stop offset="0.2" stop-color="#fff" :stop-opacity="s.high * 0.5" />
          <stop offset="0.46" stop-color="#fff" stop-opacity="0" />
          <stop offset="0.62" stop-color="#2a180a" :stop-opacity="s.low * 0.22" />
          <stop offset="1" stop-color="#2a180a" :stop-opacity="s.low * 1.15" />
        </radialGradient>
        <linearGradient :id="`along-${s.name}`" gradientUnits="userSpaceOnUse">
          <stop offset="0" stop-color="#fff" :stop-opacity="s.high * 0.3" />
          <stop offset="0.24" stop-color="#fff" :stop-opacity="s.high * 0.85" />
          <stop offset="0.5" stop-color="#fff" stop-opacity="0" />
          <stop offset="0.68" stop-color="#2a180a" :stop-opacity="s.low * 0.3" />
          <stop offset="1" stop-color="#2a180a" :stop-opacity="s.low * 1.1" />
        </linearGradient>
        <linearGradient :id="`over-${s.name}`" x1="0" y1="0" x2="0.7" y2="1">
          <stop offset="0" stop-color="#fff" :stop-opacity="s.high * 0.5" />
          <stop offset="0.5" stop-color="#fff" stop-opacity="0" />
          <stop offset="1" stop-color="#2a180a" :stop-opacity="s.low * 0.55" />
        </linearGradient>
      </template>
      <radialGradient id="glint" cx="0.32" cy="0.22" r="0.2">
        <stop offset="0" stop-color="#fff" stop-opacity="0.9" />
        <stop offset="0.55" stop-color="#fff" stop-opacity="0.55" />
        <stop offset="1" stop-color="#fff" stop-opacity="0" />
      </radialGradient>
      <pattern
        v-for="h in HATCHES"
        :id="`bead-${h.state}`"
        :key="h.state"
        patternUnits="userSpaceOnUse"
        :width="h.gap"
        :height="h.gap"
        :patternTransform="`rotate(${h.turn}) scale(${BEAD})`"
      >
        <path :d="h.path" stroke="#1d2422" stroke-linecap="round" :stroke-width="h.width" fill="none" />
      </pattern>
    </defs>
  </svg>
</template>

<style scoped>
.defs {
  position: absolute;
  width: 0;
  height: 0;
}
</style>
