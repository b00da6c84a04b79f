<script setup lang="ts">
import { computed, onBeforeUnmount, ref, shallowRef } from 'vue';
import { addSolid } from '@core/edits/index.ts';
import { BOARD } from '@core/record/index.ts';
import { fileStem } from '@core/files/index.ts';
import { FILE_UNITS, sizeInMm, type FileUnit, type UpAxis } from '@core/solids/index.ts';
import { formatLength } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useStage } from '../../state/on-stage.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useUnion } from '../../state/union.ts';
import { usePreferences } from '../../state/preferences.ts';
import WhyButton from '../../shared/WhyButton.vue';
import { keepSolidJob, readSolidJob } from '../../workers/client.ts';
import { saveBlob } from '../../shell/files.ts';
import type { FoundSolid } from '../../workers/solids.worker.ts';
import ChoiceField from '../../shared/ChoiceField.vue';

/** Solids in from files, the true union of the pieces, and solids out. */
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const union = useUnion();
const preferences = usePreferences();
const chooser = ref<HTMLInputElement>();
const found = shallowRef<{ name: string; solid: FoundSolid }>();
const problem = ref<string>();
const busy = ref(false);
const unit = ref<FileUnit>('mm');
const up = ref<UpAxis>('z');
const UNITS = Object.keys(FILE_UNITS).map((value) => ({
  value,
  label: { mm: 'millimetres', cm: 'centimetres', inch: 'inches', m: 'metres' }[value as FileUnit],
}));
const UPS: { value: UpAxis; label: string }[] = [
  { value: 'z', label: 'z is up' },
  { value: 'y', label: 'y is up' },
];
const size = computed(() => (found.value ? sizeInMm(found.value.solid.size, unit.value, up.value) : []));
async function take(e: Event): Promise<void> {
  const input = e.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (!file) return;
  busy.value = true;
  problem.value = undefined;
  found.value = undefined;
  try {
    const read = await readSolidJob(file.name, await file.arrayBuffer()).result;
    if (!read) return;
    if (!read.ok) problem.value = `${file.name} was not read. ${read.problem.text} Nothing was changed.`;
    else {
      found.value = { name: file.name, solid: read.value };
      unit.value = read.value.unit;
    }
  } catch {
    problem.value = `${file.name} was not read: it is more than the browser can hold. Nothing was changed.`;
  } finally {
    busy.value = false;
  }
}
async function use(): Promise<void> {
  busy.value = true;
  try {
    const kept = await keepSolidJob(up.value).result;
    if (!kept?.ok) {
      problem.value = kept?.problem.text;
      return;
    }
    const on = stage.selection?.kind === 'piece' ? stage.selection.id : BOARD;
    // what is kept already stands upright
    const made = addSolid(here.build, kept.value.solid, sizeInMm(kept.value.size, unit.value, 'z'), on);
    store.apply(made.build, `the solid ${kept.value.solid.name}`);
    stage.selection = { kind: 'piece', id: made.id };
    found.value = undefined;
  } catch {
    problem.value = 'The solid could not be kept: it is more than the browser can hold. Nothing was changed.';
  } finally {
    busy.value = false;
  }
}
const only = computed(() =>
  stage.selection?.kind === 'piece' ? here.build.pieces.find((p) => p.id === stage.selection!.id) : undefined,
);
async function save(kind: 'stl' | 'glb'): Promise<void> {
  const { gltfOf, stlOf } = await import('../../turn/export.ts');
  const build = here.build;
  const blob = kind === 'stl' ? stlOf(build, only.value?.id) : await gltfOf(build, only.value?.id);
  saveBlob(blob, `${fileStem(only.value ? `${build.name} ${only.value.name}` : build.name)}.${kind}`);
}
onBeforeUnmount(() => union.cancel());
</script>

