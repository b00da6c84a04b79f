<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { everyRod, placedDiscs, rodStock } from '@core/bones/index.ts';
import { shapeOf, toLocal, toWorld, type Vec } from '@core/solids/index.ts';
import {
  elevation,
  extent as extentOf,
  isLaidRound,
  place,
  placeRods,
  project,
  framesOf,
  rodEndAt,
  type PlacedRod,
  type Silhouette,
} from '@core/figure/index.ts';
import { moveRodPoint, nudge, ontoCentreLine, resize, type RodPoint } from '@core/edits/index.ts';
import { groundOf } from '@core/ground/index.ts';
import { pieceOf, BOARD } from '@core/record/index.ts';
import type { FirmState } from '@core/firming/index.ts';
import { useBuild } from '../state/build-store.ts';
import { useStage } from '../state/on-stage.ts';
import { useOpenBuild } from '../state/here.ts';
import type { LensId } from '../lenses/lenses.ts';
import { useDrag } from './drag.ts';
import { outlinePath, pathOf, rulerMarks, stepOf, windowOf } from './geometry.ts';
import GroundLayer from './GroundLayer.vue';
import FirmPatterns from './FirmPatterns.vue';
import BalanceLayer from './BalanceLayer.vue';
import ReachLayer from './ReachLayer.vue';
import ReferenceLayer from './ReferenceLayer.vue';
import RodsLayer from './RodsLayer.vue';

const props = defineProps<{
  lens: LensId;
  /** State of each piece at the playhead; absent when it is not being looked at. */
  states?: ReadonlyMap<string, FirmState | 'unmade'> | undefined;
  /** Pieces in their place at the playhead; all of them when absent. */
  joined?: ReadonlySet<string> | undefined;
}>();

const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const svg = ref<SVGSVGElement>();

const build = computed(() => here.build);
const silhouettes = computed(() => elevation(build.value, stage.view));
const fitted = computed(() => windowOf(build.value, extentOf(build.value), stage.view));
/** While something is pulled the window stands still, so that the hand and the piece stay together. */
const frame = ref(fitted.value);

const marks = computed(() => rulerMarks(frame.value.top - 12));
const unit = computed(() => Math.max(frame.value.width / 470, frame.value.height / 600));
const bones = computed(() => (props.lens === 'bones' ? store.report?.bones : undefined));
const discs = computed(() => placedDiscs(build.value));
/** How far down to the table. */
const under = computed(() => -groundOf(build.value).table);
const rods = computed(() => placeRods(build.value));
/** Rods seen behind the figure in the other lenses, once what they carry is there. */
const rodsBehind = computed(() => rods.value.filter((r) => props.states?.get(r.rod.to.on) !== 'unmade'));
const colours = computed(() => new Map(build.value.colours.map((c) => [c.id, c.hex])));
const selectedPiece = computed(() => (stage.selection?.kind === 'piece' ? stage.selection.id : undefined));
const lit = computed(() => {
  if (stage.lit) return stage.lit;
  if (stage.selection?.kind !== 'batch') return undefined;
  const id = stage.selection.id;
  return new Set(build.value.pieces.filter((p) => `${p.blend}/${p.colour}` === id).map((p) => p.id));
});

/** Bands whose waves are told by fine lines. */
const GATHERED: ReadonlySet<string> = new Set(['ruffle', 'flounce']);

const seeThrough = computed(() => props.lens === 'bones');

function look(s: Silhouette): { fill: string; opacity: number } {
  const piece = s.instance.piece;
  const state = props.states?.get(piece.id);
  const fill = colours.value.get(piece.colour) ?? '#999999';
  if (state === 'unmade') return { fill: 'none', opacity: 0.55 };
  // made, and not in its place yet
  if (props.joined && !props.joined.has(piece.id)) return { fill, opacity: 0.3 };
  if (lit.value) return { fill, opacity: lit.value.has(piece.id) ? 1 : 0.18 };
  return { fill, opacity: seeThrough.value ? 0.5 : 1 };
}

const hatch = (s: Silhouette): string | undefined => {
  const state = props.states?.get(s.instance.piece.id);
  return state && state !== 'unmade' && state !== 'soft' ? `url(#firm-${state})` : undefined;
};

