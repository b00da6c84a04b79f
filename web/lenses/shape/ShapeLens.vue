<script setup lang="ts">
import { computed, defineAsyncComponent, nextTick, onBeforeUnmount, ref, watch } from 'vue';
import { Layers, Plus } from '@lucide/vue';
import { groundOf } from '@core/ground/index.ts';
import { unitDoubt } from '@core/edits/index.ts';
import { formatLength, formatPiece } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { reckoning } from '../../state/reckoning.ts';
import { useStage } from '../../state/on-stage.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePreferences } from '../../state/preferences.ts';
import QuantityField from '../../shared/QuantityField.vue';
import WhyButton from '../../shared/WhyButton.vue';
import PieceCard from './PieceCard.vue';
import ShapeIcon from './ShapeIcon.vue';
import Segments from '../../shared/Segments.vue';
import FirstWord from '../../shared/FirstWord.vue';

/** Last on the page, and not needed for its first view. */
const TakeCare = defineAsyncComponent(() => import('../../shared/TakeCare.vue'));

const GroundCard = defineAsyncComponent(() => import('../../ground/GroundCard.vue'));
const HeightView = defineAsyncComponent(() => import('./HeightView.vue'));
const PictureView = defineAsyncComponent(() => import('./PictureView.vue'));
const FiguresCard = defineAsyncComponent(() => import('./FiguresCard.vue'));
const SeveralBar = defineAsyncComponent(() => import('./SeveralBar.vue'));
const SolidView = defineAsyncComponent(() => import('./SolidView.vue'));

type View = 'pieces' | 'height' | 'picture' | 'solid';
const VIEWS = [
  { label: 'Pieces', value: 'pieces' },
  { label: 'Height', value: 'height' },
  { label: 'Picture', value: 'picture' },
  { label: 'Solid', value: 'solid' },
];
const view = ref<View>('pieces');

const emit = defineEmits<{ add: [] }>();
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const { shown } = usePreferences();
const figure = computed(() => here.report.figure);
const word = computed(() => reckoning().firstOfShape(figure.value, shown));
const build = computed(() => here.build);
const chosen = computed(() => (stage.selection?.kind === 'piece' ? stage.selection.id : undefined));
const ground = computed(() => groundOf(build.value));
const grounded = computed(() => stage.selection?.kind === 'ground');
const standsOn = computed(() =>
  [...ground.value.layers]
    .reverse()
    .map((l) => l.name.toLowerCase())
    .join(', '),
);
const rows = computed(() =>
  build.value.pieces.map((piece, i) => ({
    piece,
    report: figure.value.pieces[i]!,
    colour: build.value.colours.find((c) => c.id === piece.colour)!,
  })),
);
/** Several pieces may be chosen together: with Ctrl or Shift, or by finger while they are being picked. */
const picking = ref(false);
const picked = ref<ReadonlySet<string>>(new Set());
const several = computed(
  () => new Set(build.value.pieces.filter((p) => picked.value.has(p.id)).map((p) => p.id)),
);
function press(e: MouseEvent, id: string): void {
  if (!picking.value && !e.ctrlKey && !e.metaKey && !e.shiftKey) {
    stage.selection = id === chosen.value ? undefined : { kind: 'piece', id };
    return;
  }
  const next = new Set(several.value);
  if (!picking.value && next.size === 0 && chosen.value) next.add(chosen.value);
  if (!next.delete(id)) next.add(id);
  picking.value = true;
  stage.selection = undefined;
  pick(next);
}
function pick(next: ReadonlySet<string>): void {
  picked.value = next;
  stage.lit = next.size > 0 ? next : undefined;
}
function letGo(): void {
  picking.value = false;
  pick(new Set());
}
onBeforeUnmount(letGo);
const list = ref<HTMLOListElement>();
watch([chosen, grounded], async ([id, under]) => {
  if (!id && !under) return;
  if (under) view.value = 'pieces';
  await nextTick();
  list.value?.querySelector('li.open')?.scrollIntoView({ block: 'nearest' });
});
function setHeight(mm: number): void {
  const before = figure.value.height;
  const done = reckoning().toHeight(build.value, mm);
  if (!done.ok) {
    store.say(done.problem.text, 'error');
    return;
  }
  const was = build.value;
  if (!store.apply(done.value.build, 'the finished height')) return;
  const doubt = unitDoubt(before, mm);
  store.moved = reckoning().movedByHeight(
    was,
    build.value,
    [...(doubt ? [doubt] : []), ...done.value.notes],
    shown,
  );
}
</script>

