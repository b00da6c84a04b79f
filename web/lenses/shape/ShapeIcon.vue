<script setup lang="ts">
import { computed } from 'vue';
import { outlineOf } from '@core/figure/index.ts';
import { measure, startingForm, type Form, type ShapeKind } from '@core/solids/index.ts';
import { plainPaste } from '../../drawing/surface.ts';
import DrawnPiece from '../../stage/DrawnPiece.vue';

/** A shape drawn by its own record. */
const props = withDefaults(defineProps<{ kind: ShapeKind; form?: Form; size?: number; colour?: string }>(), {
  size: 30,
  colour: '#d8cdb9',
  form: undefined,
});
const form = computed(() => props.form ?? startingForm(props.kind));
const drawn = computed(() => {
  const m = measure(form.value);
  const side = Math.max(m.width, m.height) * 1.12;
  return {
    shape: outlineOf(form.value),
    box: `${-side / 2} ${-m.height / 2 - side / 2} ${side} ${side}`,
  };
});
</script>

<template>
  <svg :width="size" :height="size" :viewBox="drawn.box" aria-hidden="true">
    <DrawnPiece :shape="drawn.shape" :surface="plainPaste(colour)" />
  </svg>
</template>
