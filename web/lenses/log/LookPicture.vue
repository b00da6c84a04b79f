<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref } from 'vue';
import { lookPicture } from '../../storage/builds.ts';
import { pictureOf } from '../../storage/pictures.ts';

/** The picture taken with a look; it never left this browser. */
const props = defineProps<{ seen: string; name: string }>();
const url = ref<string>();
onMounted(async () => {
  const kept = await pictureOf(lookPicture(props.seen)).catch(() => undefined);
  if (kept) url.value = URL.createObjectURL(kept.blob);
});
onBeforeUnmount(() => {
  if (url.value) URL.revokeObjectURL(url.value);
});
</script>

<template>
  <img v-if="url" :src="url" :alt="`${name} as it was seen`" />
</template>

<style scoped>
img {
  width: 88px;
  height: 66px;
  object-fit: cover;
  border-radius: 8px;
}
</style>
