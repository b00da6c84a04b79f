<script setup lang="ts">
import { useTell } from '../state/tell.ts';
import { computed, onBeforeUnmount, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { FolderOpen, Plus, Save } from '@lucide/vue';
import { readStores, STORES_FILE, writeStores } from '@core/stores-file.ts';
import { formatMass } from '@core/quantity/index.ts';
import {
  firstOut,
  freshness,
  ingredientOf,
  type IngredientKind,
  type StockItem,
  type Stores,
} from '@core/stores/index.ts';
import { demoLooked } from '../state/open-build.ts';
import { today, useStores } from '../state/stores.ts';
import { usePreferences } from '../state/preferences.ts';
import { replaceStores } from '../storage/stores.ts';
import { saveBlob } from '../shell/files.ts';
import ItemCard from './ItemCard.vue';
import BookView from './BookView.vue';
import OwnPastes from './OwnPastes.vue';
import PackList from './PackList.vue';
import Segments from '../shared/Segments.vue';

/** What is on the shelf, by kind, first to expire first. */
const shelf = useStores();
const { shown } = usePreferences();
const tell = useTell();
const route = useRoute();
watch(
  () => route.query.of,
  (of) => (demoLooked.value = of === 'demo'),
  { immediate: true },
);
onBeforeUnmount(() => (demoLooked.value = false));
document.title = 'Stores · Elm Spindle';

type View = 'shelf' | 'book' | 'packs' | 'pastes';
const VIEWS = [
  { value: 'shelf', label: 'On the shelf' },
  { value: 'book', label: 'Mixed before' },
  { value: 'packs', label: 'How you buy' },
  { value: 'pastes', label: 'Your own pastes' },
];
const view = ref<View>('shelf');
const open = ref<string>();
const adding = ref(false);
const seek = ref('');

type Group = IngredientKind | 'offcut';
const GROUPS: readonly (readonly [Group, string])[] = [
  ['offcut', 'Offcuts, to use first'],
  ['paste', 'Pastes'],
  ['stiffener', 'Stiffeners'],
  ['chocolate', 'Chocolate'],
  ['syrup', 'Syrup'],
  ['icing', 'Icing and glue'],
  ['cream', 'Fillings'],
  ['core', 'Cores'],
  ['rod', 'Rods and sticks'],
  ['board', 'Boards'],
  ['other', 'Other'],
];
const groupOf = (i: StockItem): Group =>
  i.offcut ? 'offcut' : (ingredientOf(i.ingredient, shelf.stores.pastes)?.kind ?? 'other');
const groups = computed(() => {
  const wanted = seek.value.trim().toLowerCase();
  const items = shelf.stores.items.filter(
    (i) => !wanted || `${i.name} ${i.note} ${i.offcut?.colour.name ?? ''}`.toLowerCase().includes(wanted),
  );
  return GROUPS.map(([id, name]) => ({
    id,
    name,
    items: firstOut(items.filter((i) => groupOf(i) === id)),
  })).filter((g) => g.items.length);
});
const amount = (i: StockItem) =>
  ingredientOf(i.ingredient, shelf.stores.pastes)?.unit === 'pieces'
    ? String(i.amount)
    : formatMass(i.amount, shown);
const keptWords = (i: StockItem) =>
  (shelf.kept.get(i.id) ?? []).map((k) => `${formatMass(k.grams, shown)} kept for ${k.name}`).join(', ');
const day = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  year: 'numeric',
});
const dayWords = (keepBy: string) => day.format(new Date(`${keepBy}T12:00:00`));
const state = (i: StockItem) => freshness(i, today());
const past = computed(() => shelf.stores.items.filter((i) => state(i) === 'past').length);
const soon = computed(() => shelf.stores.items.filter((i) => state(i) === 'soon').length);

/** An entry is put in where entries are seen. */
function add(): void {
  view.value = 'shelf';
  adding.value = true;
}
const chooser = ref<HTMLInputElement>();
const problem = ref<string>();
async function take(e: Event): Promise<void> {
  const input = e.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (!file) return;
  const read = readStores(await file.text().catch(() => ''));
  if (!read.ok) {
    problem.value = `${file.name} was not opened. ${read.problem.text} Nothing was changed.`;
    return;
  }
  problem.value = undefined;
  const yes = await tell.ask({
    title: `Put the stores of ${file.name} in the place of these?`,
    content: `It holds ${entries(read.value)}; the ${entries(shelf.stores)} here go unless you save them first.`,
    yes: 'Put them in place',
    no: 'Keep these',
  });
  if (!yes) return;
  const put = await replaceStores(read.value, shelf.larder);
  if (!put.ok) tell.error(put.problem.text);
}
const entries = ({ items, book }: Stores) => `${items.length} entries and ${book.length} mixed batches`;
const save = () => saveBlob(new Blob([writeStores(shelf.stores)], { type: 'application/json' }), STORES_FILE);
</script>

