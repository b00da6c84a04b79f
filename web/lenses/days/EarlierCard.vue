<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { AGES, plannedJoin, poseAfter, shapeId, type Joining } from '@core/days/index.ts';
import { formatTime } from '@core/quantity/index.ts';
import { wholeOf } from '@core/record/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import WhyButton from '../../shared/WhyButton.vue';

/** What would sink or shorten if a join were made sooner after what it goes on was shaped. */
const props = defineProps<{ joining: Joining }>();
const store = useBuild();
const here = useOpenBuild();
/** Age of what carries it when it is joined, as planned. */
const planned = computed(() => {
  const { carrier, piece } = props.joining;
  const plan = store.days?.plan;
  const join = plan && plannedJoin(plan, piece.id);
  const made = plan?.sessions
    .flatMap((s) => s.steps)
    .filter((p) => wholeOf(p.step.id) === shapeId((carrier ?? piece).id))
    .at(-1);
  return join && made ? Math.max(0, join.from - made.to) : undefined;
});
const nearest = (m: number) =>
  AGES.reduce(
    (best, a, k) => (Math.abs(Math.log(a / m)) < Math.abs(Math.log(AGES[best]! / m)) ? k : best),
    0,
  );
const k = ref(nearest(Math.max(5, planned.value ?? 60)));
watch(
  () => props.joining.piece.id,
  () => (k.value = nearest(Math.max(5, planned.value ?? 60))),
);
const age = computed(() => AGES[k.value]!);
/** Lost at once less than nobody sees, mm. */
const SEEN = 0.1;
const squashAt = (minutes: number) =>
  props.joining.carrier ? here.report.squash(props.joining.carrier.id, minutes) : undefined;
const sinks = computed(() => (squashAt(AGES[0]!)?.value ?? 0) >= SEEN);
const squash = computed(() => (sinks.value ? squashAt(age.value) : undefined));
const pose = computed(() =>
  props.joining.piece.propped
    ? undefined
    : poseAfter(here.report.firming.get(props.joining.piece.id), age.value),
);
const lower = (s: string) => s.toLowerCase();
const QUICK = [20, 60, 720];
</script>

<template>
  <div v-if="squash || pose" class="earlier">
    <div class="row">
      <span class="muted small">If it went on after</span>
      <button
        v-for="m in QUICK"
        :key="m"
        class="button small-one"
        type="button"
        :aria-pressed="age === m"
        @click="k = AGES.indexOf(m)"
      >
        {{ m === 720 ? 'a night' : formatTime(m) }}
      </button>
    </div>
    <a-slider
      v-model:value="k"
      :min="0"
      :max="AGES.length - 1"
      :tooltip-open="false"
      :handle-style="{ borderColor: 'var(--elm)' }"
      :aria-label-for-handle="`How long after it was shaped: ${formatTime(age)}`"
    />
    <p>
      After <strong>{{ formatTime(age) }}</strong><template v-if="squash && joining.carrier"
        >, the {{ lower(joining.carrier.name) }} would lose <WhyButton :figure="squash" /> of height</template
      ><template v-if="pose"
        >{{ squash ? '; the' : ', the' }} {{ lower(joining.piece.name) }}: {{ pose }}</template
      >.
      <span v-if="planned !== undefined" class="muted small">Planned after {{ formatTime(planned) }}.</span>
    </p>
  </div>
</template>

<style scoped>
.earlier {
  display: grid;
  gap: 2px;
  max-width: 520px;
}
.row {
  display: flex;
  gap: 8px;
  align-items: center;
}
.small-one {
  min-height: 36px;
  padding: 4px 12px;
}
.small-one[aria-pressed='true'] {
  background: var(--elm-pale);
}
</style>
