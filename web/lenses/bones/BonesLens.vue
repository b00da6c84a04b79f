<script setup lang="ts">
import { computed, defineAsyncComponent, onBeforeUnmount, ref, watch } from 'vue';
import { Plus } from '@lucide/vue';
import { addRod, BOARD, height, measureOf, pieceOf, type Place } from '@core/figure/index.ts';
import { formatLength, formatMass } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { usePreferences } from '../../state/preferences.ts';
import VerdictWord from '../../shared/VerdictWord.vue';
import UnionNote from '../../shared/UnionNote.vue';
import WhyButton from '../../shared/WhyButton.vue';
import LoadBar from './LoadBar.vue';
import RodCard from './RodCard.vue';

const VIEWS = [
  { value: 'rods', label: 'Rods' },
  { value: 'ways', label: 'Clashes' },
  { value: 'stuck', label: 'Glued' },
  { value: 'stack', label: 'Hardware' },
  { value: 'cut', label: 'Cut list' },
];
const PARTS = {
  ways: defineAsyncComponent(() => import('./ClashList.vue')),
  stuck: defineAsyncComponent(() => import('./GluedList.vue')),
  stack: defineAsyncComponent(() => import('./StackView.vue')),
  cut: defineAsyncComponent(() => import('./CutView.vue')),
} as const;
const view = ref<'rods' | keyof typeof PARTS>('rods');
const store = useBuild();
onBeforeUnmount(() => (store.lit = undefined));
watch(view, () => (store.lit = undefined));
const { shown } = usePreferences();
const build = computed(() => store.build!);
const bones = computed(() => store.report!.bones);
const chosen = computed(() => (store.selection?.kind === 'rod' ? store.selection.id : undefined));
const number = computed(() => bones.value.rods.reduce((n, r) => n + (r.rod.pair ? 2 : 1), 0));
const materials = computed(() => new Set(bones.value.rods.map((r) => r.stock.material)).size);
const lean = computed(() => bones.value.figureTips.lean);

/** A new rod down the middle of the selected piece into what carries it; down the figure when nothing is selected. */
function add(): void {
  const piece =
    store.selection?.kind === 'piece' ? pieceOf(build.value, store.selection.id) : build.value.pieces.at(-1);
  if (!piece) {
    store.say('There is nothing to put a rod through yet.');
    return;
  }
  const tall = measureOf(piece).height;
  const carrier = pieceOf(build.value, piece.seat.on);
  const [x, y, z] = piece.seat.at;
  const from: { on: string; at: Place } = carrier
    ? { on: carrier.id, at: [x, y, Math.max(4, z - Math.min(60, height(build.value) / 3))] }
    : { on: BOARD, at: [x, y, -build.value.board.thickness] };
  const made = addRod(build.value, {
    name: piece.name,
    stock: 'skewer3',
    from,
    to: { on: piece.id, at: [0, 0, tall * 0.6] },
    pair: piece.pair,
    sleeved: false,
  });
  store.apply(made.build, 'adding a rod');
  store.selection = { kind: 'rod', id: made.id };
}
watch(
  () => store.wanted,
  (wanted) => {
    if (wanted !== 'rod') return;
    store.wanted = undefined;
    add();
  },
  { immediate: true },
);
</script>

