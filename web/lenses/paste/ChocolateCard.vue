<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue';
import {
  CHOCOLATE_REPAIRS,
  chocolateBatch,
  chocolateCard,
  ratioFromCups,
  type Blend,
  type ChocolateFacts,
  type ChocolateWish,
} from '@core/pastes/index.ts';
import { MASS_IN_G, roundTo, total, VOLUME_IN_ML } from '@core/quantity/index.ts';
import { useOpenBuild } from '../../state/here.ts';
import { today, useStores } from '../../state/stores.ts';
import QuantityField from '../../shared/QuantityField.vue';
import WhyButton from '../../shared/WhyButton.vue';
import { onShelf } from '@core/stores/index.ts';
import Segments from '../../shared/Segments.vue';

/** The card for a batch of modelling chocolate: how much of both, step by step, and what mends it. */
const props = defineProps<{ blend: Blend; facts: ChocolateFacts }>();
const emit = defineEmits<{ ratio: [ratio: number] }>();
const here = useOpenBuild();
const shelf = useStores();
const ratio = computed(() => props.blend.ratio ?? props.facts.ratio);
const pulled = ref(ratio.value);
watch(ratio, (r) => (pulled.value = r));
const needed = computed(() =>
  total(
    'All batches',
    'g',
    here.report.paste.filter((b) => b.blend.id === props.blend.id).map((b) => b.fresh),
  ),
);
const has = (id: string) => onShelf(shelf.stores, id, today());
const chocolate = computed(() => has(`raw-${props.blend.base}`));
const syrup = computed(() => has('syrup'));
type By = 'made' | 'shelf' | 'chocolate';
const by = ref<By>('made');
const given = ref(0);
watch(needed, (n) => (given.value = n.value || 500), { immediate: true });
const wish = computed((): ChocolateWish =>
  by.value === 'shelf'
    ? { by: 'shelf', chocolate: chocolate.value, syrup: syrup.value }
    : { by: by.value, grams: given.value },
);
const batch = computed(() => chocolateBatch(props.facts, pulled.value, wish.value));
const says = computed(() => {
  const [low, high] = props.facts.ratioRange;
  if (pulled.value < low) return 'soft and sticky: more syrup than this chocolate bears';
  if (pulled.value > high) return 'crumbly: too little syrup';
  return pulled.value < props.facts.ratio
    ? 'on the soft side'
    : pulled.value > props.facts.ratio
      ? 'on the firm side'
      : 'as usual';
});
/** Typed as people say it: 1 lb, 1/3 cup. */
const recipe = reactive<{ grams: number; ml: number }>({ grams: MASS_IN_G.lb, ml: VOLUME_IN_ML.cup / 3 });
const fromCups = computed(() =>
  recipe.grams > 0 && recipe.ml > 0 ? ratioFromCups(recipe.grams, recipe.ml) : undefined,
);
const WAYS = [
  { value: 'made', label: 'I need' },
  { value: 'chocolate', label: 'I have chocolate' },
  { value: 'shelf', label: 'From the stores' },
];
</script>

<template>
  <div class="choc">
    <div class="row">
      <Segments v-model:value="by" :options="WAYS" label="What the batch is reckoned from" />
      <QuantityField
        v-if="by !== 'shelf'"
        :label="by === 'made' ? 'Paste wanted' : 'Chocolate there is'"
        hide-label
        kind="mass"
        :value="given"
        @change="(v) => (given = v)"
      />
      <label class="slide"
        ><span
          >{{ facts.rawName }} to syrup <strong>{{ roundTo(pulled, 0.1) }} : 1</strong>
          <span class="muted">· {{ says }}</span></span
        >
        <a-slider
          v-model:value="pulled"
          :min="roundTo(facts.ratioRange[0] - 0.5, 0.1)"
          :max="roundTo(facts.ratioRange[1] + 0.5, 0.1)"
          :step="0.1"
          :tooltip-open="false"
          :aria-label-for-handle="`${facts.rawName} to syrup`"
          @after-change="(v: unknown) => emit('ratio', v as number)"
      /></label>
    </div>
    <p v-if="!batch.ok" class="warn" role="status">
      <span aria-hidden="true">◆</span>
      <template v-if="by === 'shelf'">There is no {{ facts.rawName }} or no syrup in the stores.</template>
      <template v-else>{{ batch.problem.text }}</template>
    </p>
    <div v-else class="big">
      <p>
        <strong><WhyButton :figure="batch.value.chocolate" /></strong><span>{{ facts.rawName }}</span>
      </p>
      <p>
        <strong><WhyButton :figure="batch.value.syrup" /></strong
        ><span>syrup, <WhyButton :figure="batch.value.syrupMl" /></span>
      </p>
      <p>
        <strong><WhyButton :figure="batch.value.made" /></strong
        ><span
          >paste<template v-if="batch.value.short"
            >; the {{ batch.value.short }} runs out first</template
          ></span
        >
      </p>
    </div>
    <ol class="steps">
      <li v-for="s in chocolateCard(facts)" :key="s.do">
        {{ s.do }}<span v-if="s.watch" class="muted">{{ ` ${s.watch}` }}</span>
      </li>
    </ol>
    <details class="small">
      <summary>From a recipe in pounds and cups</summary>
      <div class="row cups">
        <QuantityField
          label="Chocolate"
          kind="mass"
          :width="80"
          :value="recipe.grams"
          @change="(v) => (recipe.grams = v)"
        />
        <QuantityField
          label="Syrup"
          kind="volume"
          suffix=" ml"
          :width="80"
          :value="recipe.ml"
          @change="(v) => (recipe.ml = v)"
        />
        <span v-if="fromCups"
          ><strong>{{ roundTo(fromCups, 0.1) }} : 1</strong> by weight; cups are known to 4 % or so.
          <button class="button" type="button" @click="emit('ratio', roundTo(fromCups, 0.1))">
            Use it
          </button></span
        >
      </div>
    </details>
    <details class="small">
      <summary>When it went wrong</summary>
      <dl>
        <template v-for="r in CHOCOLATE_REPAIRS" :key="r.sign">
          <dt>{{ r.sign }}: {{ r.means }}.</dt>
          <dd>{{ r.mend }}</dd>
        </template>
      </dl>
    </details>
  </div>
</template>

<style scoped>
.choc {
  display: grid;
  gap: 8px;
}
.slide {
  flex: 1 1 200px;
}
.slide :deep(.ant-slider) {
  margin: 4px 6px 4px;
}
.big {
  display: flex;
  gap: 30px;
}
.big strong {
  display: block;
  font: 650 28px/1.1 var(--font-title);
}
.big span {
  font-size: 15px;
}
.steps {
  margin: 0;
  padding-left: 20px;
  display: grid;
  gap: 4px;
}
dt {
  font-weight: 600;
  margin-top: 6px;
}
dd {
  margin: 0;
}
.cups {
  align-items: flex-end;
  padding: 6px 0;
}
</style>
