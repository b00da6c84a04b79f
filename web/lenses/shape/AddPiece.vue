<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { FAMILIES, SHAPE_KINDS, shapeOf, type ShapeKind } from '@core/solids/index.ts';
import { addPiece } from '@core/edits/index.ts';
import { BOARD } from '@core/record/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useStage } from '../../state/on-stage.ts';
import { useOpenBuild } from '../../state/here.ts';
import ShapeIcon from './ShapeIcon.vue';
import Segments from '../../shared/Segments.vue';
import ChoiceField from '../../shared/ChoiceField.vue';

/** Starts and what is kept are fetched when they are looked at. */
const AddPart = defineAsyncComponent(() => import('./AddPart.vue'));
const open = defineModel<boolean>('open', { required: true });
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const WHAT = [
  { value: 'shapes', label: 'A shape' },
  { value: 'parts', label: 'A part of mine' },
  { value: 'figures', label: 'A figure beside it' },
];
const what = ref<'shapes' | 'parts' | 'figures'>('shapes');
const on = ref(stage.selection?.kind === 'piece' ? stage.selection.id : BOARD);
const places = computed(() => [
  { value: BOARD, label: 'the board' },
  ...here.build.pieces.map((p) => ({ value: p.id, label: p.name })),
]);
function add(kind: ShapeKind): void {
  const made = addPiece(here.build, kind, shapeOf(kind).name, on.value);
  store.apply(made.build, `adding a ${shapeOf(kind).name.toLowerCase()}`);
  stage.selection = { kind: 'piece', id: made.id };
  open.value = false;
}
const families = Object.entries(FAMILIES).map(([family, label]) => ({
  label,
  kinds: SHAPE_KINDS.filter((k) => shapeOf(k).family === family && !shapeOf(k).fromFile),
}));
</script>

<template>
  <a-modal v-model:open="open" title="New piece" :footer="null" width="1120px" :style="{ top: '30px' }">
    <ChoiceField
      v-if="what !== 'figures'"
      v-model:value="on"
      class="on"
      label="Standing on"
      :options="places"
      search
      :width="220"
    />
    <Segments v-model:value="what" class="what" :options="WHAT" label="What is added" />
    <AddPart v-if="what !== 'shapes'" :what="what" :on="on" @done="open = false" />
    <template v-else>
      <section v-for="f in families" :key="f.label">
        <h3>{{ f.label }}</h3>
        <ul>
          <li v-for="kind in f.kinds" :key="kind">
            <button type="button" :title="shapeOf(kind).hint" @click="add(kind)">
              <ShapeIcon :kind="kind" :size="38" />
              <span
                ><strong>{{ shapeOf(kind).name }}</strong
                ><span class="muted small">{{ shapeOf(kind).hint }}</span></span
              >
            </button>
          </li>
        </ul>
      </section></template
    >
  </a-modal>
</template>

<style scoped>
.what {
  margin: 4px 0 10px;
}
.on {
  margin: 6px 0 12px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 0 14px;
}
button {
  display: flex;
  width: 100%;
  gap: 14px;
  align-items: center;
  text-align: left;
  padding: 5px 8px;
  border: 0;
  border-radius: 9px;
  background: none;
  cursor: pointer;
}
button:hover,
button:focus-visible {
  background: var(--slab);
}
button > svg {
  flex: 0 0 38px;
}
button > span > * {
  display: block;
  line-height: 1.25;
}
h3 {
  margin: 8px 0 2px;
  font-size: 14px;
  color: var(--ink-2);
}
@media (max-width: 1000px) {
  ul {
    grid-template-columns: 1fr 1fr;
  }
}
@media (max-width: 560px) {
  ul {
    grid-template-columns: 1fr;
  }
}
</style>
