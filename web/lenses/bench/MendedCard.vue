<script setup lang="ts">
import { computed } from 'vue';
import { sayMended } from '@core/edits/index.ts';
import { mendNamed, troubleNamed } from '@core/trouble/index.ts';
import { pieceOf, type TroubleNote } from '@core/record/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';

/** After a mend: did that do it? What is said counts the next time. */
const props = defineProps<{ note: TroubleNote }>();
const emit = defineEmits<{ again: [note: TroubleNote] }>();
const store = useBuild();
const here = useOpenBuild();
const name = computed(() => pieceOf(here.build, props.note.piece ?? '')?.name ?? 'The figure');
function say(held: boolean): void {
  if (!store.apply(sayMended(here.build, props.note.id, held), 'how a mend went')) return;
  if (!held) emit('again', props.note);
}
</script>

<template>
  <div class="mended" role="group" :aria-label="`The mend of the ${name.toLowerCase()}`">
    <p>
      <strong>{{ name }}</strong>: {{ troubleNamed(note.trouble)?.name.toLowerCase() }}
    </p>
    <p class="muted">{{ mendNamed(note.mend ?? '')?.does }}.</p>
    <p>Did that do it?</p>
    <div class="answers">
      <button type="button" class="button main" @click="say(true)">It holds</button>
      <button type="button" class="button" @click="say(false)">It does not</button>
    </div>
  </div>
</template>

<style scoped>
.mended {
  padding: 12px 14px;
  margin-bottom: 10px;
  background: var(--paper);
  border: 1px solid var(--tight);
  border-radius: 10px;
}
p {
  margin: 0 0 4px;
}
.answers {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  margin-top: 10px;
}
.button {
  justify-content: center;
  min-height: 56px;
}
</style>
