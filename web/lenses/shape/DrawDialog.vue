<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue';
import { FileUp } from '@lucide/vue';
import { measureOf } from '@core/figure/index.ts';
import { setForm } from '@core/edits/index.ts';
import { type Piece } from '@core/record/index.ts';
import {
  levelSizes,
  measure,
  shapeOf,
  sizedLike,
  type Curve,
  type Curves,
  type Form,
  checkForm,
} from '@core/solids/index.ts';
import { formatLength } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useReference } from '../../state/reference.ts';
import CurveEditor from '../../shared/CurveEditor.vue';
import ToggleField from '../../shared/ToggleField.vue';
import Segments from '../../shared/Segments.vue';

/** The lines of a piece drawn by hand, each over the person's own picture where there is one. */
const props = defineProps<{ piece: Piece }>();
const open = defineModel<boolean>('open', { required: true });
const store = useBuild();
const here = useOpenBuild();
const reference = useReference();
const shape = shapeOf(props.piece.form.kind);
const before: Curves =
  props.piece.form.curves ?? Object.fromEntries(shape.curves!.map((c) => [c.key, c.start]));
const curves = shallowRef<Curves>(before);
const past = shallowRef<readonly Curves[]>([]);
const future = shallowRef<readonly Curves[]>([]);
const key = ref(shape.curves![0]!.key);
const over = ref(reference.url !== undefined);

const holes = computed(() => Object.keys(curves.value).filter((k) => k.startsWith('hole')));
const tabs = computed(() => [
  ...shape.curves!.map((c) => ({ value: c.key, label: c.label })),
  ...holes.value.map((h, i) => ({ value: h, label: `Hole ${i + 1}` })),
]);
const slot = computed(() => shape.curves!.find((c) => c.key === key.value));
const closed = computed(() => slot.value?.closed ?? true);
const m = computed(() =>
  found.value && sizes.value !== props.piece.form.sizes ? found.value : measureOf(props.piece),
);
const wide = computed(() => (key.value === 'side' ? m.value.depth : m.value.width));

function change(curve: Curve): void {
  past.value = [...past.value, curves.value];
  future.value = [];
  curves.value = { ...curves.value, [key.value]: curve };
}
function undo(): void {
  const last = past.value.at(-1);
  if (!last) return;
  future.value = [curves.value, ...future.value];
  past.value = past.value.slice(0, -1);
  curves.value = last;
  if (!(key.value in last)) key.value = shape.curves![0]!.key;
}
function redo(): void {
  const next = future.value[0];
  if (!next) return;
  past.value = [...past.value, curves.value];
  future.value = future.value.slice(1);
  curves.value = next;
}
function addHole(): void {
  const edge = curves.value.edge!;
  const [cx, cz] = [0, 1].map((k) => edge.reduce((s, p) => s + p[k]!, 0) / edge.length) as [number, number];
  const spread = Math.min(...edge.map((p) => Math.hypot(p[0] - cx, p[1] - cz))) * 0.4;
  const name = `hole${holes.value.length + 1}`;
  key.value = name;
  change(
    [0, 1, 2, 3].map(
      (i) => [cx + spread * Math.cos((i * Math.PI) / 2), cz + spread * Math.sin((i * Math.PI) / 2)] as const,
    ),
  );
}
function removeHole(): void {
  past.value = [...past.value, curves.value];
  const { [key.value]: _, ...rest } = curves.value;
  curves.value = rest;
  key.value = 'edge';
}

/** Sizes that a drawing brought along; those of the piece until one did. */
const sizes = ref(props.piece.form.sizes);
const chooser = ref<HTMLInputElement>();
const refused = ref<string>();
/** The outline of a drawing from a file: in its true size where it tells one, else as wide as the piece is. */
async function take(e: Event): Promise<void> {
  const input = e.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (!file) return;
  const { outlineFromSvg } = await import('../../shared/svg-in.ts');
  const read = outlineFromSvg(await file.text());
  refused.value = read.ok ? undefined : `${file.name} was not taken. ${read.problem.text}`;
  if (!read.ok) return;
  past.value = [...past.value, curves.value];
  future.value = [];
  curves.value = read.value.curves;
  sizes.value = sizedLike(props.piece.form, read.value);
  key.value = 'edge';
}

