<script setup lang="ts">
import { computed, ref } from 'vue';
import { useElementSize } from '@vueuse/core';
import { sameParts } from '@core/quantity/index.ts';
import { everyRod, placedDiscs, rodStock } from '@core/bones/index.ts';
import { toLocal, type Vec } from '@core/solids/index.ts';
import {
  elevation,
  extent as extentOf,
  placeRods,
  project,
  framesOf,
  rodEndAt,
  weighIn,
  type PlacedRod,
  type Silhouette,
} from '@core/figure/index.ts';
import { moveRodPoint, nudge, ontoCentreLine, resize, type RodPoint } from '@core/edits/index.ts';
import { groundOf } from '@core/ground/index.ts';
import { multiplicity, pieceOf, BOARD, type Build, type Change, type Piece } from '@core/record/index.ts';
import type { FirmState } from '@core/firming/index.ts';
import { shadingOf } from '../drawing/paths.ts';
import { paintedFacesOf, paintedSurfaceOf, surfaceOf } from '../drawing/surface.ts';
import { useBuild } from '../state/build-store.ts';
import { usePreferences } from '../state/preferences.ts';
import { useScreen } from '../state/screen.ts';
import { useStage } from '../state/on-stage.ts';
import { useFound } from '../state/found.ts';
import { useOpenBuild } from '../state/here.ts';
import type { LensId } from '../lenses/lenses.ts';
import { useDrag } from './drag.ts';
import { bodyKey, inOrderOf, stepOf, windowOf, type Drawn } from './geometry.ts';
import { sizePulled, type PulledHandle } from './handles.ts';
import { saidOf } from './said.ts';
import { useHand } from './hand.ts';
import { useViewport } from './viewport.ts';
import BalanceLayer from './BalanceLayer.vue';
import Callout from './Callout.vue';
import FirmPatterns from './FirmPatterns.vue';
import GroundLayer from './GroundLayer.vue';
import HandleLayer from './HandleLayer.vue';
import MeasureLayer from './MeasureLayer.vue';
import MarkedLayer from './MarkedLayer.vue';
import ReachLayer from './ReachLayer.vue';
import ReferenceLayer from './ReferenceLayer.vue';
import RodsLayer from './RodsLayer.vue';
import RulerLayer from './RulerLayer.vue';
import StageBody from './StageBody.vue';
import StageTools from './StageTools.vue';

const props = defineProps<{
  lens: LensId;
  /** State of each piece at the playhead; absent when it is not being looked at. */
  states?: ReadonlyMap<string, FirmState | 'unmade'> | undefined;
  /** Pieces in their place at the playhead; all of them when absent. */
  joined?: ReadonlySet<string> | undefined;
  /** Steps of one's own that are over at the playhead; all of them when absent. */
  ownDone?: ReadonlySet<string> | undefined;
}>();

const store = useBuild();
const stage = useStage();
const screen = useScreen();
const here = useOpenBuild();
const { shown } = usePreferences();
const box = ref<HTMLElement>();
const svg = ref<SVGSVGElement>();
const { width, height } = useElementSize(box);

const build = computed(() => here.live);
const extent = computed(() => extentOf(build.value));
/** From the furthest to the nearest; while something is pulled, each stays where it was among them. */
const silhouettes = computed<Silhouette[]>((last) =>
  inOrderOf(elevation(build.value, stage.view), pulling.value ? last : undefined),
);
/** What the tools under the figure take, px. */
const TOOLS = 50;
const size = computed(() => ({ width: width.value, height: height.value - TOOLS }));
const { begin, onMove, onUp, cancel, pointAt, pulling } = useDrag(
  svg,
  () => unit.value * 2,
  () => frame.value,
);
const { frame, unit, moved, zoom, pan, wholeFigure, atUnit } = useViewport(
  size,
  () => windowOf(build.value, extent.value, stage.view),
  () => pulling.value,
  () => `${build.value.id} ${stage.view}`,
);
const hand = useHand({ pointAt, unit: () => unit.value, moved: () => moved.value, zoom, pan, cancel });

const found = useFound('bones');
const bones = computed(() => (props.lens === 'bones' ? found.value : undefined));
const discs = computed(() => placedDiscs(build.value));
/** How far down to the table. */
const under = computed(() => -groundOf(build.value).table);
const rods = computed(() => placeRods(build.value));
/** Rods seen behind the figure in the other lenses, once what they carry is there. */
const rodsBehind = computed(() => rods.value.filter((r) => props.states?.get(r.rod.to.on) !== 'unmade'));
const selectedPiece = computed(() => (stage.selection?.kind === 'piece' ? stage.selection.id : undefined));
const lit = computed(() => {
  if (stage.lit) return stage.lit;
  if (stage.selection?.kind !== 'batch') return undefined;
  const id = stage.selection.id;
  return new Set(build.value.pieces.filter((p) => `${p.blend}/${p.colour}` === id).map((p) => p.id));
});

const seeThrough = computed(() => props.lens === 'bones');