/** Handles of the selected piece, in the board's space. */
const handles = computed(() => {
  const piece = selectedPiece.value ? pieceOf(build.value, selectedPiece.value) : undefined;
  if (!piece || props.lens !== 'shape') return [];
  const instance = place(build.value).find((i) => i.piece.id === piece.id);
  // laid round its carrier its own sizes do not lie where it is seen: they are typed
  if (!instance || isLaidRound(instance)) return [];
  return shapeOf(piece.form.kind)
    .handles(piece.form.sizes)
    .map((h) => {
      const at = project(stage.view, toWorld(instance.frame, [h.at[0], 0, h.at[1]]));
      const tip = project(
        stage.view,
        toWorld(instance.frame, [h.at[0] + h.along[0], 0, h.at[1] + h.along[1]]),
      );
      const dir = [tip[0] - at[0], tip[1] - at[1]] as const;
      return {
        ...h,
        at,
        dir,
        seen: Math.hypot(dir[0], dir[1]),
        label: shapeOf(piece.form.kind).sizes.find((x) => x.key === h.size)!.label,
      };
    })
    .filter((h) => h.seen > 0.25);
});

const flat = (v: Vec) => project(stage.view, v);

const { begin, onMove, onUp, pulling } = useDrag(
  svg,
  () => unit.value * 2,
  () => frame.value,
);
watch([fitted, pulling], () => {
  if (!pulling.value) frame.value = fitted.value;
});

function grabPiece(e: PointerEvent, s: Silhouette): void {
  const { piece, index } = s.instance;
  const already = selectedPiece.value === piece.id;
  if (props.lens === 'paste') {
    stage.selection = { kind: 'batch', id: `${piece.blend}/${piece.colour}` };
    return;
  }
  stage.selection = { kind: 'piece', id: piece.id };
  if (!already || props.lens !== 'shape') return;
  // the mirrored one moves the other way in the front view
  const side = piece.pair && index % 2 === 1 && stage.view === 'front' ? -1 : 1;
  begin(e, `moving the ${piece.name.toLowerCase()}`, (base, dx, up) =>
    nudge(base, piece.id, stepOf(stage.view, side * dx, up)),
  );
}

function grabHandle(e: PointerEvent, h: (typeof handles.value)[number]): void {
  const id = selectedPiece.value!;
  const piece = pieceOf(build.value, id)!;
  const from = piece.form.sizes[h.size]!;
  begin(e, `resizing the ${piece.name.toLowerCase()}`, (base, dx, up) => {
    const pulled = (dx * h.dir[0] + up * h.dir[1]) / (h.seen * h.seen);
    return resize(base, id, { [h.size]: Math.round((from + pulled * h.gain) * 2) / 2 });
  });
}

/** Ends and bends come to rest on the centre line of their piece when they are pulled this near to it, in pixels. */
const SNAP = 5;

function grabRodPoint(e: PointerEvent, r: PlacedRod, which: RodPoint): void {
  stage.selection = { kind: 'rod', id: r.rod.id };
  const side = r.index === 1 && stage.view === 'front' ? -1 : 1;
  begin(e, `moving rod ${r.rod.name.toLowerCase()}`, (base, dx, up) => {
    const end = typeof which === 'number' ? r.rod.bends![which]! : r.rod[which];
    const now = rodEndAt(base, end);
    const step = stepOf(stage.view, side * dx, up);
    const to: Vec = [now[0] + step[0], now[1] + step[1], now[2] + step[2]];
    const own = end.on === BOARD ? to : toLocal(framesOf(base, end.on)!.own, to);
    const at = ontoCentreLine(own, stage.view === 'front' ? 0 : 1, SNAP * unit.value);
    return moveRodPoint(base, r.rod.id, which, { on: end.on, at });
  });
}
</script>

