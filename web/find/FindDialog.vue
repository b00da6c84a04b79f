<script setup lang="ts">
import { computed, nextTick, ref, shallowRef } from 'vue';
import { useRouter } from 'vue-router';
import ThemedRoom from '../ThemedRoom.vue';
import { useBuild } from '../state/build-store.ts';
import { useStage } from '../state/on-stage.ts';
import { retold } from '../words/say.ts';
import { actsHere, type Find } from './finding.ts';
import { ofApp, ofBuild, ofShelf, sought } from './sources.ts';

/** Find anything by typing a few letters: what is in this build, what can be done here, views, small questions, the handbook. */
const open = defineModel<boolean>('open', { required: true });
const store = useBuild();
const stage = useStage();
const router = useRouter();
const words = ref('');
const at = ref(0);
const field = ref<HTMLInputElement>();
void nextTick(() => field.value?.focus());

/** So many are shown. */
const MOST = 10;
const shelf = shallowRef<readonly Find[]>([]);
void ofShelf(router).then((found) => (shelf.value = found));
const all = computed<Find[]>(() => [
  ...(store.build && store.report
    ? ofBuild(router, stage, { build: store.build, report: store.report, days: store.days })
    : []),
  ...actsHere.value,
  ...shelf.value,
  ...ofApp(router),
]);
/** Found by what is read: in the tongue it is said in. */
const said = computed(() => all.value.map((f) => ({ ...f, text: retold(f.text), kind: retold(f.kind) })));
const found = computed(() => sought(said.value, words.value, MOST));
function take(f: Find | undefined): void {
  if (!f) return;
  open.value = false;
  f.go();
}
const move = (by: number) => (at.value = Math.max(0, Math.min(found.value.length - 1, at.value + by)));
</script>

<template>
  <ThemedRoom>
    <a-modal v-model:open="open" title="Find" :footer="null" width="520px">
      <input
        ref="field"
        v-model="words"
        type="text"
        aria-label="Find anything"
        placeholder="a piece, a step, a view, a word, a thing to do"
        autocomplete="off"
        @input="at = 0"
        @keydown.down.prevent="move(1)"
        @keydown.up.prevent="move(-1)"
        @keydown.enter.prevent="take(found[at])"
      />
      <ul>
        <li v-for="(f, i) in found" :key="`${f.kind}${f.text}${i}`">
          <button type="button" :class="{ on: i === at }" @click="take(f)">
            {{ f.text }} <span class="muted small">{{ f.kind }}</span>
          </button>
        </li>
      </ul>
      <p v-if="!found.length" class="muted">Nothing here is called that.</p>
    </a-modal>
  </ThemedRoom>
</template>

<style scoped>
input {
  width: 100%;
  height: 40px;
  padding: 0 12px;
  font: inherit;
  font-size: 16px;
  border: 1px solid var(--line);
  border-radius: 9px;
}
ul {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
}
button {
  width: 100%;
  display: flex;
  justify-content: space-between;
  padding: 7px 12px;
  border: 0;
  border-radius: 8px;
  background: none;
  text-align: left;
  cursor: pointer;
}
button.on,
button:hover {
  background: var(--elm-soft);
}
</style>
