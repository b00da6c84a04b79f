<script setup lang="ts">
import { computed } from 'vue';
import { isLaidRound, place, project } from '@core/figure/index.ts';
import { resize } from '@core/edits/index.ts';
import { formatLength } from '@core/quantity/index.ts';
import { pieceOf } from '@core/record/index.ts';
import { shapeOf, toWorld } from '@core/solids/index.ts';
import { useBuild } from '../state/build-store.ts';
import { useOpenBuild } from '../state/here.ts';
import { usePreferences } from '../state/preferences.ts';
import { useStage } from '../state/on-stage.ts';
import { pulledSize, type PulledHandle } from './handles.ts';

/** Handles of the selected piece: pulled by hand, or moved by the arrows as any slider. */
const props = defineProps<{ piece: string; unit: number }>();
const emit = defineEmits<{ grab: [e: PointerEvent, handle: PulledHandle] }>();
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const { shown } = usePreferences();

const handles = computed((): PulledHandle[] => {
  const piece = pieceOf(here.live, props.piece);
  const instance = piece && place(here.live).find((i) => i.piece.id === piece.id);
  // laid round its carrier its own sizes do not lie where it is seen: they are typed
  if (!piece || !instance || isLaidRound(instance)) return [];
  const shape = shapeOf(piece.form.kind);
  return shape
    .handles(piece.form.sizes)
    .map((h) => {
      const at = project(stage.view, toWorld(instance.frame, [h.at[0], 0, h.at[1]]));
      const tip = project(
        stage.view,
        toWorld(instance.frame, [h.at[0] + h.along[0], 0, h.at[1] + h.along[1]]),
      );
      const dir = [tip[0] - at[0], tip[1] - at[1]] as const;
      return {
        size: h.size,
        gain: h.gain,
        at,
        dir,
        seen: Math.hypot(dir[0], dir[1]),
        label: shape.sizes.find((x) => x.key === h.size)!.label,
        value: piece.form.sizes[h.size]!,
      };
    })
    .filter((h) => h.seen > 0.25);
});

const STEPS: Record<string, number> = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 };
function keys(e: KeyboardEvent, h: PulledHandle): void {
  const way = STEPS[e.key];
  if (!way) return;
  e.preventDefault();
  e.stopPropagation();
  const wanted = h.value + way * (e.shiftKey ? 10 : 1);
  store.apply(resize(here.build, props.piece, { [h.size]: pulledSize(wanted) }), `resizing by key`);
}
</script>

<template>
  <g class="handles">
    <circle
      v-for="h in handles"
      :key="h.size"
      class="grip"
      tabindex="0"
      role="slider"
      :aria-label="h.label"
      :aria-valuenow="h.value"
      :aria-valuetext="formatLength(h.value, shown)"
      :cx="h.at[0]"
      :cy="-h.at[1]"
      :r="7 * unit"
      :data-size="h.size"
      @pointerdown.stop="emit('grab', $event, h)"
      @keydown="keys($event, h)"
    >
      <title>Pull: {{ h.label }}</title>
    </circle>
    <circle
      v-for="h in handles"
      :key="`reach-${h.size}`"
      class="reach"
      :cx="h.at[0]"
      :cy="-h.at[1]"
      :r="22 * unit"
      @pointerdown.stop="emit('grab', $event, h)"
    />
  </g>
</template>

<style scoped>
.grip {
  fill: var(--paper);
  stroke: var(--elm);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
  cursor: grab;
  touch-action: none;
}
.grip:active {
  cursor: grabbing;
}
.grip:focus-visible {
  fill: var(--elm-soft);
  stroke-width: 4px;
  outline: none;
}
.reach {
  display: none;
  fill: transparent;
  touch-action: none;
}
@media (pointer: coarse) {
  .reach {
    display: inline;
  }
}
</style>
