<script setup lang="ts">
import { onBeforeUnmount, ref, shallowRef, watch } from 'vue';
import { PLAN_RUNS, toldStart } from '@core/days/index.ts';
import { tellOdds } from '@core/quantity/index.ts';
import { setRoom } from '@core/edits/index.ts';
import { oddsJob, type WorkerJob } from '../../workers/client.ts';
import type { MightBe } from '../../workers/days.worker.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import QuantityField from '../../shared/QuantityField.vue';

/** What happens to the plan when the room turns damp, or is dried: looked at in a worker, changed nowhere. */
const store = useBuild();
const here = useOpenBuild();
const humidity = ref(Math.min(75, here.build.room.humidity + 15));
const found = shallowRef<MightBe>();
const looking = ref(false);
let job: WorkerJob<MightBe> | undefined;
watch(
  () => store.build,
  () => (found.value = undefined),
);
async function look(): Promise<void> {
  const room = setRoom(here.build, { humidity: humidity.value });
  if (!room.ok) {
    store.say(room.problem.text, 'error');
    return;
  }
  job?.cancel();
  looking.value = true;
  const mine = oddsJob(room.value, Date.now());
  job = mine;
  const result = await mine.result.catch(() => undefined);
  if (job !== mine) return;
  looking.value = false;
  found.value = result;
}
onBeforeUnmount(() => job?.cancel());
</script>

<template>
  <div class="row damp">
    <QuantityField
      label="Try a damper room"
      kind="percent"
      :width="84"
      :value="humidity"
      @change="(v) => (humidity = v)"
    />
    <button class="button" type="button" :disabled="looking" @click="look">
      {{ looking ? 'Looking…' : 'Show what it does' }}
    </button>
    <p v-if="found && store.days?.origin">
      <template v-if="found.plan && found.plan.lateBy === 0"
        >start by {{ toldStart(store.days.origin, found.plan.startBy) }}, {{ found.plan.sessions }} sessions,
        {{ tellOdds(found.plan.chance, PLAN_RUNS) }} to be on time.</template
      >
      <template v-else>{{ found.trouble[0] }}</template>
    </p>
  </div>
</template>

<style scoped>
.damp {
  align-items: flex-end;
  flex: 1 1 300px;
}
.damp p {
  flex: 1 1 220px;
  padding-bottom: 6px;
}
</style>
