<script setup lang="ts">
import { computed } from 'vue';
import { addColour, setArt, setColour, setKind, setPiece } from '@core/edits/index.ts';
import {
  TEXTURES,
  type HiddenFace,
  type Piece,
  type TextureKind,
  type Tolerance,
} from '@core/record/index.ts';
import {
  FAMILIES,
  OUTLINES,
  shapeOf,
  SHAPE_KINDS,
  type OutlineName,
  type ShapeKind,
} from '@core/solids/index.ts';
import { useBuild } from '../../state/build-store.ts';
import QuantityField from '../../shared/QuantityField.vue';
import Choice from '../../shared/Choice.vue';
import TextField from '../../shared/TextField.vue';

/** What a piece is called, made of and looks like, and how alike its makes have to be. */
const props = defineProps<{ piece: Piece }>();
const store = useBuild();
const build = computed(() => store.build!);
const id = computed(() => props.piece.id);
const lower = computed(() => props.piece.name.toLowerCase());

const kinds = Object.entries(FAMILIES).map(([family, label]) => ({
  label,
  options: SHAPE_KINDS.filter(
    (k) => shapeOf(k).family === family && (!shapeOf(k).fromFile || k === props.piece.form.kind),
  ).map((k) => ({ value: k, label: shapeOf(k).name })),
}));
const DRAWN = 'drawn';
const outline = computed(() =>
  props.piece.form.curves?.edge ? DRAWN : (props.piece.form.outline ?? 'rectangle'),
);
const outlines = [
  ...Object.entries(OUTLINES).map(([value, o]) => ({ value, label: o.name })),
  { value: DRAWN, label: 'drawn by hand' },
];
const textures = Object.entries(TEXTURES).map(([value, t]) => ({ value, label: t.name }));
const blends = computed(() => build.value.blends.map((b) => ({ value: b.id, label: b.name })));
const colours = computed(() => build.value.colours.map((c) => ({ value: c.id, label: c.name })));
const hex = computed(() => build.value.colours.find((c) => c.id === props.piece.colour)!.hex);
const TOLERANCES: { value: Tolerance; label: string }[] = [
  { value: 'equal', label: 'all equal' },
  { value: 'mirrored', label: 'mirrored' },
  { value: 'varied', label: 'varied on purpose' },
  { value: 'hidden', label: 'hidden, by eye' },
];
const FACES: { value: HiddenFace; label: string }[] = [
  { value: 'none', label: 'none' },
  { value: 'under', label: 'underneath' },
  { value: 'back', label: 'back' },
  { value: 'front', label: 'front' },
  { value: 'left', label: 'left' },
  { value: 'right', label: 'right' },
  { value: 'top', label: 'top' },
];

const change = (patch: Parameters<typeof setPiece>[2], what: string) =>
  store.apply(setPiece(build.value, id.value, patch), `${what} of the ${lower.value}`);
function setOutline(v: string): void {
  const slot = shapeOf('sheet').curves![0]!;
  const art = v === DRAWN ? { curves: { [slot.key]: slot.start } } : { outline: v as OutlineName };
  store.apply(setArt(build.value, id.value, art), 'the outline');
}
function newColour(): void {
  const made = addColour(build.value, `${lower.value} colour`, hex.value);
  store.apply(setPiece(made.build, id.value, { colour: made.id }), 'a new colour');
}
</script>

<template>
  <div class="grid">
    <TextField label="Name" required :value="piece.name" @change="(name) => change({ name }, 'the name')" />
    <label class="field"
      ><span>Shape, same grams</span
      ><Choice
        :value="piece.form.kind"
        :options="kinds"
        show-search
        option-filter-prop="label"
        @change="
          (v: unknown) => store.apply(setKind(build, id, v as ShapeKind), `another shape for the ${lower}`)
        "
    /></label>
    <label v-if="piece.form.kind === 'sheet'" class="field"
      ><span>Outline</span
      ><Choice :value="outline" :options="outlines" @change="(v: unknown) => setOutline(v as string)"
    /></label>
    <label class="field"
      ><span>Paste</span
      ><Choice
        :value="piece.blend"
        :options="blends"
        @change="(v: unknown) => change({ blend: v as string }, 'the paste')"
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
        <Choice
          :value="piece.colour"
          :options="colours"
          style="flex: 1; min-width: 0"
          @change="(v: unknown) => change({ colour: v as string }, 'the colour')"
        />
        <button class="button plain" type="button" title="A colour of its own" @click="newColour">Own</button>
      </span>
    </label>
    <label class="field"
      ><span>Surface</span
      ><Choice
        :value="piece.texture"
        :options="textures"
        @change="(v: unknown) => change({ texture: v as TextureKind }, 'the surface')"
    /></label>
    <label class="field"
      ><span>How alike</span
      ><Choice
        :value="piece.tolerance"
        :options="TOLERANCES"
        @change="(v: unknown) => change({ tolerance: v as Tolerance }, 'how alike the makes')"
    /></label>
    <label class="field"
      ><span>Hidden face, for seams</span
      ><Choice
        :value="piece.hidden"
        :options="FACES"
        @change="(v: unknown) => change({ hidden: v as HiddenFace }, 'the hidden face')"
    /></label>
    <QuantityField
      label="Breaks, of a hundred"
      kind="percent"
      :value="piece.breaks"
      @change="(v) => change({ breaks: v }, `how many of the ${lower} break`)"
    />
  </div>
</template>

<style scoped>
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
</style>
