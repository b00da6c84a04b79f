<script setup lang="ts">
import { computed } from 'vue';
import { discOutline, type SeenRod, type PlacedDisc } from '@core/bones/index.ts';
import { MAST, project, type PlacedRod } from '@core/figure/index.ts';
import { type Vec } from '@core/solids/index.ts';
import { type RodPoint } from '@core/edits/index.ts';
import { useStage } from '../state/on-stage.ts';

/** The rods as they run through the figure, lettered, with how hard each is worked; ends and bends of the selected one can be pulled. */
const props = defineProps<{
  rods: readonly PlacedRod[];
  discs: readonly PlacedDisc[];
  reports: readonly SeenRod[];
  unit: number;
}>();
const emit = defineEmits<{
  grab: [e: PointerEvent, rod: PlacedRod, which: RodPoint];
  step: [e: KeyboardEvent, rod: PlacedRod, which: RodPoint];
}>();
const stage = useStage();
const flat = (p: Vec): readonly [number, number] => {
  const [x, z] = project(stage.view, p);
  return [x, -z];
};
const pathOf = (line: readonly Vec[]): string =>
  line.map((p, i) => `${i ? 'L' : 'M'}${flat(p).join(' ')}`).join('');
/** A verdict by its shape too: colour alone is not seen by everybody. */
const SIGN = { holds: '●', tight: '◆', fails: '▲', idle: '' } as const;
const VERDICT_WORDS = {
  holds: 'holds',
  tight: 'is tight',
  fails: 'won’t hold',
  idle: 'holds nothing yet',
} as const;
const reports = computed(() => new Map<string, SeenRod>(props.reports.map((r) => [r.rod.id, r])));
/** Which point of the rod a point of its line is. */
const pointAt = (k: number, n: number): RodPoint => (k === 0 ? 'from' : k === n - 1 ? 'to' : k - 1);

const drawn = computed(() =>
  props.rods.map((r) => {
    const report = reports.value.get(r.rod.id);
    const middle = Math.floor((r.line.length - 1) / 2);
    const [a, b] = [flat(r.line[middle]!), flat(r.line[middle + 1]!)];
    return {
      r,
      key: `${r.rod.id}-${r.index}`,
      path: pathOf(r.line),
      at: [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2] as const,
      // the threaded rod is clamped to its board: it is not pulled by its ends
      points:
        r.rod.id === MAST ? [] : r.line.map((p, k) => ({ at: flat(p), which: pointAt(k, r.line.length) })),
      letter: report?.letter ?? '',
      verdict: report?.verdict ?? 'idle',
      says: `rod ${report?.letter ?? ''}, ${r.rod.name}: ${VERDICT_WORDS[report?.verdict ?? 'idle']}`,
      chosen: stage.selection?.kind === 'rod' && stage.selection.id === r.rod.id,
    };
  }),
);
const plates = computed(() =>
  props.discs.map((d, k) => ({
    key: `${d.piece}-${k}`,
    piece: d.piece,
    path: `M${discOutline(d, stage.view)
      .map(([x, z]) => `${x} ${-z}`)
      .join('L')}Z`,
  })),
);
const chosen = computed(() => {
  const id = stage.selection?.kind === 'rod' ? stage.selection.id : undefined;
  return id === undefined ? undefined : reports.value.get(id);
});
/** The selected rod as it bends under what it carries, where that can be seen. */
const bend = computed(() => {
  const droop = chosen.value?.droop;
  return droop && droop.down > props.unit ? pathOf(droop.bent.shape) : undefined;
});
/** What pushes on the selected rod: its load down and, on the way, sideways; the longest arrow has one length. */
const pushes = computed(() => {
  const load = chosen.value?.load;
  if (!load) return undefined;
  const at = flat(load.at);
  const long = (58 * props.unit) / Math.max(load.down, load.sideways, 1e-9);
  return {
    at,
    down: at[1] + load.down * long,
    side: load.sideways > 0.02 * load.down ? at[0] + load.sideways * long : undefined,
  };
});
const head = (x: number, y: number, dx: number, dy: number): string => {
  const s = 6 * props.unit;
  return `M${x} ${y}L${x - s * dx - 0.5 * s * dy} ${y - s * dy - 0.5 * s * dx}L${x - s * dx + 0.5 * s * dy} ${y - s * dy + 0.5 * s * dx}Z`;
};
/** An end or a bend for who cannot see it; the arrows move it. */
const pointSays = ({ rod }: PlacedRod, which: RodPoint): string =>
  typeof which === 'number'
    ? `Bend ${which + 1} of ${rod.name}; arrows move it`
    : `${which === 'from' ? 'Lower' : 'Upper'} end of ${rod.name}; arrows move it`;
const select = (id: string) => (stage.selection = { kind: 'rod', id });
</script>

