<script setup lang="ts">
import { computed } from 'vue';
import { Trash2 } from '@lucide/vue';
import { RODS, TIER_BOARDS } from '@core/bones/index.ts';
import { coveredTier, coverOf } from '@core/covers/index.ts';
import { removeTier, setTier, withoutOnTier, type TierExtra } from '@core/edits/index.ts';
import { type Tier, type TierBoard } from '@core/record/index.ts';
import { useBuild } from '../state/build-store.ts';
import { useFound } from '../state/found.ts';
import { useOpenBuild } from '../state/here.ts';
import QuantityField from '../shared/QuantityField.vue';
import VerdictWord from '../shared/VerdictWord.vue';
import WhyButton from '../shared/WhyButton.vue';
import ChoiceField from '../shared/ChoiceField.vue';
import TextField from '../shared/TextField.vue';
import Segments from '../shared/Segments.vue';
import ToggleField from '../shared/ToggleField.vue';
import CoverFields from './CoverFields.vue';
import SleeveFields from './SleeveFields.vue';

/** A plain tier: its size, the paste rolled over it, what it stands on, and what it carries. */
const props = defineProps<{ tier: Tier }>();
const store = useBuild();
const here = useOpenBuild();
const build = computed(() => here.build);
const named = computed(() => props.tier.name.toLowerCase());
const cover = computed(() => {
  const covered = coveredTier(props.tier);
  return covered && coverOf(covered);
});
const set = (patch: Partial<Tier>) =>
  store.apply(setTier(build.value, props.tier.id, patch), `the ${named.value}`);
const without = (extra: TierExtra, label: string) =>
  store.apply(withoutOnTier(build.value, props.tier.id, extra), label);
const POSTS: ReadonlySet<string> = new Set(['dowel', 'hollow', 'stick']);
const NONE = '';
const ofRods = (none: string) => [
  { value: NONE, label: none },
  ...RODS.filter((r) => POSTS.has(r.family)).map((r) => ({ value: r.id, label: r.name })),
];
const posts = ofRods('no posts');
const sticks = ofRods('none');
const tiers = useFound('tiers');
const load = computed(() => tiers.value?.find((t) => t.tier.id === props.tier.id));
function post(stock: string): void {
  if (stock) set({ posts: { stock, number: props.tier.posts?.number ?? 4 } });
  else without('posts', 'the posts');
}
const boards = [
  { value: NONE, label: 'none' },
  ...Object.entries(TIER_BOARDS).map(([value, b]) => ({ value, label: b.name })),
];
function board(kind: string): void {
  if (kind) set({ board: { kind: kind as TierBoard, width: props.tier.board?.width ?? props.tier.width } });
  else without('board', 'the board under a tier');
}
/** Two sticks are as far apart as the board lets them, with a finger left at the rim. */
function keep(stock: string): void {
  if (!stock) {
    without('keepers', 'the sticks against turning');
    return;
  }
  const apart = Math.max(20, (props.tier.board?.width ?? props.tier.width) - 30);
  set({ keepers: { number: 2, apart, ...props.tier.keepers, stock } });
}
const SHAPES: { value: Tier['shape']; label: string }[] = [
  { value: 'round', label: 'round' },
  { value: 'square', label: 'square' },
];
</script>

<template>
  <div class="tier">
    <div class="row fields">
      <TextField
        :label="`Name of the ${named}`"
        hide-label
        required
        :value="tier.name"
        :width="120"
        @change="(name) => set({ name })"
      />
      <Segments
        :value="tier.shape"
        :options="SHAPES"
        :label="`Shape of the ${named}`"
        @change="(v) => set({ shape: v })"
      />
      <QuantityField
        label="Wide"
        kind="length"
        :width="76"
        :value="tier.width"
        @change="(v) => set({ width: v })"
      />
      <QuantityField
        label="High"
        kind="length"
        :width="76"
        :value="tier.height"
        @change="(v) => set({ height: v })"
      />
      <CoverFields
        :cover="tier.cover"
        @change="(c) => (c ? set({ cover: c }) : without('cover', 'the cover of a tier'))"
      />
      <button
        class="button plain"
        type="button"
        :aria-label="`Remove the ${named}`"
        @click="store.apply(removeTier(build, tier.id), 'removing a tier')"
      >
        <Trash2 :size="16" />
      </button>
    </div>
    <div class="row fields load">
      <ChoiceField
        label="Board under it"
        :value="tier.board?.kind ?? NONE"
        :options="boards"
        :width="140"
        @change="board"
      />
      <QuantityField
        v-if="tier.board"
        label="Board wide"
        kind="length"
        :width="76"
        :value="tier.board.width"
        @change="(v) => set({ board: { ...tier.board!, width: v } })"
      />
      <ToggleField label="Stuck down" :checked="tier.stuck" @change="(stuck) => set({ stuck })" />
      <QuantityField
        v-if="build.mast"
        label="Gap under it"
        kind="length"
        :width="76"
        :value="tier.gap ?? 0"
        @change="(v) => (v > 0 ? set({ gap: v }) : without('gap', 'the gap under a tier'))"
      />
      <SleeveFields
        v-if="build.mast && tier.gap"
        :sleeve="tier.sleeve"
        @change="(sleeve) => (sleeve ? set({ sleeve }) : without('sleeve', 'the sleeve of the rod'))"
      />
      <ChoiceField
        v-if="build.mast && tier.board"
        label="Sticks through its board"
        :value="tier.keepers?.stock ?? NONE"
        :options="sticks"
        :width="190"
        @change="keep"
      />
      <template v-if="tier.keepers">
        <QuantityField
          label="So many"
          kind="count"
          :width="60"
          :value="tier.keepers.number"
          @change="(v) => set({ keepers: { ...tier.keepers!, number: v } })"
        />
        <QuantityField
          label="Apart"
          kind="length"
          :width="76"
          :value="tier.keepers.apart"
          @change="(v) => set({ keepers: { ...tier.keepers!, apart: v } })"
        />
      </template>
      <ChoiceField
        label="Posts in it"
        :value="tier.posts?.stock ?? NONE"
        :options="posts"
        :width="190"
        @change="post"
      />
      <QuantityField
        v-if="tier.posts"
        label="How many"
        kind="count"
        :width="60"
        :value="tier.posts.number"
        @change="(v) => set({ posts: { ...tier.posts!, number: v } })"
      />
    </div>
    <p v-if="load">
      <VerdictWord :verdict="load.worst.verdict" :times="load.worst.times" />: carries
      <WhyButton :figure="load.above" after="." /> {{ load.worst.text }}
      <WhyButton :figure="load.worst.use" text="The sum" after="." />
      <template v-if="load.fewest !== undefined && load.fewest !== tier.posts?.number">
        {{ load.fewest }} of them would do.</template
      >
      <template v-if="!tier.posts"> Bare cake carries <WhyButton :figure="load.bare" after="." /></template>
    </p>
    <p v-if="cover" class="small muted">
      {{ cover.roll.name }} <WhyButton :figure="cover.roll" after=";" />
      <WhyButton :figure="cover.area" /> stay on it, <WhyButton :figure="cover.used" /> of what is rolled. Its
      paste is in the batch of its colour.
    </p>
  </div>
</template>

<style scoped>
.tier {
  padding: 10px 0;
  border-top: 1px solid var(--line);
}
.tier p {
  padding-top: 6px;
}
.load {
  padding-top: 8px;
}
</style>
