<script setup lang="ts">
import { computed } from 'vue';
import { joinCharts, toldTime, type JoinChart } from '@core/days/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useStage } from '../../state/on-stage.ts';
import { useOpenBuild } from '../../state/here.ts';
import PickedJoin from './PickedJoin.vue';
import RehearseBar from './RehearseBar.vue';
import SchoolsCard from './SchoolsCard.vue';
import { useTies } from './ties.ts';

/** Each sitting with its joins: pieces as lines, how long they still give, when they are firm, and ties where they are joined. */
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const charts = computed(() => {
  const { plan, origin } = store.days ?? {};
  const { joinings, firming } = here.report;
  return plan && origin ? joinCharts({ joinings, firming, plan, origin }) : [];
});
const origin = computed(() => store.days?.origin);
const joins = computed(() => charts.value.reduce((n, c) => n + c.ties.length, 0));
const late = computed(() => charts.value.reduce((n, c) => n + c.late, 0));
const chosen = computed(() =>
  stage.selection?.kind === 'piece'
    ? here.report.joinings.find((j) => j.piece.id === stage.selection?.id)
    : undefined,
);
const select = (id: string) => (stage.selection = { kind: 'piece', id });
/** Where the playhead stands on a sitting, per cent; undefined outside it. */
const playheadIn = (c: JoinChart): number | undefined => {
  const { playhead } = stage;
  return playhead === undefined || playhead < c.from || playhead > c.to
    ? undefined
    : (100 * (playhead - c.from)) / Math.max(1, c.to - c.from);
};
const ties = useTies(() => origin.value);
const top = (row: number) => `calc(${row} * var(--row) + var(--half))`;
const tall = (a: number, b: number) => `calc(${Math.abs(a - b)} * var(--row))`;
</script>

<template>
  <div>
    <div v-if="charts.length" class="headline">
      <div>
        <strong>{{ joins }}</strong><span>joins, in {{ charts.length }} sittings</span>
      </div>
      <div :class="{ bad: late }">
        <strong><template v-if="late">▲ </template>{{ late }}</strong
        ><span>outside {{ late === 1 ? 'its window' : 'their windows' }}</span>
      </div>
    </div>
    <p v-else class="empty">
      {{ store.days?.plan ? 'Nothing here is joined to anything but the board.' : 'There is no plan yet.' }}
    </p>
    <RehearseBar v-if="charts.length" />
    <p v-if="charts.length && !chosen" class="muted small">
      Green: still soft enough to press. Hatched: firm enough to pick up. Each tie is a join; pick a piece to
      see what it needs.
    </p>
    <section v-for="c in charts" :key="c.key">
      <h3>{{ toldTime(origin!, c.from) }}</h3>
      <div class="chart" :style="{ '--rows': c.rows.length }" @pointerdown.self="ties.seek($event, c)">
        <i v-if="playheadIn(c) !== undefined" class="playhead" :style="{ left: `${playheadIn(c)}%` }" />
        <span v-for="h in c.hours" :key="h.label" class="hour" :style="{ left: `${h.left}%` }">{{
          h.label
        }}</span>
        <button
          v-for="(r, k) in c.rows"
          :key="r.piece"
          type="button"
          class="name"
          :class="{ on: chosen?.piece.id === r.piece }"
          :style="{ top: top(k) }"
          @click="select(r.piece)"
        >
          {{ r.name }}
        </button>
        <div v-for="(r, k) in c.rows" :key="`line-${r.piece}`" class="line" :style="{ top: top(k) }">
          <i v-if="r.firm" class="firm" :style="{ left: `${r.firm.left}%`, width: `${r.firm.width}%` }" />
          <i v-if="r.soft" class="soft" :style="{ left: `${r.soft.left}%`, width: `${r.soft.width}%` }" />
          <i
            v-if="r.shaped"
            class="made"
            :style="{ left: `${r.shaped.left}%`, width: `${r.shaped.width}%`, background: r.colour }"
          />
          <span v-if="r.gives && r.soft" class="gives" :style="{ left: `${r.soft.left}%` }">{{
            r.gives
          }}</span>
        </div>
        <button
          v-for="t in c.ties"
          :key="t.piece"
          type="button"
          class="tie"
          :class="{ late: ties.out(t) !== undefined, pulled: ties.pulled(t) }"
          :style="{
            left: `${ties.left(t, c)}%`,
            top: top(Math.min(t.row, t.onRow ?? t.row)),
            height: tall(t.row, t.onRow ?? t.row),
          }"
          :title="t.words"
          :aria-label="t.words"
          @click="select(t.piece)"
          @pointerdown="ties.grab($event, t, c)"
          @pointermove="ties.move($event)"
          @pointerup="ties.drop()"
          @pointercancel="ties.leave()"
          @keydown.left.prevent="ties.nudge(t, -1)"
          @keydown.right.prevent="ties.nudge(t, 1)"
        >
          <b :class="t.row > (t.onRow ?? t.row) ? 'low' : 'high'" />
          <span v-if="ties.pulled(t)" class="says" role="status">{{ ties.words(t) }}</span>
        </button>
      </div>
    </section>
    <PickedJoin v-if="chosen" :joining="chosen" />
    <SchoolsCard v-if="store.days?.plan" />
  </div>
