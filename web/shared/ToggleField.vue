<script setup lang="ts">
/** Something that is so or is not, with its label over the switch, or beside it. */
defineProps<{ checked: boolean; label: string; beside?: boolean; small?: boolean; disabled?: boolean }>();
const emit = defineEmits<{ change: [on: boolean]; 'update:checked': [on: boolean] }>();
function turn(on: unknown): void {
  emit('update:checked', on === true);
  emit('change', on === true);
}
</script>

<template>
  <label :class="beside ? 'beside' : 'field'">
    <span v-if="!beside">{{ label }}</span>
    <a-switch
      :checked="checked"
      :aria-label="label"
      :size="small ? 'small' : 'default'"
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
</style>
