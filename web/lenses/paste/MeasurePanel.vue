<script setup lang="ts">
import { computed, ref } from 'vue';
import { setPractice } from '@core/edits/index.ts';
import { bulkFromSpoons, byBall, byJug, shrinkFromStrip, type Blend } from '@core/pastes/index.ts';
import { roundTo, type Reckoned, type Result } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useStores } from '../../state/stores.ts';
import { putPaste } from '../../storage/stores.ts';
import QuantityField from '../../shared/QuantityField.vue';
import WhyButton from '../../shared/WhyButton.vue';
import Segments from '../../shared/Segments.vue';

/** Four short measurements that take the place of the table's values. */
const props = defineProps<{ blend: Blend }>();
const emit = defineEmits<{ use: [blend: Blend] }>();
const store = useBuild();
const here = useOpenBuild();
const shelf = useStores();
type Way = 'ball' | 'jug' | 'spoon' | 'strip';
const WAYS = [
  { value: 'ball', label: 'Ball' },
  { value: 'jug', label: 'Jug' },
  { value: 'spoon', label: 'Spoon of powder' },
  { value: 'strip', label: 'Strip that shrinks' },
];
const HOW: Record<Way, string> = {
  ball: 'Roll a big round ball, weigh it, measure it across three ways.',
  jug: 'Wrap a lump, weigh it, sink it in a measuring jug and read how far the water rises.',
  spoon: 'Level ten of your own spoons into a bowl and weigh them together.',
  strip: 'Cut a strip, measure it, let it dry through, measure it again.',
};
const way = ref<Way>('ball');
const grams = ref(0);
const across = ref([0, 0, 0]);
const risen = ref(0);
const spoons = ref(10);
const before = ref(100);
const after = ref(0);
const touched = computed(() => {
  if (way.value === 'strip') return after.value > 0;
  if (way.value === 'spoon') return grams.value > 0;
  return grams.value > 0 && (way.value === 'jug' ? risen.value > 0 : across.value.every((d) => d > 0));
});
const result = computed((): Result<Reckoned> => {
  switch (way.value) {
    case 'ball':
      return byBall(grams.value, across.value);
    case 'jug':
      return byJug(grams.value, risen.value);
    case 'spoon':
      return bulkFromSpoons(grams.value, spoons.value, here.build.practice.spoon);
    default:
      return shrinkFromStrip(before.value, after.value);
  }
});
function use(): void {
  if (!result.value.ok) return;
  const value = Number(result.value.value.value.toFixed(3));
  if (way.value === 'spoon')
    store.apply(setPractice(here.build, { powderBulk: value }), 'the weight of a spoon');
  else emit('use', { ...props.blend, [way.value === 'strip' ? 'shrink' : 'density']: value });
}
function forget(): void {
  const { density: _d, shrink: _s, ...rest } = props.blend;
  emit('use', rest);
}
/** What was measured, kept as a paste of one's own for every build. */
async function keep(): Promise<void> {
  const { own, base, density, shrink } = props.blend;
  const next = {
    id: own?.id ?? `own-${crypto.randomUUID().slice(0, 8)}`,
    name: own?.name ?? props.blend.name,
    like: base,
    allergens: own?.allergens ?? [],
    note: own?.note ?? '',
    ...(density === undefined ? {} : { density }),
    ...(shrink === undefined ? {} : { shrink }),
  };
  const put = await putPaste(next, shelf.larder);
  if (!put.ok) return store.say(put.problem.text, 'error');
  emit('use', { ...props.blend, own: next });
  store.say(
    shelf.demo
      ? `${next.name} is kept with the demonstration builds: choose it in any of them.`
      : `${next.name} is among your pastes now: choose it in any build.`,
  );
}
const hasOwn = computed(() => props.blend.density !== undefined || props.blend.shrink !== undefined);
const known = computed(() => shelf.stores.pastes.some((p) => p.id === props.blend.own?.id));
</script>

<template>
  <div class="measure">
    <Segments v-model:value="way" :options="WAYS" label="What is measured" />
    <p class="muted small">{{ HOW[way] }}</p>
    <div class="row fields">
      <template v-if="way !== 'strip'">
        <QuantityField label="Weighs" kind="mass" :value="grams" @change="(v) => (grams = v)" />
      </template>
      <template v-if="way === 'ball'">
        <QuantityField
          v-for="(d, i) in across"
          :key="i"
          :label="`Across ${i + 1}`"
          kind="length"
          :width="74"
          :value="d"
          @change="(v) => (across = across.map((x, k) => (k === i ? v : x)))"
        />
      </template>
      <QuantityField
        v-if="way === 'jug'"
        label="Water rises by"
        kind="volume"
        suffix=" ml"
        :value="risen"
        @change="(v) => (risen = v)"
      />
      <QuantityField
        v-if="way === 'spoon'"
        label="Level spoons"
        kind="count"
        :value="spoons"
        @change="(v) => (spoons = v)"
      />
      <template v-if="way === 'strip'">
        <QuantityField label="Before" kind="length" :value="before" @change="(v) => (before = v)" />
        <QuantityField label="After" kind="length" :value="after" @change="(v) => (after = v)" />
      </template>
      <button class="button" type="button" :disabled="!touched || !result.ok" @click="use">Use this</button>
    </div>
    <p v-if="touched && result.ok" role="status">
      <WhyButton :figure="result.value" /><template v-if="result.value.range">
        · between {{ roundTo(result.value.range[0], 0.01) }} and
        {{ roundTo(result.value.range[1], 0.01) }}</template
      >
    </p>
    <p v-else-if="touched && !result.ok" class="warn" role="alert">
      <span aria-hidden="true">◆</span> {{ result.problem.text }}
    </p>
    <div v-if="hasOwn" class="row fields">
      <button class="button" type="button" @click="keep">
        {{ known ? 'Bring your paste up to this' : 'Keep as a paste of your own' }}
      </button>
      <button class="button" type="button" @click="forget">Back to the table’s values</button>
    </div>
  </div>
</template>

<style scoped>
.measure {
  display: grid;
  gap: 8px;
  justify-items: start;
  padding: 10px 12px;
  border-left: 3px solid var(--elm);
  background: var(--slab-2);
}
</style>
