<script setup lang="ts">
import { computed, nextTick, ref } from 'vue';
import { useRouter } from 'vue-router';
import { LENSES } from '../lenses/lenses.ts';
import { useBuild } from '../state/build-store.ts';
import { useStage } from '../state/on-stage.ts';
import { useOpenBuild } from '../state/here.ts';

/** Find anything of this build by typing a few letters: pieces, rods, batches, steps, lenses. */
const open = defineModel<boolean>('open', { required: true });
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const router = useRouter();
const words = ref('');
const at = ref(0);
const field = ref<HTMLInputElement>();
void nextTick(() => field.value?.focus());

interface Find {
  readonly text: string;
  readonly kind: string;
  readonly go: () => void;
}
const to = (lens: string) => void router.push(`/build/${here.build.id}/${lens}`);
const all = computed<Find[]>(() => {
  const build = here.build;
  const steps = store.days?.plan?.sessions.flatMap((s) => s.steps) ?? [];
  return [
    ...build.pieces.map((p) => ({
      text: p.name,
      kind: 'piece',
      go: () => ((stage.selection = { kind: 'piece', id: p.id }), to('shape')),
    })),
    ...build.rods.map((r) => ({
      text: r.name,
      kind: 'rod',
      go: () => ((stage.selection = { kind: 'rod', id: r.id }), to('bones')),
    })),
    ...here.report.paste.map((b) => ({
      text: `${b.colour.name}, ${b.blend.name}`,
      kind: 'batch',
      go: () => ((stage.selection = { kind: 'batch', id: b.id }), to('paste')),
    })),
    ...steps.map((p) => ({
      text: p.step.title,
      kind: 'step',
      go: () => ((stage.playhead = p.from), to('days')),
    })),
    ...LENSES.map((l) => ({ text: l.name, kind: 'lens', go: () => to(l.id) })),
  ];
});
const found = computed(() => {
  const parts = words.value.toLowerCase().split(/\s+/).filter(Boolean);
  return all.value
    .filter((f) => parts.every((w) => `${f.text} ${f.kind}`.toLowerCase().includes(w)))
    .slice(0, 9);
});
function take(f: Find | undefined): void {
  if (!f) return;
  open.value = false;
  f.go();
}
const move = (by: number) => (at.value = Math.max(0, Math.min(found.value.length - 1, at.value + by)));
</script>

<template>
  <a-modal v-model:open="open" title="Find" :footer="null" width="480px">
    <input
      ref="field"
      v-model="words"
      type="text"
      aria-label="Find a piece, a rod, a batch or a step"
      placeholder="a piece, a rod, a batch, a step"
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