<template>
  <div class="panel-scroll">
    <FirstWord lens="Shape" :word="word" />
    <div class="panel-top">
      <Segments v-model:value="view" heading :options="VIEWS" label="What of the shape" />
      <button class="button main" type="button" @click="emit('add')"><Plus :size="16" /> New piece</button>
    </div>
    <div class="facts">
      <QuantityField
        v-if="build.pieces.length"
        label="Finished height"
        kind="length"
        :value="figure.height"
        :width="92"
        @change="setHeight"
      />
      <span><WhyButton :figure="figure.paste" /> of paste</span>
      <span
        ><WhyButton :figure="figure.number" :text="String(figure.number.value)" />
        {{ figure.number.value === 1 ? 'piece' : 'pieces' }}</span
      >
      <span><WhyButton :figure="figure.wide" /> wide</span>
    </div>
    <HeightView v-if="view === 'height'" />
    <PictureView v-else-if="view === 'picture'" />
    <SolidView v-else-if="view === 'solid'" />
    <template v-else>
      <p v-for="w in figure.warnings.slice(1)" :key="w" class="warning">
        <span aria-hidden="true">◆</span> {{ w }}
      </p>
      <p v-if="!build.pieces.length" class="empty">
        Nothing stands on the board yet. Add the first piece, or lay out a whole figure under Height.
      </p>
      <p v-if="build.pieces.length > 1 && several.size < 2" class="small several">
        <button
          type="button"
          class="button plain"
          :aria-pressed="picking"
          @click="picking ? letGo() : (picking = true)"
        >
          {{ picking ? 'Press the pieces; let go' : 'Choose several' }}
        </button>
      </p>
      <FiguresCard v-if="here.report.figures.figures.length > 1" />
      <SeveralBar v-if="several.size > 1" :ids="several" @done="letGo" />
      <ol ref="list" class="opening pieces">
        <li class="stands" :class="{ open: grounded }">
          <button
            type="button"
            class="line"
            data-edits
            :aria-expanded="grounded"
            @click="stage.selection = grounded ? undefined : { kind: 'ground', id: 'ground' }"
          >
            <Layers :size="26" :stroke-width="1.4" aria-hidden="true" />
            <span class="what"
              ><strong>What it stands on</strong> <span class="muted">{{ standsOn }}</span></span
            >
            <span></span>
            <span class="n muted">{{ formatLength(-ground.table, shown) }} high</span>
          </button>
          <GroundCard v-if="grounded" />
        </li>
        <li v-for="r in rows" :key="r.piece.id" class="when-near" :class="{ open: r.piece.id === chosen }">
          <button
            type="button"
            class="line"
            data-edits
            :aria-expanded="r.piece.id === chosen"
            :aria-pressed="picking ? several.has(r.piece.id) : undefined"
            :class="{ picked: several.has(r.piece.id) }"
            @click="(e) => press(e, r.piece.id)"
          >
            <ShapeIcon :kind="r.piece.form.kind" :form="r.piece.form" :colour="r.colour.hex" :size="30" />
            <span class="what"
              ><strong>{{ r.piece.name }}</strong
              ><template v-if="r.report.number > 1"> ×{{ r.report.number }}</template></span
            >
            <span class="n">{{ formatPiece(r.report.weight.paste.value, shown) }}</span>
            <span class="n muted">{{ formatLength(r.report.weight.ball.value, shown) }} ball</span>
          </button>
          <PieceCard v-if="r.piece.id === chosen" :piece="r.piece" :report="r.report" />
        </li>
      </ol>
    </template>
    <TakeCare place="shape" />
  </div>
</template>

<style scoped>
.line.picked {
  background: var(--elm-soft);
}
.several {
  margin: 0;
  text-align: right;
}
.line {
  display: grid;
  grid-template-columns: 36px 1fr 84px 104px;
  align-items: center;
  gap: 10px;
  min-height: 44px;
  padding: 4px 0;
}
.n {
  text-align: right;
}
</style>
