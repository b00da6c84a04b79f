<script setup lang="ts">
import { computed } from 'vue';
import { Plus } from '@lucide/vue';
import { TIER_BOARDS, USUAL_MAST } from '@core/bones/index.ts';
import {
  addTier,
  coverBoard,
  setBoard,
  setCard,
  setMast,
  setRibbon,
  withoutMast,
} from '@core/edits/index.ts';
import type { Board, Card, Sleeve, TierBoard } from '@core/record/index.ts';
import { useBuild } from '../state/build-store.ts';
import { useFound } from '../state/found.ts';
import { useOpenBuild } from '../state/here.ts';
import ChoiceField from '../shared/ChoiceField.vue';
import QuantityField from '../shared/QuantityField.vue';
import Segments from '../shared/Segments.vue';
import ToggleField from '../shared/ToggleField.vue';
import WhyButton from '../shared/WhyButton.vue';
import { BOARD_MATERIALS } from './board-materials.ts';
import CoverFields from './CoverFields.vue';
import SleeveFields from './SleeveFields.vue';
import TierRow from './TierRow.vue';

/** Everything the figure stands on, from the top down: its own board, tiers, the board with feet, cover and ribbon, and a rod through it all. */
const store = useBuild();
const here = useOpenBuild();
const build = computed(() => here.build);
const ground = useFound('ground');
const tiers = computed(() => [...build.value.cake.tiers].reverse());
const setB = (patch: Partial<Board>) => store.apply(setBoard(build.value, patch), 'the board');
const SHAPES: { value: Board['shape']; label: string }[] = [
  { value: 'round', label: 'round' },
  { value: 'square', label: 'square' },
];
const NONE = '';
const cards = [
  { value: NONE, label: 'none' },
  ...Object.entries(TIER_BOARDS).map(([value, b]) => ({ value, label: b.name })),
];
const card = (next: Card | undefined) => store.apply(setCard(build.value, next), 'the figure’s own board');
function cardOf(kind: string): void {
  const now = build.value.card;
  card(kind ? { width: Math.min(120, build.value.board.width), ...now, kind: kind as TierBoard } : undefined);
}
function cardSleeve(sleeve: Sleeve | undefined): void {
  const { sleeve: _gone, ...bare } = build.value.card!;
  card(sleeve ? { ...bare, sleeve } : bare);
}
const RIBBON = 15;
const ribbon = (on: boolean) =>
  store.apply(
    setRibbon(build.value, on ? { width: RIBBON, colour: build.value.colours[0]!.id } : undefined),
    'the ribbon',
  );
const mast = (on: boolean) =>
  store.apply(on ? setMast(build.value, USUAL_MAST) : withoutMast(build.value), 'the threaded rod');
const colours = computed(() => build.value.colours.map((c) => ({ value: c.id, label: c.name })));
</script>

<template>
  <div class="card">
    <p v-if="ground">
      It rises <WhyButton :figure="ground.rise" /> over the table; with the figure
      <WhyButton :figure="ground.whole" /> are carried.
    </p>
    <p v-for="s in ground?.says" :key="s" class="warning"><span aria-hidden="true">◆</span> {{ s }}</p>
    <div class="row fields">
      <strong>Figure’s own board</strong>
      <ChoiceField
        label="Of"
        :value="build.card?.kind ?? NONE"
        :options="cards"
        :width="150"
        @change="cardOf"
      />
      <template v-if="build.card">
        <QuantityField
          label="Wide"
          kind="length"
          :width="76"
          :value="build.card.width"
          @change="(width) => card({ ...build.card!, width })"
        />
        <QuantityField
          v-if="build.mast"
          label="Gap under it"
          kind="length"
          :width="76"
          :value="build.card.gap ?? 0"
          @change="(gap) => card({ ...build.card!, gap })"
        />
        <SleeveFields v-if="build.mast && build.card.gap" :sleeve="build.card.sleeve" @change="cardSleeve" />
      </template>
      <button class="button" type="button" @click="store.apply(addTier(build), 'a tier')">
        <Plus :size="15" /> A tier under it
      </button>
    </div>
    <TierRow v-for="t in tiers" :key="t.id" :tier="t" />
    <div class="row fields under">
      <strong>Board</strong>
      <Segments
        :value="build.board.shape"
        :options="SHAPES"
        label="Shape of the board"
        @change="(shape) => setB({ shape })"
      />
      <QuantityField
        label="Across"
        kind="length"
        :width="80"
        :value="build.board.width"
        @change="(width) => setB({ width })"
      />
      <QuantityField
        label="Thick"
        kind="length"
        :width="70"
        :value="build.board.thickness"
        @change="(thickness) => setB({ thickness })"
      />
      <ChoiceField
        label="Made of"
        :value="build.board.material"
        :options="BOARD_MATERIALS"
        :width="150"
        @change="(material) => setB({ material })"
      />
      <QuantityField
        label="Feet, high"
        kind="length"
        :width="76"
        :value="build.board.feet"
        @change="(feet) => setB({ feet })"
      />
    </div>
    <div class="row fields">
      <CoverFields
        :cover="build.board.cover"
        @change="(c) => store.apply(coverBoard(build, c), 'the cover of the board')"
      />
      <ToggleField label="Ribbon" :checked="build.board.ribbon !== undefined" @change="ribbon" />
      <template v-if="build.board.ribbon">
        <QuantityField
          label="Ribbon wide"
          kind="length"
          :width="76"
          :value="build.board.ribbon.width"
          @change="(width) => store.apply(setRibbon(build, { ...build.board.ribbon!, width }), 'the ribbon')"
        />
        <ChoiceField
          label="Ribbon colour"
          :value="build.board.ribbon.colour"
          :options="colours"
          :width="130"
          @change="
            (colour) => store.apply(setRibbon(build, { ...build.board.ribbon!, colour }), 'the ribbon')
          "
        />
      </template>
      <ToggleField
        label="A threaded rod through it all"
        beside
        :checked="build.mast !== undefined"
        @change="mast"
      />
    </div>
    <p v-if="build.mast" class="small muted">
      Its length, marks, holes and what it bears are under Bones, Hardware.
    </p>
  </div>
</template>

<style scoped>
.card {
  display: grid;
  gap: 8px;
}
.row > strong {
  padding-bottom: 8px;
  min-width: 64px;
}
.under {
  padding-top: 10px;
  border-top: 1px solid var(--line);
}
</style>
