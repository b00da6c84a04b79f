<script setup lang="ts">
import { computed, inject, ref, watch } from 'vue';
import { CalendarPlus, FilePlus2 } from '@lucide/vue';
import {
  ageOf,
  countedOf,
  dotsOver,
  evenMarks,
  evenRows,
  FACE_AGES,
  faceLaidOn,
  lobesOf,
  markingStep,
  markingTakes,
  woundStrip,
} from '@core/covers/index.ts';
import { addOwnStep } from '@core/edits/index.ts';
import { formatLength, type Reckoned } from '@core/quantity/index.ts';
import { facePaper, lobePaper, type Template } from '@core/templates/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useStage } from '../../state/on-stage.ts';
import { usePreferences } from '../../state/preferences.ts';
import { useTell } from '../../state/tell.ts';
import ChoiceField from '../../shared/ChoiceField.vue';
import QuantityField from '../../shared/QuantityField.vue';
import WhyButton from '../../shared/WhyButton.vue';
import { EXTRA_PAPERS } from './papers.ts';

/** Marks, rows and dots that come out even and close, the seam of a ball, and where a face goes. */
const store = useBuild();
const here = useOpenBuild();
const stage = useStage();
const tell = useTell();
const { shown } = usePreferences();
const extra = inject(EXTRA_PAPERS)!;

const round = computed(() => here.build.pieces.filter((p) => countedOf(p)));
/** The selected piece, or the largest that things can be set on. */
const piece = computed(() => {
  const id = stage.selection?.kind === 'piece' ? stage.selection.id : undefined;
  const tallest = [...round.value].sort((a, b) => countedOf(b)!.tall - countedOf(a)!.tall)[0];
  return round.value.find((p) => p.id === id) ?? tallest;
});
const body = computed(() => piece.value && countedOf(piece.value));
const pieces = computed(() => round.value.map((p) => ({ value: p.id, label: p.name })));

const up = ref(0);
const pitch = ref(6.5);
const alike = ref(1);
const ALIKE = [
  { value: 1, label: 'once round' },
  { value: 2, label: 'halves alike' },
  { value: 4, label: 'quarters alike' },
];
const across = ref(10);
const shows = ref(8);
const dot = ref(5);
const gap = ref(0);
const strip = ref(20);
const lap = ref(5);
const lobeGap = ref<number>();
const age = ref<string>(FACE_AGES[2]!.name);
watch(
  () => piece.value?.id,
  () => {
    up.value = body.value?.middle ?? 0;
    lobeGap.value = undefined;
  },
  { immediate: true },
);

const line = computed(() => body.value?.round(up.value));
const marks = computed(
  () => line.value && evenMarks(line.value, pitch.value, { closed: true, alike: alike.value }),
);
const rows = computed(() => body.value && evenRows(body.value.down, across.value, shows.value));
const dots = computed(() => body.value && dotsOver(body.value.down, dot.value, gap.value));
const wound = computed(() => body.value && woundStrip(body.value.down, strip.value, lap.value));
const measured = computed(() => lobeGap.value ?? body.value?.gap ?? 0);
const lobes = computed(() => (body.value?.ball ? lobesOf(body.value.ball, measured.value) : undefined));
const seamMarks = computed(
  () => lobes.value && evenMarks(lobes.value.seam, pitch.value, { closed: true, alike: 4 }),
);
const AGES = FACE_AGES.map((f) => ({ value: f.name, label: f.name }));
const face = computed(() => body.value && faceLaidOn(body.value.head, ageOf(age.value)));
const rowWords = computed(() => rows.value?.rows.map((r) => r.number).join(' · '));

function planned(number: Reckoned): void {
  if (!piece.value) return;
  const step = markingStep(piece.value, number);
  if (store.apply(addOwnStep(here.build, step), 'marks as a step'))
    tell.info(`“${step.title}” is in the plan, right after shaping. You can change it under Days.`);
}

function print(paper: Template): void {
  extra.value = [...extra.value.filter((t) => t.id !== paper.id), paper];
  tell.info(`${paper.name} lies on the pages under Templates.`);
}
</script>

