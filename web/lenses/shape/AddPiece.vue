<script setup lang="ts">
import { computed, ref } from 'vue';
import { SHAPE_KINDS, shapeOf, startingForm, measure, type ShapeKind } from '@core/solids/index.ts';
import { addPiece, BOARD } from '@core/figure/index.ts';
import { useBuild } from '../../state/build-store.ts';
import ShapeIcon from './ShapeIcon.vue';

const open = defineModel<boolean>('open', { required: true });
const store = useBuild();
const on = ref(store.selection?.kind === 'piece' ? store.selection.id : BOARD);
const places = computed(() => [
  { value: BOARD, label: 'the board' },
  ...store.build!.pieces.map((p) => ({ value: p.id, label: p.name })),
]);
function add(kind: ShapeKind): void {
  const made = addPiece(store.build!, kind, shapeOf(kind).name, on.value);
  store.apply(made.build, `adding a ${shapeOf(kind).name.toLowerCase()}`);
  store.selection = { kind: 'piece', id: made.id };
  open.value = false;
}
const size = (kind: ShapeKind) => measure(startingForm(kind));
</script>

<template>
  <a-modal v-model:open="open" title="New piece" :footer="null" width="620px">
    <label class="on"
      >Standing on
      <a-select
        v-model:value="on"
        :options="places"
        style="width: 220px"
        show-search
        option-filter-prop="label"
    /></label>
    <ul>
      <li v-for="kind in SHAPE_KINDS" :key="kind">
        <button type="button" @click="add(kind)">
          <ShapeIcon :kind="kind" :size="46" />
          <span
            ><strong>{{ shapeOf(kind).name }}</strong
            ><span class="muted small"
              >{{ shapeOf(kind).hint }}; starts {{ Math.round(size(kind).height) }} mm tall</span
            ></span
          >
        </button>
      </li>
    </ul>
  </a-modal>
</template>

<style scoped>
.on {
  display: flex;
  gap: 10px;
  align-items: center;
  margin: 6px 0 12px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 2px 14px;
}
button {
  display: flex;
  width: 100%;
  gap: 14px;
  align-items: center;
  text-align: left;
  padding: 8px;
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
  flex: 0 0 46px;
}
button > span > * {
  display: block;
}
@media (max-width: 560px) {
  ul {
    grid-template-columns: 1fr;
  }
}
</style>
