<script setup lang="ts">
import { onBeforeUnmount, ref, shallowRef, watch } from 'vue';
import type { Tipping } from '@core/bones/index.ts';
import type { TipMend } from '@core/tip-mends.ts';
import type { Reckoned } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import LoadBar from './LoadBar.vue';
import VerdictWord from '../../shared/VerdictWord.vue';
import WhyButton from '../../shared/WhyButton.vue';

/** Whether it goes over, and what was tried that keeps it from that; looked for once the figure rests. */
const props = defineProps<{
  tips: Tipping;
  title: string;
  letter: string;
  mends: () => readonly TipMend[];
  bump?: Reckoned;
}>();
const store = useBuild();
const LOOKS = 500;
const found = shallowRef<readonly TipMend[]>([]);
const looking = ref(false);
let timer: ReturnType<typeof setTimeout> | undefined;
watch(
  () => props.tips,
  ({ check }) => {
    clearTimeout(timer);
    found.value = [];
    looking.value = check.verdict === 'fails';
    if (!looking.value) return;
    timer = setTimeout(() => {
      found.value = props.mends();
      looking.value = false;
    }, LOOKS);
  },
  { immediate: true },
);
onBeforeUnmount(() => clearTimeout(timer));
</script>

<template>
  <li>
    <div class="line">
      <span class="letter">{{ letter }}</span>
      <span class="what">
        <strong>{{ title }}</strong>
        <span class="muted small"
          >leans <WhyButton :figure="tips.lean" /><template v-if="bump"
            >, at a bump of <WhyButton :figure="bump" :text="`${bump.value.toFixed(2)} m/s`"
          /></template>
          · {{ tips.check.situation }}</span
        >
      </span>
      <LoadBar :use="tips.check.use.value" :verdict="tips.check.verdict" />
      <VerdictWord :verdict="tips.check.verdict" :times="tips.check.times" />
    </div>
    <div v-if="looking || found.length" class="row tried">
      <span v-if="looking" class="muted small">Looking for what helps…</span>
      <button
        v-for="(m, i) in found"
        :key="m.text"
        type="button"
        class="button"
        :class="{ main: i === 0 }"
        @click="store.apply(m.build, m.text.toLowerCase())"
      >
        {{ m.text }}
      </button>
    </div>
  </li>
</template>

<style scoped>
.tried {
  padding: 0 0 10px 36px;
}
</style>
