<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { measureOf, outlineOf } from '@core/figure/index.ts';
import { formatLength, isWeighed } from '@core/quantity/index.ts';
import type { Piece } from '@core/record/index.ts';
import type { Step } from '@core/days/index.ts';
import { plainPaste } from '../../drawing/surface.ts';
import { usePreferences } from '../../state/preferences.ts';
import { useScreen } from '../../state/screen.ts';
import DrawnPiece from '../../stage/DrawnPiece.vue';

const CardDialog = defineAsyncComponent(() => import('../../stage/CardDialog.vue'));

/** The ball and the piece it becomes, as large as they are: one's own is held against the screen. */
const props = defineProps<{ weigh: NonNullable<Step['weigh']>; piece: Piece }>();
const { shown } = usePreferences();
const screen = useScreen();
const asking = ref(false);
/** Higher, or wider together than this, they are drawn half as large, or a quarter: they would fill the screen, mm. */
const [TALL, WIDE] = [80, 112];
const GAP = 1.5;
const measure = computed(() => measureOf(props.piece));
const shape = computed(() => outlineOf(props.piece.form));
const box = computed(() => {
  const points = shape.value.outlines.flat();
  const [xs, zs] = [points.map((p) => p[0]), points.map((p) => p[1])];
  const [left, right, low, high] = [Math.min(...xs), Math.max(...xs), Math.min(...zs), Math.max(...zs)];
  return { left: left - GAP, top: -high - GAP, width: right - left + 2 * GAP, height: high - low + 2 * GAP };
});
const ball = computed(() => props.weigh.ball);
/** Of life size. */
const part = computed(() => {
  const most = Math.max(Math.max(ball.value, box.value.height) / TALL, (ball.value + box.value.width) / WIDE);
  return most <= 1 ? 1 : most <= 2 ? 0.5 : 0.25;
});
const size = (mm: number) => `${((mm * part.value) / screen.unit()).toFixed(1)}px`;
const PARTS: Readonly<Record<number, string>> = {
  0.5: 'Half as large as they are.',
  0.25: 'A quarter of their size.',
};
</script>

<template>
  <div class="life">
    <div class="pair">
      <figure>
        <svg
          :style="{ width: size(ball + 2 * GAP), height: size(ball + 2 * GAP) }"
          :viewBox="`${-ball / 2 - GAP} ${-ball / 2 - GAP} ${ball + 2 * GAP} ${ball + 2 * GAP}`"
          role="img"
          :aria-label="`A ball of ${formatLength(ball, shown)}`"
        >
          <circle :r="ball / 2" :fill="weigh.colour" />
          <circle :r="ball / 2" fill="url(#light-matt)" />
          <circle class="edge" :r="ball / 2" />
        </svg>
        <figcaption>
          ball, {{ formatLength(ball, shown)
          }}<template v-if="!isWeighed(weigh.grams)">, too small to weigh</template>
        </figcaption>
      </figure>
      <figure>
        <svg
          :style="{ width: size(box.width), height: size(box.height) }"
          :viewBox="`${box.left} ${box.top} ${box.width} ${box.height}`"
          role="img"
          :aria-label="`The ${piece.name.toLowerCase()}`"
        >
          <DrawnPiece :shape="shape" :surface="plainPaste(weigh.colour)" />
        </svg>
        <figcaption>
          then the {{ piece.name.toLowerCase() }}, {{ formatLength(measure.width, shown) }} ×
          {{ formatLength(measure.height, shown) }}
        </figcaption>
      </figure>
    </div>
    <p class="muted">
      <template v-if="part < 1">{{ PARTS[part] }}</template>
      <template v-else-if="screen.perMm">Life size: hold yours to the screen.</template>
      <template v-else>
        About life size.
        <button class="button plain" type="button" @click="asking = true">
          Make it exact with a bank card
        </button>
      </template>
    </p>
    <CardDialog v-if="asking" v-model:open="asking" />
  </div>
</template>

<style scoped>
.life {
  flex: 1 1 240px;
  font-size: 17px;
}
.pair {
  display: flex;
  flex-wrap: wrap;
  gap: 18px 26px;
  align-items: flex-end;
}
figure {
  margin: 0;
  display: grid;
  justify-items: center;
  gap: 6px;
}
.edge {
  fill: none;
  stroke: var(--ink);
  stroke-width: 0.35;
  stroke-dasharray: 1.4 1;
}
.muted {
  margin: 8px 0 0;
}
</style>
