<script setup lang="ts">
import { computed } from 'vue';
import { elevation, extent, placeRods } from '@core/figure/index.ts';
import { groundOf } from '@core/ground/index.ts';
import { rodStock } from '@core/bones/index.ts';
import { formatLength } from '@core/quantity/index.ts';
import type { Build } from '@core/record/index.ts';
import GroundLayer from '../stage/GroundLayer.vue';
import { surfaceOf } from '../drawing/surface.ts';
import DrawnPiece from '../stage/DrawnPiece.vue';
import { usePreferences } from '../state/preferences.ts';

/** The figure as it will stand, lit from the upper left, with its sticks seen through it and its height beside it. */
const props = defineProps<{ build: Build }>();
const { shown } = usePreferences();
const shapes = computed(() => elevation(props.build, 'front'));
const rods = computed(() => placeRods(props.build));
/** Lines of a scale that is read at a glance. */
const STEPS = [1, 2, 5, 10, 20, 25, 50, 100, 200];
const box = computed(() => {
  const e = extent(props.build);
  const { layers, table } = groundOf(props.build);
  const r = Math.max(...layers.map((l) => l.width)) / 2;
  const top = e.top * 1.06 + 4;
  const tall = top - table + 4;
  // the board may run out of the picture: the figure is what is looked at
  const figure = Math.max(-e.left, e.right) * 2;
  const wide = Math.max(Math.min(2 * r, figure * 1.3), figure * 1.08) + 0.22 * tall;
  return { left: -wide / 2, top, width: wide, height: tall, right: Math.max(e.right, 0), high: e.top, table };
});
const scale = computed(() => {
  const step = STEPS.find((s) => box.value.high / s <= 6) ?? 500;
  return Array.from({ length: Math.floor(box.value.high / step) + 1 }, (_, i) => i * step);
});
const text = computed(() => box.value.height / 34);
const mark = computed(() =>
  Math.min(box.value.right + box.value.height * 0.06, box.value.width / 2 - text.value * 3.4),
);
</script>

<template>
  <svg
    :viewBox="`${box.left} ${-box.top} ${box.width} ${box.height}`"
    preserveAspectRatio="xMidYMax meet"
    role="img"
    :aria-label="`${build.name}, ${formatLength(box.high, shown)} tall, as it will stand`"
  >
    <g class="scale" aria-hidden="true">
      <template v-for="z in scale" :key="z">
        <line :x1="box.left" :x2="box.left + box.width" :y1="-z" :y2="-z" :stroke-width="box.height / 900" />
        <text :x="box.left + text * 0.4" :y="-z - text * 0.25" :font-size="text">
          {{ formatLength(z, shown) }}
        </text>
      </template>
    </g>
    <GroundLayer :build="build" :edge="box.height / 500" />
    <DrawnPiece
      v-for="(s, i) in shapes"
      :key="i"
      :shape="s.drawn"
      :x="s.at[0]"
      :y="s.at[1]"
      :surface="surfaceOf(build, s.instance.piece)"
      shaded
    />
    <g class="sticks" aria-hidden="true">
      <template v-for="(r, i) in rods" :key="i">
        <polyline
          :points="r.line.map(([x, , z]) => `${x},${-z}`).join(' ')"
          :stroke-width="rodStock(r.rod.stock).section.diameter + box.height / 220"
          class="round"
        />
        <polyline
          :points="r.line.map(([x, , z]) => `${x},${-z}`).join(' ')"
          :stroke-width="rodStock(r.rod.stock).section.diameter"
        />
      </template>
    </g>
    <g class="mark" aria-hidden="true" :stroke-width="box.height / 420">
      <path
        :d="`M${mark - text * 0.4} ${-box.high}h${text * 0.8}M${mark - text * 0.4} 0h${text * 0.8}M${mark} ${-box.high}V0`"
      />
      <text :x="mark + text * 0.5" :y="-box.high + text * 0.9" :font-size="text * 1.1">
        {{ formatLength(box.high, shown) }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  height: 100%;
}
.scale line {
  stroke: var(--line);
}
.scale text,
.mark text {
  fill: var(--ink-2);
  stroke: none;
}
.sticks polyline {
  fill: none;
  stroke: var(--rod);
  stroke-linecap: round;
  stroke-linejoin: round;
  opacity: 0.55;
}
.sticks .round {
  stroke: #fff;
  opacity: 0.4;
}
.mark path {
  fill: none;
  stroke: var(--ink-2);
}
.mark text {
  fill: var(--ink);
}
</style>
