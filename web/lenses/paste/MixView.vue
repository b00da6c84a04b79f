<script setup lang="ts">
import { computed } from 'vue';
import { amountText, type Batch } from '@core/paste-list/index.ts';
import { formatMass, formatSpoons, formatWeighed, formatTime } from '@core/quantity/index.ts';
import { shoppingList } from '@core/stores/index.ts';
import { useStores } from '../../state/stores.ts';
import { useBuild } from '../../state/build-store.ts';
import { useStage } from '../../state/on-stage.ts';
import { useFound } from '../../state/found.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePreferences } from '../../state/preferences.ts';
import UnionNote from '../../shared/UnionNote.vue';
import WhyButton from '../../shared/WhyButton.vue';
import BatchCard from './BatchCard.vue';

const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const needs = useFound('needs');
const { shown } = usePreferences();
const batches = computed(() => here.report.paste);
const emit = defineEmits<{ go: [view: 'buy'] }>();
const shelf = useStores();
const KINDS = new Set(['paste', 'stiffener', 'chocolate', 'syrup', 'icing']);
const short = computed(() =>
  shelf.ready
    ? shoppingList(needs.value ?? [], shelf.stores, here.build.brief.due.slice(0, 10)).filter(
        (l) => l.short.value > 0 && KINDS.has(l.need.kind),
      )
    : [],
);
const chosen = computed(() => (stage.selection?.kind === 'batch' ? stage.selection.id : undefined));
const doses = computed(() => here.report.doses);
const coloured = (id: string): string =>
  (here.report.colouring.batches.find((c) => c.batch === id)?.pots ?? [])
    .map((p) => `${amountText(p.dose.amount)} of ${p.pot.name}`)
    .join(' + ');
const toggle = (id: string) => (stage.selection = chosen.value === id ? undefined : { kind: 'batch', id });
const point = (b: Batch | undefined) => (stage.lit = b && new Set(b.lines.map((l) => l.piece)));
const lost = computed(() => {
  const keys = new Set(batches.value.map((b) => b.id));
  return here.build.reserves.filter((r) => !keys.has(r.batch));
});
function letGo(): void {
  const keys = new Set(batches.value.map((b) => b.id));
  const build = here.build;
  store.apply({ ...build, reserves: build.reserves.filter((r) => keys.has(r.batch)) }, 'letting offcuts go');
}
</script>

<template>
  <p v-if="!batches.length" class="empty muted">Nothing to mix yet: add the first piece under Shape.</p>
  <p v-if="lost.length" class="warning">
    <span aria-hidden="true">◆</span> Offcuts are kept for a batch that is no longer there:
    {{ lost.map((r) => r.name).join(', ') }}.
    <button class="button plain" type="button" @click="letGo">Let them go</button>
  </p>
  <p v-if="short.length" class="warning short">
    <span aria-hidden="true">◆</span> Short of
    <template v-for="(l, i) in short" :key="l.need.name">
      {{ l.need.name.toLowerCase() }}
      <WhyButton :figure="l.short" :after="i < short.length - 1 ? ', ' : '.'" />
    </template>
    <button class="button plain" type="button" @click="emit('go', 'buy')">What to buy</button>
  </p>
  <ul class="opening batches">
    <li v-for="b in batches" :key="b.id" :class="{ open: b.id === chosen }">
      <button
        type="button"
        class="line batch-line"
        :aria-expanded="b.id === chosen"
        @click="toggle(b.id)"
        @pointerenter="point(b)"
        @pointerleave="point(undefined)"
        @focus="point(b)"
        @blur="point(undefined)"
      >
        <i :style="{ background: b.colour.hex }"></i>
        <span class="what"
          ><strong>{{ b.colour.name }}</strong
          ><span class="muted small">{{ b.blend.name }}</span></span
        >
        <span class="parts small">
          <template v-for="(p, i) in b.parts" :key="p.id"
            ><template v-if="i"> + </template>{{ formatWeighed(p.weigh, shown) }} {{ p.name
            }}<template v-if="p.spoons"> ({{ formatSpoons(p.spoons.value, 1) }})</template></template
          >
          <span v-if="coloured(b.id)" class="muted drops">{{ coloured(b.id) }}</span>
          <span v-if="doses.get(b.blend.id)?.length" class="doubt"
            ><span aria-hidden="true">◆</span> look at the dose</span
          >
        </span>
        <span class="rest small muted">{{ b.rest > 0 ? `rests ${formatTime(b.rest)}` : '' }}</span>
        <strong class="n">{{ formatMass(b.mix.value, shown) }}</strong>
      </button>
      <BatchCard v-if="b.id === chosen" :batch="b" />
    </li>
  </ul>
  <p v-if="batches.length" class="total small muted">
    In the figure <WhyButton :figure="here.report.figure.paste" />; the rest is spare, trimmings and what has
    to be kneaded at least.
  </p>
  <UnionNote v-if="batches.length" lens="paste" />
</template>

<style scoped>
.line {
  grid-template-columns: 34px 150px minmax(0, 1fr) 86px 70px;
}
.rest {
  text-align: right;
}
.drops {
  display: block;
}
.total {
  padding: 12px 0 0;
}
</style>
