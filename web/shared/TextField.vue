<script setup lang="ts">
import { nextTick, ref, watch } from 'vue';
import { leaveField } from './focus.ts';

/**
 * A text of somebody's own. It keeps its own draft while it is typed in, and commits it once: on leaving the field or with
 * Enter; Escape takes it back. Never give it a key made of its value.
 */
const props = withDefaults(
  defineProps<{
    value: string;
    label: string;
    hideLabel?: boolean;
    placeholder?: string;
    maxlength?: number;
    /** Pixels; as wide as there is room without. */
    width?: number;
    /** What is emptied goes back to what it was. */
    required?: boolean;
  }>(),
  { hideLabel: false, placeholder: '', maxlength: 120, required: false },
);
const emit = defineEmits<{ change: [text: string] }>();
const draft = ref(props.value);
const typing = ref(false);
watch(
  () => props.value,
  (v) => {
    if (!typing.value) draft.value = v;
  },
);

async function commit(): Promise<void> {
  typing.value = false;
  const text = draft.value.trim();
  if (text !== props.value && !(props.required && text === '')) emit('change', text);
  // what was refused leaves the old text standing
  await nextTick();
  if (!typing.value) draft.value = props.value;
}
function giveUp(e: KeyboardEvent): void {
  if (draft.value !== props.value) e.stopPropagation();
  draft.value = props.value;
}
</script>

<template>
  <label class="field" :class="{ grow: width === undefined }">
    <span :class="{ 'visually-hidden': hideLabel }">{{ label }}</span>
    <input
      v-model="draft"
      type="text"
      autocomplete="off"
      class="text-field"
      :maxlength="maxlength"
      :placeholder="placeholder"
      :style="width === undefined ? undefined : { width: `${width}px` }"
      @focus="typing = true"
      @blur="commit"
      @keydown.enter="leaveField"
      @keydown.esc="giveUp"
    />
  </label>
</template>

<style scoped>
.text-field {
  width: 100%;
  height: 34px;
  padding: 0 9px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--paper);
  color: inherit;
  font: inherit;
}
.text-field:hover {
  border-color: var(--ink-3);
}
</style>