<template>
  <p v-if="!piece || !body" class="muted empty">Nothing here is round enough to set anything over it.</p>
  <template v-else>
    <div class="row top">
      <ChoiceField
        label="On the"
        :value="piece.id"
        :options="pieces"
        :width="200"
        @change="(v) => (stage.selection = { kind: 'piece', id: v })"
      />
    </div>

    <section class="view-part">
      <h3>Round it</h3>
      <div class="row">
        <QuantityField label="So far up" kind="length" :width="84" :value="up" @change="(v) => (up = v)" />
        <QuantityField
          label="One every"
          kind="length"
          :width="84"
          :value="pitch"
          @change="(v) => (pitch = v)"
        />
        <ChoiceField v-model:value="alike" label="Shared out" :options="ALIKE" :width="140" />
      </div>
      <p v-if="marks && line">
        <WhyButton :figure="marks.number" /> marks, <WhyButton :figure="marks.pitch" /> from one to the next;
        the last meets the first. Stitches of two strokes are twice as many ropes.
        <span class="muted"
          >The way round is <WhyButton :figure="line" after=";" /> marking takes
          <WhyButton :figure="markingTakes(marks.number)" after="."
        /></span>
      </p>
      <button v-if="marks" class="button" type="button" @click="planned(marks.number)">
        <CalendarPlus :size="15" /> Put it in the plan
      </button>
    </section>

    <section v-if="rows" class="view-part">
      <h3>All over it, in rows</h3>
      <div class="row">
        <QuantityField
          label="Shows across"
          kind="length"
          :width="84"
          :value="across"
          @change="(v) => (across = v)"
        />
        <QuantityField
          label="Shows lengthwise"
          kind="length"
          :width="84"
          :value="shows"
          @change="(v) => (shows = v)"
        />
      </div>
      <p>
        <WhyButton :figure="rows.number" /> in {{ rows.rows.length }} whole rows, each showing
        <WhyButton :figure="rows.shows" after="." /> From below: <span class="rows">{{ rowWords }}</span>
      </p>
    </section>

    <section v-if="dots" class="view-part">
      <h3>Dots and pearls</h3>
      <div class="row">
        <QuantityField label="Across" kind="length" :width="84" :value="dot" @change="(v) => (dot = v)" />
        <QuantityField label="Apart" kind="length" :width="84" :value="gap" @change="(v) => (gap = v)" />
      </div>
      <p>
        <WhyButton :figure="dots.close" /> as close as they go, <WhyButton :figure="dots.thrown" /> scattered
        so that none touch.
      </p>
    </section>

    <section class="view-part">
      <h3>A strip wound round it</h3>
      <div class="row">
        <QuantityField
          label="Strip, wide"
          kind="length"
          :width="84"
          :value="strip"
          @change="(v) => (strip = v)"
        />
        <QuantityField label="Laps by" kind="length" :width="84" :value="lap" @change="(v) => (lap = v)" />
      </div>
      <p v-if="wound">
        <WhyButton :figure="wound.length" /> in all, in <WhyButton :figure="wound.rounds" /> rounds; it ends
        on the hidden side.
      </p>
      <p v-else class="trouble">◆ Nothing of it shows: the lap has to be less than the strip is wide.</p>
    </section>

    <section v-if="lobes && seamMarks" class="view-part">
      <h3>Two lobes along one seam</h3>
      <div class="row">
        <QuantityField
          label="Narrowest gap"
          kind="length"
          :width="84"
          :value="measured"
          @change="(v) => (lobeGap = v)"
        />
        <button class="button" type="button" @click="print(lobePaper(piece, lobes))">
          <FilePlus2 :size="15" /> Paper for a lobe
        </button>
      </div>
      <p>
        The seam is <WhyButton :figure="lobes.seam" /> all round:
        <WhyButton :figure="seamMarks.number" /> stitches, <WhyButton :figure="seamMarks.pitch" /> apart, each
        quarter alike. A lobe is <WhyButton :figure="lobes.long" /> long and
        <WhyButton :figure="lobes.wide" /> across.
        <span class="muted">Measure the gap over the skin between the lines where they come closest.</span>
      </p>
    </section>

    <section v-if="face" class="view-part">
      <h3>A face on it</h3>
      <div class="row">
        <ChoiceField v-model:value="age" label="As old as" :options="AGES" :width="130" />
        <button class="button" type="button" @click="print(facePaper(piece, face))">
          <FilePlus2 :size="15" /> Paper to prick through
        </button>
      </div>
      <p class="muted">
        From the middle of the eye line, by tape over the skin. An eye is
        <WhyButton :figure="face.eye" /> across.
      </p>
      <table class="plain">
        <thead>
          <tr>
            <th scope="col">Place</th>
            <th scope="col">By tape</th>
            <th scope="col">Aside, as it looks</th>
            <th scope="col">Over the chin</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="p in face.places" :key="p.name">
            <th scope="row">{{ p.name }}</th>
            <td><WhyButton :figure="p.tape" /></td>
            <td>{{ formatLength(p.beside, shown) }}</td>
            <td>{{ formatLength(p.up, shown) }}</td>
          </tr>
        </tbody>
      </table>
    </section>
  </template>
</template>

<style scoped>
.top {
  padding: 8px 0 2px;
}
p {
  margin: 8px 0 0;
}
.rows {
  overflow-wrap: anywhere;
}
th[scope='row'] {
  font-weight: 500;
  text-align: left;
}
</style>
