<script setup lang="ts">
import { computed } from 'vue';
import type { Verdict } from '@core/bones/index.ts';

/** How much of what it can take is used; the mark is all of it. */
const props = defineProps<{ use: number; verdict: Verdict | 'idle' }>();
const width = computed(() => `${Math.min(100, (Number.isFinite(props.use) ? props.use : 2) * 78)}%`);
</script>

<template>
  <span class="bar" aria-hidden="true"><i :class="verdict" :style="{ width }"></i><b></b></span>
</template>

<style scoped>
.bar {
  position: relative;
  display: block;
  height: 8px;
  border-radius: 4px;
  background: var(--slab-3);
}
i {
  display: block;
  height: 100%;
  border-radius: 4px;
}
.holds {
  background: var(--holds);
}
.tight {
  background: #c07f12;
}
.fails {
  background: var(--fails);
}
b {
  position: absolute;
  left: 78%;
  top: -4px;
  height: 16px;
  width: 2px;
  background: var(--ink);
}
</style>
