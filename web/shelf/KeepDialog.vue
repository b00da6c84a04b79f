<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue';
import { Download, FolderOpen, History, ShieldCheck } from '@lucide/vue';
import { formatBytes, inWords, listed, tellSeen } from '@core/quantity/index.ts';
import { saveBlob } from '../shell/files.ts';
import { makeBackup, readBackup, type Backup } from '../storage/backup.ts';
import { keeping, type RollingCopy } from '../storage/db.ts';
import { mergeIn, outlookOf, replaceAll, type Outlook } from '../storage/restore.ts';
import { rollingCopies } from '../storage/rolling.ts';
import { askForGood, roomKept, type RoomKept } from '../storage/room.ts';
import ThemedRoom from '../ThemedRoom.vue';
import { useTell } from '../state/tell.ts';

/** Everything in one file and back: what it would do is said before it is done. */
const open = defineModel<boolean>('open', { required: true });
/** A backup that was opened as a file. */
const props = defineProps<{ given?: Blob | undefined }>();
const tell = useTell();
const room = ref<RoomKept>();
const copies = shallowRef<readonly RollingCopy[]>([]);
const chooser = ref<HTMLInputElement>();
const problem = ref<string>();
const doing = ref<string>();
const found = shallowRef<{ backup: Backup; outlook: Outlook }>();

onMounted(async () => {
  room.value = await roomKept();
  copies.value = await rollingCopies().catch(() => []);
  if (props.given) await look(props.given);
});

const { timeZone: zone } = Intl.DateTimeFormat().resolvedOptions();
const when = (at: number): string => tellSeen(at, { zone, now: Date.now() });

async function save(): Promise<void> {
  // it keeps the focus meanwhile, and does nothing twice
  if (doing.value !== undefined) return;
  doing.value = 'Putting everything into one file…';
  try {
    const day = new Date().toISOString().slice(0, 10);
    saveBlob(await makeBackup(), `elm-spindle-${day}.spindle-backup.zip`);
  } catch {
    problem.value = 'The file could not be made. Save builds one by one instead.';
  } finally {
    doing.value = undefined;
  }
}
async function look(file: Blob): Promise<void> {
  problem.value = undefined;
  found.value = undefined;
  doing.value = 'Reading the backup…';
  const backup = await readBackup(file);
  if (backup.ok) found.value = { backup: backup.value, outlook: await outlookOf(backup.value) };
  else problem.value = backup.problem.text;
  doing.value = undefined;
}
async function take(e: Event): Promise<void> {
  const input = e.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (file) await look(file);
}

const some = (n: number, one: string, many: string): string =>
  `${n < 13 ? inWords(n) : n} ${n === 1 ? one : many}`;
/** What is not here yet, in words. */
const missing = computed(() => {
  const o = found.value?.outlook;
  if (!o) return '';
  const parts = [
    [o.fresh.length, 'build', 'builds'],
    [o.parts, 'part of your own', 'parts of your own'],
    [o.pictures, 'picture', 'pictures'],
    [o.stock, 'entry of the stores', 'entries of the stores'],
    [o.book, 'batch of the book', 'batches of the book'],
  ] as const;
  return listed(parts.flatMap(([n, one, many]) => (n > 0 ? [some(n, one, many)] : [])));
});
async function bring(how: 'merge' | 'replace'): Promise<void> {
  const it = found.value;
  if (!it) return;
  if (how === 'replace') {
    const lost = it.outlook.lost;
    const yes = await tell.ask({
      title: 'Put the backup in the place of everything here?',
      content: `What is here now goes${lost.length ? `, among it ${listed(lost.slice(0, 6).map((n) => `“${n}”`))}${lost.length > 6 ? ' and more' : ''}` : ''}. Save it to a file first if you are not sure.`,
      yes: 'Replace everything',
      no: 'Keep what is here',
    });
    if (!yes) return;
  }
  doing.value = 'Bringing it in…';
  const done = await (how === 'merge' ? mergeIn : replaceAll)(it.backup);
  doing.value = undefined;
  if (!done.ok) {
    problem.value = done.problem.text;
    return;
  }
  open.value = false;
  tell.info(how === 'merge' ? 'What was missing is on the shelf.' : 'Everything is as it was in the backup.');
}
async function forGood(): Promise<void> {
  if (!(await askForGood()))
    tell.info('The browser did not agree. Installed as an app, or bookmarked, it usually does.');
  room.value = await roomKept();
}
</script>

