<script setup lang="ts">
import { ref } from 'vue';
import type { Check } from '@core/bones/index.ts';
import VerdictWord from '../../shared/VerdictWord.vue';
import WhyTree from '../../shared/WhyTree.vue';

/** What was looked at, in which situation it was worst, and the sum of each, opened in its place. */
defineProps<{ checks: readonly Check[] }>();
const shownSum = ref<string>();
</script>

<template>
  <table class="plain">
    <thead>
      <tr>
        <th>Looked at</th>
        <th>Worst</th>
        <th>Verdict</th>
        <th><span class="visually-hidden">Sum</span></th>
      </tr>
    </thead>
    <tbody>
      <template v-for="(c, i) in checks" :key="`${c.id}${i}`">
        <tr>
          <td>{{ c.title }}</td>
          <td class="muted">{{ c.situation }}</td>
          <td><VerdictWord :verdict="c.verdict" :times="c.times" /></td>
          <td class="n">
            <button
              class="button plain"
              type="button"
              :aria-expanded="shownSum === `${c.id}${i}`"
              @click="shownSum = shownSum === `${c.id}${i}` ? undefined : `${c.id}${i}`"
            >
              Show the sum
            </button>
          </td>
        </tr>
        <tr v-if="shownSum === `${c.id}${i}`">
          <td colspan="4"><WhyTree :figure="c.use" /></td>
        </tr>
      </template>
    </tbody>
  </table>
</template>

<style scoped>
td {
  vertical-align: middle !important;
  padding-block: 2px !important;
}
</style>
