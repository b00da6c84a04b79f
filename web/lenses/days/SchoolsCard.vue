<script setup lang="ts">
import { capital } from '@core/quantity/index.ts';
import { shallowRef, watch, ref, onBeforeUnmount } from 'vue';
import type { WorkingChoice } from '@core/schools.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { schoolsJob, type WorkerJob } from '../../workers/client.ts';

/** The choices on which hands differ: what is followed now, and what the other side would do to the plan, tried when asked for. */
const store = useBuild();
const here = useOpenBuild();
const schools = shallowRef<readonly WorkingChoice[]>();
const open = ref(false);
const failed = ref(false);
let job: WorkerJob<WorkingChoice[]> | undefined;
function look(): void {
  job?.cancel();
  schools.value = undefined;
  failed.value = false;
  const mine = schoolsJob(here.build, Date.now());
  job = mine;
  mine.result.then(
    (found) => {
      if (job === mine && found) schools.value = found;
    },
    () => (failed.value = true),
  );
}
watch([open, () => here.build], () => {
  if (open.value) look();
});
onBeforeUnmount(() => job?.cancel());
</script>

<template>
  <section>
    <button class="button" type="button" :aria-expanded="open" @click="open = !open">
      {{ open ? 'Close' : 'Work another way…' }}
    </button>
    <template v-if="open">
      <p v-if="failed" class="warning">That could not be worked out. Close it and try again.</p>
      <p v-else-if="!schools" class="muted" role="status">Trying each way as a plan of its own…</p>
      <p v-else-if="!schools.length" class="muted">
        Nothing here is made one way by some and another way by others.
      </p>
      <div v-for="s in schools" :key="s.id" class="school">
        <h4>{{ s.asks }}</h4>
        <ul>
          <li v-for="side in s.sides" :key="side.id" :class="{ now: side.does === undefined }">
            <span class="sign" aria-hidden="true">{{ side.does === undefined ? '●' : '○' }}</span>
            <span class="what"
              ><strong>{{ capital(side.name) }}</strong
              ><span class="muted">{{ side.does === undefined ? 'as planned now' : side.does }}</span></span
            >
            <button
              v-if="side.does !== undefined"
              class="button"
              type="button"
              :aria-label="`${s.asks}: ${side.name}`"
              @click="store.apply(side.build, `${s.asks.toLowerCase()}: ${side.name}`)"
            >
              Work so
            </button>
          </li>
        </ul>
      </div>
    </template>
  </section>
</template>

<style scoped>
section {
  padding: 14px 0 20px;
}
.school {
  padding-top: 10px;
}
h4 {
  margin: 0 0 2px;
  font-size: 14px;
  font-weight: 500;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 18px 1fr auto;
  gap: 6px;
  align-items: center;
  min-height: 44px;
  padding: 5px 0;
  border-bottom: 1px solid var(--line);
}
.what {
  display: grid;
}
.now .sign {
  color: var(--holds);
}
</style>
