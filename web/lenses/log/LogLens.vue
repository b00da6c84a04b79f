<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue';
import { useRouter } from 'vue-router';
import { begunAgain } from '@core/edits/index.ts';
import { learnedOf } from '@core/firming/index.ts';
import { firstOfLog } from '@core/first-words.ts';
import type { Build } from '@core/record/index.ts';
import { savedBuilds, shelve } from '../../storage/builds.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import FirstWord from '../../shared/FirstWord.vue';
import Segments from '../../shared/Segments.vue';
import BesideView from './BesideView.vue';
import HandView from './HandView.vue';
import LearnedView from './LearnedView.vue';
import NotedView from './NotedView.vue';

/** What happened against what was planned, what was learned from it, and the next one. */
const store = useBuild();
const here = useOpenBuild();
const router = useRouter();
const build = computed(() => here.build);
const word = computed(() => {
  const { aside, theta } = learnedOf(build.value);
  return firstOfLog(build.value.log.length, aside.length, theta);
});
const VIEWS = [
  { value: 'learned', label: 'What was learned' },
  { value: 'beside', label: 'Plan and real' },
  { value: 'noted', label: 'What was noted' },
  { value: 'hand', label: 'Your hand' },
] as const;
const view = ref<(typeof VIEWS)[number]['value']>('learned');

const others = shallowRef<readonly Build[]>([]);
onMounted(async () => {
  others.value = (await savedBuilds().catch(() => [])).filter((b) => b.id !== build.value.id);
});

/** The same figure once more, with what it learned. */
async function next(): Promise<void> {
  const from = build.value;
  const made = { ...begunAgain(from), id: crypto.randomUUID(), name: `${from.name}, again`.slice(0, 80) };
  const kept = await shelve(made);
  if (!kept.ok) {
    store.say(kept.problem.text, 'error');
    return;
  }
  await router.push(`/build/${kept.value}/shape`);
}
</script>

<template>
  <div class="panel-scroll">
    <FirstWord lens="Log" :word="word" />
    <div class="bar">
      <Segments v-model:value="view" :options="VIEWS" label="What is shown of the log" heading />
      <button class="button" type="button" @click="next">Start the next one from this</button>
    </div>
    <LearnedView v-if="view === 'learned'" :others="others" />
    <BesideView v-else-if="view === 'beside'" :others="others" />
    <NotedView v-else-if="view === 'noted'" />
    <HandView v-else />
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: center;
  justify-content: space-between;
  padding: 6px 0 10px;
}
</style>
