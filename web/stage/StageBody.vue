<script setup lang="ts">
import { computed } from 'vue';
import type { Turned } from '@core/figure/index.ts';
import { pathsAt } from '../drawing/paths.ts';
import type { Drawn } from './geometry.ts';
import DrawnPiece from './DrawnPiece.vue';

/** One body on the stage: as it is, or as its outline while it is not made; it is taken by hand, by touch and by key. */
const props = defineProps<{ shape: Turned; x: number; y: number; body: Drawn }>();
const emit = defineEmits<{ grab: [e: PointerEvent]; choose: []; point: [on: boolean] }>();
/** More outlines than this in dashes are a smudge. */
const HEAP = 5;
const OPACITY = { plain: undefined, unmade: undefined, pale: 0.32, faint: 0.2, through: 0.5 } as const;
/** Where it stood when the hand took hold; only what is being moved gets a move of its own. */
const home = computed<readonly [number, number]>((last) =>
  props.body.still && last ? last : [props.x, props.y],
);
const paths = computed(() => pathsAt(props.shape, home.value[0], home.value[1]));
const aside = computed(() => {
  const [dx, dy] = [props.x - home.value[0], props.y - home.value[1]];
  return dx || dy ? `translate(${dx} ${-dy})` : undefined;
});
const key = (e: KeyboardEvent): void => {
  if (e.key !== 'Enter' && e.key !== ' ') return;
  e.preventDefault();
  emit('choose');
};
</script>

<template>
  <g
    class="body"
    :class="[body.how, { chosen: body.chosen, pointed: body.pointed }]"
    :opacity="OPACITY[body.how]"
    :data-piece="body.piece"
    :tabindex="body.says === undefined ? undefined : 0"
    :role="body.says === undefined ? undefined : 'button'"
    :aria-pressed="body.says === undefined ? undefined : body.chosen"
    :aria-label="body.says"
    :aria-hidden="body.says === undefined ? true : undefined"
    :transform="aside"
    @pointerdown="emit('grab', $event)"
    @pointerenter="emit('point', true)"
    @pointerleave="emit('point', false)"
    @focus="emit('point', true)"
    @blur="emit('point', false)"
    @keydown="key"
  >
    <path v-if="body.chosen || body.pointed" class="ring" :d="paths.bare" />
    <path
      v-if="body.how === 'unmade'"
      class="unmade"
      :class="{ heap: shape.outlines.length > HEAP }"
      :d="paths.bare"
    />
    <template v-else>
      <DrawnPiece
        :shape="shape"
        :surface="body.surface"
        :x="home[0]"
        :y="home[1]"
        :shaded="body.how === 'plain'"
        :held="body.still"
      />
      <path v-if="body.state" class="hatch" :d="paths.all" :fill="`url(#firm-${body.state})`" />
      <path v-if="body.core && paths.core" class="core" :d="paths.core" />
    </template>
  </g>
</template>

<style scoped>
.body {
  cursor: pointer;
  outline: none;
}
.ring {
  fill: none;
  stroke: var(--elm-pale);
  stroke-width: 5px;
  stroke-linejoin: round;
  vector-effect: non-scaling-stroke;
}
.chosen .ring,
.body:focus-visible .ring {
  stroke: var(--elm);
  stroke-width: 6.5px;
}
/* what is chosen is pulled; anything else lets a swipe scroll the page */
.chosen {
  touch-action: none;
}
.unmade {
  fill: transparent;
}
path.unmade {
  stroke: var(--ink-3);
  stroke-width: 1.2px;
  stroke-opacity: 0.6;
  stroke-dasharray: 4 3;
  vector-effect: non-scaling-stroke;
}
path.heap {
  stroke-width: 0.5px;
  stroke-dasharray: none;
  stroke-opacity: 0.36;
}
.hatch,
.core {
  pointer-events: none;
}
.core {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1px;
  stroke-dasharray: 3 3;
  vector-effect: non-scaling-stroke;
}
@media (forced-colors: active) {
  .ring {
    stroke: Highlight;
  }
}
</style>
