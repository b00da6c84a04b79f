<script setup lang="ts" generic="T">
import { computed, nextTick, ref, useId, useTemplateRef } from 'vue';
import { onClickOutside } from '@vueuse/core';

/** One blank of a sentence: pressed it opens, typed words replace it, a list of likely ones stands under them. */
const props = defineProps<{
  label: string;
  words: string;
  state: 'said' | 'usual' | 'open';
  example: string;
  choices: readonly { readonly words: string; readonly value: T }[];
  /** Understands what was typed: nothing when it did, else a sentence. */
  say: (text: string) => string | undefined;
}>();
const emit = defineEmits<{ choose: [value: T]; forget: [] }>();

const open = ref(false);
const typed = ref('');
const wrong = ref<string>();
const lit = ref(-1);
const id = useId();
const box = useTemplateRef<HTMLElement>('box');
const input = useTemplateRef<HTMLInputElement>('input');
const opener = useTemplateRef<HTMLButtonElement>('opener');
const list = computed(() => {
  const text = typed.value.trim().toLowerCase();
  const near =
    text === '' ? props.choices : props.choices.filter((c) => c.words.toLowerCase().includes(text));
  return near.length > 0 ? near : props.choices;
});

async function begin(text = ''): Promise<void> {
  open.value = true;
  typed.value = text;
  wrong.value = undefined;
  lit.value = -1;
  await nextTick();
  input.value?.focus();
}
function close(back = true): void {
  open.value = false;
  if (back) opener.value?.focus();
}
function choose(value: T): void {
  emit('choose', value);
  close();
}
/** What was typed is taken, or stays with the reason. */
function take(back = true): boolean {
  if (lit.value >= 0) {
    choose(list.value[lit.value]!.value);
    return true;
  }
  if (typed.value.trim() === '') {
    close(back);
    return true;
  }
  wrong.value = props.say(typed.value);
  if (wrong.value === undefined) close(back);
  return wrong.value === undefined;
}
function keys(e: KeyboardEvent): void {
  const step = { ArrowDown: 1, ArrowUp: -1 }[e.key];
  if (step !== undefined) {
    const n = list.value.length;
    lit.value = n === 0 ? -1 : (lit.value + step + n + (lit.value < 0 && step < 0 ? 1 : 0)) % n;
  } else if (e.key === 'Enter') take();
  else if (e.key === 'Escape') close();
  else if (e.key === 'Tab') {
    if (take(false)) return;
  } else return;
  e.preventDefault();
  e.stopPropagation();
}
/** A letter typed on the closed blank begins it. */
function begun(e: KeyboardEvent): void {
  if (e.key.length !== 1 || e.ctrlKey || e.metaKey || e.altKey || e.key === ' ') return;
  e.preventDefault();
  void begin(e.key);
}
onClickOutside(box, () => open.value && (take(false) || close(false)));
</script>

<template>
  <span ref="box" class="blank" :class="[state, { shown: open }]"
    ><button
      ref="opener"
      type="button"
      class="words"
      aria-haspopup="listbox"
      :aria-expanded="open"
      :aria-label="`${label}: ${words}${state === 'usual' ? ', taken as usual' : state === 'open' ? ', not said yet' : ''}`"
      @click="open ? close() : begin()"
      @keydown="begun"
    >
      {{ words }}</button
    ><span v-if="open" class="panel">
      <label :for="`${id}-in`">{{ label }}</label>
      <input
        :id="`${id}-in`"
        ref="input"
        v-model="typed"
        type="text"
        role="combobox"
        autocomplete="off"
        spellcheck="false"
        aria-expanded="true"
        :aria-controls="`${id}-list`"
        :aria-activedescendant="lit >= 0 ? `${id}-${lit}` : undefined"
        :aria-invalid="wrong !== undefined"
        :aria-describedby="`${id}-says`"
        :placeholder="words"
        @keydown="keys"
        @input="((wrong = undefined), (lit = -1))"
      />
      <span :id="`${id}-says`" class="says" :class="{ wrong }" :role="wrong ? 'alert' : undefined">{{
        wrong ?? `For example ${example}.`
      }}</span>
      <span :id="`${id}-list`" class="list" role="listbox" :aria-label="label">
        <span
          v-for="(c, i) in list"
          :id="`${id}-${i}`"
          :key="c.words"
          role="option"
          :aria-selected="c.words === words"
          :class="{ lit: i === lit, now: c.words === words && state === 'said' }"
          @click="choose(c.value)"
          >{{ c.words }}</span
        >
      </span>
      <button v-if="state === 'said'" type="button" class="back" @click="(emit('forget'), close())">
        Take it back
      </button>
    </span></span
  >
</template>

<style scoped>
.blank {
  position: relative;
  display: inline-block;
}
.words {
  all: unset;
  box-sizing: border-box;
  min-height: 33px;
  padding: 3px 8px;
  border: 1px solid var(--line);
  border-bottom: 2px solid var(--elm);
  border-radius: 7px;
  background: var(--paper);
  font-weight: 650;
  line-height: 1.35;
  cursor: pointer;
}
.words:hover,
.shown .words {
  border-color: var(--elm);
}
.words:focus-visible {
  outline: 3px solid var(--elm-pale);
  outline-offset: 1px;
}
.usual .words {
  border-bottom: 2px dotted var(--ink-3);
  background: transparent;
  color: var(--ink-2);
  font-weight: 450;
}
.open .words {
  border: 1px dashed var(--elm);
  border-bottom: 2px solid var(--elm);
  background: var(--elm-soft);
  color: var(--elm);
}
.shown .words {
  color: var(--ink);
}
.panel {
  position: absolute;
  z-index: 30;
  top: calc(100% + 6px);
  left: 0;
  display: grid;
  gap: 6px;
  width: min(330px, 86vw);
  padding: 12px;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--paper);
  box-shadow: 0 10px 34px rgb(29 36 34 / 22%);
  font: 400 15px/1.35 var(--font-text);
  white-space: normal;
}
.panel > * {
  min-width: 0;
}
label {
  color: var(--ink-2);
  font-size: 13px;
}
input {
  min-height: 42px;
  padding: 4px 10px;
  border: 1px solid var(--elm);
  border-radius: 7px;
  font-size: 17px;
}
.says {
  color: var(--ink-2);
  font-size: 13px;
}
.says.wrong {
  color: var(--fails);
}
.list {
  display: grid;
  max-height: 280px;
  overflow-y: auto;
}
.list [role='option'] {
  display: flex;
  align-items: center;
  min-height: 40px;
  padding: 3px 10px;
  border-radius: 6px;
  cursor: pointer;
}
.list [role='option']:hover,
.list .lit {
  background: var(--elm-soft);
}
.list .now {
  font-weight: 650;
}
.back {
  all: unset;
  padding: 8px 10px;
  border-top: 1px solid var(--line);
  color: var(--ink-2);
  cursor: pointer;
}
@media (max-width: 760px) {
  .panel {
    position: fixed;
    inset: auto 10px 10px;
    width: auto;
    top: auto;
  }
}
</style>
