<script setup lang="ts">
import { computed } from 'vue';
import { USUAL_MAST } from '@core/bones/index.ts';
import {
  cutMast,
  setBoard,
  setCard,
  setMast,
  setTier,
  withoutMast,
  withoutOnTier,
} from '@core/edits/index.ts';
import { THREAD_SIZES, type Mast, type Washer } from '@core/record/index.ts';
import { formatLength, roundTo } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useFound } from '../../state/found.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useStage } from '../../state/on-stage.ts';
import { usePreferences } from '../../state/preferences.ts';
import ChoiceField from '../../shared/ChoiceField.vue';
import QuantityField from '../../shared/QuantityField.vue';
import WhyButton from '../../shared/WhyButton.vue';
import RaisedView from './RaisedView.vue';

/** A raised tier or one-legged figure on a threaded rod: what lies over what, marks, holes, pockets, order. */
const store = useBuild();
const here = useOpenBuild();
const stage = useStage();
const { shown } = usePreferences();
const build = computed(() => here.build);
const mast = computed(() => build.value.mast);
const report = useFound('hardware');
/** From the top down, as it stands. */
const lines = computed(() => [...(report.value?.lines ?? [])].reverse());
const threads = THREAD_SIZES.map((value) => ({ value, label: `M${value}` }));
const WASHERS: { value: Washer; label: string }[] = [
  { value: 'washer', label: 'washer' },
  { value: 'large', label: 'large washer' },
];
const set = (patch: Partial<Mast>) =>
  store.apply(setMast(build.value, { ...mast.value!, ...patch }), 'the threaded rod');
/** What can be raised: each tier, and the figure on its own board. */
const raisable = computed(() => [
  ...build.value.cake.tiers.map((t) => ({
    id: t.id,
    name: t.name,
    gap: t.gap ?? 0,
    raise: (gap: number) =>
      gap > 0 ? setTier(build.value, t.id, { gap }) : withoutOnTier(build.value, t.id, 'gap'),
  })),
  ...(build.value.card
    ? [
        {
          id: 'card',
          name: 'Figure on its board',
          gap: build.value.card.gap ?? 0,
          raise: (gap: number) => setCard(build.value, { ...build.value.card!, gap }),
        },
      ]
    : []),
]);
const raised = useFound('raised');
const mm = (x: number) => `${roundTo(x, 0.5)} mm`;
</script>

<template>
  <div v-if="!mast || !report" class="empty">
    <p>
      A tier held up on a threaded rod, or a figure on one leg: board, tiers and gaps, as they stand under the
      figure, give the length to cut, the tape marks, the holes and the pockets that clear a nut.
    </p>
    <button
      class="button main"
      type="button"
      @click="store.apply(setMast(build, USUAL_MAST), 'a threaded rod')"
    >
      A threaded rod through it all
    </button>
  </div>
  <template v-else>
    <div class="sums">
      <div>
        <strong><WhyButton :figure="report.rod" /></strong><span>rod to cut</span>
      </div>
      <ChoiceField
        label="Thread"
        :value="mast.thread"
        :options="threads"
        :width="84"
        @change="(thread) => set({ thread })"
      />
      <button
        v-if="mast.cutAt === undefined"
        class="button"
        type="button"
        @click="store.apply(cutMast(build, report.rod.value), 'cutting the rod')"
      >
        It is cut
      </button>
      <span v-else
        >cut to {{ formatLength(mast.cutAt, shown) }}
        <button
          class="button plain"
          type="button"
          @click="store.apply(cutMast(build, undefined), 'the cut rod')"
        >
          Not cut
        </button></span
      >
    </div>
    <p v-if="report.stale" class="warning">
      <span aria-hidden="true">▲</span> The design changed after the rod was cut:
      {{ report.stale.name.toLowerCase() }} <WhyButton :figure="report.stale" after="." />
    </p>
    <p v-for="s in report.says" :key="s" class="warning"><span aria-hidden="true">◆</span> {{ s }}</p>
    <div class="row fields">
      <QuantityField
        v-for="r in raisable"
        :key="r.id"
        :label="`Gap under ${r.name.toLowerCase()}`"
        kind="length"
        :width="130"
        :value="r.gap"
        @change="(v) => store.apply(r.raise(v), 'a gap on the rod')"
      />
      <QuantityField
        label="Up into the figure"
        kind="length"
        :width="120"
        :value="mast.up"
        @change="(up) => set({ up })"
      />
      <ChoiceField
        label="At the board"
        :value="mast.base"
        :options="WASHERS"
        :width="140"
        @change="(base) => set({ base })"
      />
      <ChoiceField
        label="Under what is raised"
        :value="mast.raised"
        :options="WASHERS"
        :width="150"
        @change="(v) => set({ raised: v })"
      />
      <QuantityField
        label="Feet, high"
        kind="length"
        :width="80"
        :value="build.board.feet"
        @change="(feet) => store.apply(setBoard(build, { feet }), 'the feet')"
      />
    </div>
    <table class="figures">
      <thead>
        <tr>
          <th scope="col">From the top down</th>
          <th scope="col" class="n">High</th>
          <th scope="col" class="n">Mark at</th>
          <th scope="col" class="n">Hole</th>
          <th scope="col">Pocket below</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="l in lines" :key="l.id">
          <td>{{ l.name }}</td>
          <td class="n">{{ mm(l.thick) }}</td>
          <td class="n">{{ l.mark === undefined ? '–' : mm(l.mark) }}</td>
          <td class="n">{{ l.hole ? mm(l.hole) : '–' }}</td>
          <td>{{ l.pocket ? `${mm(l.pocket.wide)} wide, ${mm(l.pocket.deep)} deep` : '–' }}</td>
        </tr>
      </tbody>
    </table>
    <div class="row add">
      <button class="button" type="button" @click="stage.selection = { kind: 'ground', id: 'ground' }">
        Tiers and boards, under Shape
      </button>
      <button class="button plain" type="button" @click="store.apply(withoutMast(build), 'the threaded rod')">
        No threaded rod
      </button>
    </div>
    <RaisedView v-if="raised" :raised="raised" />
    <h3>In this order</h3>
    <ol class="steps">
      <li v-for="s in report.steps" :key="s.do">
        {{ s.do }}<span v-if="s.closes" class="muted">{{ ` Closes off: ${s.closes}.` }}</span>
      </li>
    </ol>
    <p class="muted small">
      Saw, drill and file away from the food; wear glasses; wash off swarf and oil. Thread and MDF are sleeved
      and sealed where food is near.
    </p>
  </template>
</template>

<style scoped>
.empty {
  display: grid;
  gap: 14px;
  justify-items: start;
  padding: 22px 0;
  max-width: 560px;
}
.sums {
  display: flex;
  gap: 24px;
  align-items: flex-end;
  padding: 12px 0;
}
.sums strong {
  display: block;
  font: 650 24px/1.2 var(--font-title);
}
.sums span {
  color: var(--ink-2);
}
.add {
  align-items: flex-end;
  padding: 12px 0 16px;
}
.steps {
  margin: 6px 0 12px;
  padding-left: 20px;
  display: grid;
  gap: 3px;
}
</style>
