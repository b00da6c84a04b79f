<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Data, Layout } from 'plotly.js';
import {
  ASKED,
  learnedOf,
  leversFor,
  otherClocks,
  QUESTIONS,
  THRESHOLDS,
  dryingCurve,
  type Question,
} from '@core/firming/index.ts';
import { formatTime, tellBand } from '@core/quantity/index.ts';
import { useStage } from '../../state/on-stage.ts';
import { useOpenBuild } from '../../state/here.ts';
import { TOKENS } from '../../tokens.ts';
import ChoiceField from '../../shared/ChoiceField.vue';
import LookForm from '../../shared/LookForm.vue';
import PlotFigure from '../../shared/PlotFigure.vue';
import QuantityField from '../../shared/QuantityField.vue';
import WhyButton from '../../shared/WhyButton.vue';
import RestsForm from './RestsForm.vue';
import WhatIf from './WhatIf.vue';
import { useWhatIf } from './what-if.ts';

/** How one piece firms: its curve, when each thing may be done, what would help, what waiting costs. */
const ALL = '*';
const stage = useStage();
const here = useOpenBuild();
const build = computed(() => here.build);
const all = computed(() => [...here.report.firming.values()]);
/** The selected piece, or the one that keeps people waiting longest. */
const slowest = computed(
  () =>
    [...all.value].sort((a, b) => (b.bands.handle?.likely ?? 0) - (a.bands.handle?.likely ?? 0))[0]?.piece,
);
const chosen = computed(() =>
  stage.selection?.kind === 'piece' && here.report.firming.has(stage.selection.id)
    ? stage.selection.id
    : slowest.value,
);
const firming = computed(() => here.report.firming.get(chosen.value ?? ''));
const pieces = computed(() => [
  { value: ALL, label: 'all pieces' },
  ...build.value.pieces.map((p) => ({ value: p.id, label: p.name })),
]);
const together = ref(false);
function choose(id: string): void {
  together.value = id === ALL;
  if (id !== ALL) stage.selection = { kind: 'piece', id };
}
/** Every piece by when it is firm to hold, the slowest first. */
const list = computed(() =>
  build.value.pieces
    .flatMap((p) => {
      const f = here.report.firming.get(p.id);
      return f?.bands.handle ? [{ id: p.id, name: p.name, band: f.bands.handle, figure: f.handle }] : [];
    })
    .sort((a, b) => b.band.likely - a.band.likely),
);
const learned = computed(() => learnedOf(build.value));
const { change, touched, tried, reset } = useWhatIf(
  () => firming.value?.drying,
  () => build.value,
);

const rows = computed(() => {
  const f = firming.value;
  if (!f) return [];
  return QUESTIONS.flatMap((q) => {
    const band = f.bands[q];
    if (!band) return [];
    const then = tried.value?.bands[q];
    return [{ q, words: ASKED[q].words, window: ASKED[q].window === true, band, figure: f.figure(q)!, then }];
  });
});
const opens = computed(() => rows.value.filter((r) => !r.window));
const windows = computed(() => rows.value.filter((r) => r.window));

/** Longest time drawn, minutes: three weeks are reckoned, a few days are looked at. */
const LONGEST = 4 * 1440;
const wide = (m: number): number =>
  (100 * Math.log10(1 + Math.min(LONGEST, Math.max(0, m)))) / Math.log10(1 + LONGEST);
const bar = (b: { fast: number; slow: number }) => ({
  left: `${wide(b.fast)}%`,
  width: `${Math.max(0.8, wide(b.slow) - wide(b.fast))}%`,
});

