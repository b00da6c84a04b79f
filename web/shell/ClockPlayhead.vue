<script setup lang="ts">
/** Where on the clock one looks, with what goes on there; alone in its file, so that it moves without the days being drawn again. */
defineProps<{ share: number; told: string }>();
</script>

<template>
  <i class="playhead" :style="{ left: `${share * 100}%` }"></i>
  <span class="told" :class="{ leftwards: share > 0.55 }" :style="{ left: `${share * 100}%` }">{{
    told
  }}</span>
</template>

<style scoped>
.playhead {
  position: absolute;
  top: 6px;
  bottom: 0;
  width: 2px;
  background: var(--playhead);
  pointer-events: none;
}
.playhead::before {
  content: '';
  position: absolute;
  left: -5px;
  top: -2px;
  width: 12px;
  height: 12px;
  border-radius: 50%;
  background: var(--playhead);
}
.told {
  position: absolute;
  bottom: 3px;
  padding: 0 9px;
  font-size: 12.5px;
  white-space: nowrap;
  color: var(--playhead);
  background: var(--ink);
  border-radius: 4px;
  pointer-events: none;
}
.told.leftwards {
  transform: translateX(-100%);
}
@media (forced-colors: active) {
  .playhead {
    background: Highlight;
    forced-color-adjust: none;
  }
}
</style>
