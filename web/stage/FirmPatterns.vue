<script setup lang="ts">
/** Hatching that grows denser as a piece gets firmer, so that it reads without colour and prints. */
defineProps<{ unit: number }>();
const STATES = [
  { name: 'skinned', gap: 14, width: 0.9 },
  { name: 'posed', gap: 10, width: 1.2 },
  { name: 'firm', gap: 6.5, width: 1.6 },
  { name: 'set', gap: 4.5, width: 2 },
  { name: 'dry', gap: 3.4, width: 2.2 },
] as const;
</script>

<template>
  <defs>
    <pattern
      v-for="s in STATES"
      :id="`firm-${s.name}`"
      :key="s.name"
      patternUnits="userSpaceOnUse"
      :width="s.gap * unit"
      :height="s.gap * unit"
      patternTransform="rotate(45)"
    >
      <line
        x1="0"
        y1="0"
        x2="0"
        :y2="s.gap * unit"
        stroke="#1d2422"
        stroke-opacity="0.62"
        :stroke-width="s.width * unit"
      />
    </pattern>
  </defs>
</template>