function how(id: string): Drawn['how'] {
  if (props.states?.get(id) === 'unmade') return 'unmade';
  // made, and not in its place yet
  if (props.joined && !props.joined.has(id)) return 'pale';
  if (lit.value) return lit.value.has(id) ? 'plain' : 'faint';
  return seeThrough.value ? 'through' : 'plain';
}
const stateOf = (id: string): FirmState | undefined => {
  const state = props.states?.get(id);
  return state === 'unmade' ? undefined : state;
};
function said(of: Build, piece: Piece) {
  const spoken = { name: piece.name, number: multiplicity(of, piece), weight: weighIn(of, piece) };
  return saidOf(piece.id, spoken, { state: props.states?.get(piece.id), bones: bones.value, shown });
}
/** What is told of each piece to who cannot see it. */
const labels = computed(
  () =>
    new Map(
      here.build.pieces.map((p) => {
        const { name, more } = said(here.build, p);
        return [p.id, [name, more].filter(Boolean).join(', ')];
      }),
    ),
);
interface Shown {
  readonly s: Silhouette;
  readonly key: string;
  readonly drawn: Drawn;
}
/** All that the bodies on the stage are drawn from: one of whom it stays the same is left alone. */
const bodies = computed<Shown[]>((last) => {
  const { value: of } = build;
  const { value: still } = pulling;
  const { value: chosen } = selectedPiece;
  const { value: says } = labels;
  const { pointed: under, view } = stage;
  const faces = stage.painted ? paintedFacesOf(of, props.ownDone) : undefined;
  const before = new Map(last?.map((b) => [b.key, b.drawn]));
  return silhouettes.value.map((s) => {
    const { piece, index } = s.instance;
    const { id } = piece;
    const key = bodyKey(s);
    const drawn: Drawn = {
      piece: id,
      surface: faces ? paintedSurfaceOf(of, piece, view, faces) : surfaceOf(of, piece),
      how: how(id),
      state: stateOf(id),
      still,
      chosen: id === chosen,
      pointed: id === under,
      says: index === 0 ? says.get(id) : undefined,
      core: seeThrough.value,
    };
    const as = before.get(key);
    return { s, key, drawn: as && sameParts(as, drawn) ? as : drawn };
  });
});
/** Room that two lines of it take over their place, px. */
const CALLOUT = 62;
/** The piece pointed at or pulled, named over the middle of its top, px. */
const callout = computed(() => {
  const id = pulling.value ? selectedPiece.value : stage.pointed;
  const s = id && silhouettes.value.find((x) => x.instance.piece.id === id);
  if (!s) return undefined;
  const { middle, long } = shadingOf(s.drawn).spread;
  const px = (mm: number) => mm / unit.value;
  const edge = Math.min(120, width.value / 2);
  return {
    said: said(pulling.value ? build.value : here.build, s.instance.piece),
    left: Math.min(width.value - edge, Math.max(edge, px(s.at[0] + middle[0] - frame.value.left))),
    top: Math.max(CALLOUT, px(frame.value.top - s.at[1] - middle[1] - long)),
  };
});

const flat = (v: Vec) => project(stage.view, v);

