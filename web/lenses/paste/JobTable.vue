<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { byFeel, compareSchools, type CrackRisk, type DoseAnswer } from '@core/firming/index.ts';
import {
  gumPasteFor,
  JOBS,
  jobOf,
  powderFor,
  schoolOf,
  type Blend,
  type School,
} from '@core/pastes/index.ts';
import { formatBand, formatMass, formatSpoons, total } from '@core/quantity/index.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePreferences } from '../../state/preferences.ts';
import WhyButton from '../../shared/WhyButton.vue';
import Segments from '../../shared/Segments.vue';

/** What the paste must do, and the schools of dosing side by side for it. */
const props = defineProps<{ blend: Blend }>();
const emit = defineEmits<{ use: [blend: Blend] }>();
const here = useOpenBuild();
const { shown } = usePreferences();
const build = computed(() => here.build);
const chosen = ref(props.blend.job ?? 'carry');
watch(
  () => props.blend.job,
  (job) => (chosen.value = job ?? chosen.value),
);
const job = computed(() => jobOf(chosen.value)!);
const answer = computed(() => compareSchools(job.value, props.blend, build.value.room));
const feel = computed(() => byFeel(job.value, props.blend, build.value.room));
const now = computed(() => (props.blend.job === job.value.id ? schoolOf(job.value, props.blend) : undefined));
/** All that is mixed of this blend. */
const fresh = computed(() =>
  total(
    'Mixed of this blend',
    'g',
    here.report.paste.filter((b) => b.blend.id === props.blend.id).map((b) => b.fresh),
  ),
);
const powder = (b: Blend) =>
  powderFor(fresh.value, b.powder, build.value.practice.powderBulk, build.value.practice.spoon);
const gum = (b: Blend) => gumPasteFor(fresh.value, b.gumPaste);
/** Their own dose stands first where it follows no school. */
const rows = computed((): (DoseAnswer & { school?: School })[] =>
  now.value ? [...answer.value.answers] : [answer.value.yours, ...answer.value.answers],
);
const CRACKS: Record<CrackRisk, string> = {
  seldom: 'time enough',
  'if you are slow': '◆ cracks if you are slow',
  likely: '▲ cracks before you are done',
};
const options = JOBS.map((j) => ({ value: j.id, label: j.name }));
const take = (school: School) => emit('use', answer.value.answers.find((a) => a.school === school)!.blend);
</script>

<template>
  <div class="job">
    <p class="row">
      It has to
      <Segments v-model:value="chosen" :options="options" label="What the paste has to do" />
    </p>
    <p class="muted small">
      {{ job.means }}. Reckoned for {{ answer.trial }}, in your room. By feel: {{ job.feel }}.
    </p>
    <table class="plain">
      <thead>
        <tr>
          <th scope="col">School</th>
          <th scope="col">
            Dose<template v-if="fresh.value > 0"> for {{ formatMass(fresh.value, shown) }}</template>
          </th>
          <th scope="col">{{ answer.firmWords }} after</th>
          <th scope="col">{{ answer.closesWords }} after</th>
          <th scope="col"><span class="visually-hidden">Choose</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="a in rows" :key="a.name" :class="{ on: a.school === now }">
          <td>{{ a.name }}</td>
          <td>
            <template v-if="a.blend.powder > 0">
              {{ a.blend.powder }} %<template v-if="fresh.value > 0"
                >: <WhyButton :figure="powder(a.blend).grams" after="," />
                {{ formatSpoons(powder(a.blend).spoons.value, 1) }}</template
              >
            </template>
            <template v-else-if="a.blend.gumPaste > 0">
              {{ 100 - a.blend.gumPaste }} : {{ a.blend.gumPaste
              }}<template v-if="fresh.value > 0">, <WhyButton :figure="gum(a.blend)" /> gum paste</template>
            </template>
            <template v-else>as it is sold</template>
          </td>
          <td><WhyButton :figure="a.firm" :text="formatBand(a.firm.range![0], a.firm.range![1])" /></td>
          <td>
            <WhyButton :figure="a.closes" :text="formatBand(a.closes.range![0], a.closes.range![1])" />
            <span class="small risk" :class="{ warn: a.cracks !== 'seldom' }">{{ CRACKS[a.cracks] }}</span>
          </td>
          <td>
            <span v-if="a.school === now" class="yours"><span aria-hidden="true">●</span> yours</span>
            <button
              v-else
              class="button small-button"
              type="button"
              :aria-label="`Use ${a.name}`"
              @click="take(a.school!)"
            >
              Use
            </button>
          </td>
        </tr>
        <tr>
          <td>by feel</td>
          <td>{{ job.byFeel[0] }} to {{ job.byFeel[1] }} %</td>
          <td><WhyButton :figure="feel" :text="formatBand(feel.range![0], feel.range![1])" /></td>
          <td class="muted">as the dose comes out</td>
          <td></td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.job {
  display: grid;
  gap: 6px;
}
td {
  font-size: 13px;
}
table.plain td {
  padding: 6px 8px 6px 0;
}
tr.on td {
  background: var(--elm-soft);
}
.risk {
  display: block;
}
.yours {
  color: var(--elm);
  font-weight: 600;
  white-space: nowrap;
}
.small-button {
  min-height: 28px;
  padding: 0 10px;
}
</style>
