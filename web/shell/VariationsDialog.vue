<script setup lang="ts">
import { computed, onBeforeUnmount, ref, shallowReactive, watch } from 'vue';
import {
  asBuild,
  nameVariation,
  removeVariation,
  showVariation,
  tryAnother,
  variationName,
} from '@core/edits/index.ts';
import { ok } from '@core/quantity/index.ts';
import type { ShelfState } from '@core/shelf-state.ts';
import { useBuild } from '../state/build-store.ts';
import { useOpenBuild } from '../state/here.ts';
import { useStage } from '../state/on-stage.ts';
import ShelfFigure from '../shelf/ShelfFigure.vue';
import TextField from '../shared/TextField.vue';
import { shelfStateJob, type WorkerJob } from '../workers/client.ts';

/** The same figure made another way: one is shown, the others wait with how they stand, and any of them may be shown. */
const open = defineModel<boolean>('open', { required: true });
const store = useBuild();
const here = useOpenBuild();
const stage = useStage();
const waiting = computed(() =>
  (here.build.variations ?? []).map((v) => ({ id: v.id, name: v.name, build: asBuild(here.build, v) })),
);
const called = ref('');
const states = shallowReactive(new Map<string, ShelfState>());
const rows = computed(() => waiting.value.map((v) => ({ ...v, state: states.get(v.id) })));
let job: WorkerJob<ShelfState> | undefined;
async function look(): Promise<void> {
  // first what each comes to, then its start as thoroughly as where it is shown
  for (const sought of [false, true])
    for (const v of waiting.value) {
      const known = states.get(v.id);
      if (known && (known.sought || !sought)) continue;
      job = shelfStateJob(v.build, Date.now(), sought);
      const state = await job.result.catch(() => undefined);
      if (state) states.set(v.id, state);
    }
}
watch(waiting, () => void look(), { immediate: true });
onBeforeUnmount(() => job?.cancel());

function show(id: string, name: string): void {
  states.clear();
  stage.selection = undefined;
  store.apply(showVariation(here.build, id), `showing ${name.toLowerCase()}`);
}
function another(): void {
  if (store.apply(tryAnother(here.build, called.value), 'trying it another way')) called.value = '';
}
const drop = (id: string): void =>
  void store.apply(ok(removeVariation(here.build, id)), 'taking a variation away');
</script>

<template>
  <a-modal v-model:open="open" title="Variations" :footer="null" width="720px">
    <div class="row fields">
      <TextField
        label="This one is called"
        required
        :value="variationName(here.build)"
        @change="(name) => store.apply(nameVariation(here.build, name), 'the name of a variation')"
      />
    </div>
    <ul>
      <li v-for="v in rows" :key="v.id">
        <ShelfFigure :build="v.build" />
        <div>
          <strong>{{ v.name }}</strong>
          <p v-if="v.state" class="muted">
            <b v-if="v.state.wrong" class="wrong">{{ v.state.wrong }} · </b
            ><template v-if="v.state.startBy"
              >start by<template v-if="!v.state.sought"> about</template> {{ v.state.startBy }}</template
            ><template v-else>{{ v.state.noPlan }}</template>
          </p>
          <div class="row">
            <button type="button" class="button" @click="show(v.id, v.name)">Show {{ v.name }}</button>
            <button type="button" class="button plain" @click="drop(v.id)">Take it away</button>
          </div>
        </div>
      </li>
    </ul>
    <form class="row fields" @submit.prevent="another">
      <label class="field"
        ><span>Try it another way, called</span><input v-model="called" type="text" placeholder="On a skewer"
      /></label>
      <button type="submit" class="button low" :disabled="called.trim() === ''">Begin from this one</button>
    </form>
  </a-modal>
</template>

<style scoped>
ul {
  --tall: 110px;
  display: grid;
  gap: 12px;
  margin: 14px 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 18px;
  align-items: center;
}
.row {
  display: flex;
  gap: 8px;
  align-items: end;
  margin-top: 6px;
}
.wrong {
  color: var(--fails);
}
input {
  min-height: 34px;
  padding: 4px 10px;
  border: 1px solid var(--line);
  border-radius: 8px;
}
</style>
