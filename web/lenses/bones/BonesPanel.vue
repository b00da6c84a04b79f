<script setup lang="ts">
import { computed, defineAsyncComponent, onBeforeUnmount, ref, watch } from 'vue';
import { Plus } from '@lucide/vue';
import { rodInto, throughWords, tripodInto, twoInto, type SeenBones } from '@core/bones/index.ts';
import { firstOfBones } from '@core/first-words.ts';
import { pieceOf, type Build } from '@core/record/index.ts';
import { formatLength } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useStage } from '../../state/on-stage.ts';
import { useFound } from '../../state/found.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePreferences } from '../../state/preferences.ts';
import Segments from '../../shared/Segments.vue';
import VerdictWord from '../../shared/VerdictWord.vue';
import UnionNote from '../../shared/UnionNote.vue';
import WhyButton from '../../shared/WhyButton.vue';
import FirstWord from '../../shared/FirstWord.vue';
import FirstMend from './FirstMend.vue';
import LoadBar from './LoadBar.vue';
import MastRow from './MastRow.vue';
import RoadLoads from './RoadLoads.vue';
import RodCard from './RodCard.vue';
import TipRow from './TipRow.vue';

/** Last on the page, and not needed for its first view. */
const TakeCare = defineAsyncComponent(() => import('../../shared/TakeCare.vue'));

const props = defineProps<{ bones: SeenBones }>();
/** What does not hold is marked where it is looked for. */
const [clashing, glued, hovers, carved] = [
  useFound('clashing'),
  useFound('glued'),
  useFound('hovers'),
  useFound('carved'),
];
const wrong = computed(() => ({
  ways: clashing.value ?? false,
  stuck: glued.value?.some((g) => g.worst.verdict === 'fails') ?? false,
  carried: (hovers.value?.length ?? 0) > 0,
}));
const VIEWS = computed(() => [
  { value: 'rods', label: 'Rods' } as const,
  { value: 'carried', label: 'Who carries whom', bad: wrong.value.carried } as const,
  { value: 'cut', label: 'Cut list' } as const,
  { value: 'ways', label: 'Clashes', bad: wrong.value.ways, rest: true } as const,
  { value: 'stuck', label: 'Glue joints', bad: wrong.value.stuck, rest: true } as const,
  { value: 'stack', label: 'Hardware', rest: props.bones.mast === undefined } as const,
  { value: 'tests', label: 'Kitchen tests', rest: true } as const,
]);
const PARTS = {
  carried: defineAsyncComponent(() => import('./CarriedView.vue')),
  ways: defineAsyncComponent(() => import('./ClashList.vue')),
  stuck: defineAsyncComponent(() => import('./GluedList.vue')),
  stack: defineAsyncComponent(() => import('./StackView.vue')),
  cut: defineAsyncComponent(() => import('./CutView.vue')),
  tests: defineAsyncComponent(() => import('./TestsView.vue')),
} as const;
const view = ref<'rods' | keyof typeof PARTS>('rods');
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
onBeforeUnmount(() => (stage.lit = undefined));
watch(view, () => (stage.lit = undefined));
const { shown } = usePreferences();
const build = computed(() => here.build);
const chosen = computed(() => (stage.selection?.kind === 'rod' ? stage.selection.id : undefined));
const word = computed(() => firstOfBones(props.bones, hovers.value));
/** The rod that is told of first, where it can be mended. */
const worst = computed(() =>
  word.value.how === 'fails' ? props.bones.rods.find((r) => r.rod.id === word.value.rod) : undefined,
);
const tally = computed(() => props.bones.tally);
const lean = computed(() => props.bones.figureTips.lean);

/** What rods are put into: the selected piece, or the topmost when nothing is selected. */
const asked = () =>
  stage.selection?.kind === 'piece' ? pieceOf(build.value, stage.selection.id) : build.value.pieces.at(-1);
type Into = (b: Build, piece: string) => { readonly build: Build; readonly id: string } | undefined;
function add(into: Into = rodInto, label = 'adding a rod'): void {
  const piece = asked();
  if (!piece) {
    store.say('There is nothing to put a rod through yet.');
    return;
  }
  const made = into(build.value, piece.id);
  if (!made) {
    store.say(`A stick up through the ${piece.name.toLowerCase()} would hold nothing: nothing rests on it.`);
    return;
  }
  store.apply(made.build, label);
  stage.selection = { kind: 'rod', id: made.id };
}
const through: Into = (_, piece) => here.report.stands.stick(piece);
watch(
  () => stage.wanted,
  (wanted) => {
    if (wanted !== 'rod') return;
    stage.wanted = undefined;
    add();
  },
  { immediate: true },
);
</script>

