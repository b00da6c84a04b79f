<script setup lang="ts">
import { capital } from '@core/quantity/index.ts';
import { retold } from '../words/say.ts';
import { computed, ref } from 'vue';
import { addHelper, removeHelper, setHelper, setSpace, setTool } from '@core/edits/index.ts';
import {
  SPACES,
  STEP_KINDS,
  TOOLS,
  type Helper,
  type Space,
  type StepKind,
  type Tool,
} from '@core/record/index.ts';
import { KIND_NAMES, POOL_NAMES } from '@core/days/index.ts';
import { useBuild } from '../state/build-store.ts';
import { useOpenBuild } from '../state/here.ts';
import QuantityField from '../shared/QuantityField.vue';
import WeekForm from './WeekForm.vue';
import TextField from '../shared/TextField.vue';

/** Who helps and when, how many there are of each tool, and how much room there is to put things down. */
const store = useBuild();
const here = useOpenBuild();
const build = computed(() => here.build);
const name = ref('');
const kinds = STEP_KINDS.map((k) => ({ value: k, label: retold(KIND_NAMES[k]) }));
function add(): void {
  if (store.apply(addHelper(build.value, name.value), 'a helper')) name.value = '';
}
const set = (h: Helper, patch: Partial<Omit<Helper, 'id'>>) =>
  store.apply(setHelper(build.value, h.id, patch), `what ${h.name} does`);
const tool = (t: Tool, v: number | undefined) => store.apply(setTool(build.value, t, v), 'the tools');
const space = (s: Space, v: number | undefined) =>
  store.apply(setSpace(build.value, s, v), 'the room there is');
/** A shelf is thought of in square centimetres; none said is enough. */
const areaOf = (s: Space) => build.value.workshop.space[s];
</script>

<template>
  <h3>Who helps</h3>
  <section v-for="h in build.workshop.helpers" :key="h.id" class="helper">
    <div class="row fields">
      <TextField label="Name" required :maxlength="60" :value="h.name" @change="(n) => set(h, { name: n })" />
      <QuantityField
        label="Takes, of your time"
        kind="percent"
        :width="84"
        :value="Math.round(h.pace * 100)"
        @change="(v) => set(h, { pace: v / 100 })"
      />
      <button
        class="button plain"
        type="button"
        @click="store.apply(removeHelper(build, h.id), `without ${h.name}`)"
      >
        Remove {{ h.name }}
      </button>
    </div>
    <label class="field"
      ><span>Does</span
      ><a-select
        mode="multiple"
        :value="[...(h.does ?? STEP_KINDS)]"
        :options="kinds"
        style="width: 100%"
        @change="(v: unknown) => set(h, { does: v as StepKind[] })"
    /></label>
    <WeekForm :hours="h.hours" :whose="h.name" @change="(hours) => set(h, { hours })" />
  </section>
  <div class="row fields">
    <label class="field grow"
      ><span>Somebody to help</span
      ><a-input v-model:value="name" :maxlength="60" placeholder="Apprentice" @press-enter="add"
    /></label>
    <button class="button" type="button" :disabled="!name.trim()" @click="add">Add</button>
  </div>
  <h3 class="second">Tools and room</h3>
  <p class="muted small">With nothing said there is always enough.</p>
  <div class="row fields">
    <QuantityField
      v-for="t in TOOLS"
      :key="t"
      :label="capital(POOL_NAMES[t])"
      kind="count"
      :width="84"
      :value="build.workshop.tools[t] ?? 1"
      @change="(v) => tool(t, Math.round(v))"
    />
  </div>
  <div class="row fields">
    <label v-for="s in SPACES" :key="s" class="field"
      ><span>{{ capital(POOL_NAMES[s]) }}</span
      ><a-input-number
        :value="areaOf(s)"
        :min="0"
        :max="100000"
        :aria-label="POOL_NAMES[s]"
        placeholder="enough"
        addon-after="cm²"
        style="width: 150px"
        @change="(v: unknown) => space(s, v === null || v === '' ? undefined : Number(v))"
    /></label>
  </div>
</template>

<style scoped>
.row {
  padding-top: 6px;
}
.field {
  display: flex;
  flex-direction: column;
  gap: 3px;
}
.grow {
  flex: 1;
  min-width: 120px;
}
.helper {
  padding: 8px 0 10px;
  border-top: 1px solid var(--slab-3);
}
.helper > .field {
  padding: 8px 0;
}
.second {
  margin-top: 16px;
}
.button:disabled {
  opacity: 0.45;
  cursor: default;
}
</style>
