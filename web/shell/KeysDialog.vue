<script setup lang="ts">
import type { Shortcut } from './shortcuts.ts';
const open = defineModel<boolean>('open', { required: true });
defineProps<{ list: readonly Shortcut[] }>();
</script>

<template>
  <a-modal v-model:open="open" title="Keys" :footer="null" width="620px">
    <dl>
      <div v-for="s in list" :key="s.keys">
        <dt>{{ s.keys.replaceAll('Arrow', '').replace(/ or Shift.*/, '') }}</dt>
        <dd>{{ s.says }}</dd>
      </div>
      <div>
        <dt>Alt Up, Alt Down</dt>
        <dd>On a bead: build it later, earlier</dd>
      </div>
    </dl>
  </a-modal>
</template>

<style scoped>
dl {
  columns: 2;
  column-gap: 30px;
  margin: 10px 0 0;
}
dl div {
  display: flex;
  gap: 12px;
  padding: 4px 0;
  break-inside: avoid;
}
dt {
  flex: 0 0 108px;
  font-weight: 600;
}
dd {
  margin: 0;
}
</style>