<template>
  <div class="panel-scroll">
    <FirstWord lens="Bones" :word="word">
      <FirstMend v-if="worst && worst.rod.id !== chosen" :report="worst" />
    </FirstWord>
    <div class="panel-top">
      <Segments v-model:value="view" heading :options="VIEWS" label="What of the bones" />
    </div>
    <div v-if="view === 'rods'" class="facts">
      <span><WhyButton :figure="bones.balance.mass" /> in all</span>
      <span v-if="lean.value > 0"
        >leans <WhyButton :figure="lean" :text="`${Math.round(lean.value)}°`" /> before it falls{{
          bones.anchored ? ', unpinned' : ''
        }}</span
      >
      <span v-else>stands only because it is pinned: <WhyButton :figure="lean" text="sum" /></span>
      <span>balances <WhyButton :figure="bones.balance.up" /> above the board</span>
      <span
        >{{ tally.number === 1 ? 'one rod' : `${tally.number} rods`
        }}{{ tally.materials > 1 ? ` in ${tally.materials} materials` : '' }}</span
      >
    </div>

    <div v-if="view === 'rods'" class="row adding">
      <button class="button main" type="button" @click="add()"><Plus :size="16" /> Add a rod</button>
      <button class="button" type="button" @click="add(twoInto, 'two rods apart')">Two, apart</button>
      <button class="button" type="button" @click="add(through, 'a stick up through it')">
        Up through it
      </button>
      <button class="button" type="button" @click="add(tripodInto, 'adding a tripod')">A tripod</button>
      <span class="muted small">for the selected piece</span>
    </div>

    <p v-for="a in bones.asks" :key="a" class="warning"><span aria-hidden="true">◆</span> {{ a }}</p>
    <component :is="PARTS[view]" v-if="view !== 'rods'" />
    <p v-if="view === 'rods' && !bones.rods.length && !bones.mast" class="empty">
      No rods yet. Select what has to be held up and press R.
    </p>
    <ul v-if="view === 'rods'" class="opening rods">
      <li v-for="r in bones.rods" :key="r.rod.id" class="when-near" :class="{ open: r.rod.id === chosen }">
        <button
          type="button"
          class="line"
          data-edits
          :aria-expanded="r.rod.id === chosen"
          @click="stage.selection = r.rod.id === chosen ? undefined : { kind: 'rod', id: r.rod.id }"
        >
          <span class="letter">{{ r.letter }}</span>
          <span class="what">
            <strong>{{ r.rod.name }}<template v-if="r.rod.pair">, pair</template></strong>
            <span class="muted small"
              >{{ r.stock.name }} · {{ formatLength(r.length.value, shown) }} ·
              {{ throughWords(build, r.passes) }}</span
            >
          </span>
          <LoadBar :use="r.worst?.use.value ?? 0" :verdict="r.verdict" />
          <VerdictWord :verdict="r.verdict" :times="r.worst?.times" />
        </button>
        <RodCard v-if="r.rod.id === chosen" :report="r" />
      </li>
      <MastRow v-if="bones.mast" :report="bones.mast" />
      <TipRow
        v-if="!bones.anchored"
        :tips="bones.figureTips"
        title="On its own feet"
        letter="⊥"
        :mends="() => here.report.tips.figure"
      />
      <TipRow
        :tips="bones.boardTips"
        title="Board and all"
        letter="⟂"
        :mends="() => here.report.tips.board"
        :bump="bones.bump"
      />
      <li v-for="c in carved" :key="c.piece">
        <div class="line">
          <span class="letter">◡</span>
          <span class="what">
            <strong>{{ c.name }}, carved under</strong>
            <span class="muted small"
              ><WhyButton :figure="c.check.use" text="sum" /> · {{ c.check.text }}</span
            >
          </span>
          <LoadBar :use="c.check.use.value" :verdict="c.check.verdict" />
          <VerdictWord :verdict="c.check.verdict" :times="c.check.times" />
        </div>
      </li>
      <li>
        <div class="line">
          <span class="letter">→</span>
          <span class="what">
            <strong>Sliding</strong>
            <span class="muted small"
              ><WhyButton :figure="bones.slides.use" text="sum" /> · {{ bones.slides.text }}</span
            >
          </span>
          <LoadBar :use="bones.slides.use.value" :verdict="bones.slides.verdict" />
          <VerdictWord :verdict="bones.slides.verdict" :times="bones.slides.times" />
        </div>
      </li>
    </ul>
    <RoadLoads v-if="view === 'rods'" />
    <UnionNote v-if="view === 'rods'" lens="bones" />
    <p v-if="view === 'rods'" class="limits muted">
      {{ bones.limits }} Weight of the rods <WhyButton :figure="tally.mass" after="." /> Every rod is counted
      in and out.
    </p>
    <TakeCare place="bones" />
  </div>
</template>

<style scoped>
.adding {
  align-items: center;
  padding: 4px 0 10px;
}
.limits {
  margin-top: 16px;
  font-size: 12.5px;
}
</style>
