<script setup lang="ts">
import { nextTick, ref, watch } from 'vue';
import { useTell } from '../state/tell.ts';

/** What is said for a moment, over the clock; and the question that waits for an answer. */
const tell = useTell();
const dialog = ref<HTMLDialogElement>();
watch(
  () => tell.asked,
  async (asked) => {
    await nextTick();
    if (asked) dialog.value?.showModal();
  },
);
</script>

<template>
  <div class="said" aria-live="polite">
    <p
      v-for="s in tell.said"
      :key="s.id"
      :class="s.kind"
      :role="s.kind === 'error' ? 'alert' : 'status'"
      @click="tell.hush(s.id)"
    >
      <span v-if="s.kind === 'error'" aria-hidden="true">▲ </span>{{ s.text }}
    </p>
  </div>
  <dialog
    v-if="tell.asked"
    ref="dialog"
    aria-labelledby="asked-title"
    aria-describedby="asked-content"
    @cancel.prevent="tell.reply(false)"
  >
    <h2 id="asked-title">{{ tell.asked.title }}</h2>
    <p id="asked-content">{{ tell.asked.content }}</p>
    <div class="row">
      <button class="button" type="button" autofocus @click="tell.reply(false)">{{ tell.asked.no }}</button>
      <button class="button main" type="button" @click="tell.reply(true)">{{ tell.asked.yes }}</button>
    </div>
  </dialog>
</template>

<style scoped>
.said {
  position: fixed;
  left: 50%;
  bottom: 130px;
  z-index: 2000;
  display: grid;
  justify-items: center;
  gap: 8px;
  width: min(640px, 92vw);
  transform: translateX(-50%);
  pointer-events: none;
}
.said p {
  padding: 9px 16px;
  border-radius: 10px;
  background: var(--ink);
  color: var(--paper);
  font-size: 15px;
  line-height: 1.35;
  pointer-events: auto;
  cursor: pointer;
}
.said .error {
  background: var(--fails);
}
dialog {
  width: min(460px, 92vw);
  padding: 22px 24px;
  border: 1.5px solid var(--ink);
  border-radius: 14px;
  color: var(--ink);
}
dialog::backdrop {
  background: rgb(29 36 34 / 38%);
}
dialog h2 {
  font-size: 20px;
}
dialog p {
  padding: 8px 0 18px;
}
dialog .row {
  justify-content: flex-end;
}
</style>
