<script setup lang="ts">
import { ref, watch } from 'vue';
import { BookOpen } from '@lucide/vue';
import { comesNew } from '../state/visits.ts';
import type { FirstWord } from '@core/first-words.ts';

/** What is said first under a lens: one sentence, why, and in the slot what to do about it. */
const props = defineProps<{ lens: string; word: FirstWord }>();
const spoken = ref('');
watch(
  () => props.word.says,
  (says) => (spoken.value = says),
);
const isNew = ref(false);
void comesNew(props.lens).then((yes) => (isNew.value = yes));
const SIGN = { fails: '▲', tight: '◆', fine: '' } as const;
</script>

<template>
  <header class="first" :class="word.how">
    <p class="kicker">
      {{ lens }}
      <router-link
        :to="`/handbook/${lens.toLowerCase()}`"
        class="book"
        :aria-label="
          isNew ? `New here? What this is for, in a minute: handbook, ${lens}` : `Handbook: ${lens}`
        "
        title="What this is for"
        ><BookOpen :size="15" aria-hidden="true" /><template v-if="isNew">
          New here? What this is for, in a minute</template
        ></router-link
      >
    </p>
    <!-- said aloud when it changes while one is here -->
    <p class="visually-hidden" role="status">{{ spoken }}</p>
    <h1>
      <span v-if="SIGN[word.how]" class="sign" aria-hidden="true">{{ SIGN[word.how] }}</span>{{ word.says }}
    </h1>
    <p v-if="word.more" class="more">{{ word.more }}</p>
    <slot></slot>
  </header>
</template>

<style scoped>
.first {
  display: grid;
  gap: 6px;
  padding: 2px 0 10px;
}
.kicker {
  display: flex;
  gap: 8px;
  align-items: center;
  color: var(--ink-2);
}
.book {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  justify-content: center;
  min-width: 28px;
  min-height: 24px;
  color: var(--ink-2);
}
.book:hover {
  color: var(--elm);
}
h1 {
  font-size: clamp(21px, 4.6cqi, 27px);
  line-height: 1.15;
  text-wrap: balance;
}
.sign {
  margin-right: 9px;
}
.fails .sign {
  color: var(--fails);
}
.tight .sign {
  color: var(--tight);
}
.more {
  max-width: 62ch;
  font-size: 15px;
}
</style>