<template>
  <g class="rods">
    <path
      v-for="d in plates"
      :key="`disc-${d.key}`"
      class="disc"
      :d="d.path"
      :stroke-width="1.4 * unit"
      @pointerdown="stage.selection = { kind: 'piece', id: d.piece }"
    />
    <g v-for="d in drawn" :key="d.key" @pointerdown="select(d.r.rod.id)">
      <path class="rod halo" :d="d.path" :stroke-width="8 * unit" />
      <path
        class="rod"
        :d="d.path"
        :stroke="d.verdict === 'fails' ? 'var(--fails)' : 'var(--rod)'"
        :stroke-width="(d.chosen ? 6 : 4.4) * unit"
      />
    </g>
    <g
      v-for="d in drawn"
      :key="`letter-${d.key}`"
      class="letter"
      :tabindex="d.r.index === 0 ? 0 : undefined"
      :role="d.r.index === 0 ? 'button' : undefined"
      :aria-label="d.r.index === 0 ? d.says : undefined"
      :aria-pressed="d.r.index === 0 ? d.chosen : undefined"
      :aria-hidden="d.r.index === 0 ? undefined : true"
      @pointerdown="select(d.r.rod.id)"
      @keydown.enter.prevent="select(d.r.rod.id)"
      @keydown.space.prevent="select(d.r.rod.id)"
    >
      <circle
        :cx="d.at[0]"
        :cy="d.at[1]"
        :r="9 * unit"
        :fill="d.verdict === 'fails' ? 'var(--fails)' : 'var(--ink)'"
      />
      <text
        :x="d.at[0]"
        :y="d.at[1] + 4 * unit"
        :font-size="(d.letter.length > 2 ? 8 : 11.5) * unit"
        text-anchor="middle"
      >
        {{ d.letter }}
      </text>
      <text
        v-if="SIGN[d.verdict]"
        class="sign"
        :x="d.at[0] + 10 * unit"
        :y="d.at[1] - 5 * unit"
        :font-size="13 * unit"
        :fill="`var(--${d.verdict})`"
        :stroke-width="3 * unit"
      >
        {{ SIGN[d.verdict] }}
      </text>
    </g>
    <path
      v-if="bend"
      class="bend"
      :d="bend"
      :stroke-width="2.4 * unit"
      :stroke-dasharray="`${5 * unit} ${3 * unit}`"
    />
    <g v-if="pushes" class="push" :stroke-width="2.2 * unit">
      <circle :cx="pushes.at[0]" :cy="pushes.at[1]" :r="3.4 * unit" />
      <line :x1="pushes.at[0]" :x2="pushes.at[0]" :y1="pushes.at[1]" :y2="pushes.down - 5 * unit" />
      <path :d="head(pushes.at[0], pushes.down, 0, 1)" />
      <template v-if="pushes.side !== undefined">
        <line :x1="pushes.at[0]" :x2="pushes.side - 5 * unit" :y1="pushes.at[1]" :y2="pushes.at[1]" />
        <path :d="head(pushes.side, pushes.at[1], 1, 0)" />
      </template>
    </g>
    <template v-for="d in drawn" :key="`ends-${d.key}`">
      <template v-if="d.chosen">
        <circle
          v-for="p in d.points"
          :key="p.which"
          class="grip"
          :class="{ bent: typeof p.which === 'number' }"
          :cx="p.at[0]"
          :cy="p.at[1]"
          :r="(typeof p.which === 'number' ? 5.5 : 7) * unit"
          :stroke-width="2 * unit"
          :tabindex="d.r.index === 0 ? 0 : undefined"
          :role="d.r.index === 0 ? 'button' : undefined"
          :aria-label="d.r.index === 0 ? pointSays(d.r, p.which) : undefined"
          @pointerdown.stop="emit('grab', $event, d.r, p.which)"
          @keydown="emit('step', $event, d.r, p.which)"
        />
      </template>
    </template>
  </g>
</template>

<style scoped>
.rod {
  fill: none;
  stroke-linecap: round;
  stroke-linejoin: round;
  cursor: pointer;
}
.disc {
  fill: var(--rod);
  fill-opacity: 0.75;
  stroke: var(--paper);
  cursor: pointer;
}
.bend {
  fill: none;
  stroke: var(--ink);
  pointer-events: none;
}
.halo {
  stroke: var(--paper);
}
.letter {
  cursor: pointer;
}
.letter text:not(.sign) {
  fill: var(--paper);
  font-weight: 700;
}
.sign {
  paint-order: stroke;
  stroke: var(--paper);
}
.letter:focus-visible circle,
.grip:focus-visible {
  stroke: var(--elm);
  stroke-width: 4px;
  vector-effect: non-scaling-stroke;
  outline: none;
}
.letter:focus-visible {
  outline: none;
}
.push {
  fill: var(--ink);
  stroke: var(--ink);
  pointer-events: none;
}
.push path {
  stroke: none;
}
.grip {
  fill: var(--paper);
  stroke: var(--elm);
  cursor: grab;
}
.grip,
.letter {
  touch-action: none;
}
.grip.bent {
  fill: var(--elm-soft);
}
</style>
