<script setup lang="ts">
import { onBeforeUnmount, ref, watch } from 'vue';
import { useBuild } from '../state/build-store.ts';
import { keepPicture, pictureOf, removePicture } from '../storage/pictures.ts';

/** The person's own picture of what they are after, kept in this browser with the build. */
const props = defineProps<{ buildId: string }>();
const store = useBuild();
const url = ref<string>();
const chooser = ref<HTMLInputElement>();

function show(blob: Blob | undefined): void {
  if (url.value) URL.revokeObjectURL(url.value);
  url.value = blob ? URL.createObjectURL(blob) : undefined;
}
watch(
  () => props.buildId,
  async (id) => show((await pictureOf(id).catch(() => undefined))?.blob),
  { immediate: true },
);
onBeforeUnmount(() => show(undefined));

async function take(e: Event): Promise<void> {
  const input = e.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (!file) return;
  const kept = await keepPicture(props.buildId, file);
  if (kept.ok) show(kept.value.blob);
  else store.say(kept.problem.text, 'error');
}
async function remove(): Promise<void> {
  await removePicture(props.buildId);
  show(undefined);
}
</script>

<template>
  <div class="picture">
    <img v-if="url" :src="url" alt="Your picture for this build" />
    <div class="row">
      <button class="button" type="button" @click="chooser?.click()">
        {{ url ? 'Another picture' : 'Add your picture' }}
      </button>
      <button v-if="url" class="button plain" type="button" @click="remove">Remove it</button>
    </div>
    <p class="muted small">It stays in this browser and is never sent anywhere.</p>
    <input
      ref="chooser"
      class="visually-hidden"
      type="file"
      accept="image/*"
      aria-label="Your picture"
      tabindex="-1"
      @change="take"
    />
  </div>
</template>

<style scoped>
.picture {
  display: grid;
  gap: 6px;
}
img {
  max-width: 100%;
  max-height: 240px;
  border-radius: 8px;
  border: 1px solid var(--line);
  justify-self: start;
}
</style>