<template>
  <div class="panel-scroll">
    <div class="panel-top">
      <h2>Bones</h2>
      <a-segmented v-model:value="view" :options="VIEWS" aria-label="What of the bones" />
      <button v-if="view === 'rods'" class="button main" type="button" @click="add">
        <Plus :size="16" /> Add a rod <kbd>R</kbd>
      </button>
    </div>
    <div v-if="view === 'rods'" class="headline">
      <div>
        <strong><WhyButton :figure="bones.balance.mass" /></strong><span>whole figure</span>
      </div>
      <div>
        <strong
          ><WhyButton :figure="lean" :text="lean.value > 0 ? `${Math.round(lean.value)}°` : 'falls'"
        /></strong>
        <span>{{ bones.anchored ? 'tips at, unpinned' : 'tips at' }}</span>
      </div>
      <div>
        <strong><WhyButton :figure="bones.balance.up" /></strong><span>balance point up</span>
      </div>
      <div>
        <strong>{{ number }} rods</strong
        ><span>{{ materials === 1 ? 'in one material' : `in ${materials} materials` }}</span>
      </div>
      <div>
        <strong>{{ bones.counts.fails }}</strong><span>won’t hold</span>
      </div>
    </div>

    <p v-for="a in bones.asks" :key="a" class="warning"><span aria-hidden="true">◆</span> {{ a }}</p>
    <component :is="PARTS[view]" v-if="view !== 'rods'" />
    <p v-if="view === 'rods' && !bones.rods.length" class="empty">
      No rods yet. Select what has to be held up and press R.
    </p>
    <ul v-if="view === 'rods'" class="opening rods">
      <li v-for="r in bones.rods" :key="r.rod.id" :class="{ open: r.rod.id === chosen }">
        <button
          type="button"
          class="line"
          :aria-expanded="r.rod.id === chosen"
          @click="store.selection = r.rod.id === chosen ? undefined : { kind: 'rod', id: r.rod.id }"
        >
          <span class="letter">{{ r.letter }}</span>
          <span class="what">
            <strong>{{ r.rod.name }}<template v-if="r.rod.pair">, pair</template></strong>
            <span class="muted small"
              >{{ r.stock.name }} · {{ formatLength(r.length.value, shown) }} · {{ r.through }}</span
            >
          </span>
          <LoadBar :use="r.worst?.use.value ?? 0" :verdict="r.verdict" />
          <VerdictWord :verdict="r.verdict" :times="r.worst?.times" />
        </button>
        <RodCard v-if="r.rod.id === chosen" :report="r" />
      </li>
      <li v-for="t in [bones.boardTips]" :key="t.check.id">
        <div class="line">
          <span class="letter">⟂</span>
          <span class="what">
            <strong>Board and all</strong>
            <span class="muted small">tips at <WhyButton :figure="t.lean" /> · {{ t.check.situation }}</span>
          </span>
          <LoadBar :use="t.check.use.value" :verdict="t.check.verdict" />
          <VerdictWord :verdict="t.check.verdict" :times="t.check.times" />
        </div>
      </li>
      <li>
        <div class="line">
          <span class="letter">→</span>
          <span class="what">
            <strong>Sliding</strong>
            <span class="muted small"
              ><WhyButton :figure="bones.slides.use" text="sum" /> · {{ bones.slides.text }}</span
            >
          </span>
          <LoadBar :use="bones.slides.use.value" :verdict="bones.slides.verdict" />
          <VerdictWord :verdict="bones.slides.verdict" :times="bones.slides.times" />
        </div>
      </li>
    </ul>
    <UnionNote v-if="view === 'rods'" lens="bones" />
    <p class="limits muted">
      {{ bones.limits }} Weight of the rods
      {{
        formatMass(
          bones.rods.reduce((g, r) => g + r.mass.value, 0),
          shown,
        )
      }}. Every rod is counted in and out.
    </p>
  </div>
</template>

<style scoped>
.empty {
  padding: 26px 0;
  font-size: 16px;
}
.line {
  display: grid;
  grid-template-columns: 24px 1fr 118px 118px;
  gap: 12px;
  align-items: center;
  min-height: 54px;
  padding: 6px 0;
}
.letter {
  font-weight: 700;
  text-align: center;
}
.what {
  min-width: 0;
}
.what > * {
  display: block;
}
.limits {
  margin-top: 16px;
  font-size: 12.5px;
}
@media (max-width: 1100px) {
  .line {
    grid-template-columns: 20px 1fr 60px 104px;
    gap: 8px;
  }
}
</style>
