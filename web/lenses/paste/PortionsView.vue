<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { ENOUGH_WEIGHINGS } from '@core/bench/index.ts';
import { oneWeighing, portionPieces } from '@core/figure/index.ts';
import { setPortions, unweigh, weighedOne, withoutPortions } from '@core/edits/index.ts';
import { pieceOf, type Portions } from '@core/record/index.ts';
import { formatLength, formatMass, parseQuantity, roundTo } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useStage } from '../../state/on-stage.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePreferences } from '../../state/preferences.ts';
import QuantityField from '../../shared/QuantityField.vue';
import WhyButton from '../../shared/WhyButton.vue';
import ChoiceField from '../../shared/ChoiceField.vue';
import SumsRow from '../../shared/SumsRow.vue';

const WeighChart = defineAsyncComponent(() => import('./WeighChart.vue'));

const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const { shown } = usePreferences();
const build = computed(() => here.build);
const report = computed(() => here.report.portions);
const settings = computed(() => build.value.portions);
const many = computed(() => portionPieces(build.value));
const options = computed(() =>
  many.value.ok ? many.value.value.map((id) => ({ value: id, label: pieceOf(build.value, id)!.name })) : [],
);
const set = (patch: Partial<Portions>) =>
  store.apply(
    setPortions(build.value, { piece: settings.value?.piece ?? options.value[0]!.value, ...patch }),
    'the portions',
  );
const point = (id: string | undefined) => (stage.lit = id === undefined ? undefined : new Set([id]));
const cluster = ref(2);
const next = ref('');
const wrong = ref<string>();
function weigh(): void {
  const read = parseQuantity('mass', next.value, shown.mass);
  if (!read.ok) {
    wrong.value = read.problem.text;
    return;
  }
  wrong.value = undefined;
  if (store.apply(weighedOne(build.value, Number(read.value.toFixed(3))), 'a weighing')) next.value = '';
}
const make = () =>
  store.apply(oneWeighing(build.value, report.value!.piece, report.value!.target), 'the size of a portion');
</script>

