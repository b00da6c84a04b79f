<script setup lang="ts">
import { computed, defineAsyncComponent, onBeforeUnmount, ref } from 'vue';
import { useStage } from '../../state/on-stage.ts';
import { useOpenBuild } from '../../state/here.ts';
import EaterNotes from '../../shared/EaterNotes.vue';
import WhyButton from '../../shared/WhyButton.vue';
import MixView from './MixView.vue';
import { choicesOf } from '../../shared/choices.ts';
import Segments from '../../shared/Segments.vue';

const VIEWS = {
  mix: { name: 'Mix', view: MixView },
  blends: { name: 'Blends', view: defineAsyncComponent(() => import('./BlendsView.vue')) },
  join: { name: 'Glue and core', view: defineAsyncComponent(() => import('./JoinView.vue')) },
  cake: { name: 'Cake', view: defineAsyncComponent(() => import('./CakeView.vue')) },
  portions: { name: 'Portions', view: defineAsyncComponent(() => import('./PortionsView.vue')) },
  buy: { name: 'Buy', view: defineAsyncComponent(() => import('./BuyView.vue')) },
} as const;
type View = keyof typeof VIEWS;
const options = choicesOf<View, { name: string }>(VIEWS, (v) => v.name);

const stage = useStage();
const here = useOpenBuild();
const view = ref<View>('mix');
const sums = computed(() => here.report.pasteSums);
function show(next: View): void {
  stage.lit = undefined;
  view.value = next;
}
onBeforeUnmount(() => (stage.lit = undefined));
</script>

<template>
  <div class="panel-scroll">
    <div class="panel-top">
      <h2>Paste</h2>
      <Segments :value="view" :options="options" label="What of the paste" @change="show" />
    </div>
    <div v-if="view === 'mix'" class="headline">
      <div>
        <strong><WhyButton :figure="sums.mix" /></strong><span>to mix in all</span>
      </div>
      <div>
        <strong>{{ sums.batches }}</strong><span>{{ sums.batches === 1 ? 'batch' : 'batches' }}</span>
      </div>
      <div v-if="sums.powder.value > 0">
        <strong><WhyButton :figure="sums.powder" /></strong><span>stiffening powder</span>
      </div>
      <div v-if="sums.offcuts.value > 0">
        <strong><WhyButton :figure="sums.offcuts" /></strong><span>of it offcuts</span>
      </div>
      <div>
        <strong>{{ sums.allergens.length ? sums.allergens.join(', ') : 'not entered' }}</strong><span
          >allergens: read every label</span
        >
      </div>
    </div>
    <EaterNotes v-if="view === 'mix'" :notes="here.report.eaters.notes" :at="['paste', 'glue', 'cake']" />
    <component :is="VIEWS[view].view" @go="(v: View) => show(v)" />
  </div>
</template>
