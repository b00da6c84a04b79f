<script setup lang="ts">
import { computed } from 'vue';
import { addColour, setArt, setColour, setKind, setPiece } from '@core/edits/index.ts';
import { TEXTURES, type HiddenFace, type Piece, type Tolerance } from '@core/record/index.ts';
import { FAMILIES, OUTLINES, shapeOf, SHAPE_KINDS, type OutlineName } from '@core/solids/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import QuantityField from '../../shared/QuantityField.vue';
import ChoiceField from '../../shared/ChoiceField.vue';
import TextField from '../../shared/TextField.vue';
import { choicesOf } from '../../shared/choices.ts';

/** What a piece is called, made of and looks like, and how alike its makes have to be. */
const props = defineProps<{ piece: Piece }>();
const store = useBuild();
const here = useOpenBuild();
const build = computed(() => here.build);
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
const textures = choicesOf(TEXTURES, (t) => t.name);
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
    <ChoiceField
      label="Shape, same grams"
      :value="piece.form.kind"
      :options="kinds"
      search
      @change="(v) => store.apply(setKind(build, id, v), `another shape for the ${lower}`)"
    />
    <ChoiceField
      v-if="piece.form.kind === 'sheet'"
      label="Outline"
      :value="outline"
      :options="outlines"
      @change="(v) => setOutline(v)"
    />
    <ChoiceField
      label="Paste"
      :value="piece.blend"
      :options="blends"
      @change="(v) => change({ blend: v }, 'the paste')"
    />
    <div class="field">
      <span>Colour</span>
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
        <ChoiceField
          class="grow"
          label="Colour"
          hide-label
          :value="piece.colour"
          :options="colours"
          @change="(v) => change({ colour: v }, 'the colour')"
        />
        <button class="button plain" type="button" title="A colour of its own" @click="newColour">
          Own colour
        </button>
      </span>
    </div>
    <ChoiceField
      label="Surface"
      :value="piece.texture"
      :options="textures"
      @change="(v) => change({ texture: v }, 'the surface')"
    />
    <ChoiceField
      label="Matching"
      :value="piece.tolerance"
      :options="TOLERANCES"
      @change="(v) => change({ tolerance: v }, 'how alike the makes')"
    />
    <ChoiceField
      label="Hide the seam"
      :value="piece.hidden"
      :options="FACES"
      @change="(v) => change({ hidden: v }, 'the hidden face')"
    />
    <QuantityField
      label="Expect to break, of 100"
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
.colour .grow {
  flex: 1;
}
input[type='color'] {
  width: 34px;
  height: 34px;
  padding: 2px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--paper);
}
</style>
