<script setup lang="ts">
import { computed, onMounted, reactive, ref, shallowRef } from 'vue';
import { Trash2 } from '@lucide/vue';
import {
  forgetMeasurement,
  HOME_TESTS,
  homeTest,
  keepMeasurement,
  measuredElsewhere,
} from '@core/bones/index.ts';
import type { Change, HomeTest, Measurement } from '@core/record/index.ts';
import { ok } from '@core/quantity/index.ts';
import { savedBuilds } from '../../storage/builds.ts';
import { today } from '../../state/stores.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import QuantityField from '../../shared/QuantityField.vue';
import WhyButton from '../../shared/WhyButton.vue';
import ChoiceField from '../../shared/ChoiceField.vue';

/** Short tests at the bench that replace a typical value: what to do, what to read off, what it tells. */
const store = useBuild();
const here = useOpenBuild();
const build = computed(() => here.build);
const kinds = HOME_TESTS.map((t) => ({ value: t.id, label: t.name }));
const kind = ref<HomeTest>('press');
const test = computed(() => homeTest(kind.value));
const of = ref(HOME_TESTS[0]!.of[0]!.id);
const things = computed(() => test.value.of.map((o) => ({ value: o.id, label: o.name })));
const readings = reactive<Record<string, number>>({});
function begin(id: HomeTest): void {
  kind.value = id;
  const record = homeTest(id);
  of.value = record.of[0]!.id;
  for (const key of Object.keys(readings)) delete readings[key];
  for (const r of record.readings) readings[r.key] = r.start;
}
begin('press');
const told = computed(() => test.value.tells(of.value, readings));
function keep(): void {
  store.apply(
    keepMeasurement(build.value, {
      test: kind.value,
      of: of.value,
      on: today(),
      readings: { ...readings },
    }),
    'a test',
  );
}
const nameOf = (m: Measurement) => homeTest(m.test).of.find((o) => o.id === m.of)?.name ?? m.of;

const others = shallowRef<readonly Measurement[]>([]);
onMounted(async () => {
  others.value = (await savedBuilds()).flatMap((b) => (b.id === build.value.id ? [] : b.measured));
});
const elsewhere = computed(() => measuredElsewhere(build.value, [{ measured: others.value }]));
function takeOver(): void {
  let next: Change = ok(build.value);
  for (const { id: _id, ...m } of elsewhere.value) if (next.ok) next = keepMeasurement(next.value, m);
  store.apply(next, 'tests of other builds');
}
</script>

<template>
  <p class="lead">
    Food differs from kitchen to kitchen. A test of ten minutes on an offcut replaces the typical value
    everywhere it is used, and each sum says so.
  </p>
  <ul v-if="build.measured.length" class="kept">
    <li v-for="m in build.measured" :key="m.id">
      <span>
        <strong>{{ nameOf(m) }}</strong>
        <span class="muted"> · {{ homeTest(m.test).name.toLowerCase() }}, {{ m.on }}</span>
      </span>
      <span v-for="[what, figure] in homeTest(m.test).tells(m.of, m.readings)" :key="what">
        {{ figure.name.toLowerCase() }} <WhyButton :figure="figure" />
      </span>
      <button
        class="button plain"
        type="button"
        :aria-label="`Forget the test of ${nameOf(m)}`"
        @click="store.apply(forgetMeasurement(build, m.id), 'forgetting a test')"
      >
        <Trash2 :size="16" />
      </button>
    </li>
  </ul>
  <p v-else class="muted">Nothing measured for this build: all values are the typical ones.</p>
  <button v-if="elsewhere.length" class="button" type="button" @click="takeOver">
    Take over {{ elsewhere.length === 1 ? 'the test' : `${elsewhere.length} tests` }} of other builds
  </button>

  <div class="row fields">
    <ChoiceField label="Test" :value="kind" :options="kinds" :width="250" @change="(v) => begin(v)" />
    <ChoiceField v-model:value="of" label="Of" :options="things" :width="240" />
  </div>
  <ol class="how">
    <li v-for="h in test.how" :key="h">{{ h }}</li>
  </ol>
  <div class="row fields">
    <QuantityField
      v-for="r in test.readings"
      :key="`${kind}/${r.key}`"
      :label="r.optional ? `${r.label} (0: not tried)` : r.label"
      :kind="r.unit === 'mm' ? 'length' : r.unit === 'g' ? 'mass' : 'count'"
      :suffix="r.unit === 'h' ? ' h' : ''"
      :width="92"
      :value="readings[r.key] ?? r.start"
      @change="(v) => (readings[r.key] = v)"
    />
  </div>
  <p class="tells">
    It tells:
    <span v-for="[what, figure] in told" :key="what">
      {{ figure.name.toLowerCase() }} <strong><WhyButton :figure="figure" /></strong>
    </span>
    <button class="button main" type="button" @click="keep">Use it from now on</button>
  </p>
</template>

<style scoped>
.lead {
  max-width: 620px;
  padding: 10px 0;
}
.kept {
  margin: 0 0 8px;
  padding: 0;
  list-style: none;
}
.kept li {
  display: flex;
  gap: 16px;
  align-items: center;
  border-top: 1px solid var(--line);
  min-height: 44px;
}
.kept li > :first-child {
  flex: 1;
}
.row {
  padding-top: 14px;
}
.how {
  max-width: 620px;
  margin: 12px 0 0;
  padding-left: 20px;
  display: grid;
  gap: 4px;
}
.tells {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  align-items: center;
  padding: 16px 0;
}
</style>
