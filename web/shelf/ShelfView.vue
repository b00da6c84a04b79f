<script setup lang="ts">
import { useTell } from '../state/tell.ts';
import { computed, defineAsyncComponent, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { liveQuery } from 'dexie';
import { FolderOpen, Plus, Search, ShieldCheck } from '@lucide/vue';
import { canShare, handedOn, saveBlob, saveToFile } from '../shell/files.ts';
import { FILE_EXTENSION, fileStem } from '@core/files/index.ts';
import { finding } from '../find/finding.ts';
import { db, keeping } from '../storage/db.ts';
import { LONGEST_NAME } from '@core/quantity/index.ts';
import type { Build } from '@core/record/index.ts';
import { removeBuild, shelve } from '../storage/builds.ts';
import { reading } from '../storage/reading.ts';
import { restoreDemo, seedDemo } from '../storage/demo.ts';
import { readSetting, writeSetting } from '../storage/settings.ts';
import { adjusting } from '../words/adjusting.ts';
import { cardReader, type ShelfEntry, type Shelved } from './cards.ts';
import { takeFile } from './taking.ts';
import ShelfCard from './ShelfCard.vue';
import { useStates } from './states.ts';

const router = useRouter();
const tell = useTell();
const cards = shallowRef<ShelfEntry[]>();
/** Under this name it is kept which are put away. */
const AWAY = 'put-away';
/** More than this are shown when asked for. */
const PAGE = 24;
const shown = ref(PAGE);
const problem = ref<string>();
const chooser = ref<HTMLInputElement>();
const KeepDialog = defineAsyncComponent(() => import('./KeepDialog.vue'));
const safe = ref(false);
/** A backup that was opened as a file. */
const given = shallowRef<Blob>();
const sharing = canShare();
async function handOn(build: Build): Promise<void> {
  const says = await handedOn(build);
  if (says) tell.error(says);
}

const toCards = cardReader();
const watching = liveQuery(() => db.builds.toArray()).subscribe({
  next: async (list) => {
    const { readRecord } = await reading();
    cards.value = toCards(list, readRecord).sort(order);
  },
  error: () => {
    problem.value = 'What is on the shelf could not be read from this browser. Reload the page to try again.';
    cards.value ??= [];
  },
});
/** With fewer nobody looks for one. */
const FEW = 5;
const ORDERS = [
  { value: 'due', label: 'day' },
  { value: 'name', label: 'name' },
  { value: 'saved', label: 'last work' },
];
const by = ref<'due' | 'name' | 'saved'>('due');
const sought = ref('');
const showAway = ref(false);
const away = shallowRef<ReadonlySet<string>>(new Set());
/** As it will be once it is kept: a second tap follows the first. */
let wanted: ReadonlySet<string> = away.value;
void readSetting<string[]>(AWAY, []).then((ids) => (away.value = wanted = new Set(ids)));
/** What is shown as put away is kept as that: who leaves the page at once finds it so. */
async function putAway(id: string): Promise<void> {
  const next = new Set(wanted);
  if (!next.delete(id)) next.add(id);
  wanted = next;
  await writeSetting(AWAY, [...next]).catch(() => tell.error('The browser did not keep that.'));
  away.value = wanted;
  if (wanted.size === 0) showAway.value = false;
}
const ORDER: Readonly<Record<'due' | 'name' | 'saved', (a: ShelfEntry, b: ShelfEntry) => number>> = {
  due: (a, b) => order(a, b),
  name: (a, b) => a.name.localeCompare(b.name),
  saved: (a, b) => b.savedAt - a.savedAt || order(a, b),
};
const isSought = (c: ShelfEntry): boolean => {
  const words = sought.value.trim().toLowerCase();
  return words === '' || `${c.name} ${c.note}`.toLowerCase().includes(words);
};
/** What is shown of the shelf. */
const seen = computed(() =>
  (cards.value ?? [])
    .filter((c) => isSought(c) && (away.value.has(c.id) ? showAway.value : !showAway.value))
    .sort(ORDER[by.value]),
);
/** Those on this page are read; the others when they come to it. */
const visible = computed(() => seen.value.slice(0, shown.value).map((c) => c.read()));
const { states, look } = useStates();
watch(visible, (list) =>
  look(list.flatMap((c) => ('build' in c ? [{ build: c.build, revision: c.stored.revision }] : []))),
);
const order = (a: ShelfEntry, b: ShelfEntry): number =>
  a.due.localeCompare(b.due) || a.name.localeCompare(b.name);
onMounted(async () => {
  document.title = 'Elm Spindle';
  try {
    await seedDemo();
  } catch {
    problem.value ??= 'The demonstration builds could not be put on the shelf.';
  }
});
onBeforeUnmount(() => watching.unsubscribe());

async function take(e: Event): Promise<void> {
  const input = e.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (!file) return;
  const got = await takeFile(file);
  problem.value = got.kind === 'wrong' ? got.says : undefined;
  if (got.kind === 'build') await router.push(`/build/${got.id}/shape`);
  if (got.kind === 'backup') {
    given.value = file;
    safe.value = true;
  }
}
async function copy(build: Build): Promise<void> {
  const shelved = await shelve({ ...build, name: `${build.name.slice(0, LONGEST_NAME - 6)}, copy` });
  if (!shelved.ok) tell.error(shelved.problem.text);
}
async function remove(b: Shelved): Promise<void> {
  const yes = await tell.ask({
    title: `Take ${b.name} off the shelf?`,
    content: 'It is gone from this browser unless you saved it to a file.',
    yes: 'Take it off',
    no: 'Keep it',
  });
  if (yes) await removeBuild(b.id);
}
async function save(build: Build): Promise<void> {
  const says = await saveToFile(build);
  if (says) tell.info(says);
}
/** What cannot be read is handed over untouched: it may be mended elsewhere. */
const saveAsIs = (c: Shelved & { raw: unknown }): void =>
  saveBlob(
    new Blob([JSON.stringify(c.raw, null, 2)], { type: 'application/json' }),
    `${fileStem(c.name)}${FILE_EXTENSION}`,
  );
async function demo(): Promise<void> {
  const back = await restoreDemo();
  tell.info(
    back
      ? `${back} ${back === 1 ? 'example is' : 'examples are'} back on the shelf.`
      : 'All examples are on the shelf already.',
  );
}
</script>

<template>
  <main class="shelf">
    <header>
      <div class="brand">
        <img src="/mark.svg" alt="" width="34" height="34" />
        <h1>Elm Spindle</h1>
      </div>
      <div class="row">
        <button class="button" type="button" title="Find anything (Ctrl K)" @click="finding = true">
          <Search :size="16" /> Find
        </button>
        <router-link class="button" to="/handbook">Handbook</router-link>
        <router-link class="button" to="/reckoner">Reckoner</router-link>
        <router-link class="button" to="/stores">Stores</router-link>
        <button class="button" type="button" @click="((given = undefined), (safe = true))">
          <ShieldCheck :size="16" /> Keep it safe
        </button>
        <button class="button" type="button" @click="chooser?.click()">
          <FolderOpen :size="16" /> Open a file
        </button>
        <router-link class="button main" to="/start"><Plus :size="16" /> New build</router-link>
        <input
          ref="chooser"
          class="visually-hidden"
          type="file"
          accept=".json,.zip,application/json,application/zip"
          aria-label="Open a build file"
          tabindex="-1"
          @change="take"
        />
      </div>
    </header>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <p v-if="keeping === 'memory'" class="problem" role="status">
      This browser keeps nothing here (a private window?). Everything works until you close the page; what you
      want to keep, save to a file.
    </p>
    <p v-if="cards && cards.length === 0" class="empty">
      The shelf is empty. Start a new build, open a file, or bring the examples back.
    </p>
    <div v-if="cards && cards.length > FEW" class="sift">
      <input v-model="sought" type="search" placeholder="Find on the shelf" aria-label="Find on the shelf" />
      <label
        >in order of
        <select v-model="by">
          <option v-for="o in ORDERS" :key="o.value" :value="o.value">{{ o.label }}</option>
        </select></label
      >
      <label v-if="away.size > 0"
        ><input v-model="showAway" type="checkbox" /> Put away ({{ away.size }})</label
      >
    </div>
    <p v-if="cards && cards.length > 0 && seen.length === 0" class="empty">
      Nothing here is called that<template v-if="!showAway && away.size > 0"
        >; something may be put away</template
      >.
    </p>
    <ul v-if="cards" :class="{ many: seen.length > 5 }">
      <li v-for="c in visible" :key="c.id">
        <div v-if="'wrong' in c" class="open damaged">
          <strong>{{ c.name }}</strong>
          <span>cannot be opened. {{ c.wrong }}</span>
          <div class="row">
            <button class="button" type="button" @click="saveAsIs(c)">Save as it is</button>
            <button class="button" type="button" @click="remove(c)">Take off</button>
          </div>
        </div>
        <ShelfCard
          v-else
          :build="c.build"
          :name="c.name"
          :state="states.get(c.id)"
          :away="away.has(c.id)"
          :sharing="sharing"
          @copy="copy(c.build)"
          @save="save(c.build)"
          @share="handOn(c.build)"
          @remove="remove(c)"
          @put-away="putAway(c.id)"
        />
      </li>
    </ul>
    <p v-if="seen.length > shown" class="more">
      <button class="button" type="button" @click="shown += PAGE">
        Show {{ Math.min(PAGE, seen.length - shown) }} more of {{ seen.length }}
      </button>
    </p>
    <footer v-if="cards && cards.length" class="plank" aria-hidden="true"></footer>
    <p class="foot muted">
      Everything stays in this browser and in the files you save. Guidance, not a certified design; local food
      law and licensed practice come first.
      <button class="button plain" type="button" @click="adjusting = true">Units, clock and language</button>
      <button class="button plain" type="button" @click="demo">Bring back the examples</button>
    </p>
    <KeepDialog v-if="safe" v-model:open="safe" :given="given" />
  </main>
</template>

<style scoped>
.shelf {
  min-height: 100%;
  display: flex;
  flex-direction: column;
  padding: 26px 40px 20px;
  background: var(--slab);
}
header {
  display: flex;
  flex-wrap: wrap;
  gap: 14px;
  justify-content: space-between;
  align-items: center;
}
.brand {
  display: flex;
  gap: 12px;
  align-items: center;
}
h1 {
  font-size: 28px;
}
a.button:not(.main) {
  color: inherit;
}
a.button {
  text-decoration: none;
}
.problem {
  margin-top: 16px;
  padding: 10px 14px;
  border-left: 3px solid var(--fails);
  background: var(--paper);
  max-width: 900px;
}
.empty {
  margin: 60px 0;
  font-size: 17px;
}
ul {
  list-style: none;
  margin: 34px 0 0;
  padding: 0 10px;
  display: flex;
  flex-wrap: wrap;
  align-items: flex-end;
  gap: 10px 34px;
  margin-block: auto 0;
}
li {
  flex: 1 1 200px;
  max-width: 330px;
}
.many {
  --tall: 196px;
  gap: 14px 34px;
  margin-top: 34px;
}
.many li {
  flex: 1 1 240px;
  max-width: 268px;
}
.open {
  display: flex;
  flex-direction: column;
  align-items: center;
  color: var(--ink);
  text-decoration: none;
  border-radius: 10px;
}
.damaged {
  gap: 8px;
  padding: 14px;
  border: 1px dashed var(--tight);
}
.more {
  padding: 16px 10px 0;
}
.sift {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 18px;
  align-items: center;
  margin-top: 18px;
}
.sift label {
  display: flex;
  gap: 7px;
  align-items: center;
  color: var(--ink-2);
}
.sift input[type='search'],
.sift select {
  width: 240px;
  min-height: 36px;
  padding: 4px 12px;
  border: 1px solid var(--line);
  border-radius: 9px;
  background: var(--paper);
  color: var(--ink);
  font: inherit;
}
.sift select {
  width: auto;
}
.sift input[type='checkbox'] {
  width: 20px;
  height: 20px;
  accent-color: var(--elm);
}
.plank {
  height: 12px;
  margin: 14px 0 0;
  border-radius: 3px;
  background: #c9a877;
  border: 1px solid #9c7a45;
}
.foot {
  margin: 18px 0 auto;
  font-size: 12.5px;
}
@media (max-width: 760px) {
  .shelf {
    padding: 16px;
  }
}
</style>
