<script setup lang="ts">
import { computed } from 'vue';
import { KIND_NAMES, pacesFrom } from '@core/days/index.ts';
import { setPaces } from '@core/edits/index.ts';
import { type Build } from '@core/record/index.ts';
import { ownTimesOf } from '@core/own-times.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';

/** How long each kind of work really took, from the ticks at the bench, and whether the plan reckons with it. */
const props = defineProps<{ others: readonly Build[] }>();
const store = useBuild();
const here = useOpenBuild();
const build = computed(() => here.build);
const times = computed(() => ownTimesOf([build.value, ...props.others]));
const found = computed(() => pacesFrom(times.value));
const used = computed(() => build.value.workshop.paces);
const same = computed(() => JSON.stringify(used.value ?? {}) === JSON.stringify(found.value));
const said = (ratio: number): string => {
  const by = Math.round((ratio - 1) * 100);
  return by === 0 ? 'as the table' : `${Math.abs(by)} % ${by > 0 ? 'longer' : 'shorter'}`;
};
</script>

<template>
  <section v-if="times.length" class="times">
    <h3>How long it takes you</h3>
    <table class="plain">
      <thead>
        <tr>
          <th scope="col">Work</th>
          <th scope="col">against the table</th>
          <th scope="col">ticked off</th>
          <th scope="col">the plan takes it</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="t in times" :key="t.kind">
          <td>{{ KIND_NAMES[t.kind] }}</td>
          <td>{{ said(t.ratio) }}</td>
          <td>{{ t.seen === 1 ? 'once' : `${t.seen} times` }}</td>
          <td class="muted">{{ said(used?.[t.kind] ?? 1) }}</td>
        </tr>
      </tbody>
    </table>
    <div class="row">
      <button
        v-if="!same && Object.keys(found).length"
        class="button"
        type="button"
        @click="store.apply(setPaces(build, found), 'your own times')"
      >
        Plan with these times
      </button>
      <button
        v-if="used"
        class="button plain"
        type="button"
        @click="store.apply(setPaces(build, undefined), 'the times of the table')"
      >
        By the table again
      </button>
    </div>
    <p class="muted small">
      Only what was ticked off at least three times counts, drawn towards the table where there is little of
      it; a new build begins with your times.
    </p>
  </section>
</template>

<style scoped>
.times {
  padding: 12px 0;
}
.row {
  padding: 8px 0;
}
</style>
