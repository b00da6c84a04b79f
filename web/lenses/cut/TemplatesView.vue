<script setup lang="ts">
import { computed } from 'vue';
import { setTemplate, setWidth } from '@core/edits/index.ts';
import { measureOf } from '@core/figure/index.ts';
import { groundOf } from '@core/ground/index.ts';
import {
  PAPERS,
  templateSizes,
  USES,
  type Page,
  type PaperId,
  type Template,
} from '@core/templates/index.ts';
import type { TemplateUse } from '@core/record/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useStage } from '../../state/on-stage.ts';
import { usePrinting } from '../../state/printing.ts';
import ChoiceField from '../../shared/ChoiceField.vue';
import QuantityField from '../../shared/QuantityField.vue';
import WhyButton from '../../shared/WhyButton.vue';
import { choicesOf } from '../../shared/choices.ts';
import PageView from '../../shared/pages/PageView.vue';

/** Paper at true size: what is cut by a knife, what is carved to, and the pages they lie on. */
const props = defineProps<{
  /** Undefined until they were found. */
  templates: readonly Template[] | undefined;
  made: readonly Page[];
  /** Those that are not wanted on paper. */
  left: ReadonlySet<string>;
  /** Those that are wanted twice. */
  twice: ReadonlySet<string>;
}>();
const emit = defineEmits<{
  take: [template: Template, on: boolean];
  double: [template: Template, on: boolean];
}>();
const store = useBuild();
const here = useOpenBuild();
const stage = useStage();
const { printing } = usePrinting();
const pagesWith = (t: Template): string => {
  const on = props.made.filter((p) => p.templates.includes(t.id)).map((p) => p.name);
  if (on.length === 0) return 'no page';
  return on.length === 1 ? `page ${on[0]}` : `${on.length} pages`;
};
const isChosen = (t: Template): boolean =>
  stage.selection?.kind === 'piece' && t.pieces.includes(stage.selection.id);
const USE_OPTIONS = [{ value: '', label: 'as its shape asks' }, ...choicesOf(USES, (u) => u.name)];
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
/** What is cut may be made as wide as something is, in its own proportions. */
const wide = computed(() => (chosen.value ? measureOf(chosen.value).width : 0));
const top = computed(() => groundOf(here.build).top);
function widen(mm: number): void {
  const piece = chosen.value;
  if (piece) store.apply(setWidth(here.build, piece.id, mm), `the width of the ${piece.name.toLowerCase()}`);
}
const PAPER_OPTIONS = choicesOf<PaperId, (typeof PAPERS)[PaperId]>(PAPERS, (p) => p.name);
</script>

<template>
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
        @change="emit('take', t, ($event.target as HTMLInputElement).checked)"
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
      <span class="n"
        ><template v-for="(size, k) in templateSizes(t)" :key="k"
          ><template v-if="k > 0"> × </template><WhyButton :figure="size" /></template
      ></span>
      <span class="n muted">{{ pagesWith(t) }}</span>
      <label v-if="isChosen(t) && !left.has(t.id)" class="twice"
        ><input
          type="checkbox"
          :checked="twice.has(t.id)"
          @change="emit('double', t, ($event.target as HTMLInputElement).checked)"
        />
        two papers: one to cut, one that stays whole</label
      >
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
    <QuantityField label="Wide" kind="length" :width="100" :value="wide" @change="widen" />
    <button class="button" type="button" @click="widen(top.width)">
      As wide as the {{ top.name.toLowerCase() }}
    </button>
  </div>
  <p v-else class="muted small choose">
    Choose any piece, here or on the figure, to give it a paper or another line.
  </p>
</template>

<style scoped>
.printer {
  flex-wrap: wrap;
  align-items: flex-end;
  gap: 14px;
  padding: 10px 0 4px;
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
.on .note {
  color: var(--ink);
}
.twice {
  display: flex;
  grid-column: 2 / -1;
  gap: 8px;
}
.n {
  text-align: right;
  white-space: nowrap;
}
.choose {
  padding: 10px 0 0;
  border-top: 1px solid var(--line);
}
.use {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 14px;
  align-items: flex-end;
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
