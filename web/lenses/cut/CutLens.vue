<script setup lang="ts">
import { computed, ref, shallowRef, watch, onScopeDispose } from 'vue';
import { FileDown, Images } from '@lucide/vue';
import { firstOfCut } from '@core/first-words.ts';
import { formatLength } from '@core/quantity/index.ts';
import { rolledOf } from '@core/covers/index.ts';
import { setTemplate } from '@core/edits/index.ts';
import { pagesOf, PAPERS, templatesOf, USES, type PaperId, type Template } from '@core/templates/index.ts';
import type { TemplateUse } from '@core/record/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useStage } from '../../state/on-stage.ts';
import { usePreferences } from '../../state/preferences.ts';
import { useTell } from '../../state/tell.ts';
import { pdfJob, templatesJob, type WorkerJob } from '../../workers/client.ts';
import { saveBlob } from '../../shell/files.ts';
import ChoiceField from '../../shared/ChoiceField.vue';
import FirstWord from '../../shared/FirstWord.vue';
import QuantityField from '../../shared/QuantityField.vue';
import PageView from './PageView.vue';
import RolledRow from './RolledRow.vue';
import { zipOfPages } from './zip.ts';

/** Paper at true size: what is cut by a knife, what is carved to, and the pages they lie on. */
const store = useBuild();
const here = useOpenBuild();
const stage = useStage();
const tell = useTell();
const { shown, printing } = usePreferences();

/** Undefined until they were found; after a change the last ones stand until the new ones are there. */
const templates = shallowRef<readonly Template[]>();
let asked: WorkerJob<readonly Template[]> | undefined;
watch(
  () => here.build,
  async (build) => {
    asked?.cancel();
    const mine = templatesJob(build);
    asked = mine;
    // where there is no worker, or it broke, it is drawn here
    const found = await mine.result.catch(() => templatesOf(build));
    if (found && asked === mine) templates.value = found;
  },
  { immediate: true },
);

const left = ref<ReadonlySet<string>>(new Set());
const taken = computed(() => (templates.value ?? []).filter((t) => !left.value.has(t.id)));
const pages = computed(() => pagesOf(taken.value, here.build.name, printing));
const made = computed(() => (pages.value.ok ? pages.value.value : []));
const word = computed(() => firstOfCut(templates.value, made.value.length, PAPERS[printing.paper].name));
const pagesWith = (t: Template): string => {
  const on = made.value.filter((p) => p.templates.includes(t.id)).map((p) => p.name);
  if (on.length === 0) return 'no page';
  return on.length === 1 ? `page ${on[0]}` : `${on.length} pages`;
};
const isChosen = (t: Template): boolean =>
  stage.selection?.kind === 'piece' && t.pieces.includes(stage.selection.id);
function take(t: Template, on: boolean): void {
  const next = new Set(left.value);
  if (on) next.delete(t.id);
  else next.add(t.id);
  left.value = next;
}

const rolled = computed(() => rolledOf(here.build));
const USE_OPTIONS = [
  { value: '', label: 'as its shape asks' },
  ...Object.values(USES).map((u) => ({ value: u.id, label: u.name })),
];
/** The piece that is chosen, whether it has a paper or not. */
const chosen = computed(() =>
  stage.selection?.kind === 'piece' ? here.build.pieces.find((p) => p.id === stage.selection?.id) : undefined,
);
function use(value: string): void {
  const piece = chosen.value;
  const found = Object.keys(USES).find((u): u is TemplateUse => u === value);
  if (piece)
    store.apply(setTemplate(here.build, piece.id, found), `the template of the ${piece.name.toLowerCase()}`);
}
const PAPER_OPTIONS = Object.entries(PAPERS).map(([value, p]) => ({
  value: value as PaperId,
  label: p.name,
}));

const making = ref<number>();
let job: WorkerJob<Uint8Array> | undefined;
const fileName = (end: string): string =>
  `${here.build.name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}-templates.${end}`;
async function savePdf(): Promise<void> {
  making.value = 0;
  const mine = pdfJob(made.value, here.build.name, (share) => (making.value = share));
  job = mine;
  try {
    const bytes = await mine.result;
    if (bytes) saveBlob(new Blob([bytes.slice()], { type: 'application/pdf' }), fileName('pdf'));
  } catch {
    tell.error('The PDF could not be made here. Save the pages as SVG instead, or try again.');
  } finally {
    if (job === mine) making.value = undefined;
  }
}
function stop(): void {
  job?.cancel();
  making.value = undefined;
}
const saveSvg = (): void => saveBlob(zipOfPages(made.value), fileName('zip'));
onScopeDispose(() => {
  asked?.cancel();
  job?.cancel();
});
</script>

