<script setup lang="ts">
import ThemedRoom from '../ThemedRoom.vue';
import CustomsForm from './CustomsForm.vue';

/** Units, clock and language, from wherever one stands. */
const open = defineModel<boolean>('open', { required: true });
</script>

<template>
  <ThemedRoom>
    <a-modal v-model:open="open" title="Units, clock and language" :footer="null" width="560px">
      <CustomsForm />
    </a-modal>
  </ThemedRoom>
</template>
