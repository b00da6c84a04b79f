<script setup lang="ts">
import { computed } from 'vue';
import type { Verdict } from '@core/bones/index.ts';
import { project, type PlacedRod, type Vec } from '@core/figure/index.ts';
import { useBuild } from '../state/build-store.ts';

/** The rods as they run through the figure, lettered; the ends of the selected one can be pulled. */
const props = defineProps<{
  rods: readonly PlacedRod[];
  letters: ReadonlyMap<string, string>;
  verdicts: ReadonlyMap<string, Verdict | 'idle'>;
  unit: number;
  /** The selected rod as it bends under what it carries, in the board's space. */
  bent?: readonly Vec[] | undefined;
}>();
const emit = defineEmits<{ grab: [e: PointerEvent, rod: PlacedRod, which: 'from' | 'to'] }>();
const store = useBuild();
const drawn = computed(() =>
  props.rods.map((r) => {
    const [x1, z1] = project(store.view, r.from);
    const [x2, z2] = project(store.view, r.to);
    return {
      r,
      key: `${r.rod.id}-${r.index}`,
      line: { x1, y1: -z1, x2, y2: -z2 },
      at: [(x1 + x2) / 2, -(z1 + z2) / 2] as const,
      ends: { from: [x1, -z1], to: [x2, -z2] } as const,
      fails: props.verdicts.get(r.rod.id) === 'fails',
      chosen: store.selection?.kind === 'rod' && store.selection.id === r.rod.id,
    };
  }),
);
const bend = computed(() =>
  props.bent
    ?.map((p) => project(store.view, p))
    .map(([x, z], i) => `${i ? 'L' : 'M'}${x} ${-z}`)
    .join(''),
);
const select = (id: string) => (store.selection = { kind: 'rod', id });
</script>

<template>
  <g class="rods">
    <g v-for="d in drawn" :key="d.key" @pointerdown="select(d.r.rod.id)">
      <line class="halo" v-bind="d.line" :stroke-width="8 * unit" />
      <line
        v-bind="d.line"
        :stroke="d.fails ? 'var(--fails)' : 'var(--rod)'"
        :stroke-width="(d.chosen ? 6 : 4.4) * unit"
      />
    </g>
    <g v-for="d in drawn" :key="`letter-${d.key}`" class="letter" @pointerdown="select(d.r.rod.id)">
      <circle :cx="d.at[0]" :cy="d.at[1]" :r="9 * unit" :fill="d.fails ? 'var(--fails)' : 'var(--ink)'" />
      <text :x="d.at[0]" :y="d.at[1] + 4 * unit" :font-size="11.5 * unit" text-anchor="middle">
        {{ letters.get(d.r.rod.id) }}
      </text>
    </g>
    <path
      v-if="bend"
      class="bend"
      :d="bend"
      :stroke-width="2.4 * unit"
      :stroke-dasharray="`${5 * unit} ${3 * unit}`"
    />
    <template v-for="d in drawn" :key="`ends-${d.key}`">
      <template v-if="d.chosen">
        <circle
          v-for="which in ['from', 'to'] as const"
          :key="which"
          class="grip"
          :cx="d.ends[which][0]"
          :cy="d.ends[which][1]"
          :r="7 * unit"
          :stroke-width="2 * unit"
          @pointerdown.stop="emit('grab', $event, d.r, which)"
        />
      </template>
    </template>
  </g>
</template>

<style scoped>
line {
  stroke-linecap: round;
  cursor: pointer;
}
.bend {
  fill: none;
  stroke: var(--ink);
  pointer-events: none;
}
.halo {
  stroke: #fff;
}
.letter {
  cursor: pointer;
}
.letter text {
  fill: #fff;
  font-weight: 700;
}
.grip {
  fill: #fff;
  stroke: var(--elm);
  cursor: grab;
}
</style>
