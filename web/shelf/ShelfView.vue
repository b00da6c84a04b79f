<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref, shallowRef } from 'vue';
import { useRouter } from 'vue-router';
import { App } from 'ant-design-vue';
import { liveQuery } from 'dexie';
import { FolderOpen, Plus, Trash2, Copy, Download } from '@lucide/vue';
import { openFile, saveToFile } from '../shell/files.ts';
import { db, type StoredBuild } from '../storage/db.ts';
import type { Build } from '@core/figure/index.ts';
import { loadBuild, removeBuild, savedBuilds, shelve } from '../storage/builds.ts';
import { restoreDemo, seedDemo } from '../storage/demo.ts';
import ShelfFigure from './ShelfFigure.vue';
import { blankBuild } from './blank.ts';
import { dueWords } from './due.ts';

const router = useRouter();
const { message, modal } = App.useApp();
const builds = shallowRef<StoredBuild[]>();
const problem = ref<string>();
const chooser = ref<HTMLInputElement>();

const watching = liveQuery(() => db.builds.toArray()).subscribe({
  next: (list) => {
    builds.value = list.sort(
      (a, b) => a.build.brief.due.localeCompare(b.build.brief.due) || a.name.localeCompare(b.name),
    );
  },
  error: () => {
    problem.value =
      'The browser does not let this page keep anything (a private window?). Builds can still be opened from files, but will not be kept.';
    builds.value = [];
  },
});
onMounted(async () => {
  document.title = 'Elm Spindle';
  try {
    await seedDemo();
  } catch {
    problem.value ??= 'The demonstration builds could not be put on the shelf.';
  }
});
onBeforeUnmount(() => watching.unsubscribe());

/** What the others taught is worked out only where there is any, with what it takes fetched then. */
async function begun(): Promise<Build> {
  const build = blankBuild(builds.value?.map((b) => b.name) ?? []);
  const others = await savedBuilds();
  if (!others.some((o) => o.log.length + o.measured.length + o.bench.done.length > 0)) return build;
  const { knowing } = await import('./knowing.ts');
  return knowing(build, others);
}

async function add(): Promise<void> {
  const shelved = await shelve(await begun());
  if (shelved.ok) await router.push(`/build/${shelved.value}/shape`);
  else void message.error(shelved.problem.text, 6);
}
async function take(e: Event): Promise<void> {
  const input = e.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (!file) return;
  const read = await openFile(file);
  if (!read.ok) {
    problem.value = `${file.name} was not opened. ${read.problem.text} Nothing was changed.`;
    return;
  }
  problem.value = undefined;
  const shelved = await shelve(read.value);
  if (shelved.ok) await router.push(`/build/${shelved.value}/shape`);
  else problem.value = shelved.problem.text;
}
async function copy(b: StoredBuild): Promise<void> {
  const shelved = await shelve({ ...b.build, name: `${b.build.name}, copy` });
  if (!shelved.ok) void message.error(shelved.problem.text, 6);
}
function remove(b: StoredBuild): void {
  modal.confirm({
    title: `Take ${b.name} off the shelf?`,
    content: 'It is gone from this browser unless you saved it to a file.',
    okText: 'Take it off',
    cancelText: 'Keep it',
    onOk: () => removeBuild(b.id),
  });
}
async function save(b: StoredBuild): Promise<void> {
  const loaded = await loadBuild(b.id);
  if (loaded.ok) saveToFile(loaded.value.build);
  else void message.error(loaded.problem.text, 6);
}
async function demo(): Promise<void> {
  const back = await restoreDemo();
  void message.info(
    back
      ? `${back} demonstration ${back === 1 ? 'build is' : 'builds are'} back on the shelf.`
      : 'All demonstration builds are on the shelf already.',
  );
}
</script>

<template>
  <div class="shelf">
    <header>
      <div class="brand">
        <img src="/mark.svg" alt="" width="34" height="34" />
        <h1>Elm Spindle</h1>
      </div>
      <div class="row">
        <router-link class="button" to="/stores">Stores</router-link>
        <button class="button" type="button" @click="demo">Demonstration builds</button>
        <button class="button" type="button" @click="chooser?.click()">
          <FolderOpen :size="16" /> Open a file
        </button>
        <button class="button main" type="button" @click="add"><Plus :size="16" /> New build</button>
        <input
          ref="chooser"
          class="visually-hidden"
          type="file"
          accept=".json,application/json"
          aria-label="Open a build file"
          tabindex="-1"
          @change="take"
        />
      </div>
    </header>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <p v-if="builds && builds.length === 0" class="empty">
      The shelf is empty. Start a new build, open a file, or bring the demonstration builds back.
    </p>
    <ul v-if="builds" :class="{ many: builds.length > 5 }">
      <li v-for="b in builds" :key="b.id">
        <router-link :to="`/build/${b.id}/shape`" class="open">
          <ShelfFigure :build="b.build" />
          <strong>{{ b.name }}</strong>
          <span>due {{ dueWords(b.build.brief.due) }}</span>
        </router-link>
        <div class="acts">
          <button
            class="button plain"
            type="button"
            :aria-label="`Copy ${b.name}`"
            title="Copy"
            @click="copy(b)"
          >
            <Copy :size="16" />
          </button>
          <button
            class="button plain"
            type="button"
            :aria-label="`Save ${b.name} to a file`"
            title="Save to a file"
            @click="save(b)"
          >
            <Download :size="16" />
          </button>
          <button
            class="button plain"
            type="button"
            :aria-label="`Take ${b.name} off the shelf`"
            title="Take off the shelf"
            @click="remove(b)"
          >
            <Trash2 :size="16" />
          </button>
        </div>
      </li>
    </ul>
    <footer v-if="builds && builds.length" class="plank" aria-hidden="true"></footer>
    <p class="foot muted">
      Everything stays in this browser and in the files you save. Guidance, not a certified design; local food
      law and licensed practice come first.
    </p>
  </div>
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
a.button {
  color: inherit;
  text-decoration: none;
}
.problem {
  margin-top: 16px;
  padding: 10px 14px;
  border-left: 3px solid var(--fails);
  background: #fff;
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
.open strong {
  font: 650 18px var(--font-title);
  margin-top: 12px;
}
.open:hover strong {
  color: var(--elm);
}
.open span {
  color: var(--ink-2);
}
.acts {
  display: flex;
  justify-content: center;
  color: var(--ink-2);
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