function grabPiece(e: PointerEvent, s: Silhouette): void {
  if (stage.measuring) return;
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
const choose = (s: Silhouette): void => {
  const { piece } = s.instance;
  stage.selection =
    props.lens === 'paste'
      ? { kind: 'batch', id: `${piece.blend}/${piece.colour}` }
      : { kind: 'piece', id: piece.id };
};

function grabHandle(e: PointerEvent, h: PulledHandle): void {
  const id = selectedPiece.value!;
  const piece = pieceOf(build.value, id)!;
  begin(e, `resizing the ${piece.name.toLowerCase()}`, (base, dx, up) =>
    resize(base, id, { [h.size]: sizePulled(h, dx, up) }),
  );
}

/** Ends and bends come to rest on the centre line of their piece when they are pulled this near to it, in pixels. */
const SNAP = 5;

/** An end or a bend of a rod moved so far in the picture. */
function rodPointMoved(base: Build, r: PlacedRod, which: RodPoint, dx: number, up: number, snap = 0): Change {
  const end = typeof which === 'number' ? r.rod.bends![which]! : r.rod[which];
  const now = rodEndAt(base, end);
  const step = stepOf(stage.view, dx, up);
  const to: Vec = [now[0] + step[0], now[1] + step[1], now[2] + step[2]];
  const own = end.on === BOARD ? to : toLocal(framesOf(base, end.on)!.own, to);
  const at = snap > 0 ? ontoCentreLine(own, stage.view === 'front' ? 0 : 1, snap) : own;
  return moveRodPoint(base, r.rod.id, which, { on: end.on, at });
}
function grabRodPoint(e: PointerEvent, r: PlacedRod, which: RodPoint): void {
  stage.selection = { kind: 'rod', id: r.rod.id };
  const side = r.index === 1 && stage.view === 'front' ? -1 : 1;
  begin(e, `moving rod ${r.rod.name.toLowerCase()}`, (base, dx, up) =>
    rodPointMoved(base, r, which, side * dx, up, SNAP * unit.value),
  );
}
const ARROWS: Record<string, readonly [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};
function stepRodPoint(e: KeyboardEvent, r: PlacedRod, which: RodPoint): void {
  const way = ARROWS[e.key];
  if (!way) return;
  e.preventDefault();
  e.stopPropagation();
  const far = e.shiftKey ? 10 : 1;
  store.apply(
    rodPointMoved(here.build, r, which, way[0] * far, way[1] * far),
    `moving rod ${r.rod.name.toLowerCase()}`,
  );
}

function press(e: PointerEvent): void {
  svg.value?.focus({ preventScroll: true });
  if (stage.measuring) {
    const [a] = stage.measured;
    stage.measured = stage.measured.length === 1 && a ? [a, pointAt(e)] : [pointAt(e)];
    return;
  }
  hand.press(e, e.target === svg.value);
}
const lift = (e: PointerEvent): void => {
  onUp();
  // pressed on nothing and let go there: let go of what was chosen
  if (hand.lift(e)) stage.selection = undefined;
};
const move = (e: PointerEvent): void => {
  if (!hand.move(e)) onMove(e);
};
const pointed = (id: string, on: boolean): void => {
  if (on) stage.pointed = id;
  else if (stage.pointed === id) stage.pointed = undefined;
};
defineExpose({ zoom, wholeFigure });
</script>

<template>
  <div ref="box" class="box">
    <svg
      ref="svg"
      class="stage"
      :class="{ moved, measuring: stage.measuring }"
      data-edits
      tabindex="0"
      :viewBox="`${frame.left} ${-frame.top} ${frame.width} ${frame.height}`"
      preserveAspectRatio="xMidYMid meet"
      role="group"
      :aria-label="`${build.name}, seen from the ${stage.view}`"
      @pointermove="move"
      @pointerup="lift"
      @pointercancel="lift"
      @pointerdown="press"
      @wheel.prevent="hand.wheel"
      @touchstart="hand.touches"
    >
      <FirmPatterns :unit="unit" />
      <RulerLayer :frame="frame" :unit="unit" :length="shown.length" />
      <ReferenceLayer :frame="frame" :unit="unit" />

      <g v-if="lens !== 'bones'" class="rods-behind">
        <polyline
          v-for="r in rodsBehind"
          :key="`${r.rod.id}-${r.index}`"
          :points="r.line.map((p) => `${flat(p)[0]},${-flat(p)[1]}`).join(' ')"
          :stroke-width="Math.max(2 * unit, rodStock(r.rod.stock).section.diameter)"
        />
      </g>

      <StageBody
        v-for="{ s, key, drawn } in bodies"
        :key="key"
        v-memo="[s, drawn]"
        :body="drawn"
        :shape="s.drawn"
        :x="s.at[0]"
        :y="s.at[1]"
        @grab="grabPiece($event, s)"
        @choose="choose(s)"
        @point="pointed(s.instance.piece.id, $event)"
      />

      <GroundLayer
        :build="build"
        :edge="unit"
        :chosen="stage.selection?.kind === 'ground'"
        :see-through="seeThrough"
        @grab="stage.selection = lens === 'shape' ? { kind: 'ground', id: 'ground' } : undefined"
      />

      <line
        class="ground"
        :x1="frame.left + 38 * unit"
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
        @step="stepRodPoint"
      />

      <ReachLayer v-if="stage.spots" :unit="unit" />
      <MarkedLayer v-if="stage.marked" :unit="unit" />
      <BalanceLayer v-if="bones" :bones="bones" :board="under" :unit="unit" />
      <HandleLayer
        v-if="lens === 'shape' && selectedPiece && !stage.measuring"
        :piece="selectedPiece"
        :unit="unit"
        @grab="grabHandle"
      />
      <MeasureLayer v-if="stage.measuring" :unit="unit" />
    </svg>
    <Callout v-if="callout" :said="callout.said" :left="callout.left" :top="callout.top" />
    <StageTools :moved="moved" @zoom="zoom" @whole="wholeFigure" @life="atUnit(screen.unit())" />
  </div>
</template>

<style scoped>
.box {
  position: relative;
  width: 100%;
  height: 100%;
  overflow: hidden;
  /* what moves in here moves nothing else on the page */
  contain: strict;
}
.stage {
  position: absolute;
  inset: 0 0 50px;
  width: 100%;
  height: calc(100% - 50px);
  display: block;
  /* a swipe scrolls the page until something is grabbed, or one looks from nearer */
  touch-action: pan-y;
  user-select: none;
}
.stage.moved {
  touch-action: none;
  cursor: grab;
}
.stage.measuring,
.stage.measuring :deep(*) {
  cursor: crosshair;
}
.ground {
  stroke: var(--ink);
  pointer-events: none;
}
.rods-behind polyline {
  fill: none;
  stroke: var(--rod);
  stroke-linejoin: round;
  pointer-events: none;
}
</style>