<template>
  <p v-if="!many.ok && !report" class="muted empty">
    {{ many.problem.text }} Under Shape, say how many of a piece there are; then they can be weighed as
    portions here.
  </p>
  <div v-else-if="!report || !settings" class="empty">
    <p>{{ options.map((o) => o.label).join(', ') }}: made in numbers. Shall they weigh the same?</p>
    <button class="button main" type="button" @click="set({})">Weigh them as portions</button>
  </div>
  <template v-else>
    <div class="row fields">
      <ChoiceField
        label="One portion is"
        :value="settings.piece"
        :options="options"
        :width="150"
        @change="(v) => set({ piece: v })"
      />
      <QuantityField
        label="Weighs"
        kind="mass"
        :width="74"
        :value="settings.target"
        @change="(v) => set({ target: v })"
      />
      <QuantityField
        label="Give or take"
        kind="mass"
        :width="74"
        :value="settings.within"
        @change="(v) => set({ within: v })"
      />
      <QuantityField
        label="Scale steps by"
        kind="mass"
        :width="74"
        :value="settings.step"
        @change="(v) => set({ step: v })"
      />
      <QuantityField
        label="Case, across"
        kind="length"
        :width="74"
        :value="settings.caseWidth"
        @change="(v) => set({ caseWidth: v })"
      />
    </div>
    <p v-for="s in report.says" :key="s" class="warning"><span aria-hidden="true">◆</span> {{ s }}</p>
    <SumsRow>
      <div>
        <strong><WhyButton :figure="report.one" /></strong
        ><span>one as it is modelled, {{ report.number }} of them</span>
      </div>
      <div>
        <strong>{{ formatLength(report.ball[0], shown) }} to {{ formatLength(report.ball[1], shown) }}</strong
        ><span>ball for the {{ report.parts[0]!.name.toLowerCase() }}: weigh, do not measure</span>
      </div>
      <div v-if="report.caseRoom">
        <strong :class="{ bad: !report.caseFits }"><WhyButton :figure="report.caseRoom" /></strong
        ><span>room in the case</span>
      </div>
    </SumsRow>
    <button v-if="!report.meets" class="button main" type="button" @click="make">
      Make one weigh {{ formatMass(report.target, shown) }}
    </button>
    <h3 class="scale">On the scale</h3>
    <form class="row" @submit.prevent="weigh">
      <label class="field next"
        ><span>The next one weighs</span
        ><input
          v-model="next"
          type="text"
          inputmode="decimal"
          autocomplete="off"
          :aria-invalid="!!wrong" /></label
      ><button class="button main" type="submit">Note it</button>
      <button
        class="button"
        type="button"
        :disabled="!settings.weighed.length"
        @click="store.apply(unweigh(build), 'taking a weighing back')"
      >
        Take the last back
      </button>
      <button
        class="button"
        type="button"
        :disabled="!settings.weighed.length"
        @click="store.apply(unweigh(build, true), 'starting the weighings anew')"
      >
        Start anew
      </button>
    </form>
    <p v-if="wrong" class="bad" role="alert">{{ wrong }}</p>
    <p v-if="!report.weighed" class="muted">
      Weigh {{ ENOUGH_WEIGHINGS }} one by one to begin with; then it is known how they scatter and how often
      to look.
    </p>
    <template v-else>
      <p>
        {{ settings.weighed.length }} weighed, {{ roundTo(report.weighed.chart.mean, 0.01) }} g on average.
        <WhyButton :figure="report.weighed.out" /> would be outside. Weigh one in
        <WhyButton :figure="report.weighed.every" after="." />
        <span v-if="settings.weighed.length < ENOUGH_WEIGHINGS" class="muted"
          >{{ ENOUGH_WEIGHINGS - settings.weighed.length }} more make it trustworthy.</span
        >
      </p>
      <WeighChart :report="report" :weighed="settings.weighed" />
    </template>
    <div class="two">
      <table class="plain">
        <thead>
          <tr>
            <th scope="col">In one</th>
            <th scope="col" class="n">Weighs</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="p in report.parts"
            :key="p.piece"
            @pointerenter="point(p.piece)"
            @pointerleave="point(undefined)"
          >
            <td>
              {{ p.name }}<template v-if="p.number > 1"> ×{{ p.number }}</template>
            </td>
            <td class="n"><WhyButton :figure="p.grams" /></td>
          </tr>
        </tbody>
      </table>
      <div>
        <QuantityField
          label="Parted into"
          kind="count"
          :width="62"
          :value="cluster"
          @change="(v) => (cluster = Math.max(1, Math.min(60, Math.round(v))))"
        />
        <p v-if="cluster > 1 && report.cluster(cluster)" class="small">
          each {{ formatMass(report.cluster(cluster)!.grams, shown) }}, a ball of
          {{ formatLength(report.cluster(cluster)!.ball, shown) }}
        </p>
        <p class="muted small order">Light before dark</p>
        <p v-for="t in report.order" :key="t.of.batch" class="turn">
          <span v-if="t.wash" class="wash small">{{ t.wash }}</span>
          <i :style="{ background: t.of.hex }"></i>{{ t.of.name }}
          <span class="muted">{{ formatMass(t.of.grams, shown) }}</span>
        </p>
        <p v-if="report.together" class="small muted">
          {{ report.together.name }}: weigh {{ report.together.number }} together, one alone is too light for
          the scale.
        </p>
      </div>
    </div>

    <p class="muted small">
      Selling by weight has rules of its own in most countries; ask what is tolerated where it is sold.
    </p>
    <button
      class="button plain"
      type="button"
      @click="store.apply(withoutPortions(build), 'leaving portions')"
    >
      Not portions
    </button>
  </template>
</template>

<style scoped>
.empty {
  display: grid;
  gap: 12px;
  justify-items: start;
  padding: 24px 0;
}
.fields {
  padding: 14px 0;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 26px;
  padding: 8px 0;
}
.turn {
  display: grid;
  grid-template-columns: 26px auto 1fr;
  gap: 9px;
  align-items: center;
  padding: 3px 0;
}
.turn i {
  width: 26px;
  height: 26px;
  border-radius: 7px;
  border: 1px solid rgb(29 36 34 / 35%);
}
.order {
  margin-top: 10px;
}
.wash {
  grid-column: 1 / -1;
  color: var(--tight);
}
.scale {
  margin: 14px 0 6px;
}
form.row {
  align-items: flex-end;
}
.next input {
  font: 600 22px/1 var(--font-title);
  width: 120px;
  height: 48px;
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 9px;
}
form .button {
  min-height: 48px;
}
.bad {
  color: var(--fails);
}
</style>
