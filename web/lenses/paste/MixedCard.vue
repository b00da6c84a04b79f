<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { setPots } from '@core/edits/index.ts';
import type { Batch, BatchColour } from '@core/paste-list/index.ts';
import { formatMass, ok } from '@core/quantity/index.ts';
import { nextNumber } from '@core/stores/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePreferences } from '../../state/preferences.ts';
import { today, useStores } from '../../state/stores.ts';
import { bookMixed } from '../../storage/stores.ts';
import QuantityField from '../../shared/QuantityField.vue';

/** What a batch took in the end, kept under a number. */
const props = defineProps<{ batch: Batch; colouring: BatchColour }>();
const PickColour = defineAsyncComponent(() => import('../../shared/PickColour.vue'));
const store = useBuild();
const here = useOpenBuild();
const shelf = useStores();
const { shown } = usePreferences();
const took = ref<Record<string, number>>({});
const came = ref<string>();
const picking = ref(false);
const busy = ref(false);
watch(
  () => props.batch.id,
  () => {
    took.value = {};
    came.value = undefined;
  },
);
const amounts = computed(() =>
  props.colouring.pots.map((p) => took.value[p.pot.name] ?? p.pot.took?.amount ?? p.dose.likely),
);
const hex = computed(() => came.value ?? props.batch.colour.hex);
const number = computed(() => nextNumber(shelf.stores.book));

async function keep(): Promise<void> {
  const { batch } = props;
  const { base } = batch.blend;
  const grams = batch.fresh.value;
  const pots = (batch.colour.pots ?? []).map((p, k) => ({
    ...p,
    took: { amount: amounts.value[k]!, grams, base },
  }));
  // what the core refuses is not booked
  const said = setPots(here.build, batch.colour.id, pots);
  if (!said.ok) return store.say(said.problem.text, 'error');
  busy.value = true;
  const kept = await bookMixed(
    { build: here.build, batch, grams, took: amounts.value, hex: hex.value, on: today() },
    shelf.larder,
  );
  busy.value = false;
  if (!kept.ok) return store.say(kept.problem.text, 'error');
  store.apply(ok(said.value), `what ${batch.colour.name} took`);
  took.value = {};
  store.say(`Kept as batch ${kept.value.number}. Write the number on the bag.`);
}
</script>

<template>
  <div class="mixed">
    <div class="row">
      <QuantityField
        v-for="(p, k) in colouring.pots"
        :key="p.pot.name"
        :label="`${p.pot.name} took, ${p.dose.by === 'g' ? 'g' : 'drops'}`"
        kind="count"
        :width="100"
        :value="amounts[k]!"
        @change="(v) => (took = { ...took, [p.pot.name]: v })"
      />
      <label class="field"
        ><span>Came out as</span
        ><input type="color" :value="hex" @change="came = ($event.target as HTMLInputElement).value"
      /></label>
      <button class="button plain" type="button" @click="picking = true">From a picture</button>
    </div>
    <button class="button main" type="button" :disabled="busy" @click="keep">
      {{ formatMass(batch.fresh.value, shown) }} mixed: keep as batch {{ number }}
    </button>
    <PickColour v-if="picking" v-model:open="picking" @picked="(c: string) => (came = c)" />
  </div>
</template>

<style scoped>
.mixed {
  padding-top: 10px;
}
.row {
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: flex-end;
  margin-bottom: 10px;
}
input[type='color'] {
  width: 56px;
  height: 34px;
}
</style>