const COLD_TIMES = Array.from({ length: 60 }, (_, i) => 1.18 ** i);
const data = computed<Partial<Data>[]>(() => {
  const f = firming.value;
  if (!f) return [];
  const line = (x: readonly number[], y: readonly number[], more: object): Partial<Data> =>
    ({
      x: [...x],
      y: [...y],
      mode: 'lines',
      type: 'scatter',
      hovertemplate: '%{x:.0f} min: %{y:.0f} kPa<extra></extra>',
      ...more,
    }) as Partial<Data>;
  const drawn = f.drying
    ? dryingCurve(f.drying, learned.value)
    : // the yield a finger meets, over the bearing of a flat face
      { minutes: COLD_TIMES, firmness: COLD_TIMES.map((m) => (f.yieldAfter(m) / Math.sqrt(3)) * 5.14) };
  return [
    line(drawn.minutes, drawn.firmness, { line: { color: TOKENS.elm, width: 3 } }),
    ...(tried.value
      ? [
          line(tried.value.curve.minutes, tried.value.curve.firmness, {
            line: { color: TOKENS.rod, width: 2.5, dash: 'dash' },
          }),
        ]
      : []),
  ];
});
const layout = computed<Partial<Layout>>(() => ({
  margin: { l: 56, r: 8, t: 6, b: 42 },
  xaxis: {
    type: 'log',
    range: [0, Math.log10(LONGEST)],
    tickvals: [1, 5, 15, 60, 240, 720, 1440, 4320],
    ticktext: ['1 min', '5', '15', '1 h', '4 h', '12 h', '1 day', '3 days'],
  },
  yaxis: {
    type: 'log',
    title: { text: 'under a finger, kPa', font: { size: 13 } },
    tickvals: [10, 20, 50, 100, 200, 500, 1000, 2000],
  },
  shapes: THRESHOLDS.map((t) => ({
    type: 'line' as const,
    xref: 'paper' as const,
    x0: 0,
    x1: 1,
    y0: t.kPa,
    y1: t.kPa,
    line: { color: TOKENS.ink3, width: 1, dash: 'dot' as const },
  })),
  annotations: THRESHOLDS.map((t) => ({
    xref: 'paper' as const,
    x: 0.01,
    xanchor: 'left' as const,
    y: Math.log10(t.kPa),
    yanchor: 'bottom' as const,
    text: t.words,
    showarrow: false,
    font: { size: 12, color: TOKENS.ink2 },
  })),
}));

const question = ref<Question>('handle');
const levers = computed(() =>
  firming.value?.drying && firming.value.bands[question.value]
    ? leversFor(build.value, firming.value.drying, question.value)
    : [],
);
const asks = computed(() => opens.value.map((r) => ({ value: r.q, label: r.words })));
const joinAfter = ref(30);
const squash = computed(() => (chosen.value ? here.report.squash(chosen.value, joinAfter.value) : undefined));
const clocks = computed(() => otherClocks(build.value));
const told = (b: { fast: number; likely: number; slow: number }) => tellBand(b.fast, b.likely, b.slow);
/** Chocolate is firm only as long as it is cool. */
const cold = computed(() => firming.value?.clock === 'cold');
</script>

