<script setup lang="ts">
import type { PieceSaid } from './said.ts';

/** The piece pointed at, named beside it. */
defineProps<{ said: PieceSaid; left: number; top: number }>();
</script>

<template>
  <div class="callout" :style="{ left: `${left}px`, top: `${top}px` }" aria-hidden="true">
    <b>{{ said.name }}</b>
    <span v-if="said.more">{{ said.more }}</span>
  </div>
</template>

<style scoped>
.callout {
  position: absolute;
  transform: translate(-50%, calc(-100% - 8px));
  max-width: 260px;
  padding: 5px 11px 6px;
  border-radius: 8px;
  background: var(--ink);
  color: var(--paper);
  font-size: 13px;
  line-height: 1.3;
  pointer-events: none;
  z-index: 3;
  white-space: nowrap;
}
span {
  display: block;
  color: #c8d2cd;
}
</style>
