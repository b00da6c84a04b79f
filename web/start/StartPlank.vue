<script setup lang="ts">
import { elevation, extent } from '@core/figure/index.ts';
import { startBuild, STARTS, usuallyWanted, type Start } from '@core/starts/index.ts';
import { isDark, plainPaste } from '../drawing/surface.ts';
import DrawnPiece from '../stage/DrawnPiece.vue';

/** The kinds of figure side by side in plain paste, as on a plank. */
defineProps<{ chosen: string }>();
const emit = defineEmits<{ choose: [id: string] }>();

const DAY = { due: '2026-01-01T12:00', zone: 'UTC' };
/** Plain paste, a little darker where a piece is dark in the end. */
const PLAIN = '#d9cfbf';
const DARK = '#a89d8b';
function drawn(start: Start) {
  const build = startBuild(start, usuallyWanted(start), DAY);
  const few =
    start.size.kind === 'mass'
      ? { ...build, pieces: build.pieces.map((p) => ({ ...p, count: Math.min(p.count, 4) })) }
      : build;
  const e = extent(few);
  const dark = new Set(build.colours.filter((c) => isDark(c.hex)).map((c) => c.id));
  const wide = Math.max(e.right - e.left, e.top * 0.5);
  return {
    id: start.id,
    name: start.name,
    shapes: elevation(few, 'front').map((s) => ({
      shape: s.drawn,
      at: s.at,
      surface: plainPaste(dark.has(s.instance.piece.colour) ? DARK : PLAIN),
    })),
    box: `${(e.left + e.right) / 2 - wide / 2 - 2} ${-e.top - 2} ${wide + 4} ${e.top + 4}`,
  };
}
const plank = STARTS.map(drawn);
</script>

<template>
  <div class="plank" role="radiogroup" aria-label="What you are making">
    <button
      v-for="p in plank"
      :key="p.id"
      type="button"
      role="radio"
      :aria-checked="p.id === chosen"
      :class="{ on: p.id === chosen }"
      @click="emit('choose', p.id)"
    >
      <svg :viewBox="p.box" preserveAspectRatio="xMidYMax meet" aria-hidden="true">
        <DrawnPiece
          v-for="(d, i) in p.shapes"
          :key="i"
          :shape="d.shape"
          :x="d.at[0]"
          :y="d.at[1]"
          :surface="d.surface"
        />
      </svg>
      <span>{{ p.name }}</span>
    </button>
  </div>
</template>

<style scoped>
.plank {
  display: flex;
  gap: 4px;
  overflow-x: auto;
  padding: 8px 10px 10px;
  border-top: 8px solid #c9a877;
  background: var(--slab-2);
  scroll-snap-type: x proximity;
}
button {
  all: unset;
  display: grid;
  flex: 0 0 96px;
  grid-template-rows: 84px auto;
  gap: 6px;
  padding: 8px 6px 6px;
  border: 2px solid transparent;
  border-radius: 11px;
  text-align: center;
  font-size: 13px;
  line-height: 1.2;
  cursor: pointer;
  scroll-snap-align: start;
}
button:hover {
  background: var(--paper);
}
button:focus-visible {
  outline: 3px solid var(--elm-pale);
}
.on {
  border-color: var(--elm);
  background: var(--paper);
  font-weight: 600;
}
svg {
  width: 100%;
  height: 84px;
}
</style>
