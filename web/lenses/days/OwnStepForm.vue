<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { POOL_NAMES, type Step } from '@core/days/index.ts';
import { addOwnStep } from '@core/edits/index.ts';
import {
  FACE_SIDE_KINDS,
  FACE_SIDES,
  TOOLS,
  WORK_KINDS,
  WORKS,
  workIn,
  type PieceSide,
  type Tool,
  type WorkKind,
} from '@core/record/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { draftOf, dropDraft } from '../../state/drafts.ts';
import { useOpenBuild } from '../../state/here.ts';
import ChoiceField from '../../shared/ChoiceField.vue';
import QuantityField from '../../shared/QuantityField.vue';

/** A step of one's own after another one: on what, with what, how long, after which wait. */
const props = defineProps<{ step: Step }>();
const store = useBuild();
const here = useOpenBuild();
const build = computed(() => here.build);
const name = `own step ${here.build.id} ${props.step.id}`;
const begin = () =>
  draftOf(name, () => ({
    title: '',
    takes: 15,
    waits: 0,
    on: props.step.piece ?? '',
    tool: '',
    work: 'paint' as WorkKind,
    side: 'all' as PieceSide,
  }));
const draft = ref(begin());
const tools = [
  { value: '', label: 'bare hands' },
  ...TOOLS.map((t) => ({ value: t, label: `the ${POOL_NAMES[t]}` })),
];
const pieces = computed(() => [
  { value: '', label: 'no one piece' },
  ...build.value.pieces.map((p) => ({ value: p.id, label: p.name })),
]);
const works = WORK_KINDS.map((value) => ({ value, label: WORKS[value].name }));
const sides = FACE_SIDE_KINDS.map((value) => ({ value, label: FACE_SIDES[value] }));
/** The name says what is done, until somebody says otherwise. */
watch(
  () => draft.value.title,
  (title, was) => {
    if (draft.value.work === workIn(was)) draft.value.work = workIn(title);
  },
);
function add(): void {
  const added = store.apply(
    addOwnStep(build.value, {
      title: draft.value.title,
      minutes: draft.value.takes,
      after: props.step.id,
      ...(draft.value.waits > 0 ? { wait: draft.value.waits } : {}),
      ...(draft.value.on ? { piece: draft.value.on, work: draft.value.work, side: draft.value.side } : {}),
      ...(draft.value.tool ? { tool: draft.value.tool as Tool } : {}),
    }),
    'a step of your own',
  );
  if (!added) return;
  dropDraft(name);
  draft.value = begin();
}
</script>

<template>
  <div class="own">
    <div class="row fields">
      <label class="field grow"
        ><span>Then, a step of your own</span
        ><a-input
          v-model:value="draft.title"
          :maxlength="120"
          placeholder="Paint the shirt front"
          @press-enter="draft.title.trim() && add()"
      /></label>
      <button class="button" type="button" :disabled="!draft.title.trim()" @click="add">Add</button>
    </div>
    <div v-if="draft.title.trim()" class="row fields">
      <ChoiceField v-model:value="draft.on" label="On" :options="pieces" :width="132" />
      <template v-if="draft.on">
        <ChoiceField v-model:value="draft.work" label="Work" :options="works" :width="150" />
        <ChoiceField v-model:value="draft.side" label="Where" :options="sides" :width="170" />
      </template>
      <ChoiceField v-model:value="draft.tool" label="With" :options="tools" :width="116" />
      <QuantityField
        label="Takes"
        kind="time"
        :width="84"
        :value="draft.takes"
        @change="(v) => (draft.takes = v)"
      />
      <QuantityField
        label="After a wait"
        kind="time"
        :width="84"
        :value="draft.waits"
        @change="(v) => (draft.waits = v)"
      />
    </div>
  </div>
</template>

<style scoped>
.own {
  display: grid;
  gap: 8px;
}
.grow {
  flex: 1 1 120px;
}
.button:disabled {
  opacity: 0.45;
  cursor: default;
}
</style>
