<script setup lang="ts">
import { ref, watch } from 'vue';
import { X } from '@lucide/vue';
import { useBuild } from '../state/build-store.ts';

/** What the last change moved all over the figure; it stays until the next one. */
const store = useBuild();
const seen = ref(false);
watch(
  () => store.moved,
  () => (seen.value = false),
);
</script>

<template>
  <div v-if="store.moved" class="moved" role="status">
    <p>
      {{ store.moved.says }}
      <button
        v-if="store.moved.lines.length"
        class="see"
        type="button"
        :aria-expanded="seen"
        @click="seen = !seen"
      >
        {{ seen ? 'Fold away' : 'See them' }}
      </button>
    </p>
    <button class="close" type="button" aria-label="Close" @click="store.moved = undefined">
      <X :size="16" />
    </button>
    <ul v-if="seen">
      <li v-for="l in store.moved.lines" :key="l">{{ l }}</li>
    </ul>
  </div>
</template>

<style scoped>
.moved {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 10px;
  padding: 9px 14px 9px 26px;
  background: var(--elm-soft);
}
.see {
  border: 0;
  background: none;
  padding: 0 2px;
  color: var(--elm);
  font-weight: 650;
  text-decoration: underline;
  cursor: pointer;
}
.close {
  border: 0;
  background: none;
  cursor: pointer;
}
ul {
  grid-column: 1 / -1;
  margin: 4px 0;
  padding-left: 18px;
}
</style>