<template>
  <div class="panel-scroll">
    <FirstWord lens="Cut" :word="word">
      <div v-if="made.length" class="row">
        <button class="button main" type="button" :disabled="making !== undefined" @click="savePdf">
          <FileDown :size="15" /> Save as PDF
        </button>
        <button class="button" type="button" @click="saveSvg"><Images :size="15" /> Save as SVG</button>
        <span v-if="making !== undefined" class="muted" role="status">
          {{ Math.round(making * 100) }} %
          <button class="button plain" type="button" @click="stop">Stop</button>
        </span>
      </div>
    </FirstWord>
    <p v-if="!pages.ok" class="trouble"><span aria-hidden="true">◆</span> {{ pages.problem.text }}</p>

    <div class="printer row">
      <ChoiceField
        label="Paper"
        :value="printing.paper"
        :options="PAPER_OPTIONS"
        :width="110"
        @change="(v) => (printing.paper = v)"
      />
      <QuantityField
        label="The bar measures"
        kind="length"
        :value="printing.measured"
        @change="(v) => (printing.measured = v)"
      />
      <p class="muted small">
        Print at 100 %, not “fit to page”. Measure the bar at the foot of a page and type what you read: the
        next pages are drawn so that it comes out at 100 mm.
      </p>
    </div>

    <ol v-if="made.length" class="pages" aria-label="Pages" tabindex="0">
      <li v-for="p in made" :key="p.name"><PageView :page="p" /></li>
    </ol>

    <ul v-if="templates?.length" class="list">
      <li v-for="t in templates" :key="t.id" :class="{ on: isChosen(t) }">
        <input
          type="checkbox"
          :checked="!left.has(t.id)"
          :aria-label="`${t.name} on paper`"
          @change="take(t, ($event.target as HTMLInputElement).checked)"
        />
        <button
          type="button"
          :aria-pressed="isChosen(t)"
          @click="stage.selection = { kind: 'piece', id: t.pieces[0]! }"
        >
          <strong>{{ t.number > 1 ? `${t.name} ×${t.number}` : t.name }}</strong>
          <span class="muted">{{ t.says }}</span>
          <span v-for="n in t.notes" :key="n" class="note">◆ {{ n }}</span>
        </button>
        <span class="n">{{ formatLength(t.wide, shown) }} × {{ formatLength(t.tall, shown) }}</span>
        <span class="n muted">{{ pagesWith(t) }}</span>
      </li>
    </ul>
    <div v-if="chosen" class="use">
      <ChoiceField
        :label="`Paper for the ${chosen.name.toLowerCase()}`"
        :value="chosen.template ?? ''"
        :options="USE_OPTIONS"
        :width="230"
        @change="use"
      />
    </div>
    <p v-else class="muted small choose">
      Choose any piece, here or on the figure, to give it a paper or another line.
    </p>
    <template v-if="rolled.length">
      <h2>Rolled, without paper</h2>
      <ul class="rolled">
        <RolledRow v-for="r in rolled" :key="r.id" :rolled="r" />
      </ul>
    </template>
  </div>
</template>

<style scoped>
.printer {
  flex-wrap: wrap;
  align-items: flex-end;
  gap: 14px;
  padding: 10px 0 4px;
  border-top: 1px solid var(--line);
}
.printer p {
  flex: 1 1 230px;
  margin: 0;
}
.pages {
  display: flex;
  gap: 12px;
  margin: 10px 0 14px;
  padding: 2px 2px 10px;
  overflow-x: auto;
  list-style: none;
  scrollbar-width: thin;
}
.list {
  margin: 0;
  padding: 0;
  list-style: none;
}
.list li {
  display: grid;
  grid-template-columns: 28px minmax(0, 1fr) auto 76px;
  gap: 4px 10px;
  align-items: start;
  padding: 9px 6px;
  border-top: 1px solid var(--line);
}
.list li.on {
  background: var(--elm-soft);
}
.list input {
  width: 18px;
  height: 18px;
  margin: 2px 0 0;
  accent-color: var(--elm);
}
.list button {
  display: grid;
  gap: 2px;
  border: 0;
  padding: 0;
  background: none;
  text-align: left;
  cursor: pointer;
}
.note {
  color: var(--tight);
}
.n {
  text-align: right;
  white-space: nowrap;
}
.rolled {
  margin: 0;
  padding: 0;
  list-style: none;
}
h2 {
  margin: 16px 0 4px;
}
.choose {
  padding: 10px 0 0;
  border-top: 1px solid var(--line);
}
.use {
  padding: 12px 6px;
  border-top: 1px solid var(--line);
}
@container panel (max-width: 430px) {
  .list li {
    grid-template-columns: 28px minmax(0, 1fr) auto;
  }
  .list .n.muted {
    grid-column: 2 / 4;
    text-align: left;
  }
}
@media (pointer: coarse) {
  .list li {
    min-height: 44px;
  }
}
</style>
