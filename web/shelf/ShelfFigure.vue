<script setup lang="ts">
import { computed } from 'vue';
import { rodStock } from '@core/bones/index.ts';
import { elevation, placeRods, project, type PlacedRod, type View } from '@core/figure/index.ts';
import { type Build } from '@core/record/index.ts';
import GroundLayer from '../stage/GroundLayer.vue';
import { standingBox } from '../drawing/standing.ts';
import { surfaceOf } from '../drawing/surface.ts';
import DrawnPiece from '../stage/DrawnPiece.vue';

/** A build as it stands on the shelf; all to one scale of their own height, so that each is seen well. */
const props = withDefaults(defineProps<{ build: Build; view?: View }>(), { view: 'front' });
/** A pole lies so far behind the middle of what is threaded on it, mm. A step of the drawing; estimate. */
const IN_WHAT_IT_HOLDS = 5;
const pathOf = (r: PlacedRod): string =>
  r.line
    .map((p) => project(props.view, p))
    .map(([x, z]) => `${x},${-z}`)
    .join(' ');
/** From the back: rods run inside the figure, but from the side a pole that stands nearer than its middle hides it. */
const drawn = computed(() => {
  const rods = placeRods(props.build).map((r) => ({
    points: pathOf(r),
    wide: rodStock(r.rod.stock).section.diameter,
    away: IN_WHAT_IT_HOLDS - r.from[0],
    over: props.view === 'side' && r.rod.shown === true && r.from[0] > 0 && r.to[0] > 0,
  }));
  return [
    ...rods.filter((r) => !r.over),
    ...[...elevation(props.build, props.view), ...rods.filter((r) => r.over)].sort((a, b) => b.away - a.away),
  ];
});
const box = computed(() => standingBox(props.build, props.view));
</script>

<template>
  <svg
    :viewBox="`${box.left} ${-box.top} ${box.width} ${box.height}`"
    preserveAspectRatio="xMidYMax meet"
    aria-hidden="true"
  >
    <template v-for="(s, i) in drawn" :key="i">
      <polyline
        v-if="'points' in s"
        :points="s.points"
        fill="none"
        stroke="#8a5a17"
        stroke-linejoin="round"
        :stroke-width="s.wide"
      />
      <DrawnPiece
        v-else
        :shape="s.drawn"
        :x="s.at[0]"
        :y="s.at[1]"
        :surface="surfaceOf(build, s.instance.piece)"
        shaded
      />
    </template>
    <GroundLayer :build="build" :edge="box.height / 200" />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  height: var(--tall, 400px);
}
</style>
