<script setup lang="ts">
import { computed } from 'vue';
import { aheadOf, repeatedOf, toldTime } from '@core/days/index.ts';
import { formatTime } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useStage } from '../../state/on-stage.ts';
import { useOpenBuild } from '../../state/here.ts';
import WhyButton from '../../shared/WhyButton.vue';

/** What may be made before its day and how long it keeps; work that is done many times over. */
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const origin = computed(() => store.days?.origin);
const plan = computed(() => store.days?.plan);
const ahead = computed(() =>
  plan.value && store.days?.due !== undefined
    ? aheadOf(here.build, plan.value, store.days.due, here.report.joinings)
    : [],
);
const repeated = computed(() => repeatedOf(store.days?.steps ?? []));
const WEEK = 7 * 24 * 60;
/** As planned it is good until then; weeks after the due time nobody asks. */
const until = (m: number): string =>
  m > store.days!.due! + WEEK ? 'long after' : toldTime(origin.value!, m);
const hours = (h: number) => formatTime(h * 60);
</script>

<template>
  <div>
    <h3>Made ahead</h3>
    <p class="muted small">
      None of these has to wait for its day. Ready later than the first time, what follows is late; made
      earlier than the second, it is no longer good when it is due.
    </p>
    <p v-if="!plan" class="muted">There is no plan yet.</p>
    <table v-if="ahead.length && origin" class="plain">
      <thead>
        <tr>
          <th>What</th>
          <th>Ready by</th>
          <th>Not before</th>
          <th>Planned</th>
          <th>Kept</th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="a in ahead"
          :key="a.id"
          :class="{ piece: a.piece }"
          @click="a.piece && (stage.selection = { kind: 'piece', id: a.piece })"
        >
          <td>{{ a.name }}</td>
          <td class="when">{{ toldTime(origin, a.readyBy) }}</td>
          <td class="when">{{ a.notBefore > 0 ? toldTime(origin, a.notBefore) : 'weeks before' }}</td>
          <td class="when">{{ toldTime(origin, a.planned) }}</td>
          <td class="muted">{{ a.how }}, good until {{ until(a.keepsUntil) }}</td>
        </tr>
      </tbody>
    </table>
    <h3 class="second">Done many times over</h3>
    <p v-if="!repeated.length" class="muted">Nothing here is made six times or more.</p>
    <table v-else class="plain">
      <thead>
        <tr>
          <th>What</th>
          <th class="n">By yourself</th>
          <th class="n">With a helper</th>
          <th class="n">With a cutter</th>
          <th><span class="visually-hidden">Do</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in repeated" :key="r.id">
          <td>{{ r.title }}, {{ r.number }} times</td>
          <td class="n">
            <WhyButton :figure="r.hours" :text="hours(r.hours.value)" />
          </td>
          <td class="n">
            <WhyButton :figure="r.shared" :text="hours(r.shared.value)" />
          </td>
          <td class="n">
            <WhyButton v-if="r.cutter" :figure="r.cutter" :text="hours(r.cutter.value)" /><template v-else
              >no help</template
            >
          </td>
          <td :class="{ muted: !r.pays }">{{ r.pays ? '● pays' : 'hardly pays' }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
h3 {
  margin-top: 14px;
}
.when {
  white-space: nowrap;
}
.piece {
  cursor: pointer;
}
.second {
  margin-top: 24px;
}
p {
  padding-bottom: 8px;
}
</style>
