<script setup lang="ts">
import { computed } from 'vue';
import {
  addColour,
  BOARD,
  CORE_NAME,
  duplicatePiece,
  removePiece,
  reseat,
  resize,
  setColour,
  setForm,
  setGrams,
  setPiece,
  setSeat,
  TEXTURES,
  togglePair,
  type CoreKind,
  type Piece,
  type Seat,
  type TextureKind,
} from '@core/figure/index.ts';
import {
  OUTLINES,
  shapeOf,
  SHAPE_KINDS,
  startingForm,
  type OutlineName,
  type ShapeKind,
} from '@core/solids/index.ts';
import type { PieceReport } from '@core/plan.ts';
import { useBuild } from '../../state/build-store.ts';
import QuantityField from '../../shared/QuantityField.vue';
import WhyButton from '../../shared/WhyButton.vue';

const props = defineProps<{ piece: Piece; report: PieceReport }>();
const store = useBuild();
const build = computed(() => store.build!);
const shape = computed(() => shapeOf(props.piece.form.kind));
const id = computed(() => props.piece.id);
const lower = computed(() => props.piece.name.toLowerCase());

const carriers = computed(() => [
  { value: BOARD, label: 'the board' },
  ...build.value.pieces.filter((p) => p.id !== id.value).map((p) => ({ value: p.id, label: p.name })),
]);
const kinds = SHAPE_KINDS.map((k) => ({ value: k, label: shapeOf(k).name }));
const outlines = Object.entries(OUTLINES).map(([value, o]) => ({ value, label: o.name }));
const textures = Object.entries(TEXTURES).map(([value, t]) => ({ value, label: t.name }));
const cores = Object.entries(CORE_NAME).map(([value, label]) => ({ value, label }));
const blends = computed(() => build.value.blends.map((b) => ({ value: b.id, label: b.name })));
const colours = computed(() => build.value.colours.map((c) => ({ value: c.id, label: c.name })));
const hex = computed(() => build.value.colours.find((c) => c.id === props.piece.colour)!.hex);

const seat = (patch: Partial<Omit<Seat, 'on'>>) =>
  store.apply(setSeat(build.value, id.value, patch), `the seat of the ${lower.value}`);
const at = (k: 0 | 1 | 2, v: number) => {
  const next = [...props.piece.seat.at] as [number, number, number];
  next[k] = v;
  seat({ at: next });
};
function other(kind: ShapeKind): void {
  store.apply(setForm(build.value, id.value, startingForm(kind)), `another shape for the ${lower.value}`);
}
function copy(): void {
  const made = duplicatePiece(build.value, id.value);
  if (!made.ok) return store.say(made.problem.text, 'error');
  store.apply(made.value.build, `copying the ${lower.value}`);
  store.selection = { kind: 'piece', id: made.value.id };
}
function remove(): void {
  const { build: next, removed } = removePiece(build.value, id.value);
  store.apply(next, `removing the ${lower.value}`);
  store.selection = undefined;
  if (removed.length > 1)
    store.say(
      `Removed the ${lower.value} and ${removed.length - 1} that stood on it. Ctrl Z brings them back.`,
    );
}
function newColour(): void {
  const made = addColour(build.value, `${lower.value} colour`, hex.value);
  store.apply(setPiece(made.build, id.value, { colour: made.id }), 'a new colour');
}
</script>

