<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { removeOwnStep, setOwnStep } from '@core/edits/index.ts';
import {
  CAUTIONS,
  FACE_WORDS,
  finishLines,
  finishHere,
  inFinishOrder,
  planFinish,
  finishNamed,
  FINISHES,
  usualAmount,
  usualColour,
  type FinishLine,
} from '@core/finish/index.ts';
import { FACE_SIDE_KINDS, FACE_SIDES, type OwnStep, type PieceSide } from '@core/record/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useStage } from '../../state/on-stage.ts';
import ChoiceField from '../../shared/ChoiceField.vue';
import QuantityField from '../../shared/QuantityField.vue';
import WhyButton from '../../shared/WhyButton.vue';

/** What is done to faces once they are shaped: what it takes, when it is dry, and a place for it in the plan. */
const store = useBuild();
const here = useOpenBuild();
const stage = useStage();
const build = computed(() => here.build);
const piece = computed(() => {
  const id = stage.selection?.kind === 'piece' ? stage.selection.id : undefined;
  return build.value.pieces.find((p) => p.id === id) ?? build.value.pieces[0];
});
const pieces = computed(() => build.value.pieces.map((p) => ({ value: p.id, label: p.name })));
const OPTIONS = inFinishOrder(FINISHES.map((technique) => ({ technique }))).map(({ technique }) => ({
  value: technique.id,
  label: technique.name,
}));
const SIDES = FACE_SIDE_KINDS.map((value) => ({ value, label: FACE_SIDES[value] }));
const COUNTED = { area: 'Area, cm²', mark: 'Marks', line: 'Line, cm' } as const;
const id = ref('shade');
const side = ref<PieceSide>('front');
const coats = ref(1);
const technique = computed(() => finishNamed(id.value));
const usual = computed(() => piece.value && usualAmount(piece.value, technique.value, side.value));
const said = ref<number>();
watch([() => piece.value?.id, id, side], () => (said.value = undefined));
watch(id, () => (coats.value = technique.value.coats));
const wanted = computed(
  () =>
    piece.value && {
      piece: piece.value.id,
      technique: technique.value,
      side: side.value,
      amount: said.value ?? usual.value!.value,
      coats: coats.value,
    },
);
const found = computed(() => wanted.value && finishHere(build.value, wanted.value));
const lines = computed(() => finishLines(build.value));
const colour = ref<string>();
const usualHex = computed(() => piece.value && usualColour(build.value, piece.value, technique.value));
watch([() => piece.value?.id, id], () => (colour.value = undefined));
function put(): void {
  if (!wanted.value) return;
  const hex = usualHex.value && (colour.value ?? usualHex.value);
  store.apply(
    planFinish(build.value, { ...wanted.value, ...(hex ? { colour: hex } : {}) }),
    `${technique.value.name} in the plan`,
  );
}
const drop = (step: OwnStep) =>
  store.apply(removeOwnStep(build.value, step.id), `the plan without ${step.title}`);
const recolour = (line: FinishLine, hex: string) =>
  store.apply(
    setOwnStep(build.value, line.step.id, { finish: { ...line.step.finish, colour: hex } }),
    `the colour of ${line.step.title}`,
  );
</script>

<template>
  <section v-if="piece && found" class="view-part">
    <h3>Then on the surface</h3>
    <ol v-if="lines.length" class="planned">
      <li v-for="l in lines" :key="l.step.id">
        <input
          v-if="l.colour"
          type="color"
          :value="l.colour"
          :aria-label="`Colour of ${l.step.title}`"
          @change="recolour(l, ($event.target as HTMLInputElement).value)"
        />
        <span v-else class="none" aria-hidden="true"></span>
        <div class="grow">
          <strong>{{ l.step.title }}</strong><span v-if="l.step.finish.coats > 1"
            >, {{ l.step.finish.coats }} coats</span
          >
          <span class="muted small">
            <WhyButton :figure="l.found.minutes" /><template v-if="l.found.waits"
              >, touched after <WhyButton :figure="l.found.waits.touch" /></template
          ></span>
          <p v-if="l.technique.guard" class="small muted">{{ l.technique.guard }}</p>
        </div>
        <button
          class="button plain"
          type="button"
          :aria-label="`Take out ${l.step.title}`"
          @click="drop(l.step)"
        >
          Take out
        </button>
      </li>
    </ol>
    <div class="row">
      <ChoiceField v-model:value="id" label="Finish" :options="OPTIONS" :width="230" search />
      <ChoiceField
        label="On the"
        :value="piece.id"
        :options="pieces"
        :width="150"
        search
        @change="(v) => (stage.selection = { kind: 'piece', id: v })"
      />
      <ChoiceField v-model:value="side" label="Where" :options="SIDES" :width="190" />
      <QuantityField
        :label="COUNTED[technique.by]"
        kind="count"
        :width="84"
        :value="said ?? usual!.value"
        @change="(v) => (said = v)"
      />
      <QuantityField
        label="Coats"
        kind="count"
        :width="64"
        :value="coats"
        @change="(v) => v >= 1 && (coats = v)"
      />
      <label v-if="usualHex" class="field"
        ><span>Colour</span
        ><input
          type="color"
          :value="colour ?? usualHex"
          @change="colour = ($event.target as HTMLInputElement).value"
      /></label>
    </div>
    <p>
      <WhyButton :figure="found.minutes" /> of work<template v-if="found.takes"
        >, <WhyButton :figure="found.takes" /> of it</template
      ><template v-if="found.waits"
        >; the next coat after <WhyButton :figure="found.waits.next" />, touched after
        <WhyButton :figure="found.waits.touch" />, lifted after
        <WhyButton :figure="found.waits.lift" /></template
      >. The face has to be {{ FACE_WORDS[technique.asks] }}; with {{ technique.tool }}.
    </p>
    <p v-if="technique.guard" class="guard">◆ {{ technique.guard }}</p>
    <p v-if="technique.caution" class="muted small">{{ CAUTIONS[technique.caution] }}</p>
    <button class="button main" type="button" @click="put">Put it in the plan</button>
  </section>
</template>

<style scoped>
p {
  margin: 8px 0;
}
.planned {
  margin: 0 0 12px;
  padding: 0;
  list-style: none;
  counter-reset: line;
}
.planned li {
  display: flex;
  gap: 12px;
  align-items: flex-start;
  padding: 6px 0;
}
.planned strong::before {
  counter-increment: line;
  content: counter(line) ' ';
}
.planned p {
  margin: 0;
}
.planned .none {
  width: 34px;
}
input[type='color'] {
  flex: none;
  width: 34px;
  height: 34px;
  padding: 2px;
  border: 1px solid var(--line);
  border-radius: 9px;
  background: var(--paper);
}
.grow {
  flex: 1;
}
.guard {
  color: var(--tight);
}
</style>
