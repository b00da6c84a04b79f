<script setup lang="ts">
import type { FoundMend } from '../../workers/bones.worker.ts';

/** What was tried and makes it hold, the best first; nothing was tried yet while `mends` is undefined. */
defineProps<{ mends: readonly FoundMend[] | undefined; looking: boolean }>();
const emit = defineEmits<{ take: [mend: FoundMend] }>();
</script>

<template>
  <div v-if="mends?.length" class="row">
    <button
      v-for="(m, i) in mends"
      :key="m.text"
      class="button"
      :class="{ main: i === 0 }"
      type="button"
      @click="emit('take', m)"
    >
      {{ m.text }} — {{ Number.isFinite(m.times) ? `holds ${m.times.toFixed(1)}×` : 'holds' }}
    </button>
  </div>
  <p v-else-if="looking" class="muted">Trying what would make it hold…</p>
  <slot v-else-if="mends"></slot>
</template>
