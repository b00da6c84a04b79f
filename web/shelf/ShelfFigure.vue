<script setup lang="ts">
import { computed } from 'vue';
import { rodStock } from '@core/bones/index.ts';
import { elevation, placeRods } from '@core/figure/index.ts';
import { type Build } from '@core/record/index.ts';
import GroundLayer from '../stage/GroundLayer.vue';
import { standingBox } from '../drawing/standing.ts';
import { surfaceOf } from '../drawing/surface.ts';
import DrawnPiece from '../stage/DrawnPiece.vue';

/** A build as it stands on the shelf; all to one scale of their own height, so that each is seen well. */
const props = defineProps<{ build: Build }>();
const rods = computed(() => placeRods(props.build));
const shapes = computed(() => elevation(props.build, 'front'));
const box = computed(() => standingBox(props.build));
</script>

<template>
  <svg
    :viewBox="`${box.left} ${-box.top} ${box.width} ${box.height}`"
    preserveAspectRatio="xMidYMax meet"
    aria-hidden="true"
  >
    <polyline
      v-for="(r, i) in rods"
      :key="`r${i}`"
      :points="r.line.map(([x, , z]) => `${x},${-z}`).join(' ')"
      fill="none"
      stroke="#8a5a17"
      stroke-linejoin="round"
      :stroke-width="rodStock(r.rod.stock).section.diameter"
    />
    <DrawnPiece
      v-for="(s, i) in shapes"
      :key="i"
      :shape="s.drawn"
      :x="s.at[0]"
      :y="s.at[1]"
      :surface="surfaceOf(build, s.instance.piece)"
      shaded
    />
    <GroundLayer :build="build" :edge="box.height / 200" />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  height: var(--tall, 400px);
}
</style>
