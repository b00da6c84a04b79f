<script setup lang="ts">
import { computed } from 'vue';
import { amountText } from '@core/paste-list/index.ts';
import { POTS } from '@core/colour/index.ts';
import { formatMass } from '@core/quantity/index.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePreferences } from '../../state/preferences.ts';
import { useStage } from '../../state/on-stage.ts';
import WhyButton from '../../shared/WhyButton.vue';
import ColourCard from './ColourCard.vue';
import LadderCard from './LadderCard.vue';
import SurfaceCard from './SurfaceCard.vue';

/** What every batch is coloured with, drop by drop. */
const here = useOpenBuild();
const stage = useStage();
const { shown } = usePreferences();
const batches = computed(() =>
  here.report.paste.map((batch, k) => ({
    batch,
    number: k + 1,
    colouring: here.report.colouring.batches[k]!,
  })),
);
const totals = computed(() => here.report.colouring.pots);
const chosen = computed(() => (stage.selection?.kind === 'batch' ? stage.selection.id : undefined));
const toggle = (id: string) => (stage.selection = chosen.value === id ? undefined : { kind: 'batch', id });
</script>

<template>
  <p v-if="!batches.length" class="empty muted">Nothing to colour yet: add the first piece under Shape.</p>
  <p v-else class="lead muted">
    A screen shows a colour, not the paste: hold the swatch beside it, and judge it a day later.
  </p>
  <ul class="opening">
    <li
      v-for="{ batch, number, colouring } in batches"
      :key="batch.id"
      :class="{ open: batch.id === chosen }"
    >
      <button
        type="button"
        class="line batch-line"
        :aria-expanded="batch.id === chosen"
        @click="toggle(batch.id)"
      >
        <i :style="{ background: batch.colour.hex }"></i>
        <span class="what"
          ><strong>{{ number }} · {{ batch.colour.name }}</strong
          ><span class="muted small">{{ batch.blend.name }}</span></span
        >
        <span class="pots small">
          <template v-for="(p, i) in colouring.pots" :key="p.pot.name"
            ><template v-if="i"> + </template>{{ amountText(p.dose.amount) }} of {{ p.pot.name }}</template
          >
          <span v-if="!colouring.pots.length" class="muted">as it comes, or say which pot</span>
          <span v-if="colouring.says.length" class="doubt"><span aria-hidden="true">◆</span> look at it</span>
        </span>
        <strong class="n">{{ formatMass(batch.mix.value, shown) }}</strong>
      </button>
      <ColourCard v-if="batch.id === chosen" :batch="batch" :colouring="colouring" />
    </li>
  </ul>
  <p v-if="totals.length" class="total">
    In all
    <template v-for="(t, i) in totals" :key="`${t.kind} ${t.name}`"
      ><template v-if="i">, </template><WhyButton :figure="t.amount" :text="amountText(t.amount)" /> of
      {{ t.name }} ({{ POTS[t.kind].name }})</template
    >.
  </p>
  <SurfaceCard v-if="batches.length" />
  <LadderCard v-if="batches.length" />
</template>

<style scoped>
.lead {
  margin: 10px 0;
}
@media (max-width: 600px) {
  .line {
    grid-template-columns: 34px minmax(0, 1fr) 70px;
  }
  .line .pots {
    grid-row: 2;
    grid-column: 2 / -1;
  }
}
.total {
  padding: 12px 0 0;
}
</style>
