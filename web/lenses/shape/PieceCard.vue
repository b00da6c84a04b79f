<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import {
  duplicatePiece,
  asPart,
  fitToGirth,
  resize,
  setBall,
  setGrams,
  setPiece,
  togglePair,
  unitDoubt,
} from '@core/edits/index.ts';
import { measureOf } from '@core/figure/index.ts';
import { weighedTogether } from '@core/paste-list/index.ts';
import { BOARD, type Piece } from '@core/record/index.ts';
import { shapeOf, type Dimension } from '@core/solids/index.ts';
import { formatLength, formatMass } from '@core/quantity/index.ts';
import type { PieceReport } from '@core/plan.ts';
import { pieceRemoved } from '../../shell/removing.ts';
import { savePart } from '../../storage/parts.ts';
import { useBuild } from '../../state/build-store.ts';
import { useStage } from '../../state/on-stage.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePreferences } from '../../state/preferences.ts';
import QuantityField from '../../shared/QuantityField.vue';
import WhyButton from '../../shared/WhyButton.vue';
import PieceLook from './PieceLook.vue';
import PieceSeat from './PieceSeat.vue';
import PieceCore from './PieceCore.vue';
import Segments from '../../shared/Segments.vue';

const SplitDialog = defineAsyncComponent(() => import('./SplitDialog.vue'));
const DrawDialog = defineAsyncComponent(() => import('./DrawDialog.vue'));

const props = defineProps<{ piece: Piece; report: PieceReport }>();
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const preferences = usePreferences();
const build = computed(() => here.build);
const shape = computed(() => shapeOf(props.piece.form.kind));
const id = computed(() => props.piece.id);
const lower = computed(() => props.piece.name.toLowerCase());
const splitting = ref(false);
const drawing = ref(false);

type Tab = 'look' | 'seat' | 'core';
const tab = ref<Tab>('look');
const tabs = computed(() => [
  { label: 'Paste and look', value: 'look' },
  { label: 'Where it sits', value: 'seat' },
  ...(shape.value.coats || shape.value.core ? [{ label: 'Core and coat', value: 'core' }] : []),
]);

const KINDS = { length: 'length', thickness: 'length', angle: 'angle', number: 'count' } as const;
function size(s: Dimension, v: number): void {
  const before = props.piece.form.sizes[s.key]!;
  const done = store.apply(resize(build.value, id.value, { [s.key]: v }), `the size of the ${lower.value}`);
  const doubt = done && KINDS[s.role] === 'length' && before > 0 ? unitDoubt(before, v) : undefined;
  if (doubt) store.say(doubt);
}
const measured = computed(() => measureOf(props.piece));
const together = computed(() => weighedTogether(props.report.weight.gross.value, props.report.weight.alike));
const drawn = computed(() => shape.value.curves !== undefined);

function copy(): void {
  const made = duplicatePiece(build.value, id.value);
  if (!made.ok) return store.say(made.problem.text, 'error');
  store.apply(made.value.build, `copying the ${lower.value}`);
  stage.selection = { kind: 'piece', id: made.value.id };
}
async function keepPart(): Promise<void> {
  const part = asPart(build.value, id.value);
  const kept = part.ok ? await savePart(part.value) : part;
  store.say(
    kept.ok ? `The ${lower.value} is kept among your parts, with all that stands on it.` : kept.problem.text,
    kept.ok ? undefined : 'error',
  );
}
function remove(): void {
  const gone = pieceRemoved(build.value, id.value);
  if (gone) store.remove(gone.build, gone.label, gone.text);
  stage.selection = undefined;
}
</script>

<template>
  <div class="card">
    <div class="row fields">
      <QuantityField
        label="Grams"
        kind="mass"
        :value="report.weight.paste.value"
        @change="(g) => store.apply(setGrams(build, id, g), `the grams of the ${lower}`)"
      />
      <QuantityField
        :label="report.weight.alike > 1 ? 'Ball for each' : 'Ball'"
        kind="length"
        :value="report.weight.ball.value"
        @change="(d) => store.apply(setBall(build, id, d), `the ball of the ${lower}`)"
      />
      <QuantityField
        v-for="s in shape.sizes"
        :key="s.key"
        :label="s.label"
        :kind="KINDS[s.role]"
        :value="piece.form.sizes[s.key]!"
        @change="(v) => size(s, v)"
      />
      <button v-if="drawn" class="button low" type="button" @click="drawing = true">
        {{ piece.form.kind === 'sheet' ? 'Draw the outline' : 'Draw its lines' }}
      </button>
    </div>
    <p class="sum">
      <template v-if="report.weight.alike > 1">
        {{ report.weight.alike }} small ones, each from a ball of
        <WhyButton :figure="report.weight.ball" after="." />
      </template>
      <template v-else>Starts as a ball of <WhyButton :figure="report.weight.ball" after="." /></template>
      <template v-if="together">
        Weigh {{ together.number }} together: {{ formatMass(together.grams, preferences.shown) }}.
      </template>
      <template v-if="measured.cutLength !== undefined">
        {{ report.weight.alike > 1 ? 'Each' : 'Roll or cut it' }}
        {{ formatLength(measured.cutLength, preferences.shown) }} long first.
      </template>
      <template v-if="report.number > 1">
        {{ report.number }} of them take <WhyButton :figure="report.all" after="."
      /></template>
      <template v-if="report.weight.gross !== report.weight.paste">
        Shaped from <WhyButton :figure="report.weight.gross" />, then trimmed.
      </template>
      <template v-if="report.weight.core.value > 0">
        With its core it weighs <WhyButton :figure="report.weight.whole" after="."
      /></template>
    </p>
    <Segments v-model:value="tab" :options="tabs" class="tabs" />
    <PieceLook v-if="tab === 'look'" :piece="piece" />
    <PieceSeat
      v-else-if="tab === 'seat'"
      :piece="piece"
      @fit="(lap) => store.apply(fitToGirth(build, id, lap), `fitting the ${lower}`)"
    />
    <PieceCore v-else :piece="piece" />
    <div class="row fields">
      <button
        class="button"
        type="button"
        :aria-pressed="piece.pair"
        @click="store.apply(togglePair(build, id), `mirroring the ${lower}`)"
      >
        {{ piece.pair ? 'Make it single' : 'Make a mirrored pair' }} <kbd>M</kbd>
      </button>
      <button class="button" type="button" @click="copy">Copy <kbd>D</kbd></button>
      <button class="button" type="button" @click="keepPart">Keep as a part</button>
      <button class="button" type="button" @click="splitting = true">Split</button>
      <button class="button" type="button" @click="remove">Remove <kbd>Del</kbd></button>
      <QuantityField
        v-if="piece.seat.on === BOARD"
        label="How many alike"
        kind="count"
        :width="62"
        :value="piece.count"
        @change="(v) => store.apply(setPiece(build, id, { count: v }), `how many of the ${lower}`)"
      />
    </div>
    <SplitDialog
      v-if="splitting"
      v-model:open="splitting"
      :piece="piece"
      :grams="report.weight.gross.value"
    />
    <DrawDialog v-if="drawing" v-model:open="drawing" :piece="piece" />
  </div>
</template>

<style scoped>
.sum {
  color: var(--ink-2);
}
.tabs {
  justify-self: start;
}
</style>
