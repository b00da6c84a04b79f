<script setup lang="ts">
import { computed } from 'vue';
import { caseOf, LOAD_CASES, setPush, usualPush } from '@core/bones/index.ts';
import { setBrief } from '@core/edits/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import QuantityField from '../../shared/QuantityField.vue';
import ChoiceField from '../../shared/ChoiceField.vue';
import { choicesOf } from '../../shared/choices.ts';

/** The way it travels and how hard that pushes: usual figures, or this build's own. */
const store = useBuild();
const here = useOpenBuild();
const build = computed(() => here.build);
const journey = computed(() => build.value.brief.journey);
const now = computed(() => caseOf(build.value, journey.value));
const ways = choicesOf(LOAD_CASES, (c) => c.name);
const own = computed(() => build.value.brief.loads?.[journey.value] !== undefined);
const set = (patch: Parameters<typeof setPush>[2]) =>
  store.apply(setPush(build.value, journey.value, patch), 'how hard the way pushes');
</script>

<template>
  <div class="row fields">
    <ChoiceField
      label="Journey"
      :value="journey"
      :options="ways"
      :width="214"
      @change="(v) => store.apply(setBrief(build, { journey: v }), 'the journey')"
    />
    <QuantityField
      label="Sideways, of its weight"
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
      label="Pressed down, times its weight"
      kind="count"
      suffix=" ×"
      :width="70"
      :value="now.down"
      @change="(v) => set({ down: v })"
    />
    <QuantityField
      label="Weight left over a hump"
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
  padding: 12px 0 4px;
}
</style>
