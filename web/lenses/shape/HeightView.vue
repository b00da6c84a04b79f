<script setup lang="ts">
import { computed, ref } from 'vue';
import { heightInPose, layOut, SCHEMES, schemeOf, type Pose } from '@core/figure/index.ts';
import { formatLength } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useStage } from '../../state/on-stage.ts';
import { useFound } from '../../state/found.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePreferences } from '../../state/preferences.ts';
import { useReference } from '../../state/reference.ts';
import QuantityField from '../../shared/QuantityField.vue';
import WhyButton from '../../shared/WhyButton.vue';
import ChoiceField from '../../shared/ChoiceField.vue';
import ToggleField from '../../shared/ToggleField.vue';

/** The height from shoes to hat with what soft stages lose, and whole figures laid out to proportion. */
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const preferences = usePreferences();
const reference = useReference();
const budget = useFound('height');
const tall = computed(() => Math.max(1, budget.value?.modelled.value ?? 1));
const colour = (id: string) => here.build.pieces.find((p) => p.id === id)!.colour;
const hex = computed(() => new Map(here.build.colours.map((c) => [c.id, c.hex])));

const scheme = ref('stylised-3-long-legs');
const pose = ref<Pose>('standing');
const height = ref(200);
const schemes = SCHEMES.map((s) => ({ value: s.id, label: s.name }));
const POSES: { value: Pose; label: string }[] = [
  { value: 'standing', label: 'standing' },
  { value: 'sitting', label: 'sitting' },
  { value: 'kneeling', label: 'kneeling' },
];
const comesOut = computed(() => heightInPose(schemeOf(scheme.value)!, height.value, pose.value));
function lay(): void {
  const laid = layOut(here.build, schemeOf(scheme.value)!, height.value, pose.value);
  store.apply(laid, 'laying out a figure');
}
const overlay = computed({
  get: () => reference.scheme === scheme.value,
  set: (on: boolean) => (reference.scheme = on ? scheme.value : undefined),
});
function choose(v: string): void {
  scheme.value = v;
  if (reference.scheme) reference.scheme = v;
}
</script>

<template>
  <div class="height">
    <template v-if="budget?.stages.length">
      <h3>Shoes to hat</h3>
      <div class="budget">
        <div class="strip" aria-hidden="true">
          <i
            v-for="s in [...budget.stages].reverse()"
            :key="s.piece"
            :style="{ height: `${(100 * s.rise.value) / tall}%`, background: hex.get(colour(s.piece)) }"
          ></i>
        </div>
        <div class="table">
          <table class="figures">
            <thead>
              <tr>
                <th scope="col">Stage</th>
                <th scope="col" class="n">Adds</th>
                <th scope="col" class="n">Loses when firm</th>
                <th scope="col" class="n">At once</th>
                <th scope="col" class="n">20 min</th>
                <th scope="col" class="n">1 h</th>
                <th scope="col" class="n">Overnight</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="s in [...budget.stages].reverse()" :key="s.piece">
                <td>
                  <button
                    class="link"
                    type="button"
                    @click="stage.selection = { kind: 'piece', id: s.piece }"
                  >
                    {{ s.name }}
                  </button>
                </td>
                <td class="n">{{ formatLength(s.rise.value, preferences.shown) }}</td>
                <td class="n"><WhyButton :figure="s.loss" /></td>
                <td class="n">
                  <WhyButton :figure="s.lossSoft" :text="s.notYet ? 'not yet' : undefined" />
                </td>
                <td v-for="l in s.later" :key="l.minutes" class="n">
                  <WhyButton :figure="l.loss" :text="l.notYet ? 'not yet' : undefined" />
                </td>
              </tr>
            </tbody>
            <tfoot>
              <tr>
                <th scope="row">Comes out</th>
                <td class="n"><WhyButton :figure="budget.modelled" /></td>
                <td class="n">
                  <b><WhyButton :figure="budget.finished" /></b>
                </td>
                <td class="n">
                  <WhyButton
                    :figure="budget.finishedSoft"
                    :text="budget.stages.some((s) => s.notYet) ? 'not yet' : undefined"
                  />
                </td>
                <td colspan="3"></td>
              </tr>
            </tfoot>
          </table>
        </div>
      </div>
      <p class="muted small">
        <b>When firm</b>: the next stage is set on as soon as this one carries it. The others: set on that
        long after it was shaped; <b>not yet</b> means that it would give way. What it loses is looked at two
        weeks later. Estimates from the paste’s yield in this room.
      </p>
    </template>
    <h3>Lay out a whole figure</h3>
    <div class="row fields">
      <ChoiceField
        label="Proportion"
        :value="scheme"
        :options="schemes"
        :width="220"
        @change="(v) => choose(v)"
      />
      <ChoiceField v-model:value="pose" label="Pose" :options="POSES" :width="120" />
      <QuantityField
        label="Standing height"
        kind="length"
        :value="height"
        @change="(v) => (height = Math.min(1500, Math.max(40, v)))"
      />
      <button class="button main" type="button" @click="lay">Lay it out</button>
    </div>
    <p class="muted">
      {{ schemeOf(scheme)!.heads }} heads tall<template v-if="pose !== 'standing'"
        >; {{ pose }} it comes to {{ formatLength(comesOut, preferences.shown) }}</template
      >. Every piece can be changed afterwards; widths are estimates.
    </p>
    <ToggleField v-model:checked="overlay" label="Show its levels on the stage" beside small />
  </div>
</template>

<style scoped>
.height {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
  padding-top: 14px;
  align-content: start;
}
.budget {
  display: grid;
  grid-template-columns: 46px minmax(0, 1fr);
  gap: 16px;
}
.table {
  overflow-x: auto;
}
.strip {
  display: flex;
  flex-direction: column;
  min-height: 190px;
  border: 1px solid var(--ink);
  border-radius: 8px;
  overflow: hidden;
}
.strip i {
  border-bottom: 1px solid var(--ink);
  min-height: 2px;
}
</style>
