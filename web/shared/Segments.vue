<script setup lang="ts" generic="T extends string | number">
import { computed, ref, useId } from 'vue';
import { onClickOutside } from '@vueuse/core';

interface Option {
  readonly value: T;
  readonly label: string;
  /** Rarely needed: kept behind “More” until it is chosen or something in it is wrong. */
  readonly rest?: boolean;
  /** Something in it does not hold. */
  readonly bad?: boolean;
}

/** A few choices as beads on a rod; what is rarely needed stays behind “More”. */
const props = defineProps<{
  value: T;
  options: readonly Option[];
  label?: string;
  /** What is chosen is the heading of what follows. */
  heading?: boolean;
}>();
const emit = defineEmits<{ change: [value: T]; 'update:value': [value: T] }>();
const name = useId();
const more = ref(false);
const menu = ref<HTMLElement>();
onClickOutside(menu, () => (more.value = false));
const isBehind = (o: Option) => o.rest === true && o.value !== props.value && !o.bad;
const seen = computed(() => props.options.filter((o) => !isBehind(o)));
const rest = computed(() => props.options.filter(isBehind));
function choose(value: T): void {
  more.value = false;
  emit('update:value', value);
  emit('change', value);
}
</script>

<template>
  <div class="segments">
    <h2 v-if="heading" class="visually-hidden">{{ options.find((o) => o.value === value)?.label }}</h2>
    <div class="rod" role="radiogroup" :aria-label="label">
      <label v-for="o in seen" :key="o.value" class="seg" :class="{ on: o.value === value }">
        <input
          class="visually-hidden"
          type="radio"
          :name="name"
          :checked="o.value === value"
          @change="choose(o.value)"
        />
        <span class="word">{{ o.label }}</span><template v-if="o.bad"
          ><span class="bad" aria-hidden="true"> ▲</span
          ><span class="visually-hidden">: something does not hold</span></template
        >
      </label>
    </div>
    <div v-if="rest.length" ref="menu" class="behind" @keydown.esc.stop="more = false">
      <button type="button" class="more" :aria-expanded="more" @click="more = !more">More</button>
      <div v-if="more" class="list" role="group" aria-label="More">
        <button v-for="o in rest" :key="o.value" type="button" @click="choose(o.value)">{{ o.label }}</button>
      </div>
    </div>
  </div>
</template>

<style scoped>
.segments {
  display: flex;
  align-items: flex-end;
  gap: 4px;
}
.rod {
  display: flex;
  flex-wrap: wrap;
  row-gap: 2px;
}
.seg {
  position: relative;
  padding: 5px 11px 9px;
  color: var(--ink-2);
  cursor: pointer;
  white-space: nowrap;
}
/* the rod runs behind them, and the chosen one is a bead on it */
.seg::before {
  content: '';
  position: absolute;
  inset: auto 0 3px;
  height: 2px;
  background: color-mix(in srgb, var(--rod) 45%, transparent);
}
.seg.on::after {
  content: '';
  position: absolute;
  left: calc(50% - 8px);
  bottom: 0;
  width: 16px;
  height: 8px;
  border-radius: 50%;
  background: var(--elm);
}
.seg:hover {
  color: var(--ink);
}
.seg.on {
  color: var(--ink);
  font-weight: 650;
}
.seg:has(:focus-visible) {
  outline: 2px solid var(--elm);
  outline-offset: -1px;
  border-radius: 7px;
}
.bad {
  color: var(--fails);
}
.behind {
  position: relative;
}
.more {
  border: 0;
  background: none;
  padding: 5px 10px 9px;
  color: var(--ink-2);
  white-space: nowrap;
  cursor: pointer;
}
.more::after {
  content: ' ▾';
}
.list {
  position: absolute;
  right: 0;
  top: 100%;
  z-index: 5;
  display: grid;
  min-width: 150px;
  padding: 5px;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--paper);
  box-shadow: 0 6px 24px rgb(29 36 34 / 14%);
}
.list button {
  border: 0;
  border-radius: 7px;
  background: none;
  padding: 8px 11px;
  text-align: left;
  cursor: pointer;
}
.list button:hover {
  background: var(--slab);
}
@container panel (max-width: 560px) {
  .seg {
    padding-inline: 8px;
  }
}
@media (pointer: coarse) {
  .seg,
  .more {
    padding-block: 12px 14px;
  }
  .list button {
    min-height: 44px;
  }
}
@media (forced-colors: active) {
  .seg::before {
    background: CanvasText;
  }
  .seg.on::after {
    background: Highlight;
    forced-color-adjust: none;
  }
}
</style>
