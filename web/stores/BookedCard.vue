<script setup lang="ts">
import { defineAsyncComponent, onScopeDispose, ref, toRaw, watch } from 'vue';
import type { BookedBatch } from '@core/stores/index.ts';
import { useTell } from '../state/tell.ts';
import { useStores } from '../state/stores.ts';
import { keepPicture, pictureOf } from '../storage/pictures.ts';
import { putBooked, removeBooked, swatchPicture } from '../storage/stores.ts';
import TextField from '../shared/TextField.vue';

/** A batch of the book to look at again: how it looks now, a picture, a note. */
const props = defineProps<{ booked: BookedBatch }>();
const emit = defineEmits<{ done: [] }>();
const PickColour = defineAsyncComponent(() => import('../shared/PickColour.vue'));
const shelf = useStores();
const tell = useTell();
const picking = ref(false);
const chooser = ref<HTMLInputElement>();
const picture = ref<string>();

function show(blob: Blob | undefined): void {
  if (picture.value) URL.revokeObjectURL(picture.value);
  picture.value = blob && URL.createObjectURL(blob);
}
watch(
  () => props.booked.id,
  async (id) => show((await pictureOf(swatchPicture(id), shelf.larder).catch(() => undefined))?.blob),
  { immediate: true },
);
onScopeDispose(() => show(undefined));

async function put(patch: Partial<BookedBatch>): Promise<void> {
  const kept = await putBooked({ ...toRaw(props.booked), ...patch }, shelf.larder);
  if (!kept.ok) tell.error(kept.problem.text);
}
async function take(e: Event): Promise<void> {
  const input = e.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (!file) return;
  const kept = await keepPicture(swatchPicture(props.booked.id), file, shelf.larder);
  if (!kept.ok) return tell.error(kept.problem.text);
  show(kept.value.blob);
}
async function tearOut(): Promise<void> {
  const { id, number, name } = props.booked;
  const yes = await tell.ask({
    title: `Tear batch ${number}, ${name}, out of the book?`,
    content: 'What it took is forgotten, and its picture goes. What is left of it stays in the stores.',
    yes: 'Tear it out',
    no: 'Keep it',
  });
  if (!yes) return;
  const gone = await removeBooked(id, shelf.larder);
  if (!gone.ok) return tell.error(gone.problem.text);
  emit('done');
}
</script>

<template>
  <div class="booked">
    <label class="field"
      ><span>As it came out</span
      ><input
        type="color"
        :value="booked.hex"
        @change="put({ hex: ($event.target as HTMLInputElement).value })"
    /></label>
    <label class="field"
      ><span>A day later</span
      ><input
        type="color"
        :value="booked.later ?? booked.hex"
        @change="put({ later: ($event.target as HTMLInputElement).value })"
    /></label>
    <button class="button plain" type="button" @click="picking = true">A day later, from a picture</button>
    <TextField
      class="grow"
      label="Note"
      :value="booked.note"
      :maxlength="400"
      :width="280"
      @change="(note: string) => put({ note })"
    />
    <div class="row">
      <img v-if="picture" :src="picture" :alt="`Picture of batch ${booked.number}, ${booked.name}`" />
      <button class="button" type="button" @click="chooser?.click()">
        {{ picture ? 'Another picture of it' : 'Add a picture of it' }}
      </button>
      <button class="button" type="button" @click="tearOut">Tear it out</button>
      <input
        ref="chooser"
        class="visually-hidden"
        type="file"
        accept="image/*"
        :aria-label="`Picture of batch ${booked.number}`"
        tabindex="-1"
        @change="take"
      />
    </div>
    <PickColour v-if="picking" v-model:open="picking" @picked="(later: string) => put({ later })" />
  </div>
</template>

<style scoped>
.booked {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 14px;
  align-items: flex-end;
  padding: 4px 0 14px;
}
.row {
  flex-basis: 100%;
  flex-wrap: wrap;
  gap: 10px;
}
img {
  max-width: 180px;
  max-height: 120px;
  border-radius: 8px;
}
input[type='color'] {
  width: 56px;
  height: 34px;
}
</style>
