<script setup lang="ts">
import { computed } from 'vue';
import { elevation, placeRods } from '@core/figure/index.ts';
import { rodStock } from '@core/bones/index.ts';
import type { Build } from '@core/record/index.ts';
import { standingBox } from '../../drawing/standing.ts';
import { surfaceOf } from '../../drawing/surface.ts';
import DrawnPiece from '../../stage/DrawnPiece.vue';
import GroundLayer from '../../stage/GroundLayer.vue';

/** The figure with what the step is about lit, what stands already plain, and the rest pale; the seat is ringed. */
const props = defineProps<{
  build: Build;
  lit: ReadonlySet<string>;
  made: ReadonlySet<string>;
  seats: readonly (readonly [number, number, number])[];
  name: string;
}>();
const shapes = computed(() => elevation(props.build, 'front'));
const rods = computed(() => placeRods(props.build));
const box = computed(() => standingBox(props.build));
const RING = 0.045;
</script>

<template>
  <svg
    :viewBox="`${box.left} ${-box.top} ${box.width} ${box.height}`"
    preserveAspectRatio="xMidYMin meet"
    role="img"
    :aria-label="name"
  >
    <polyline
      v-for="(r, i) in rods"
      :key="`r${i}`"
      class="rod"
      :points="r.line.map(([x, , z]) => `${x},${-z}`).join(' ')"
      :stroke-width="rodStock(r.rod.stock).section.diameter"
    />
    <g
      v-for="(s, i) in shapes"
      :key="i"
      :class="{
        pale: !lit.has(s.instance.piece.id) && !made.has(s.instance.piece.id),
        lit: lit.has(s.instance.piece.id),
      }"
    >
      <DrawnPiece
        :shape="s.drawn"
        :x="s.at[0]"
        :y="s.at[1]"
        :surface="surfaceOf(build, s.instance.piece)"
        shaded
      />
    </g>
    <GroundLayer :build="build" :edge="box.height / 200" />
    <circle
      v-for="(at, i) in seats"
      :key="`s${i}`"
      class="seat"
      :cx="at[0]"
      :cy="-at[2]"
      :r="box.height * RING"
      :stroke-width="box.height / 110"
    />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  height: var(--tall, 260px);
}
.rod {
  fill: none;
  stroke: #8a5a17;
  stroke-linejoin: round;
}
.pale {
  opacity: 0.28;
}
.seat {
  fill: none;
  stroke: var(--playhead);
}
</style>
