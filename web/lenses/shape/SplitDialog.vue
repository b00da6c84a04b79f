<script setup lang="ts">
import { computed, ref } from 'vue';
import { blendDensity } from '@core/pastes/index.ts';
import { blendOf } from '@core/figure/index.ts';
import { readRatios, splitByDiameter } from '@core/paste-list/index.ts';
import { splitPiece } from '@core/edits/index.ts';
import { type Piece } from '@core/record/index.ts';
import { formatLength, formatMass } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePreferences } from '../../state/preferences.ts';
import QuantityField from '../../shared/QuantityField.vue';

/** One fixed total split into balls: equal ones, a pair, or a stacked cluster. */
const props = defineProps<{ piece: Piece; grams: number }>();
const open = defineModel<boolean>('open', { required: true });
const store = useBuild();
const here = useOpenBuild();
const preferences = usePreferences();
const total = ref(props.grams);
const text = ref('2 equal');
const ratios = computed(() => readRatios(text.value));
const parts = computed(() => {
  if (!ratios.value.ok) return ratios.value;
  const density = blendDensity(blendOf(here.build, props.piece)).value;
  return splitByDiameter(total.value, ratios.value.value, density);
});
function make(): void {
  if (!ratios.value.ok) return;
  const done = splitPiece(here.build, props.piece.id, ratios.value.value, total.value);
  if (!done.ok) return store.say(done.problem.text, 'error');
  store.apply(done.value.build, `splitting the ${props.piece.name.toLowerCase()}`);
  open.value = false;
}
</script>

<template>
  <a-modal v-model:open="open" title="Split into balls" :footer="null" width="460px">
    <div class="split">
      <div class="row">
        <QuantityField label="All together" kind="mass" :value="total" @change="(v) => (total = v)" />
        <label class="field"
          ><span>Into: a number, or diameters like 2 : 1 : 1</span><a-input v-model:value="text"
        /></label>
      </div>
      <ul v-if="parts.ok">
        <li v-for="(p, i) in parts.value" :key="i">
          <span>{{ i + 1 }}</span> <strong>{{ formatMass(p.grams, preferences.shown) }}</strong>
          <span class="muted">ball of {{ formatLength(p.ball, preferences.shown) }}</span>
        </li>
      </ul>
      <p v-else class="warning">{{ parts.problem.text }}</p>
      <p class="muted small">
        Equal ones lie side by side; different ones stand on each other, the first at the foot.
      </p>
      <button class="button main" type="button" :disabled="!parts.ok" @click="make">Make these pieces</button>
    </div>
  </a-modal>
</template>

<style scoped>
.split {
  display: grid;
  gap: 12px;
  justify-items: start;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 4px 26px;
  max-height: 300px;
  overflow: auto;
}
li {
  display: grid;
  grid-template-columns: 22px 66px auto;
}
</style>
