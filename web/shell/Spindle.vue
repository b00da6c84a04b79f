<script setup lang="ts">
import { computed, onBeforeUnmount, ref, watch } from 'vue';
import type Sortable from 'sortablejs';
import { everyRod } from '@core/bones/index.ts';
import { measureOf } from '@core/figure/index.ts';
import { groundOf } from '@core/ground/index.ts';
import { multiplicity } from '@core/record/index.ts';
import { reorder } from '@core/edits/index.ts';
import type { FirmState } from '@core/firming/index.ts';
import { surfaceOf } from '../drawing/surface.ts';
import { useBuild } from '../state/build-store.ts';
import { useStage } from '../state/on-stage.ts';
import { useFound } from '../state/found.ts';
import { useOpenBuild } from '../state/here.ts';
import { beadWords, type Bead } from './beads.ts';

/** The pieces as beads on the rod, board at the bottom, in the order in which they are built; how each is, and which is next. */
const props = defineProps<{
  states?: ReadonlyMap<string, FirmState | 'unmade'> | undefined;
  /** The piece the next step is about. */
  next?: string | undefined;
  /** What the rods bear is looked at. */
  bones?: boolean;
}>();
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const found = useFound('bones');
const failing = computed(() =>
  props.bones && found.value
    ? new Set(everyRod(found.value).flatMap((r) => (r.verdict === 'fails' ? [r.rod.to.on] : [])))
    : undefined,
);
/** The size of a bead against the largest, px. */
const BEAD = { least: 20, more: 28, flat: 0.42 };
const beads = computed((): (Bead & { width: number; tall: number; fill: string })[] => {
  const build = here.build;
  const largest = Math.max(1, ...build.pieces.map((p) => measureOf(p).volume));
  return [...build.pieces].reverse().map((piece) => {
    const n = multiplicity(build, piece);
    const width = BEAD.least + BEAD.more * Math.cbrt(measureOf(piece).volume / largest);
    return {
      id: piece.id,
      name: n > 1 ? `${piece.name} ×${n}` : piece.name,
      state: props.states?.get(piece.id),
      next: piece.id === props.next,
      fails: failing.value?.has(piece.id) ?? false,
      fill: surfaceOf(build, piece).fill,
      width,
      tall: Math.max(9, width * BEAD.flat),
    };
  });
});
const chosen = computed(() => (stage.selection?.kind === 'piece' ? stage.selection.id : undefined));
const standsChosen = computed(() => stage.selection?.kind === 'ground');
/** What it stands on, from the top down, as wide as it is. */
const grounds = computed(() => {
  const { build } = here;
  const { layers } = groundOf(build);
  const widest = Math.max(...layers.map((l) => l.width));
  const hex = (id: string | undefined) => build.colours.find((c) => c.id === id)?.hex;
  return [...layers].reverse().map((l) => ({
    id: l.id,
    kind: l.kind,
    name: l.name,
    share: (90 * l.width) / widest,
    fill: hex(l.kind === 'board' ? build.board.cover?.colour : l.tier?.cover?.colour) ?? '#b9b1a2',
  }));
});

/** Beads are shown from the top down: a bead that comes to stand over another is built after it. */
function put(id: string, from: number, to: number): void {
  const order = beads.value.map((b) => b.id);
  order.splice(to, 0, ...order.splice(from, 1));
  const over = order[order.indexOf(id) - 1];
  store.apply(reorder(here.build, id, over), 'the order of building');
}
function move(id: string, by: 1 | -1): void {
  const from = beads.value.findIndex((b) => b.id === id);
  const to = from - by;
  if (to >= 0 && to < beads.value.length) put(id, from, to);
}

const rod = ref<HTMLElement>();
let sorting: Sortable | undefined;
// fetched while nothing waits for it: the hand needs a moment to get there
watch(rod, (el) => {
  if (!el) return;
  void import('sortablejs').then(({ default: Sorting }) => {
    if (rod.value !== el) return;
    sorting = Sorting.create(el, {
      draggable: '.bead',
      animation: 120,
      delay: 220,
      delayOnTouchOnly: true,
      onEnd: (e) => {
        const [from, to] = [e.oldDraggableIndex ?? 0, e.newDraggableIndex ?? 0];
        const id = e.item.dataset.bead;
        if (id === undefined || from === to) return;
        // the list is drawn from the build: put back what was dragged, then say what is meant
        e.item.remove();
        el.insertBefore(e.item, el.children[from] ?? null);
        put(id, from, to);
      },
    });
  });
});
onBeforeUnmount(() => sorting?.destroy());

/** One stop for the Tab key; up and down go along the rod. */
const stop = computed(() => chosen.value ?? beads.value[0]?.id);
function along(e: KeyboardEvent, i: number): void {
  const way = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0;
  if (!way || e.shiftKey || e.ctrlKey) return;
  e.preventDefault();
  e.stopPropagation();
  const bead = beads.value[i]!;
  if (e.altKey) return move(bead.id, way === -1 ? 1 : -1);
  const to = beads.value[i + way];
  if (!to) return;
  stage.selection = { kind: 'piece', id: to.id };
  rod.value?.querySelector<HTMLElement>(`[data-bead="${CSS.escape(to.id)}"]`)?.focus();
}
</script>

