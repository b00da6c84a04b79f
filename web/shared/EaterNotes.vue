<script setup lang="ts">
import { computed } from 'vue';
import type { EaterNote, EaterPlace } from '@core/eaters.ts';

/** What those who eat it must not have or must be told, at the place where it arises. */
const props = defineProps<{ notes: readonly EaterNote[]; at?: readonly EaterPlace[] }>();
const shown = computed(() => (props.at ? props.notes.filter((n) => props.at!.includes(n.at)) : props.notes));
</script>

<template>
  <ul v-if="shown.length" class="eaters" aria-label="For those who eat it">
    <li v-for="n in shown" :key="n.id" :class="n.level">
      <strong>{{ n.why }}</strong> {{ n.what }}
    </li>
  </ul>
</template>

<style scoped>
.eaters {
  display: grid;
  gap: 6px;
  margin: 0 0 12px;
  padding: 0;
  list-style: none;
}
li {
  padding: 6px 0 6px 12px;
  border-left: 3px solid var(--line);
  line-height: 1.4;
}
.must {
  border-color: var(--fails);
}
.should {
  border-color: var(--tight);
}
strong {
  font-weight: 600;
}
</style>
