<script setup lang="ts">
import { computed } from 'vue';
import { caseOf, LOAD_CASES, setPush, usualPush } from '@core/bones/index.ts';
import { setBrief } from '@core/edits/index.ts';
import { type Journey } from '@core/record/index.ts';
import { useBuild } from '../../state/build-store.ts';
import QuantityField from '../../shared/QuantityField.vue';
import Choice from '../../shared/Choice.vue';

/** The way it travels and how hard that pushes: usual figures, or this build's own. */
const store = useBuild();
const build = computed(() => store.build!);
const journey = computed(() => build.value.brief.journey);
const now = computed(() => caseOf(build.value, journey.value));
const ways = Object.entries(LOAD_CASES).map(([value, { name }]) => ({ value, label: name }));
const own = computed(() => build.value.brief.loads?.[journey.value] !== undefined);
const set = (patch: Parameters<typeof setPush>[2]) =>
  store.apply(setPush(build.value, journey.value, patch), 'how hard the way pushes');
</script>

<template>
  <div class="row">
    <label class="field"
      ><span>It has to get through</span
      ><Choice
        :value="journey"
        :options="ways"
        style="width: 214px"
        @change="(v: unknown) => store.apply(setBrief(build, { journey: v as Journey }), 'the journey')"
    /></label>
    <QuantityField
      label="Pushed aside"
      kind="count"
      suffix=" g"
      :width="70"
      :value="now.sideways"
      @change="(v) => set({ sideways: v })"
    />
    <QuantityField
      label="Board leans"
      kind="angle"
      :width="70"
      :value="now.tilt"
      @change="(v) => set({ tilt: v })"
    />
    <QuantityField
      label="Presses"
      kind="count"
      suffix=" ×"
      :width="70"
      :value="now.down"
      @change="(v) => set({ down: v })"
    />
    <QuantityField
      label="Holds down"
      kind="count"
      suffix=" ×"
      :width="70"
      :value="now.up"
      @change="(v) => set({ up: v })"
    />
    <button
      v-if="own"
      class="button plain"
      type="button"
      @click="store.apply(usualPush(build, journey), 'the usual push')"
    >
      As usual
    </button>
  </div>
</template>

<style scoped>
.row {
  align-items: flex-end;
  gap: 10px;
  padding: 12px 0 4px;
}
</style>
