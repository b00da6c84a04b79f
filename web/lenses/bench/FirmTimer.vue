<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Band, FirmState, PieceFirming } from '@core/firming/index.ts';
import { formatTime } from '@core/quantity/index.ts';
import LookForm from '../../shared/LookForm.vue';

/** A running clock for one piece: since when, how firm it should be, when it may be held. */
const props = defineProps<{
  name: string;
  minutes: number;
  band: Band;
  state: FirmState;
  since: number;
  firming: PieceFirming;
  /** What was said of it by touch, and when, in words. */
  said?: { firm: boolean; when: string } | undefined;
  /** It is asked for above. */
  asked?: boolean;
}>();
const emit = defineEmits<{ broke: [] }>();
const telling = ref(false);
const end = computed(
  () =>
    Math.max(Number.isFinite(props.band.slow) ? props.band.slow : props.band.likely * 3, props.minutes, 1) *
    1.08,
);
const at = (m: number) => `${Math.min(100, (100 * m) / end.value)}%`;
const left = computed(() => props.band.likely - props.minutes);
</script>

<template>
  <div class="timer">
    <p>
      <strong>{{ name }}</strong> {{ said?.firm ? 'firm' : state === 'soft' ? 'still soft' : state }}
    </p>
    <div class="bar" aria-hidden="true">
      <i
        :style="{ left: at(band.fast), width: `calc(${at(Math.min(band.slow, end))} - ${at(band.fast)})` }"
      ></i>
      <b :style="{ left: at(minutes) }"></b>
    </div>
    <p class="small muted">
      {{
        said?.firm
          ? `firm enough to pick up: you said so, ${said.when}`
          : left > 0
            ? `firm enough to pick up in about ${formatTime(left)}`
            : 'likely firm enough to pick up; test it'
      }}
    </p>
    <button
      v-if="!asked"
      class="button tell"
      type="button"
      :aria-expanded="telling"
      @click="telling = !telling"
    >
      How firm is it?
    </button>
    <LookForm v-if="telling" :firming="firming" :minutes="minutes" large />
    <button v-if="telling" class="button tell" type="button" @click="emit('broke')">It broke</button>
  </div>
</template>

<style scoped>
.timer {
  padding: 12px 14px;
  margin-bottom: 10px;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 10px;
}
.bar {
  position: relative;
  height: 20px;
  margin: 9px 0;
  border-radius: 5px;
  background: var(--slab-3);
  overflow: hidden;
}
.bar i {
  position: absolute;
  inset-block: 0;
  background: repeating-linear-gradient(45deg, var(--elm-pale) 0 5px, var(--elm-soft) 5px 10px);
}
.bar b {
  position: absolute;
  inset-block: 0;
  width: 3px;
  background: var(--ink);
}

.tell {
  justify-content: center;
  min-height: 56px;
  width: 100%;
  margin-top: 8px;
}
.small {
  font-size: 15px;
}
</style>
