<script setup lang="ts">
/** One sitting on the clock: its day and hour, and what is done in it as parts with their names inside. */
defineProps<{
  sitting: {
    readonly day: string;
    readonly begins: string;
    readonly hours: string;
    readonly says: string;
    readonly parts: readonly {
      readonly from: number;
      readonly words: string;
      readonly left: string;
      readonly width: string;
    }[];
  };
  folded: boolean;
}>();
</script>

<template>
  <div class="session" :class="{ folded }" :title="`${sitting.day}, ${sitting.hours}: ${sitting.says}`">
    <b v-if="!folded">{{ sitting.day }}, {{ sitting.begins }}</b>
    <span v-for="p in sitting.parts" :key="p.from" class="part" :style="{ left: p.left, width: p.width }"
      ><i>{{ p.words }}</i></span
    >
  </div>
</template>

<style scoped>
.session {
  position: absolute;
  top: 14px;
  height: 68px;
  min-width: 9px;
  border-radius: 8px;
  background: #2b3733;
  overflow: hidden;
}
.session b {
  position: absolute;
  inset: 5px 9px auto;
  font-size: 12.5px;
  font-weight: 600;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.part {
  position: absolute;
  top: 31px;
  height: 27px;
  padding: 0 2px;
}
.part i {
  display: block;
  height: 100%;
  padding: 4px 6px;
  border-radius: 5px;
  background: var(--elm-pale);
  color: var(--ink);
  font: 500 12.5px/19px var(--font-text);
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
}
.folded {
  top: 8px;
  height: 30px;
}
.folded .part {
  top: 4px;
  height: 22px;
}
.folded .part i {
  padding-block: 2px;
}
@media (forced-colors: active) {
  .session,
  .part i {
    border: 1px solid CanvasText;
  }
}
</style>