<template>
  <nav class="spindle" data-edits :class="{ many: beads.length > 16 }" aria-label="Pieces in building order">
    <div class="rod" aria-hidden="true"></div>
    <div ref="rod" class="beads">
      <button
        v-for="(b, i) in beads"
        :key="b.id"
        v-memo="[...Object.values(b), b.id === chosen, b.id === stage.pointed, b.id === stop, i]"
        type="button"
        class="bead"
        :class="{ on: b.id === chosen, fails: b.fails, next: b.next, pointed: b.id === stage.pointed }"
        :data-bead="b.id"
        :tabindex="b.id === stop ? 0 : -1"
        :aria-pressed="b.id === chosen"
        :aria-label="beadWords(b)"
        @click="stage.selection = { kind: 'piece', id: b.id }"
        @pointerenter="stage.pointed = b.id"
        @pointerleave="stage.pointed = undefined"
        @keydown="along($event, i)"
      >
        <svg class="drop" :width="b.width + 4" :height="b.tall + 4" aria-hidden="true">
          <g :transform="`translate(${b.width / 2 + 2} ${b.tall / 2 + 2})`">
            <ellipse
              :rx="b.width / 2"
              :ry="b.tall / 2"
              :fill="b.state === 'unmade' ? 'var(--slab-2)' : b.fill"
              :class="{ unmade: b.state === 'unmade' }"
            />
            <template v-if="b.state !== 'unmade'">
              <ellipse :rx="b.width / 2" :ry="b.tall / 2" fill="url(#light-satin)" />
              <ellipse v-if="b.state" :rx="b.width / 2" :ry="b.tall / 2" :fill="`url(#bead-${b.state})`" />
            </template>
          </g>
        </svg>
        <span class="label"
          ><template v-if="b.fails"><i aria-hidden="true">▲ </i></template>{{ b.name
          }}<template v-if="b.next">{{ ' ' }}<em>next</em></template></span
        >
      </button>
    </div>
    <button
      type="button"
      class="foot"
      :class="{ on: standsChosen }"
      :aria-pressed="standsChosen"
      :aria-label="`What it stands on: ${grounds.map((g) => g.name).join(', ')}`"
      @click="stage.selection = { kind: 'ground', id: 'ground' }"
    >
      <span
        v-for="g in grounds"
        :key="g.id"
        :class="g.kind"
        :style="{ width: `${g.share}%`, background: g.fill }"
      ></span>
      <em>{{ grounds.length > 1 ? 'stands on' : 'board' }}</em>
    </button>
  </nav>
</template>

<style scoped>
.spindle {
  --line-x: 31px;
  position: relative;
  display: flex;
  flex-direction: column;
  padding: 14px 4px 8px;
  overflow: hidden;
  background: var(--slab-2);
  border-right: 1px solid var(--line);
}
.rod {
  position: absolute;
  top: 0;
  bottom: 24px;
  left: calc(var(--line-x) - 1.5px);
  width: 3px;
  background: var(--rod);
  opacity: 0.85;
}
.beads {
  flex: 1 1 0;
  min-height: 0;
  display: flex;
  flex-direction: column;
  overflow: hidden auto;
  scrollbar-width: thin;
}
/* they lie on the board, and still scroll where there are too many */
.bead:first-child {
  margin-top: auto;
}
.bead {
  position: relative;
  flex: 0 1 46px;
  min-height: 25px;
  max-height: 60px;
  display: grid;
  grid-template-columns: calc(2 * (var(--line-x) - 4px)) 1fr;
  align-items: center;
  border: 0;
  background: none;
  padding: 0;
  cursor: pointer;
  border-radius: 8px;
  text-align: left;
}
/* a long spindle stays in sight as a whole: one line for each */
.many .label {
  font-size: 12px;
  line-height: 1.05;
}
.drop {
  justify-self: center;
  overflow: visible;
}
.drop ellipse:first-child {
  stroke: rgb(29 36 34 / 60%);
  stroke-width: 1px;
}
.drop .unmade {
  stroke: var(--ink-3);
  stroke-dasharray: 3 2;
}
.on .drop ellipse:first-child {
  stroke: var(--elm);
  stroke-width: 3px;
}
.pointed,
.bead:hover {
  background: var(--slab-3);
}
.label {
  font-size: 12.5px;
  line-height: 1.15;
  padding-right: 3px;
  min-width: 0;
  overflow-wrap: break-word;
}
.label i {
  font-style: normal;
}
.label em {
  display: inline-block;
  margin-left: 5px;
  padding: 0 5px;
  border-radius: 6px;
  background: var(--elm);
  color: var(--paper);
  font-style: normal;
  font-size: 11.5px;
}
.on .label {
  font-weight: 700;
}
.fails .label {
  color: var(--fails);
  font-weight: 600;
}
.foot {
  position: relative;
  flex: 0 0 auto;
  width: calc(2 * var(--line-x) - 8px);
  min-height: 27px;
  border: 0;
  background: none;
  padding: 0 0 2px;
  text-align: center;
  font-size: 12px;
  color: var(--ink-2);
  cursor: pointer;
  border-radius: 8px;
}
.foot span {
  display: block;
  height: 6px;
  margin: 0 auto 1px;
  border-radius: 2px;
}
.foot em {
  padding: 0 3px;
  font-style: normal;
  background: var(--slab-2);
}
.foot .board {
  height: 9px;
  margin-bottom: 2px;
  border-radius: 3px;
}
.foot .tier {
  height: 12px;
  border: 1px solid rgb(29 36 34 / 55%);
}
.foot.on {
  font-weight: 700;
  color: var(--ink);
  outline: 2.5px solid var(--elm);
  outline-offset: -1px;
}
@media (pointer: coarse) {
  .bead {
    min-height: 44px;
  }
}
@media (forced-colors: active) {
  .rod {
    background: CanvasText;
  }
}
</style>
