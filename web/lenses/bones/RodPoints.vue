<script setup lang="ts">
import { computed } from 'vue';
import { X } from '@lucide/vue';
import { addBend, moveRodPoint, removeBend, type RodPoint } from '@core/edits/index.ts';
import { BOARD, type Rod, type RodEnd } from '@core/record/index.ts';
import { pointsOf, rodEndAt, rodEndOn } from '@core/figure/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import QuantityField from '../../shared/QuantityField.vue';
import ChoiceField from '../../shared/ChoiceField.vue';

/** Where a rod begins, is bent and ends: each place in the piece it is fixed to. */
const props = defineProps<{ rod: Rod; letter: string }>();
const store = useBuild();
const here = useOpenBuild();
const build = computed(() => here.build);
const places = computed(() => [
  { value: BOARD, label: 'what it stands on' },
  ...build.value.pieces.map((p) => ({ value: p.id, label: p.name })),
]);
const label = computed(() => `rod ${props.letter}`);
const points = computed(() =>
  pointsOf(props.rod).map((end, k, all) => ({
    end,
    which: (k === 0 ? 'from' : k === all.length - 1 ? 'to' : k - 1) as RodPoint,
    title: k === 0 ? 'Lower end in' : k === all.length - 1 ? 'Upper end in' : `Bend ${k} in`,
  })),
);
const move = (which: RodPoint, end: RodEnd) =>
  store.apply(moveRodPoint(build.value, props.rod.id, which, end), label.value);
function at(which: RodPoint, end: RodEnd, k: 0 | 1 | 2, v: number): void {
  const next = [...end.at] as [number, number, number];
  next[k] = v;
  move(which, { on: end.on, at: next });
}
/** Told what it is in, it stays where it is. */
const into = (end: RodEnd, on: string): RodEnd => rodEndOn(build.value, on, rodEndAt(build.value, end));
const WAYS = [
  { k: 0, label: 'Right' },
  { k: 1, label: 'Back' },
  { k: 2, label: 'Up' },
] as const;
</script>

<template>
  <div v-for="p in points" :key="p.which" class="row fields">
    <ChoiceField
      :label="p.title"
      :value="p.end.on"
      :options="places"
      :width="150"
      @change="(v) => move(p.which, into(p.end, v))"
    />
    <QuantityField
      v-for="w in WAYS"
      :key="w.k"
      :label="w.label"
      kind="length"
      :width="74"
      :value="p.end.at[w.k]"
      @change="(v) => at(p.which, p.end, w.k, v)"
    />
    <button
      v-if="typeof p.which === 'number'"
      class="button plain"
      type="button"
      :aria-label="`Straighten ${p.title.replace(' in', '').toLowerCase()}`"
      @click="store.apply(removeBend(build, rod.id, p.which), `straightening ${label}`)"
    >
      <X :size="16" />
    </button>
  </div>
  <div class="row fields">
    <button class="button" type="button" @click="store.apply(addBend(build, rod.id), `a bend in ${label}`)">
      Bend it
    </button>
    <span class="muted small">A bend can be pulled on the stage like an end.</span>
  </div>
</template>

<style scoped>
.row .small {
  padding-bottom: 8px;
}
</style>
