<script setup lang="ts">
import { capital } from '@core/quantity/index.ts';
import { computed } from 'vue';
import { toldTime, type Origin } from '@core/days/index.ts';
import { takePlan } from '@core/edits/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';

/** What may be taken or left: a better plan, ways out of a contradiction, and what moved against the plan that was taken. */
const props = defineProps<{ origin: Origin | undefined }>();
const store = useBuild();
const here = useOpenBuild();
const plan = computed(() => store.days?.plan);
const moved = computed(() => plan.value?.moved ?? []);
const added = computed(() => plan.value?.added ?? []);
const SHOWN = 6;
const take = (starts: Readonly<Record<string, string>> | undefined) =>
  store.apply(takePlan(here.build, starts), starts ? 'taking a plan' : 'planning freely again');
const when = (m: number) => (props.origin ? toldTime(props.origin, m) : '');
</script>

<template>
  <div v-if="store.better" class="note" role="status">
    <p>
      <strong>A better plan was found:</strong>
      {{ store.better.lines.length ? store.better.lines.join(', ') : 'a little more convenient' }}.
    </p>
    <div class="row">
      <button class="button main" type="button" @click="take(store.better!.starts)">Take it</button>
      <button class="button" type="button" @click="take(store.starts)">Keep this one</button>
    </div>
  </div>
  <p v-else-if="plan && here.build.steps.agreed" class="muted taken">
    {{ plan.agreed ? 'This is the plan you took; it stays while it can.' : 'Kept near the plan you took.' }}
    <button class="button plain" type="button" @click="take(undefined)">Plan freely again</button>
  </p>
  <div v-if="moved.length || (here.build.steps.agreed && added.length)" class="note">
    <p>
      <strong>Moved against the plan you had:</strong>
    </p>
    <ul>
      <li v-for="m in moved.slice(0, SHOWN)" :key="m.step.id">
        {{ m.step.title }}, {{ when(m.from) }} → {{ when(m.to) }}
      </li>
      <li v-if="moved.length > SHOWN">and {{ moved.length - SHOWN }} more</li>
      <li v-for="s in added.slice(0, SHOWN)" :key="s.id">{{ s.title }} is new</li>
    </ul>
    <button class="button" type="button" @click="take(store.starts)">Take it so</button>
  </div>
  <div v-if="store.ways.length" class="note">
    <p>
      <strong>{{ plan ? 'It would fit if you:' : 'Ways out that were tried and help:' }}</strong>
    </p>
    <button
      v-for="w in store.ways"
      :key="w.text"
      class="button way"
      type="button"
      @click="store.apply(w.build, w.text)"
    >
      {{ capital(w.text) }}
    </button>
  </div>
</template>

<style scoped>
.note {
  display: grid;
  gap: 8px;
  justify-items: start;
  margin: 10px 0;
  padding: 10px 12px;
  border-left: 3px solid var(--elm-pale);
  background: var(--slab);
}
.taken {
  padding: 8px 0;
}
.way {
  text-align: left;
  white-space: normal;
  height: auto;
  padding-block: 6px;
}
ul {
  margin: 0;
  padding-left: 18px;
}
</style>
