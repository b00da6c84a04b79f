<script setup lang="ts">
import type { Turned } from '@core/figure/index.ts';
import { outlinePath } from './geometry.ts';

/** One piece in elevation with its edge drawn round the whole of it; heaps of small ones one by one. */
defineProps<{
  shape: Turned;
  fill: string;
  edge: number;
  /** A gradient laid over it, by its id: one soft light. */ light?: string;
}>();
</script>

<template>
  <g stroke="#1d2422" stroke-linejoin="round">
    <template v-if="shape.layers">
      <path
        v-for="(layer, i) in shape.layers"
        :key="i"
        :d="outlinePath(layer)"
        :fill="fill"
        :stroke-width="edge * 0.4"
      />
    </template>
    <template v-else>
      <path :d="outlinePath(shape.outlines)" fill="none" :stroke-width="edge" />
      <path :d="outlinePath(shape.outlines)" :fill="fill" stroke="none" />
      <path v-if="light" :d="outlinePath(shape.outlines)" :fill="`url(#${light})`" stroke="none" />
    </template>
  </g>
</template>
