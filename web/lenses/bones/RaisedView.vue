<script setup lang="ts">
import type { RaisedReport } from '@core/bones/index.ts';
import { formatLength } from '@core/quantity/index.ts';
import { usePreferences } from '../../state/preferences.ts';
import LoadBar from './LoadBar.vue';
import VerdictWord from '../../shared/VerdictWord.vue';
import WhyButton from '../../shared/WhyButton.vue';

/** Whether the tier raised on the rod holds: rod, base, its board, and the cake on it. */
defineProps<{ raised: RaisedReport }>();
const { shown } = usePreferences();
</script>

<template>
  <h3>What it has to bear</h3>
  <p>
    <WhyButton :figure="raised.mass" /> balance <WhyButton :figure="raised.high" /> over the base. On the way
    it leans <WhyButton :figure="raised.sway" /> and swings
    <WhyButton :figure="raised.rate" :text="raised.rate.value.toFixed(1)" /> times a second.
    <template v-if="!raised.hasTier" />
    <template v-else-if="raised.leastBoard !== undefined">
      The cake of the tier needs a board of {{ formatLength(raised.leastBoard, shown) }} at least.
    </template>
    <template v-else>
      No board under this tier is wide enough for its cake in every situation: a firmer cake, or a gentler
      way.
    </template>
  </p>
  <ul class="opening checks">
    <li v-for="c in raised.checks" :key="c.id" class="line">
      <span class="what">
        <strong>{{ c.title }}</strong>
        <span class="muted small"
          >{{ c.situation }} · <WhyButton :figure="c.use" text="sum" /> · {{ c.text }}</span
        >
      </span>
      <LoadBar :use="c.use.value" :verdict="c.verdict" />
      <VerdictWord :verdict="c.verdict" :times="c.times" />
    </li>
  </ul>
  <p v-for="s in raised.says" :key="s" class="muted small">{{ s }}</p>
</template>

<style scoped>
h3 {
  margin-top: 8px;
}
p {
  max-width: 640px;
  padding: 4px 0 8px;
}
.checks {
  margin: 0;
  padding: 0;
}
.line {
  display: grid;
  grid-template-columns: 1fr 100px 118px;
  gap: 12px;
  align-items: center;
  min-height: 50px;
  padding: 6px 0;
  list-style: none;
}
.what > * {
  display: block;
}
</style>
