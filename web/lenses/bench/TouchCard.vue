<script setup lang="ts">
import { ANSWERS, type TouchTest } from '@core/days/index.ts';
import { formatTime } from '@core/quantity/index.ts';
import { toldByTouch } from '@core/told-by-touch.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';

/** One question to a finger, and three answers: what is said ends the wait or goes on with it, and teaches. */
const props = defineProps<{ test: TouchTest }>();
const store = useBuild();
const here = useOpenBuild();
const CHOICES = ['not', 'just', 'past'] as const;

function say(answer: (typeof CHOICES)[number]): void {
  const { test } = props;
  const told = toldByTouch(here.build, test.firming, {
    id: crypto.randomUUID(),
    at: new Date().toISOString(),
    question: test.question,
    saw: ANSWERS[answer],
    minutes: Math.max(0.1, test.minutes),
  });
  if (!store.apply(told.build, `a touch of the ${test.name.toLowerCase()}`)) return;
  store.say(
    answer === 'not'
      ? 'Noted: it waits a while longer, and the plan with it.'
      : told.learned
        ? 'Noted. The wait is over, and the next one is reckoned with what you felt.'
        : 'Noted. The wait is over.',
  );
}
</script>

<template>
  <div class="touch" role="group" :aria-label="`Feel the ${test.name.toLowerCase()}`">
    <p>
      <strong>{{ test.name }}</strong> <span class="muted">{{ formatTime(test.minutes) }} on</span>
    </p>
    <p>{{ test.words.asks }}</p>
    <p class="muted small">For: {{ test.before.toLowerCase() }}</p>
    <div class="answers">
      <button
        v-for="a in CHOICES"
        :key="a"
        type="button"
        class="button"
        :class="{ main: a === 'just' }"
        @click="say(a)"
      >
        {{ test.words[a] }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.touch {
  padding: 12px 14px;
  margin-bottom: 10px;
  background: var(--paper);
  border: 2px solid var(--elm);
  border-radius: 10px;
}
p {
  margin: 0 0 4px;
}
.answers {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px;
  margin-top: 10px;
}
.button {
  justify-content: center;
  min-height: 60px;
  padding: 0 6px;
  font-size: 16px;
}
.small {
  font-size: 15px;
}
</style>