<template>
  <svg
    ref="svg"
    class="stage"
    data-edits
    tabindex="0"
    :viewBox="`${frame.left} ${-frame.top} ${frame.width} ${frame.height}`"
    preserveAspectRatio="xMidYMid meet"
    role="group"
    :aria-label="`${build.name}, seen from the ${stage.view}`"
    @pointermove="onMove"
    @pointerup="onUp"
    @pointercancel="onUp"
    @pointerdown="svg?.focus({ preventScroll: true })"
    @pointerdown.self="stage.selection = undefined"
  >
    <FirmPatterns :unit="unit" />
    <g class="ruler" :font-size="11 * unit">
      <template v-for="m in marks" :key="m">
        <line
          :x1="frame.left + 34 * unit"
          :x2="frame.left + frame.width"
          :y1="-m"
          :y2="-m"
          :stroke-width="unit * 0.7"
        />
        <text :x="frame.left + 29 * unit" :y="-m + 3.5 * unit" text-anchor="end">{{ m }}</text>
      </template>
    </g>

    <ReferenceLayer :frame="frame" :unit="unit" :tall="extentOf(build).top" />

    <g v-if="lens !== 'bones'" class="rods-behind">
      <polyline
        v-for="r in rodsBehind"
        :key="`${r.rod.id}-${r.index}`"
        :points="r.line.map((p) => `${flat(p)[0]},${-flat(p)[1]}`).join(' ')"
        :stroke-width="Math.max(2 * unit, rodStock(r.rod.stock).section.diameter)"
      />
    </g>

    <g
      v-for="(s, i) in silhouettes"
      :key="i"
      :opacity="look(s).opacity"
      class="body"
      :data-piece="s.instance.piece.id"
    >
      <template v-if="s.layers && look(s).fill !== 'none'">
        <path
          v-for="(layer, n) in s.layers"
          :key="n"
          class="small-one"
          :class="{ chosen: s.instance.piece.id === selectedPiece }"
          :d="outlinePath(layer)"
          :fill="look(s).fill"
          :stroke-width="0.8 * unit"
          @pointerdown="grabPiece($event, s)"
        >
          <title>{{ s.instance.piece.name }}</title>
        </path>
      </template>
      <template v-else>
        <path
          class="edge"
          :class="{ chosen: s.instance.piece.id === selectedPiece, unmade: look(s).fill === 'none' }"
          :d="pathOf(s, look(s).fill === 'none')"
          :stroke-width="(s.instance.piece.id === selectedPiece ? 5.4 : 2.6) * unit"
          :stroke-dasharray="look(s).fill === 'none' ? `${4 * unit} ${3 * unit}` : undefined"
          @pointerdown="grabPiece($event, s)"
        />
        <path
          class="fill"
          :d="pathOf(s, look(s).fill === 'none')"
          :fill="look(s).fill === 'none' ? 'transparent' : look(s).fill"
          @pointerdown="grabPiece($event, s)"
        >
          <title>{{ s.instance.piece.name }}</title>
        </path>
        <path
          v-if="GATHERED.has(s.instance.piece.form.kind) && look(s).fill !== 'none'"
          class="folds"
          :d="pathOf(s)"
          :stroke-width="0.6 * unit"
        />
      </template>
      <path v-if="hatch(s)" class="hatch" :d="pathOf(s)" :fill="hatch(s)" />
      <path
        v-if="s.core && seeThrough"
        class="core"
        :d="outlinePath(s.core)"
        :stroke-width="unit"
        :stroke-dasharray="`${3 * unit} ${3 * unit}`"
      />
    </g>

    <GroundLayer
      :build="build"
      :edge="unit"
      :chosen="stage.selection?.kind === 'ground'"
      :see-through="seeThrough"
      @grab="stage.selection = lens === 'shape' ? { kind: 'ground', id: 'ground' } : undefined"
    />

    <line
      class="ground"
      :x1="frame.left + 34 * unit"
      :x2="frame.left + frame.width"
      y1="0"
      y2="0"
      :stroke-width="1.4 * unit"
    />

    <RodsLayer
      v-if="lens === 'bones'"
      :rods="rods"
      :discs="discs"
      :reports="bones ? everyRod(bones) : []"
      :unit="unit"
      @grab="grabRodPoint"
    />

    <ReachLayer v-if="stage.spots" :unit="unit" />

    <BalanceLayer v-if="bones" :bones="bones" :board="under" :unit="unit" />

    <g v-if="handles.length" class="handles">
      <circle
        v-for="h in handles"
        :key="h.size"
        class="grip"
        :cx="h.at[0]"
        :cy="-h.at[1]"
        :r="7 * unit"
        :stroke-width="2 * unit"
        :data-size="h.size"
        @pointerdown.stop="grabHandle($event, h)"
      >
        <title>Pull: {{ h.label }}</title>
      </circle>
    </g>
  </svg>
</template>

<style scoped>
.stage {
  width: 100%;
  height: 100%;
  display: block;
  touch-action: none;
  user-select: none;
}
.ruler line {
  stroke: var(--slab-3);
}
.ruler text {
  fill: var(--ink-3);
}
.ground {
  stroke: var(--ink);
  pointer-events: none;
}
.edge {
  fill: none;
  stroke: var(--ink);
  stroke-linejoin: round;
}
.edge.unmade {
  stroke: var(--ink-3);
}
.edge.chosen {
  stroke: var(--elm);
}
.fill {
  fill-rule: nonzero;
  cursor: pointer;
}
.small-one {
  stroke: var(--ink);
  stroke-linejoin: round;
  cursor: pointer;
}
.small-one.chosen {
  stroke: var(--elm);
}
.folds {
  fill: none;
  stroke: var(--ink);
  opacity: 0.16;
}
.folds,
.hatch,
.core {
  pointer-events: none;
}
.core {
  fill: none;
  stroke: var(--ink);
}
.rods-behind polyline {
  fill: none;
  stroke: var(--rod);
  stroke-linejoin: round;
  pointer-events: none;
}
.grip {
  fill: var(--paper);
  stroke: var(--elm);
  cursor: grab;
}
.grip:active {
  cursor: grabbing;
}
</style>