const form = computed((): Form => {
  const { outline: _, ...bare } = props.piece.form;
  return { ...bare, sizes: sizes.value, curves: curves.value };
});
const checked = computed(() => checkForm(form.value));
const found = computed(() => (checked.value.ok ? measure(form.value) : undefined));
/** Level cuts for carving: how wide and deep the body is at each quarter. */
const slices = computed(() =>
  found.value && !shape.cut ? levelSizes(form.value, [0.1, 0.25, 0.5, 0.75, 0.9]) : [],
);
/** The picture in the line's own measure: a known length makes it true, else it is as tall as the piece. */
const picture = computed(() => {
  const p = reference.picture;
  if (!over.value || !p || !reference.url) return undefined;
  const mm = reference.scale ?? m.value.height / p.height;
  const foot = reference.marks.foot ?? [p.width / 2, p.height];
  return {
    url: reference.url,
    x: (-foot[0] * mm) / wide.value,
    y: (foot[1] * mm) / m.value.height,
    width: (p.width * mm) / wide.value,
    height: (p.height * mm) / m.value.height,
  };
});
function use(): void {
  if (
    store.apply(
      setForm(here.build, props.piece.id, form.value),
      `drawing the ${props.piece.name.toLowerCase()}`,
    )
  )
    open.value = false;
}
</script>

<template>
  <a-modal v-model:open="open" :title="`Draw: ${piece.name}`" :footer="null" width="720px">
    <div class="draw" @keydown.ctrl.z.exact.stop.prevent="undo" @keydown.ctrl.shift.z.stop.prevent="redo">
      <div class="row">
        <Segments v-if="tabs.length > 1" v-model:value="key" :options="tabs" />
        <button v-if="shape.holes && holes.length < 9" class="button" type="button" @click="addHole">
          Add a hole
        </button>
        <button v-if="key.startsWith('hole')" class="button" type="button" @click="removeHole">
          Remove this hole
        </button>
        <button v-if="shape.holes" class="button" type="button" @click="chooser?.click()">
          <FileUp :size="15" /> From an SVG file
        </button>
        <input
          ref="chooser"
          class="visually-hidden"
          type="file"
          accept=".svg,image/svg+xml"
          aria-label="Outline from an SVG file"
          tabindex="-1"
          @change="take"
        />
        <ToggleField
          v-if="reference.url && !shape.cut"
          v-model:checked="over"
          label="Over your picture"
          beside
          small
        />
        <span class="grow"></span>
        <button class="button plain" type="button" :disabled="!past.length" @click="undo">Undo</button>
        <button class="button plain" type="button" :disabled="!future.length" @click="redo">Redo</button>
      </div>
      <CurveEditor
        :key="key"
        :curve="curves[key]!"
        :closed="closed"
        :wide="wide"
        :tall="m.height"
        :others="key.startsWith('hole') ? [curves.edge!] : []"
        :picture="picture"
        :label="slot?.label ?? 'Hole'"
        @change="change"
      />
      <p v-if="refused" class="warning" role="alert"><span aria-hidden="true">◆</span> {{ refused }}</p>
      <p v-if="!checked.ok" class="warning"><span aria-hidden="true">◆</span> {{ checked.problem.text }}</p>
      <p v-else-if="found" class="muted">
        {{ (found.volume / 1000).toFixed(1) }} cm³ of paste, {{ (found.area / 100).toFixed(0) }} cm² of
        surface, balance point {{ formatLength(found.centre) }} over its foot.
        <template v-if="slices.length">
          Wide × deep at
          <span v-for="(s, i) in slices" :key="s.z"
            >{{ i ? ', ' : '' }}{{ formatLength(s.z) }}: {{ formatLength(s.wide) }} ×
            {{ formatLength(s.deep) }}</span
          >.
        </template>
      </p>
      <div class="row end">
        <button class="button" type="button" @click="open = false">Leave it as it was</button>
        <button class="button main" type="button" :disabled="!checked.ok" @click="use">
          Use these lines
        </button>
      </div>
    </div>
  </a-modal>
</template>

<style scoped>
.draw {
  display: grid;
  gap: 10px;
}
.grow {
  flex: 1;
}
.end {
  justify-content: flex-end;
}
</style>
