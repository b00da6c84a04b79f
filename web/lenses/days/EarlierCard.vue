<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { AGES, ageWhenJoined, nearestAge, poseAfter, SEEN_LOSS, type Joining } from '@core/days/index.ts';
import { formatTime } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import WhyButton from '../../shared/WhyButton.vue';

/** What would sink or shorten if a join were made sooner after what it goes on was shaped. */
const props = defineProps<{ joining: Joining }>();
const store = useBuild();
const here = useOpenBuild();
/** Age of what carries it when it is joined, as planned. */
const planned = computed(() => {
  const { plan } = store.days ?? {};
  return plan && ageWhenJoined(plan, props.joining);
});
/** Where nothing is planned yet, an hour. */
const usual = () => nearestAge(planned.value ?? 60);
const k = ref(usual());
watch(
  () => props.joining.piece.id,
  () => (k.value = usual()),
);
const age = computed(() => AGES[k.value]!);
const squashAt = (minutes: number) =>
  props.joining.carrier ? here.report.squash(props.joining.carrier.id, minutes) : undefined;
const sinks = computed(() => (squashAt(AGES[0]!)?.value ?? 0) >= SEEN_LOSS);
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
