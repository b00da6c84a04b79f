<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, ref, shallowRef } from 'vue';
import { BESIDE_KINDS, besideWords, logReport, overTime, type Beside } from '@core/log-report.ts';
import { capital, formatReckoned, given } from '@core/quantity/index.ts';
import type { Build } from '@core/record/index.ts';
import type { Stores } from '@core/stores/index.ts';
import { loadStores } from '../../storage/stores.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePreferences } from '../../state/preferences.ts';
import WhyButton from '../../shared/WhyButton.vue';

const OverTime = defineAsyncComponent(() => import('./OverTime.vue'));

/** The plan of this build against what happened, kind by kind, and the same over all builds. */
const props = defineProps<{ others: readonly Build[] }>();
const here = useOpenBuild();
const { shown } = usePreferences();
const stores = shallowRef<Stores>();
onMounted(async () => {
  stores.value = await loadStores().catch(() => undefined);
});
const report = computed(() => logReport(here.build, stores.value));
const builds = computed(() => overTime([here.build, ...props.others], stores.value));
const open = ref<string>();
const rowsOf = (kind: string) => report.value.rows.filter((r) => r.kind === kind);
const told = (r: Beside, x: number) => formatReckoned(given('', x, BESIDE_KINDS[r.kind].unit), shown);
</script>

<template>
  <div>
    <p v-if="!report.sums.length" class="pad">
      Nothing was weighed or ticked off yet. What you do at the bench is held against the plan here: weights,
      minutes, waits, drops, what broke and what was left over.
    </p>
    <table v-else class="plain">
      <thead>
        <tr>
          <th scope="col">What</th>
          <th scope="col" class="n">as planned</th>
          <th scope="col" class="n">as it was</th>
          <th scope="col">that is</th>
          <th scope="col"></th>
        </tr>
      </thead>
      <tbody>
        <template v-for="s in report.sums" :key="s.kind">
          <tr>
            <td>{{ BESIDE_KINDS[s.kind].name }}</td>
            <td class="n"><WhyButton :figure="s.planned" /></td>
            <td class="n"><WhyButton :figure="s.real" /></td>
            <td>{{ besideWords(s) }}</td>
            <td>
              <button
                class="button plain"
                type="button"
                :aria-expanded="open === s.kind"
                @click="open = open === s.kind ? undefined : s.kind"
              >
                {{ open === s.kind ? 'Fold' : `${rowsOf(s.kind).length} of them` }}
              </button>
            </td>
          </tr>
          <template v-if="open === s.kind">
            <tr v-for="r in rowsOf(s.kind)" :key="r.what" class="one">
              <td colspan="1">
                {{ capital(r.what) }}<span v-if="r.of > 1" class="muted">, mean of {{ r.of }}</span>
              </td>
              <td class="n">{{ told(r, r.planned) }}</td>
              <td class="n">{{ told(r, r.real) }}</td>
              <td colspan="2"></td>
            </tr>
          </template>
        </template>
      </tbody>
    </table>
    <section v-if="builds.length > 1">
      <h3>Over time</h3>
      <OverTime :builds="builds" />
    </section>
    <p v-else class="muted small">As soon as a second build was worked on, both are drawn over time here.</p>
  </div>
</template>

<style scoped>
.pad {
  padding: 10px 0;
  max-width: 600px;
}
.one td {
  font-size: 14px;
  color: var(--ink-2);
}
h3 {
  margin: 18px 0 6px;
}
</style>
