<script setup lang="ts">
import { computed, ref } from 'vue';
import { ladderOf } from '@core/colour/index.ts';
import ChoiceField from '../../shared/ChoiceField.vue';
import QuantityField from '../../shared/QuantityField.vue';
import WhyButton from '../../shared/WhyButton.vue';

/** Shades let down from one mix by the scale. */
const shades = ref(3);
const keep = ref(40);
const parts = ref(2);
const PARTS = [
  { value: 2, label: 'halves' },
  { value: 3, label: 'thirds' },
];
const SHADES = [2, 3, 4, 5, 6].map((value) => ({ value, label: String(value) }));
const rungs = computed(() =>
  ladderOf(
    Array.from({ length: shades.value }, () => keep.value),
    parts.value,
  ),
);
</script>

<template>
  <section class="view-part">
    <h3>A ladder of shades from one mix</h3>
    <div class="row">
      <ChoiceField v-model:value="shades" label="Shades" :options="SHADES" :width="80" />
      <QuantityField
        label="Of each"
        kind="mass"
        :width="84"
        :value="keep"
        @change="(v) => v > 0 && (keep = v)"
      />
      <ChoiceField v-model:value="parts" label="Let down by" :options="PARTS" :width="100" />
    </div>
    <ol>
      <li v-for="(r, k) in rungs" :key="k">
        <template v-if="r.taken && r.plain"
          >Take <WhyButton :figure="r.taken" /> of the shade before, knead in
          <WhyButton :figure="r.plain" /> of plain paste.</template
        >
        <template v-else>Colour <WhyButton :figure="r.made" /> as deep as the darkest.</template>
      </li>
    </ol>
    <p class="muted small">
      Nothing is counted but the first: halves come out even to the eye. Leave a streak in the last one, so
      that leaves do not look printed.
    </p>
  </section>
</template>

<style scoped>
ol {
  margin: 10px 0 0;
  padding-left: 20px;
}
li {
  padding: 3px 0;
}
</style>
