<script setup lang="ts">
/** Something that is so or is not, with its label over the switch, or beside it. */
defineProps<{ checked: boolean; label: string; beside?: boolean; small?: boolean; disabled?: boolean }>();
const emit = defineEmits<{ change: [on: boolean]; 'update:checked': [on: boolean] }>();
function turn(e: Event): void {
  const on = (e.target as HTMLInputElement).checked;
  emit('update:checked', on);
  emit('change', on);
}
</script>

<template>
  <label :class="beside ? 'beside' : 'field'">
    <span v-if="!beside">{{ label }}</span>
    <input
      type="checkbox"
      role="switch"
      class="switch"
      :aria-label="label"
      :class="{ small }"
      :checked="checked"
      :disabled="disabled"
      @change="turn"
    />
    <span v-if="beside">{{ label }}</span>
  </label>
</template>

<style scoped>
.beside {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 34px;
}
.switch {
  --tall: 22px;
  appearance: none;
  position: relative;
  flex: none;
  width: calc(2 * var(--tall));
  height: var(--tall);
  margin: 0;
  border: 1px solid var(--ink-3);
  border-radius: var(--tall);
  background: var(--slab-3);
  cursor: pointer;
}
.switch.small {
  --tall: 18px;
}
.switch::before {
  content: '';
  position: absolute;
  inset: 2px auto 2px 2px;
  aspect-ratio: 1;
  border-radius: 50%;
  background: var(--paper);
  box-shadow: 0 0 0 1px var(--ink-3);
}
.switch:checked {
  background: var(--elm);
  border-color: var(--elm);
}
.switch:checked::before {
  left: auto;
  right: 2px;
  box-shadow: none;
}
.switch:disabled {
  opacity: 0.5;
  cursor: default;
}
@media (forced-colors: active) {
  .switch::before {
    background: CanvasText;
  }
  .switch:checked {
    background: Highlight;
  }
}
</style>
