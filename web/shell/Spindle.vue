<script setup lang="ts">
import { computed, ref } from 'vue';
import { measureOf } from '@core/figure/index.ts';
import { groundOf } from '@core/ground/index.ts';
import { multiplicity } from '@core/record/index.ts';
import { reorder } from '@core/edits/index.ts';
import type { FirmState } from '@core/firming/index.ts';
import { useBuild } from '../state/build-store.ts';
import { useStage } from '../state/on-stage.ts';
import { useOpenBuild } from '../state/here.ts';

/** The pieces as beads on the rod, board at the bottom, in the order in which they are built. */
const props = defineProps<{ states?: ReadonlyMap<string, FirmState | 'unmade'> | undefined }>();
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const beads = computed(() => {
  const build = here.build;
  const largest = Math.max(1, ...build.pieces.map((p) => measureOf(p).volume));
  return [...build.pieces].reverse().map((piece) => {
    const n = multiplicity(build, piece);
    const size = Math.cbrt(measureOf(piece).volume / largest);
    return {
      piece,
      label: n > 1 ? `${piece.name} ×${n}` : piece.name,
      colour: build.colours.find((c) => c.id === piece.colour)?.hex ?? '#999',
      width: 24 + 42 * size,
      state: props.states?.get(piece.id),
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
const over = ref<string>();
const dragging = ref<string>();

/** Beads are shown from the top down, so a bead dropped on another is built after it. */
function dropOn(target: string): void {
  const id = dragging.value;
  over.value = dragging.value = undefined;
  const build = here.build;
  if (!id || id === target) return;
  const after = build.pieces.findIndex((p) => p.id === target);
  const from = build.pieces.findIndex((p) => p.id === id);
  const before = from > after ? target : build.pieces[after + 1]?.id;
  store.apply(reorder(build, id, before), 'the order of building');
}
function move(id: string, by: 1 | -1): void {
  const build = here.build;
  const at = build.pieces.findIndex((p) => p.id === id);
  const before = by < 0 ? build.pieces[at - 1]?.id : build.pieces[at + 2]?.id;
  if (by < 0 && at === 0) return;
  store.apply(reorder(build, id, before), 'the order of building');
}
</script>

<template>
  <nav
    class="spindle"
    data-edits
    :class="{ many: beads.length > 16 }"
    aria-label="Pieces in building order, the last on top"
  >
    <div class="rod" aria-hidden="true"></div>
    <button
      v-for="b in beads"
      :key="b.piece.id"
      type="button"
      class="bead"
      :class="{ on: b.piece.id === chosen, over: b.piece.id === over }"
      :aria-pressed="b.piece.id === chosen"
      draggable="true"
      @click="stage.selection = { kind: 'piece', id: b.piece.id }"
      @dragstart="dragging = b.piece.id"
      @dragover.prevent="over = b.piece.id"
      @dragleave="over = undefined"
      @drop.prevent="dropOn(b.piece.id)"
      @keydown.alt.up.prevent="move(b.piece.id, 1)"
      @keydown.alt.down.prevent="move(b.piece.id, -1)"
    >
      <span
        class="drop"
        :class="b.state"
        :style="{
          width: `${b.width}px`,
          height: `${b.width * 0.36}px`,
          background: b.state === 'unmade' ? 'var(--paper)' : b.colour,
        }"
      ></span>
      <span class="label">{{ b.label }}</span>
    </button>
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
  position: relative;
  display: flex;
  flex-direction: column;
  justify-content: safe center;
  gap: 1px;
  padding: 10px 4px;
  overflow-y: auto;
  background: var(--slab-2);
  border-right: 1px solid var(--line);
  scrollbar-width: thin;
}
.rod {
  position: absolute;
  top: 0;
  bottom: 0;
  left: calc(50% - 1.5px);
  width: 3px;
  min-height: 100%;
  background: var(--rod);
  opacity: 0.85;
}
.bead {
  position: relative;
  flex: 0 0 auto;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 2px;
  border: 0;
  background: none;
  padding: 2px 0;
  cursor: pointer;
  border-radius: 8px;
}
/* a long spindle: beads smaller, names closer, so that the whole figure stays in sight */
.many .bead {
  padding: 0;
  gap: 0;
}
.many .drop {
  transform: scale(0.8);
  margin: -1px 0;
}
.many .label {
  font-size: 11px;
  line-height: 1.05;
}
.drop {
  min-height: 9px;
  border: 1px solid rgb(29 36 34 / 55%);
  border-radius: 50%;
}
.on .drop {
  outline: 2.5px solid var(--elm);
  outline-offset: 1px;
}
.over {
  background: var(--elm-soft);
}
.unmade {
  border-style: dashed;
}
.posed,
.firm,
.set,
.dry {
  background-image: repeating-linear-gradient(
    45deg,
    rgb(29 36 34 / 45%) 0 1px,
    transparent 1px 5px
  ) !important;
}
.label {
  font-size: 11.5px;
  line-height: 1.15;
  padding: 0 3px;
  background: var(--slab-2);
  border-radius: 4px;
  text-align: center;
  max-width: 78px;
}
.on .label {
  font-weight: 700;
}
.foot {
  position: relative;
  flex: 0 0 auto;
  border: 0;
  background: none;
  padding: 0 0 4px;
  text-align: center;
  font-size: 11.5px;
  color: var(--ink-2);
  margin-top: 3px;
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
</style>
