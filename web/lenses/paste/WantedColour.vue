<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { setColour } from '@core/edits/index.ts';
import type { Batch } from '@core/paste-list/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import ChoiceField from '../../shared/ChoiceField.vue';

/** The colour a batch is wanted in: picked, from a picture with a card in its light, or as another piece is. */
const props = defineProps<{ batch: Batch }>();
const PickColour = defineAsyncComponent(() => import('../../shared/PickColour.vue'));
const store = useBuild();
const here = useOpenBuild();
const picking = ref(false);
const others = computed(() =>
  here.build.pieces
    .filter((p) => p.colour !== props.batch.colour.id)
    .map((p) => ({ value: p.id, label: p.name })),
);
const set = (hex: string) =>
  store.apply(setColour(here.build, props.batch.colour.id, { hex }), `the colour ${props.batch.colour.name}`);
function likePiece(piece: string): void {
  const { colour } = here.build.pieces.find((p) => p.id === piece)!;
  set(here.build.colours.find((c) => c.id === colour)!.hex);
}
</script>

<template>
  <div class="row">
    <label class="field"
      ><span>Wanted</span
      ><input type="color" :value="batch.colour.hex" @change="set(($event.target as HTMLInputElement).value)"
    /></label>
    <button class="button" type="button" @click="picking = true">Pick it from a picture</button>
    <ChoiceField
      v-if="others.length"
      label="Or as the"
      :value="undefined"
      :options="others"
      :width="150"
      search
      @change="likePiece"
    />
    <PickColour v-if="picking" v-model:open="picking" @picked="set" />
  </div>
</template>

<style scoped>
.row {
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: flex-end;
  padding: 4px 0 6px;
}
input {
  width: 56px;
  height: 34px;
}
</style>
