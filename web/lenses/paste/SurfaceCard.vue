<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { removeOwnStep } from '@core/edits/index.ts';
import {
  CAUTIONS,
  FACE_WORDS,
  finishesOn,
  finishHere,
  inFinishOrder,
  planFinish,
  finishNamed,
  FINISHES,
  usualAmount,
} from '@core/finish/index.ts';
import { formatTime } from '@core/quantity/index.ts';
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
const planned = computed(() =>
  build.value.pieces.flatMap((p) =>
    finishesOn(build.value, p.id).map((f, k) => ({ ...f, number: k + 1, piece: p })),
  ),
);
function put(): void {
  if (wanted.value) store.apply(planFinish(build.value, wanted.value), `${technique.value.name} in the plan`);
}
const drop = (step: OwnStep) =>
  store.apply(removeOwnStep(build.value, step.id), `the plan without ${step.title}`);
</script>

<template>
  <section v-if="piece && found" class="view-part">
    <h3>Then on the surface</h3>
    <ol v-if="planned.length" class="planned">
      <li v-for="f in planned" :key="f.step.id">
        <strong>{{ f.step.title }}</strong>
        <span class="muted small"
          >{{ formatTime(f.step.minutes)
          }}<template v-if="f.step.wait">, after {{ formatTime(f.step.wait) }} to dry</template></span
        >
        <button
          class="button plain"
          type="button"
          :aria-label="`Take out ${f.step.title}`"
          @click="drop(f.step)"
        >
          Take out
        </button>
        <p v-if="f.technique.guard" class="small muted">{{ f.technique.guard }}</p>
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
  padding-left: 20px;
}
.planned li {
  padding: 4px 0;
}
.planned strong {
  margin-right: 8px;
}
.planned p {
  margin: 0;
}
.guard {
  color: var(--tight);
}
</style>