</template>

<style scoped>
section {
  padding-top: 10px;
}
.bad strong {
  color: var(--fails);
}
.chart {
  --row: 34px;
  --half: 34px;
  --name: 112px;
  position: relative;
  height: calc(var(--rows) * var(--row) + 34px);
  margin: 4px 44px 0 var(--name);
}
.hour {
  position: absolute;
  top: 0;
  height: 100%;
  padding-left: 4px;
  border-left: 1px solid var(--line);
  color: var(--ink-2);
  font-size: 11px;
}
.name {
  position: absolute;
  left: calc(-1 * var(--name));
  width: calc(var(--name) - 8px);
  padding: 0;
  overflow: hidden;
  border: 0;
  background: none;
  color: var(--ink);
  font: inherit;
  font-size: 13.5px;
  text-align: left;
  text-overflow: ellipsis;
  white-space: nowrap;
  cursor: pointer;
  transform: translateY(-50%);
}
.name.on {
  font-weight: 700;
}
.line {
  position: absolute;
  right: 0;
  left: 0;
  height: 14px;
  margin-top: -7px;
}
.line i {
  position: absolute;
  top: 0;
  height: 14px;
}
.soft {
  background: var(--elm-pale);
}
.firm {
  background: repeating-linear-gradient(135deg, #9aa5a0 0 2px, #e3e7e5 2px 6px);
}
.made {
  border-radius: 4px;
  box-shadow: 0 0 0 1px rgb(0 0 0 / 18%);
}
.gives {
  position: absolute;
  top: 15px;
  color: var(--ink-2);
  font-size: 10.5px;
  line-height: 1;
  white-space: nowrap;
}
.tie {
  position: absolute;
  width: 15px;
  margin-left: -7.5px;
  padding: 0;
  border: 0;
  background: linear-gradient(var(--holds), var(--holds)) center / 2.5px 100% no-repeat;
  cursor: pointer;
}
.tie b {
  position: absolute;
  left: 2.5px;
  width: 10px;
  height: 10px;
  border-radius: 50%;
  background: var(--holds);
}
.tie b.low {
  bottom: -5px;
}
.tie b.high {
  top: -5px;
}
.tie {
  touch-action: none;
}
.pulled {
  z-index: 2;
}
.says {
  position: absolute;
  top: -22px;
  left: 12px;
  padding: 2px 7px;
  border-radius: 6px;
  background: var(--ink);
  color: var(--paper);
  font-size: 12px;
  white-space: nowrap;
}
.playhead {
  position: absolute;
  top: 0;
  bottom: 0;
  border-left: 2px solid var(--ink);
  pointer-events: none;
}
.playhead::before {
  position: absolute;
  top: -5px;
  left: -7px;
  width: 12px;
  height: 12px;
  border: 1.5px solid var(--ink);
  border-radius: 50%;
  background: var(--playhead);
  content: '';
}
.tie.late {
  background-image: linear-gradient(var(--fails), var(--fails));
}
.tie.late b {
  border-radius: 0;
  background: var(--fails);
  clip-path: polygon(50% 0, 100% 100%, 0 100%);
}
</style>
