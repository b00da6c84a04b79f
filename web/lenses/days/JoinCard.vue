<script setup lang="ts">
import { computed, onBeforeUnmount, shallowRef, watch } from 'vue';
import type { JoinMend } from '@core/join-mends.ts';
import { joinMendsJob, type WorkerJob } from '../../workers/client.ts';
import { plannedJoin, toldTime, type Joining } from '@core/days/index.ts';
import { setJoin, setPropped } from '@core/edits/index.ts';
import { JOINS } from '@core/joins/index.ts';
import type { JoinKindId } from '@core/record/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import ChoiceField from '../../shared/ChoiceField.vue';
import ToggleField from '../../shared/ToggleField.vue';
import EarlierCard from './EarlierCard.vue';
import FaceLine from './FaceLine.vue';

/** One join: how, what each face has to be for it, and what may be chosen. */
const props = defineProps<{ joining: Joining }>();
const store = useBuild();
const here = useOpenBuild();
const lower = computed(() => props.joining.piece.name.toLowerCase());
const where = computed(() => props.joining.carrier?.name.toLowerCase() ?? 'board');
const AS_PROPOSED = '';
const kinds = computed((): { value: JoinKindId | ''; label: string }[] => [
  { value: AS_PROPOSED, label: `as proposed: ${JOINS[props.joining.proposed].name}` },
  ...Object.values(JOINS).map((k) => ({ value: k.id, label: k.name })),
]);
const planned = computed(() => {
  const { plan, origin } = store.days ?? {};
  const step = plan && plannedJoin(plan, props.joining.piece.id);
  return step && origin ? toldTime(origin, step.from) : undefined;
});
const faces = computed(() => [
  ...props.joining.up.opens.map((ask) => ({ ask, closes: false })),
  ...props.joining.up.closes.map((ask) => ({ ask, closes: true })),
  ...props.joining.down.opens.map((ask) => ({ ask, closes: false })),
  ...props.joining.down.closes.map((ask) => ({ ask, closes: true })),
]);
const mends = shallowRef<readonly JoinMend[]>();
let job: WorkerJob<JoinMend[]> | undefined;
watch(
  [() => props.joining.piece.id, () => here.build],
  ([id, build]) => {
    job?.cancel();
    mends.value = undefined;
    const mine = joinMendsJob(build, id, Date.now());
    job = mine;
    mine.result.then(
      (found) => {
        if (job === mine) mends.value = found ?? [];
      },
      () => (mends.value = []),
    );
  },
  { immediate: true },
);
onBeforeUnmount(() => job?.cancel());
</script>

<template>
  <div class="card">
    <p>
      <strong>{{ joining.piece.name }} on the {{ where }}</strong
      >, {{ joining.kind.name }}<template v-if="planned">: {{ planned }}</template
      >.
    </p>
    <p v-if="joining.says" class="warning"><span aria-hidden="true">◆</span> {{ joining.says }}</p>
    <FaceLine v-for="(f, k) in faces" :key="k" :ask="f.ask" :closes="f.closes" />
    <p v-if="!faces.length" class="muted">Nothing has to firm for it, and it is never too late.</p>
    <p class="muted small">Too soon: {{ joining.kind.early }}. Too late: {{ joining.kind.late }}.</p>
    <EarlierCard :joining="joining" />
    <p v-if="!mends" class="muted small" role="status">Trying other ways to join it…</p>
    <template v-else-if="mends.length">
      <button
        v-for="m in mends"
        :key="m.text"
        class="button mend"
        type="button"
        @click="store.apply(m.build, `the join of the ${lower}`)"
      >
        <strong>{{ m.text }}:</strong> {{ m.does }}
      </button>
    </template>
    <div class="row fields">
      <ChoiceField
        label="Joined"
        :value="joining.piece.join ?? AS_PROPOSED"
        :options="kinds"
        :width="250"
        @change="
          (v) =>
            store.apply(setJoin(here.build, joining.piece.id, v || undefined), `how the ${lower} is joined`)
        "
      />
      <ToggleField
        label="Propped until it holds"
        beside
        :checked="joining.piece.propped ?? false"
        @change="(v) => store.apply(setPropped(here.build, joining.piece.id, v), `the prop of the ${lower}`)"
      />
    </div>
  </div>
</template>

<style scoped>
.card {
  display: grid;
  gap: 6px;
  margin-top: 8px;
}
.mend {
  display: block;
  justify-self: start;
  height: auto;
  padding-block: 6px;
  text-align: left;
  white-space: normal;
}
.mend strong {
  font-weight: 600;
}
</style>
