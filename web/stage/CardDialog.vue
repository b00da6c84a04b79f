<script setup lang="ts">
import { computed, ref } from 'vue';
import { CARD, USUAL_PER_MM } from '@core/quantity/index.ts';
import { useScreen } from '../state/screen.ts';

/** Hold a bank card against the screen, once, so that a millimetre is a millimetre. */
const open = defineModel<boolean>('open', { required: true });
const emit = defineEmits<{ done: [] }>();
const screen = useScreen();
const across = ref(
  Math.round((screen.perMm ? CARD.width / screen.unit() : CARD.width * USUAL_PER_MM) * 2) / 2,
);
const tall = computed(() => (across.value * CARD.height) / CARD.width);
function done(): void {
  screen.fits(across.value);
  open.value = false;
  emit('done');
}
</script>

<template>
  <a-modal v-model:open="open" title="How large is this screen?" ok-text="It fits" :width="720" @ok="done">
    <p>
      Hold a bank card against the screen, its left edge on the left edge here, and pull until it is exactly
      as wide. This is asked once for each screen.
    </p>
    <div class="card" :style="{ width: `${across}px`, height: `${tall}px` }" aria-hidden="true"></div>
    <label class="pull">
      How wide the card is drawn
      <input v-model.number="across" type="range" min="180" max="640" step="0.5" />
    </label>
  </a-modal>
</template>

<style scoped>
.card {
  max-width: 100%;
  border: 1.5px solid var(--ink);
  border-radius: 3.7% / 5.9%;
  background: var(--slab);
}
.pull {
  display: grid;
  gap: 4px;
  margin-top: 16px;
}
.pull input {
  width: 100%;
  height: 34px;
}
</style>
