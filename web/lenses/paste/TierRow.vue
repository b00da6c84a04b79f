<script setup lang="ts">
import { computed } from 'vue';
import { Trash2 } from '@lucide/vue';
import { RODS, TIER_BOARDS } from '@core/bones/index.ts';
import { coverOf } from '@core/paste-list/index.ts';
import { removeTier, setTier, withoutPosts, withoutTierBoard } from '@core/edits/index.ts';
import { type Tier, type TierBoard } from '@core/record/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import QuantityField from '../../shared/QuantityField.vue';
import VerdictWord from '../../shared/VerdictWord.vue';
import WhyButton from '../../shared/WhyButton.vue';
import ChoiceField from '../../shared/ChoiceField.vue';
import Segments from '../../shared/Segments.vue';

/** A plain tier: its size, and the paste rolled over it. */
const props = defineProps<{ tier: Tier }>();
const store = useBuild();
const here = useOpenBuild();
const build = computed(() => here.build);
const cover = computed(() => coverOf(props.tier));
const blends = computed(() => build.value.blends.map((b) => ({ value: b.id, label: b.name })));
const colours = computed(() => build.value.colours.map((c) => ({ value: c.id, label: c.name })));
const set = (patch: Partial<Tier>) =>
  store.apply(setTier(build.value, props.tier.id, patch), `the ${props.tier.name.toLowerCase()}`);
const setCover = (patch: Partial<Tier['cover']>) => set({ cover: { ...props.tier.cover, ...patch } });
const POSTS: ReadonlySet<string> = new Set(['dowel', 'hollow', 'stick']);
const posts = [
  { value: '', label: 'no posts' },
  ...RODS.filter((r) => POSTS.has(r.family)).map((r) => ({ value: r.id, label: r.name })),
];
const load = computed(() => here.report.tiers.find((t) => t.tier.id === props.tier.id));
function post(stock: string): void {
  if (stock) set({ posts: { stock, number: props.tier.posts?.number ?? 4 } });
  else store.apply(withoutPosts(build.value, props.tier.id), 'the posts');
}
const boards = [
  { value: '', label: 'not said' },
  ...Object.entries(TIER_BOARDS).map(([value, b]) => ({ value, label: b.name })),
];
function board(kind: string): void {
  if (kind) set({ board: { kind: kind as TierBoard, width: props.tier.board?.width ?? props.tier.width } });
  else store.apply(withoutTierBoard(build.value, props.tier.id), 'the board under a tier');
}
const SHAPES: { value: Tier['shape']; label: string }[] = [
  { value: 'round', label: 'round' },
  { value: 'square', label: 'square' },
];
</script>

<template>
  <div class="tier">
    <div class="row fields">
      <strong>{{ tier.name }}</strong>
      <Segments
        :value="tier.shape"
        :options="SHAPES"
        :label="`Shape of the ${tier.name.toLowerCase()}`"
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
      <QuantityField
        label="Cover thick"
        kind="length"
        :width="70"
        :value="tier.cover.thickness"
        @change="(v) => setCover({ thickness: v })"
      />
      <ChoiceField
        label="Of"
        :value="tier.cover.blend"
        :options="blends"
        :width="160"
        @change="(v) => setCover({ blend: v })"
      />
      <ChoiceField
        label="Colour"
        :value="tier.cover.colour"
        :options="colours"
        :width="130"
        @change="(v) => setCover({ colour: v })"
      />
      <button
        class="button plain"
        type="button"
        :aria-label="`Remove the ${tier.name.toLowerCase()}`"
        @click="store.apply(removeTier(build, tier.id), 'removing a tier')"
      >
        <Trash2 :size="16" />
      </button>
    </div>
    <div v-if="load" class="row fields load">
      <ChoiceField
        label="Board under it"
        :value="tier.board?.kind ?? ''"
        :options="boards"
        :width="140"
        @change="(v) => board(v)"
      />
      <QuantityField
        v-if="tier.board"
        label="Board wide"
        kind="length"
        :width="76"
        :value="tier.board.width"
        @change="(v) => set({ board: { ...tier.board!, width: v } })"
      />
      <ChoiceField
        label="Posts in it"
        :value="tier.posts?.stock ?? ''"
        :options="posts"
        :width="190"
        @change="(v) => post(v)"
      />
      <QuantityField
        v-if="tier.posts"
        label="How many"
        kind="count"
        :width="60"
        :value="tier.posts.number"
        @change="(v) => set({ posts: { ...tier.posts!, number: v } })"
      />
      <p>
        <VerdictWord :verdict="load.worst.verdict" :times="load.worst.times" />: carries
        <WhyButton :figure="load.above" after="." /> {{ load.worst.text }}
        <WhyButton :figure="load.worst.use" text="The sum" after="." />
        <template v-if="load.fewest !== undefined && load.fewest !== tier.posts?.number">
          {{ load.fewest }} of them would do.</template
        >
        <template v-if="!tier.posts"> Bare cake carries <WhyButton :figure="load.bare" after="." /></template>
      </p>
    </div>
    <p class="small muted">
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
.load {
  padding-top: 8px;
}
.load p {
  flex: 1 1 260px;
}
.row > strong {
  padding-bottom: 8px;
}
</style>