<template>
  <div class="card">
    <div class="row fields">
      <QuantityField
        label="Grams"
        kind="mass"
        :value="report.weight.paste.value"
        @change="(g) => store.apply(setGrams(build, id, g), `the grams of the ${lower}`)"
      />
      <QuantityField
        v-for="s in shape.sizes"
        :key="s.key"
        :label="s.label"
        kind="length"
        :value="piece.form.sizes[s.key]!"
        @change="(v) => store.apply(resize(build, id, { [s.key]: v }), `the size of the ${lower}`)"
      />
    </div>
    <p class="sum">
      Starts as a ball of <WhyButton :figure="report.weight.ball" after="." />
      <template v-if="report.number > 1">
        {{ report.number }} of them take <WhyButton :figure="report.all" after="."
      /></template>
      <template v-if="report.weight.core.value > 0">
        With its core it weighs <WhyButton :figure="report.weight.whole" after="."
      /></template>
    </p>
    <div class="grid">
      <label class="field"
        ><span>Name</span
        ><a-input
          :key="piece.name"
          :default-value="piece.name"
          @change="
            store.apply(setPiece(build, id, { name: ($event.target as HTMLInputElement).value }), 'the name')
          "
      /></label>
      <label class="field"
        ><span>Shape</span
        ><a-select :value="piece.form.kind" :options="kinds" @change="(v: unknown) => other(v as ShapeKind)"
      /></label>
      <label v-if="shape.cut" class="field"
        ><span>Outline</span
        ><a-select
          :value="piece.form.outline ?? 'rectangle'"
          :options="outlines"
          @change="
            (v: unknown) =>
              store.apply(setForm(build, id, { ...piece.form, outline: v as OutlineName }), 'the outline')
          "
      /></label>
      <label v-if="shape.core" class="field"
        ><span>Pressed over</span
        ><a-select
          :value="piece.core"
          :options="cores"
          @change="(v: unknown) => store.apply(setPiece(build, id, { core: v as CoreKind }), 'the core')"
      /></label>
      <label class="field"
        ><span>Paste</span
        ><a-select
          :value="piece.blend"
          :options="blends"
          @change="
            (v: unknown) =>
              store.apply(setPiece(build, id, { blend: v as string }), `the paste of the ${lower}`)
          "
      /></label>
      <label class="field"
        ><span>Colour</span>
        <span class="colour">
          <input
            type="color"
            :value="hex"
            :aria-label="`Colour of ${lower}`"
            @change="
              store.apply(
                setColour(build, piece.colour, { hex: ($event.target as HTMLInputElement).value }),
                'a colour',
              )
            "
          />
          <a-select
            :value="piece.colour"
            :options="colours"
            style="flex: 1; min-width: 0"
            @change="
              (v: unknown) =>
                store.apply(setPiece(build, id, { colour: v as string }), `the colour of the ${lower}`)
            "
          />
          <button class="button plain" type="button" title="A colour of its own" @click="newColour">
            Own
          </button>
        </span>
      </label>
      <label class="field"
        ><span>Surface</span
        ><a-select
          :value="piece.texture"
          :options="textures"
          @change="
            (v: unknown) =>
              store.apply(setPiece(build, id, { texture: v as TextureKind }), `the surface of the ${lower}`)
          "
      /></label>
      <label class="field"
        ><span>Stands on</span
        ><a-select
          :value="piece.seat.on"
          :options="carriers"
          show-search
          option-filter-prop="label"
          @change="(v: unknown) => store.apply(reseat(build, id, v as string), `re-seating the ${lower}`)"
      /></label>
    </div>
    <div class="row fields">
      <QuantityField
        label="Right"
        kind="length"
        :width="74"
        :value="piece.seat.at[0]"
        @change="(v) => at(0, v)"
      />
      <QuantityField
        label="Back"
        kind="length"
        :width="74"
        :value="piece.seat.at[1]"
        @change="(v) => at(1, v)"
      />
      <QuantityField
        label="Up"
        kind="length"
        :width="74"
        :value="piece.seat.at[2]"
        @change="(v) => at(2, v)"
      />
      <QuantityField
        label="Leans"
        kind="angle"
        :width="66"
        :value="piece.seat.lean"
        @change="(v) => seat({ lean: v })"
      />
      <QuantityField
        label="Tips"
        kind="angle"
        :width="66"
        :value="piece.seat.tip"
        @change="(v) => seat({ tip: v })"
      />
      <QuantityField
        label="Turned"
        kind="angle"
        :width="66"
        :value="piece.seat.turn"
        @change="(v) => seat({ turn: v })"
      />
      <QuantityField
        label="Pressed in"
        kind="length"
        :width="74"
        :value="piece.seat.sink"
        @change="(v) => seat({ sink: v })"
      />
    </div>
    <div class="row">
      <button
        class="button"
        type="button"
        :aria-pressed="piece.pair"
        @click="store.apply(togglePair(build, id), `mirroring the ${lower}`)"
      >
        {{ piece.pair ? 'Make it single' : 'Make a mirrored pair' }} <kbd>M</kbd>
      </button>
      <button class="button" type="button" @click="copy">Copy <kbd>D</kbd></button>
      <button class="button" type="button" @click="remove">Remove <kbd>Del</kbd></button>
      <QuantityField
        v-if="piece.seat.on === BOARD"
        label="How many alike"
        kind="count"
        :width="62"
        :value="piece.count"
        @change="(v) => store.apply(setPiece(build, id, { count: v }), `how many of the ${lower}`)"
      />
    </div>
  </div>
</template>

<style scoped>
.card {
  display: grid;
  gap: 11px;
  padding: 4px 0 12px;
}
.fields {
  gap: 10px;
}
.sum {
  color: var(--ink-2);
}
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 9px 12px;
}
.colour {
  display: flex;
  gap: 4px;
}
input[type='color'] {
  width: 34px;
  height: 34px;
  padding: 2px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: #fff;
}
.row {
  align-items: flex-end;
}
</style>
