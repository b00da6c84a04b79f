<script setup lang="ts">
import { computed } from 'vue';
import { groundOf } from '@core/ground/index.ts';
import type { Build } from '@core/record/index.ts';
import { groundFill } from '../ground/ground-fill.ts';

/** What stands under the figure, as high and as wide as it is: tiers, boards, feet, the rod with its nuts. */
const props = defineProps<{ build: Build; edge: number; chosen?: boolean; seeThrough?: boolean }>();
const emit = defineEmits<{ grab: [] }>();
const ground = computed(() => groundOf(props.build));
const hex = (id: string) => props.build.colours.find((c) => c.id === id)?.hex;
const FOOT = 14;
const STEEL = '#88928e';
const boxes = computed(() => {
  const half = props.build.board.width / 2;
  // paste lies over the steel it hides
  const { fittings } = ground.value;
  const outermost = [...fittings.filter((f) => !f.sleeve), ...fittings.filter((f) => f.sleeve)];
  return outermost.flatMap((f) => {
    const fill = (f.sleeve && hex(f.sleeve.colour)) ?? STEEL;
    const box = { id: f.id, y: -f.to, height: f.to - f.from, fill };
    if (f.kind === 'gap') return [];
    if (f.kind === 'feet')
      return [-half + FOOT, half - 2 * FOOT].map((x, k) => ({ ...box, id: `${f.id}-${k}`, x, width: FOOT }));
    return [{ ...box, x: -f.wide / 2, width: f.wide }];
  });
});
/** Up to where the figure stands: in the figure it is one of its rods. */
const rod = computed(() => {
  const { rod: r } = ground.value;
  return r && { ...r, to: Math.min(0, r.to) };
});
/** The ribbon lies round the edge of the board, no wider than that is thick. */
const ribbon = computed(() => {
  const { board } = props.build;
  const layer = ground.value.layers.find((l) => l.kind === 'board')!;
  return (
    board.ribbon && {
      fill: hex(board.ribbon.colour) ?? 'none',
      y: -layer.to,
      height: Math.min(board.ribbon.width, layer.to - layer.from),
      width: layer.width,
    }
  );
});
</script>

<template>
  <g class="ground" :class="{ chosen }" @pointerdown="emit('grab')">
    <rect
      v-if="rod"
      class="rod"
      :x="-rod.mast.thread / 2"
      :y="-rod.to"
      :width="rod.mast.thread"
      :height="rod.to - rod.from"
      :stroke-width="edge * 0.6"
    />
    <rect
      v-for="b in boxes"
      :key="b.id"
      class="steel"
      :fill="b.fill"
      :x="b.x"
      :y="b.y"
      :width="b.width"
      :height="b.height"
      :stroke-width="edge * 0.6"
    />
    <rect
      v-for="l in ground.layers"
      :key="l.id"
      class="layer"
      :x="-l.width / 2"
      :y="-l.to"
      :width="l.width"
      :height="l.to - l.from"
      :rx="l.kind === 'tier' ? 3 : 2"
      :fill="groundFill(build, l)"
      :fill-opacity="seeThrough && l.kind === 'tier' ? 0.45 : 1"
      :stroke-width="chosen ? 2.2 * edge : edge"
    >
      <title>{{ l.name }}</title>
    </rect>
    <rect
      v-if="ribbon"
      :x="-ribbon.width / 2"
      :y="ribbon.y"
      :width="ribbon.width"
      :height="ribbon.height"
      :fill="ribbon.fill"
    />
  </g>
</template>

<style scoped>
.ground {
  cursor: pointer;
}
.layer {
  stroke: var(--ink-2, #4d5753);
}
.chosen .layer {
  stroke: var(--elm, #8a5a17);
}
.steel {
  stroke: #4d5753;
}
.rod {
  fill: #a9b1ad;
  stroke: #4d5753;
}
</style>
