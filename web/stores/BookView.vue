<script setup lang="ts">
import { computed, ref } from 'vue';
import { materialOf } from '@core/pastes/index.ts';
import { formatMass } from '@core/quantity/index.ts';
import { driftOf, leftOf, tookWords, usualDrift } from '@core/stores/index.ts';
import { useStores } from '../state/stores.ts';
import { usePreferences } from '../state/preferences.ts';
import WhyButton from '../shared/WhyButton.vue';
import BookedCard from './BookedCard.vue';

/** Every batch that was kept: its number, its swatch, what went in, how it dried and what is left of it. */
const shelf = useStores();
const { shown } = usePreferences();
const open = ref<string>();
const seek = ref('');
const drift = computed(() => usualDrift(shelf.stores.book));
const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });
const lines = computed(() => {
  const wanted = seek.value.trim().toLowerCase();
  return [...shelf.stores.book]
    .sort((p, q) => q.number - p.number)
    .filter(
      (b) =>
        !wanted ||
        `${b.number} ${b.name} ${b.from} ${b.note} ${b.pots.map((p) => p.name).join(' ')}`
          .toLowerCase()
          .includes(wanted),
    )
    .map((b) => ({
      b,
      base: materialOf(b.blend.base).name.toLowerCase(),
      left: leftOf(b, shelf.stores.items),
      dried: driftOf(b),
    }));
});
</script>

<template>
  <div class="find">
    <a-input v-model:value="seek" placeholder="Find in the book" aria-label="Find in the book" allow-clear />
    <p class="muted">
      {{ shelf.stores.book.length }} {{ shelf.stores.book.length === 1 ? 'batch' : 'batches'
      }}<template v-if="drift"
        >; a day later yours are <WhyButton :figure="drift" :text="Math.abs(drift.value).toFixed(1)" />
        {{ drift.value < 0 ? 'deeper' : 'lighter' }} (black is 0, white 100)</template
      >. A screen shows a colour, not the paste.
    </p>
  </div>
  <p v-if="shelf.ready && !shelf.stores.book.length" class="empty">
    Nothing mixed yet. Under Paste, Colours, keep a batch when it has the colour you want.
  </p>
  <ul class="opening">
    <li v-for="{ b, base, left, dried } in lines" :key="b.id" :class="{ open: open === b.id }">
      <button
        type="button"
        class="line"
        :aria-expanded="open === b.id"
        @click="open = open === b.id ? undefined : b.id"
      >
        <span class="pair" aria-hidden="true"
          ><i :style="{ background: b.hex }"></i><i v-if="b.later" :style="{ background: b.later }"></i
        ></span>
        <strong>{{ b.number }} · {{ b.name }}</strong>
        <span class="what"
          >{{ tookWords(b) || 'as it comes' }} in {{ formatMass(b.grams, shown) }} of {{ base }}
          <span class="muted small">{{
            [dried && `a day later ${dried}`, b.from].filter(Boolean).join(' · ')
          }}</span></span
        >
        <span class="n" :class="{ none: !left }">{{
          left ? `${formatMass(left.amount, shown)} left` : ''
        }}</span>
        <span class="date muted">{{ day.format(new Date(`${b.mixed}T12:00:00`)) }}</span>
      </button>
      <BookedCard v-if="open === b.id" :booked="b" @done="open = undefined" />
    </li>
  </ul>
</template>

<style scoped>
.find {
  display: grid;
  grid-template-columns: 260px 1fr;
  gap: 18px;
  align-items: center;
  padding-bottom: 12px;
}
.line {
  display: grid;
  grid-template-columns: 52px 190px 1fr 90px 110px;
  gap: 14px;
  align-items: center;
  min-height: 48px;
  padding: 4px 0;
}
.pair {
  display: flex;
}
.pair i {
  width: 28px;
  height: 28px;
  border: 1px solid rgb(29 36 34 / 35%);
  border-radius: 50%;
}
.pair i + i {
  margin-left: -9px;
}
.what > .small {
  display: block;
}
.n {
  text-align: right;
  font-weight: 600;
}
@media (max-width: 760px) {
  .find {
    grid-template-columns: 1fr;
  }
  .line {
    grid-template-columns: 52px 1fr;
    gap: 2px 14px;
  }
  .n.none {
    display: none;
  }
  .what,
  .n,
  .date {
    grid-column: 2;
    text-align: left;
  }
}
</style>
