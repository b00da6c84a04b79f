<script setup lang="ts">
import { HATCHES } from '../drawing/hatches.ts';

/** Hatches by firmness at the size of the stage, however near one looks. */
defineProps<{ unit: number }>();
</script>

<template>
  <defs>
    <pattern
      v-for="h in HATCHES"
      :id="`firm-${h.state}`"
      :key="h.state"
      patternUnits="userSpaceOnUse"
      :width="h.gap"
      :height="h.gap"
      :patternTransform="`scale(${unit}) rotate(${h.turn})`"
    >
      <path
        :d="h.path"
        fill="none"
        stroke="#1d2422"
        stroke-opacity="0.55"
        stroke-linecap="round"
        :stroke-width="h.width"
      />
    </pattern>
  </defs>
</template>