<template>
  <ThemedRoom>
    <a-modal v-model:open="open" title="Keep it safe" :footer="null" width="640px">
      <p v-if="keeping === 'memory'" class="problem">
        ▲ This browser keeps nothing here: what is on the shelf is gone with the page. Save everything to a
        file.
      </p>
      <p v-else-if="room" class="room">
        <template v-if="room.used !== undefined && room.most !== undefined"
          >{{ formatBytes(room.used) }} used of the {{ formatBytes(room.most) }} this browser gives. </template
        ><template v-if="room.forGood">It is kept until you take it away.</template
        ><template v-else-if="room.forGood === false"
          >The browser may clear it when it runs short of room.
          <button class="button" type="button" @click="forGood">
            <ShieldCheck :size="15" /> Ask it to keep it
          </button></template
        >
      </p>
      <div class="row">
        <button class="button main" type="button" :aria-disabled="doing !== undefined" @click="save">
          <Download :size="15" /> Save everything to one file
        </button>
        <button class="button" type="button" @click="chooser?.click()">
          <FolderOpen :size="15" /> Open a backup
        </button>
        <input
          ref="chooser"
          class="visually-hidden"
          type="file"
          accept=".zip,application/zip"
          aria-label="Open a backup file"
          tabindex="-1"
          @change="take"
        />
      </div>
      <p class="muted">
        All builds with their pictures and logs, parts of your own, the stores, the book of batches and what
        you set. It is a plain archive: each build in it is a file of its own.
      </p>
      <p v-if="doing" role="status" class="muted">{{ doing }}</p>
      <p v-if="problem" role="alert" class="problem">▲ {{ problem }}</p>

      <section v-if="found" class="found" aria-label="In the backup">
        <h2>In the backup of {{ when(Date.parse(found.backup.made)) }}</h2>
        <p v-if="missing">Not here yet: {{ missing }}.</p>
        <p v-else>Everything in it is here.</p>
        <p v-if="found.outlook.same.length">
          The same here: {{ some(found.outlook.same.length, 'build', 'builds') }}.
        </p>
        <p v-if="found.outlook.differ.length">
          Changed since: {{ listed(found.outlook.differ.map((n) => `“${n}”`)) }}.
          {{ found.outlook.differ.length === 1 ? 'It comes' : 'They come' }} in beside yours, under a name
          that says so.
        </p>
        <div class="row">
          <button
            v-if="missing || found.outlook.differ.length"
            class="button main"
            type="button"
            @click="bring('merge')"
          >
            Bring in what is missing
          </button>
          <button class="button" type="button" @click="bring('replace')">Replace everything here</button>
        </div>
      </section>

      <template v-if="copies.length">
        <h2>Copies made by themselves</h2>
        <p class="muted">Once a day while you work, without the pictures; the last seven are kept here.</p>
        <ul>
          <li v-for="c in copies" :key="c.id">
            <span
              ><History :size="15" aria-hidden="true" /> {{ when(c.at) }},
              {{ some(c.builds, 'build', 'builds') }}</span
            >
            <button class="button plain" type="button" @click="look(c.blob)">Look into it</button>
          </li>
        </ul>
      </template>
    </a-modal>
  </ThemedRoom>
</template>

<style scoped>
p {
  margin: 10px 0;
}
h2 {
  margin: 18px 0 4px;
  font-size: 18px;
}
.problem {
  color: var(--fails);
}
.found {
  margin: 14px 0;
  padding: 2px 16px 14px;
  border-left: 4px solid var(--elm);
  background: var(--elm-soft);
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  border-top: 1px solid var(--line);
}
</style>
