<script setup lang="ts">
import { computed, ref } from 'vue';
import { Trash2 } from '@lucide/vue';
import { forgetTrouble } from '@core/edits/index.ts';
import { forget } from '@core/firming/index.ts';
import { logCsv } from '@core/lists.ts';
import { entriesOf, logReport, searched, type LogEntry } from '@core/log-report.ts';
import { tellSeen } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { fileStem } from '@core/files/index.ts';
import { saveBlob } from '../../shell/files.ts';
import LookPicture from './LookPicture.vue';

/** Everything that was noted at the bench, to be searched, forgotten and taken along as a table. */
const store = useBuild();
const here = useOpenBuild();
const words = ref('');
const PAGE = 60;
const shown = ref(PAGE);
const all = computed(() => entriesOf(here.build));
const found = computed(() => searched(all.value, words.value));
const SIGNS: Readonly<Record<LogEntry['kind'], string>> = {
  step: 'done',
  weight: 'weighed',
  look: 'felt',
  trouble: 'went wrong',
  room: 'read',
};
const when = (at: string) => tellSeen(Date.parse(at), { zone: here.build.brief.zone, now: Date.now() });
function drop(e: LogEntry): void {
  if (e.id === undefined) return;
  const next = e.kind === 'look' ? forget(here.build, e.id) : forgetTrouble(here.build, e.id);
  store.remove(next, 'forgetting an entry', `Forgotten: ${e.what.toLowerCase()}.`);
}
const csv = () =>
  saveBlob(
    new Blob([logCsv(logReport(here.build).rows, all.value)], { type: 'text/csv' }),
    `${fileStem(here.build.name)}-log.csv`,
  );
</script>

<template>
  <div>
    <div class="row">
      <label class="field grow"
        ><span>Find in the log</span
        ><input
          v-model="words"
          type="search"
          autocomplete="off"
          placeholder="head cracked"
          @input="shown = PAGE"
      /></label>
      <button class="button" type="button" :disabled="!all.length" @click="csv">Save as CSV</button>
    </div>
    <p v-if="!all.length" class="pad">Nothing was noted yet.</p>
    <p v-else-if="!found.length" class="pad" role="status">No entry has all of these words.</p>
    <ul class="entries">
      <li v-for="(e, i) in found.slice(0, shown)" :key="`${e.at} ${i}`">
        <span class="kind">{{ SIGNS[e.kind] }}</span>
        <div class="what">
          <strong>{{ e.what }}</strong> <span class="muted small">{{ when(e.at) }}</span>
          <p v-if="e.kind !== 'step'">{{ e.more }}</p>
        </div>
        <LookPicture v-if="e.picture" :seen="e.picture" :name="e.what" />
        <button
          v-if="e.id"
          class="button plain"
          type="button"
          :aria-label="`Forget ${e.what}: ${e.more}`"
          @click="drop(e)"
        >
          <Trash2 :size="16" />
        </button>
      </li>
    </ul>
    <button v-if="found.length > shown" class="button" type="button" @click="shown += PAGE">
      Show {{ Math.min(PAGE, found.length - shown) }} more of {{ found.length }}
    </button>
  </div>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: flex-end;
}
.grow {
  flex: 1 1 220px;
}
input {
  min-height: 40px;
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 9px;
}
.pad {
  padding: 10px 0;
}
.entries {
  margin: 10px 0;
  padding: 0;
  list-style: none;
}
.entries li {
  display: flex;
  gap: 14px;
  align-items: center;
  padding: 7px 0;
  border-top: 1px solid var(--line);
}
.kind {
  flex: 0 0 84px;
  color: var(--ink-2);
}
.what {
  flex: 1;
}
p {
  margin: 0;
}
</style>
