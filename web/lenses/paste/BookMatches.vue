<script setup lang="ts">
import { computed } from 'vue';
import type { Batch } from '@core/paste-list/index.ts';
import { formatMass } from '@core/quantity/index.ts';
import {
  asBooked,
  driftOf,
  leftOf,
  looksNow,
  matchesIn,
  tookWords,
  type BookedBatch,
} from '@core/stores/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePreferences } from '../../state/preferences.ts';
import { today, useStores } from '../../state/stores.ts';

/** Batches mixed before that come near to this colour: what they took is worth more than any sum. */
const props = defineProps<{ batch: Batch }>();
const store = useBuild();
const here = useOpenBuild();
const shelf = useStores();
const { shown } = usePreferences();
const matches = computed(() =>
  matchesIn(shelf.stores.book, props.batch, today()).map((m) => ({
    ...m,
    left: leftOf(m.batch, shelf.stores.items),
    drift: driftOf(m.batch),
  })),
);
const took = (b: BookedBatch): string => `${tookWords(b)} in ${formatMass(b.grams, shown)}`;
const take = (b: BookedBatch) =>
  store.apply(
    asBooked(here.build, props.batch.colour.id, b),
    `${props.batch.colour.name} as batch ${b.number}`,
  );
</script>

<template>
  <section v-if="matches.length" class="matches">
    <h3>Mixed before</h3>
    <ul class="swatches">
      <li v-for="m in matches" :key="m.batch.id">
        <span class="pair" aria-hidden="true">
          <i :style="{ background: batch.colour.hex }"></i><i :style="{ background: looksNow(m.batch) }"></i>
        </span>
        <div class="grow">
          <strong>Batch {{ m.batch.number }} · {{ m.batch.name }}</strong>
          <p>{{ took(m.batch) }}. Wanted, and how that looks: {{ m.near }}.</p>
          <p v-if="m.left" class="small">
            {{ formatMass(m.left.amount, shown) }} of it are left in the stores.
          </p>
          <p class="muted small">
            <template v-if="m.drift">A day later it was {{ m.drift }}. </template>{{ m.doubts.join(' ') }}
          </p>
        </div>
        <button
          class="button"
          type="button"
          :aria-label="`As batch ${m.batch.number}, ${m.batch.name}`"
          @click="take(m.batch)"
        >
          As batch {{ m.batch.number }}
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.matches {
  padding-top: 12px;
}
h3 {
  font: 650 15px var(--font-text);
}
</style>