<template>
  <p v-if="!firming" class="muted pad">There is no piece yet: its clock is worked out from its shape.</p>
  <template v-else>
    <div class="row pad">
      <ChoiceField
        label="Piece"
        :value="together ? ALL : chosen"
        :options="pieces"
        :width="200"
        @change="(v) => choose(v)"
      />
      <p v-if="firming.never" class="trouble"><span aria-hidden="true">▲</span> {{ firming.never }}</p>
      <p v-else-if="cold" class="muted">Sets by cold, and goes soft again when it gets warm.</p>
      <p v-else class="muted">
        Firm to hold: <WhyButton :figure="firming.handle" :text="told(firming.bands.handle!)" />
        <template v-if="learned.entries"> · learned from {{ learned.entries }} looks</template>
      </p>
    </div>
    <table v-if="together" class="plain asked">
      <thead>
        <tr>
          <th scope="col">Firm to hold</th>
          <th scope="col" class="wide"><span class="visually-hidden">Drawn</span></th>
          <th scope="col">fast to slow</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="l in list" :key="l.id">
          <td>
            <button class="button plain" type="button" @click="choose(l.id)">{{ l.name }}</button>
          </td>
          <td class="wide">
            <div class="bar" aria-hidden="true"><i :style="bar(l.band)"></i></div>
          </td>
          <td><WhyButton :figure="l.figure" :text="told(l.band)" /></td>
        </tr>
      </tbody>
    </table>
    <template v-else>
      <PlotFigure :data="data" :layout="layout" :height="216" :label="`How firm it gets over time`" />
      <WhatIf
        v-if="firming.drying"
        v-model="change"
        :drying="firming.drying"
        :touched="touched"
        @reset="reset"
      />
      <table class="plain asked">
        <thead>
          <tr>
            <th scope="col">From shaping until it</th>
            <th scope="col" class="wide"><span class="visually-hidden">Drawn</span></th>
            <th scope="col">fast to slow</th>
            <th v-if="tried" scope="col">if so</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in opens" :key="r.q">
            <td>{{ r.words }}</td>
            <td class="wide">
              <div class="bar" aria-hidden="true"><i :style="bar(r.band)"></i></div>
            </td>
            <td><WhyButton :figure="r.figure" :text="told(r.band)" /></td>
            <td v-if="tried">{{ r.then ? told(r.then) : '–' }}</td>
          </tr>
          <tr v-for="(r, i) in windows" :key="r.q" :class="{ first: i === 0 }">
            <td>{{ r.words }} until</td>
            <td class="wide">
              <div class="bar window" aria-hidden="true">
                <i :style="{ left: '0', width: `${wide(r.band.fast)}%` }"></i>
              </div>
            </td>
            <td><WhyButton :figure="r.figure" :text="told(r.band)" /></td>
            <td v-if="tried">{{ r.then ? told(r.then) : '–' }}</td>
          </tr>
        </tbody>
      </table>

      <template v-if="firming.drying">
        <h3>What buys the most time</h3>
        <div class="row">
          <ChoiceField v-model:value="question" label="Until it is" :options="asks" :width="240" />
          <p v-if="!levers.length" class="muted">Nothing tried makes a difference worth the trouble.</p>
        </div>
        <ol v-if="levers.length" class="levers">
          <li v-for="l in levers" :key="l.words">
            {{ l.words }}
            <span class="muted"
              >— {{ told(l.band)
              }}<template v-if="Number.isFinite(l.saves)">, {{ formatTime(l.saves) }} sooner</template></span
            >
          </li>
        </ol>
        <RestsForm :piece="chosen!" />
      </template>

      <div v-if="squash" class="row squash">
        <QuantityField
          label="Set the next on it after"
          kind="time"
          :width="110"
          :value="joinAfter"
          @change="(v) => (joinAfter = v)"
        />
        <p>and it loses <WhyButton :figure="squash" /> of its height.</p>
      </div>

      <h3>Seen at the bench</h3>
      <LookForm :firming="firming" />
    </template>

    <h3>Other clocks</h3>
    <ul class="clocks">
      <li v-for="c in clocks" :key="c.id">
        <span>{{ c.words }}</span>
        <WhyButton
          :figure="c.time"
          :text="
            c.time.range
              ? told({ fast: c.time.range[0], likely: c.time.value, slow: c.time.range[1] })
              : `in about ${formatTime(c.time.value)}`
          "
        />
      </li>
    </ul>
  </template>
</template>

<style scoped>
.pad {
  padding: 10px 0 2px;
  align-items: flex-end;
  gap: 16px;
}
.trouble {
  color: var(--tight);
  flex: 1 1 260px;
}
.asked td {
  padding-block: 4px;
  vertical-align: middle;
}
.wide {
  width: 34%;
}
.bar {
  position: relative;
  height: 10px;
  border-radius: 5px;
  background: var(--slab-3);
}
.bar i {
  position: absolute;
  inset-block: 0;
  border-radius: 5px;
  background: repeating-linear-gradient(45deg, var(--holds) 0 4px, var(--elm-pale) 4px 8px);
}
.bar.window i {
  background: var(--playhead);
}
.first td {
  border-top: 2px solid var(--line);
}
h3 {
  margin-top: 16px;
}
.levers {
  margin: 8px 0 0;
  padding-left: 20px;
  display: grid;
  gap: 4px;
}
.squash {
  align-items: flex-end;
  padding-top: 14px;
}
.squash p {
  padding-bottom: 8px;
}
.clocks {
  margin: 6px 0 18px;
  padding: 0;
  list-style: none;
}
.clocks li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  min-height: 34px;
  align-items: center;
  border-top: 1px solid var(--line);
}
</style>
