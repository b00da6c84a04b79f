<script setup lang="ts">
import { computed } from 'vue';
import { useBuild } from '../state/build-store.ts';
import { useOpenBuild } from '../state/here.ts';
import { keeping } from '../storage/db.ts';
import { saveToFile } from './files.ts';

/** What is not kept, for as long as it is not; and what was removed just now, until the next change. */
const store = useBuild();
const here = useOpenBuild();
const text = computed(() => {
  if (store.notKept) return store.notKept;
  if (keeping.value === 'memory' && store.offFile)
    return 'This browser keeps nothing here (a private window?). Everything works until you close the page; what you want to keep, save to a file.';
  return undefined;
});
async function save(): Promise<void> {
  const says = await saveToFile(here.build);
  store.offFile = false;
  if (says) store.say(says);
}
</script>

<template>
  <div v-if="text" class="bar wrong" role="alert">
    <span aria-hidden="true">▲</span> <span class="words">{{ text }}</span>
    <button class="button" type="button" @click="save">Save to a file</button>
    <button v-if="store.notKept" class="button" type="button" @click="store.flush()">Try again</button>
  </div>
  <div v-if="store.removed" class="bar" role="status">
    <span class="words">{{ store.removed.text }}</span>
    <button class="button" type="button" @click="store.bringBack()">Bring back</button>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  padding: 6px 16px;
  background: var(--slab);
  border-bottom: 1px solid var(--line);
}
.wrong {
  background: #fff4dc;
  border-color: var(--tight);
}
.words {
  flex: 0 1 auto;
}
</style>