<template>
  <div class="stores">
    <header>
      <router-link to="/" class="brand" title="Back to the shelf"
        ><img src="/mark.svg" alt="" width="30" height="30" /><span>Elm Spindle</span></router-link
      >
      <h1>Stores</h1>
      <Segments v-model:value="view" :options="VIEWS" label="What of the stores" />
      <div class="row">
        <button class="button" type="button" @click="save"><Save :size="15" /> Save to a file</button>
        <button class="button" type="button" @click="chooser?.click()">
          <FolderOpen :size="15" /> Open a file
        </button>
        <button class="button main" type="button" @click="add"><Plus :size="15" /> New entry</button>
        <input
          ref="chooser"
          class="visually-hidden"
          type="file"
          accept=".json,application/json"
          aria-label="Open a stores file"
          tabindex="-1"
          @change="take"
        />
      </div>
    </header>
    <p v-if="shelf.demo" class="demo" role="status">
      This is the larder of the demonstration workshop, not yours.
      <router-link to="/stores">See your own</router-link>
    </p>
    <p v-if="problem ?? shelf.problem" class="problem" role="alert">{{ problem ?? shelf.problem }}</p>
    <main>
      <PackList v-if="view === 'packs'" />
      <BookView v-else-if="view === 'book'" />
      <OwnPastes v-else-if="view === 'pastes'" />
      <template v-else>
        <ItemCard v-if="adding" class="new" @done="adding = false" />
        <div class="find">
          <a-input
            v-model:value="seek"
            placeholder="Find in the stores"
            aria-label="Find in the stores"
            allow-clear
          />
          <p class="muted">
            {{ shelf.stores.items.length }} entries<template v-if="soon"
              >, {{ soon }} to use this week</template
            ><template v-if="past"
              >,
              <strong class="past">{{ past }} past {{ past === 1 ? 'its' : 'their' }} date</strong></template
            >
          </p>
        </div>
        <p v-if="shelf.ready && !shelf.stores.items.length" class="empty">
          The shelf is empty. Add what you have, or put what is left of a batch here from Paste.
        </p>
        <section v-for="g in groups" :key="g.id">
          <h2>{{ g.name }}</h2>
          <ul class="opening">
            <li v-for="i in g.items" :key="i.id" :class="{ open: open === i.id }">
              <button
                type="button"
                class="line"
                :class="{ swatched: i.offcut }"
                :aria-expanded="open === i.id"
                @click="open = open === i.id ? undefined : i.id"
              >
                <i v-if="i.offcut" :style="{ background: i.offcut.colour.hex }"></i>
                <strong>{{ i.name }}</strong>
                <span class="muted small note">{{ [keptWords(i), i.note].filter(Boolean).join(' · ') }}</span>
                <span class="n">{{ amount(i) }}</span>
                <span class="date" :class="state(i)"
                  ><template v-if="i.keepBy"
                    ><span aria-hidden="true">{{ { past: '▲', soon: '◆', good: '' }[state(i)] }}</span>
                    {{ state(i) === 'past' ? 'was good until' : 'use by' }} {{ dayWords(i.keepBy) }}</template
                  ></span
                >
              </button>
              <ItemCard v-if="open === i.id" :item="i" @done="open = undefined" />
            </li>
          </ul>
        </section>
      </template>
      <p class="foot muted small">
        Keep-by days are common practice to begin with. The label, your nose and local food rules come first.
      </p>
    </main>
  </div>
</template>

<style scoped>
.demo {
  padding: 8px 0;
}
.stores {
  min-height: 100%;
  padding: 18px 40px;
  background: var(--slab-2);
}
header,
main {
  max-width: 1200px;
}
header {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 22px;
  align-items: center;
}
header .row {
  margin-left: auto;
}
.brand {
  display: flex;
  gap: 9px;
  align-items: center;
  color: var(--ink);
  text-decoration: none;
  font: 700 17px var(--font-title);
}
h1 {
  font-size: 24px;
}
main {
  padding-top: 14px;
}
section {
  padding-top: 20px;
}
.find {
  display: grid;
  grid-template-columns: 260px 1fr;
  gap: 18px;
  align-items: center;
}
.line {
  display: grid;
  grid-template-columns: minmax(220px, 380px) 1fr 90px 210px;
  gap: 14px;
  align-items: center;
  min-height: 44px;
  padding: 3px 0;
}
.line i {
  width: 26px;
  height: 26px;
  border-radius: 7px;
  border: 1px solid rgb(29 36 34 / 35%);
}
.line.swatched {
  grid-template-columns: 26px minmax(180px, 340px) 1fr 90px 210px;
}
.n {
  text-align: right;
  font-weight: 600;
}
.date.past,
strong.past {
  color: var(--fails);
}
.date.soon {
  color: var(--tight);
}
.new {
  margin-bottom: 14px;
  padding: 12px 14px;
  border: 1.5px solid var(--ink);
  border-radius: 10px;
  background: var(--paper);
}
.problem {
  margin-top: 12px;
  padding: 10px 14px;
  border-left: 3px solid var(--fails);
  background: var(--paper);
}
.foot {
  padding: 28px 0 10px;
}
@media (max-width: 760px) {
  .stores {
    padding: 14px;
  }
  .line {
    grid-template-columns: 1fr auto;
  }
  .note,
  .date {
    grid-column: 2 / -1;
  }
  .find {
    grid-template-columns: 1fr;
  }
}
</style>
