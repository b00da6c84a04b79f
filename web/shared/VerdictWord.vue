<script setup lang="ts">
import { computed } from 'vue';
import type { Verdict } from '@core/bones/index.ts';

/** A verdict in word, shape and colour. */
const props = defineProps<{ verdict: Verdict | 'idle'; times?: number | undefined }>();
const SIGN = { holds: '●', tight: '◆', fails: '▲', idle: '○' } as const;
const words = computed(() => {
  const t = props.times;
  const by = t === undefined || !Number.isFinite(t) ? '' : t >= 10 ? ' >10×' : ` ${t.toFixed(1)}×`;
  switch (props.verdict) {
    case 'holds':
      return `holds${by}`;
    case 'tight':
      return `tight${by}`;
    case 'fails':
      return 'won’t hold';
    default:
      return 'holds nothing yet';
  }
});
</script>

<template>
  <span class="verdict" :class="verdict"
    ><span aria-hidden="true">{{ SIGN[verdict] }}</span> {{ words }}</span
  >
</template>

<style scoped>
.verdict {
  font-weight: 600;
  white-space: nowrap;
}
.holds {
  color: var(--holds);
}
.tight {
  color: var(--tight);
}
.fails {
  color: var(--fails);
}
.idle {
  color: var(--ink-2);
  font-weight: 400;
}
</style>