<template>
  <div class="solid">
    <h3>True solid of the figure</h3>
    <p class="muted">
      Where pieces are pressed on, the overlap is counted twice. Joined, what do they fill, how much surface
      is left to colour, where do they balance?
    </p>
    <div class="row">
      <button
        class="button main"
        type="button"
        :disabled="union.share !== undefined || !here.build.pieces.length"
        @click="union.reckon()"
      >
        {{ union.report ? 'Join them again' : 'Join the pieces' }}
      </button>
      <template v-if="union.share !== undefined">
        <span role="status">{{ Math.round(union.share * 100) }} %</span>
        <button class="button plain" type="button" @click="union.cancel()">Stop</button>
      </template>
      <span v-else-if="union.stale" class="muted small">The figure has changed since.</span>
    </div>
    <dl v-if="union.figures">
      <dt>Pieces one by one</dt>
      <dd><WhyButton :figure="union.figures.apart" /></dd>
      <dt>Joined</dt>
      <dd>
        <b><WhyButton :figure="union.figures.together" /></b>
      </dd>
      <dt>Lies in other pieces</dt>
      <dd>
        <WhyButton :figure="union.figures.shared" after="," /> <WhyButton :figure="union.figures.share" />
      </dd>
      <dt>Surface to colour</dt>
      <dd><WhyButton :figure="union.figures.surface" /></dd>
      <dt>Balance point moves</dt>
      <dd><WhyButton :figure="union.figures.moves" /></dd>
    </dl>
    <p v-if="union.report?.left.length" class="warning">
      <span aria-hidden="true">◆</span> Counted apart, their surfaces cannot be joined:
      {{ union.report.left.join(', ') }}.
    </p>
    <p v-if="union.problem" class="warning"><span aria-hidden="true">◆</span> {{ union.problem }}</p>

    <h3>Read a solid</h3>
    <div class="row">
      <button class="button" type="button" :disabled="busy" @click="chooser?.click()">
        {{ busy ? 'Reading…' : 'Choose an STL or OBJ' }}
      </button>
      <input
        ref="chooser"
        class="visually-hidden"
        type="file"
        accept=".stl,.obj"
        aria-label="File of a solid"
        tabindex="-1"
        @change="take"
      />
    </div>
    <p v-if="problem" class="warning" role="alert"><span aria-hidden="true">◆</span> {{ problem }}</p>
    <div v-if="found" class="found">
      <p>
        <b>{{ found.name }}</b>: {{ found.solid.triangles }} triangles,
        <template v-if="found.solid.check.watertight"
          >watertight<template v-if="found.solid.check.parts > 1"
            >, {{ found.solid.check.parts }} parts</template
          >.</template
        >
        <template v-else
          >not watertight: {{ found.solid.check.openEdges }} open edges. Its surface can be drawn, its grams
          are not known.</template
        >
      </p>
      <div class="row fields">
        <ChoiceField v-model:value="unit" label="The file is in" :options="UNITS" :width="140" />
        <ChoiceField v-model:value="up" label="Which way up" :options="UPS" :width="110" />
        <span class="size">{{ size.map((s) => formatLength(s, preferences.shown)).join(' × ') }}</span>
        <button class="button main" type="button" :disabled="busy" @click="use">Use it as a piece</button>
      </div>
    </div>

    <h3>Save as a solid</h3>
    <p class="muted">
      {{
        only
          ? `Only the ${only.name.toLowerCase()}, which is selected.`
          : 'The whole figure; select a piece to save only that.'
      }}
    </p>
    <div class="row">
      <button class="button" type="button" @click="save('stl')">STL, millimetres</button>
      <button class="button" type="button" @click="save('glb')">glTF with colours</button>
    </div>
  </div>
</template>

<style scoped>
.solid {
  display: grid;
  gap: 10px;
  padding-top: 14px;
  align-content: start;
}
h3:not(:first-child) {
  margin-top: 10px;
  padding-top: 14px;
  border-top: 1px solid var(--line);
}
dl {
  display: grid;
  grid-template-columns: 180px auto;
  margin: 0;
  row-gap: 4px;
}
dt {
  color: var(--ink-2);
}
dd {
  margin: 0;
}
.found {
  display: grid;
  gap: 8px;
}
.size {
  padding-bottom: 7px;
}
</style>
