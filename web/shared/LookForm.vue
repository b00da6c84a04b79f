<script setup lang="ts">
import { capital } from '@core/quantity/index.ts';
import { computed, ref, watch } from 'vue';
import { ASKED, SAW, type PieceFirming, type Question } from '@core/firming/index.ts';
import { pieceOf, type Saw } from '@core/record/index.ts';
import { toldByTouch } from '@core/told-by-touch.ts';
import { lookPicture } from '../storage/builds.ts';
import { keepPicture } from '../storage/pictures.ts';
import { useBuild } from '../state/build-store.ts';
import { useOpenBuild } from '../state/here.ts';
import ChoiceField from './ChoiceField.vue';
import PictureButton from './PictureButton.vue';
import QuantityField from './QuantityField.vue';

/** What is seen of a piece now: one tap, with the time since it was shaped, a note and a picture where wanted. */
const props = defineProps<{ firming: PieceFirming; minutes?: number; large?: boolean }>();
const emit = defineEmits<{ saw: [what: Saw] }>();
const store = useBuild();
const here = useOpenBuild();
const asked = ref<Question>('handle');
const since = ref<number>(props.minutes ?? Math.round(props.firming.bands.handle?.likely ?? 60));
watch(
  () => props.minutes,
  (m) => {
    if (m !== undefined) since.value = m;
  },
);
watch(
  () => props.firming.piece,
  () => {
    if (props.minutes === undefined && Number.isFinite(props.firming.bands.handle?.likely ?? Infinity))
      since.value = Math.round(props.firming.bands.handle!.likely);
  },
);
/** The piece, as one speaks of it. */
const name = computed(() => pieceOf(here.build, props.firming.piece)?.name.toLowerCase() ?? 'piece');
const words = ref('');
const file = ref<File>();
const questions = computed(() =>
  (Object.keys(props.firming.bands) as Question[])
    .filter((q) => !ASKED[q].window)
    .map((q) => ({ value: q, label: ASKED[q].words })),
);
const wordsOf = (s: (typeof SAW)[number]): string => {
  const said = s.question || asked.value === 'handle' ? s.words : s.words.replace('firm', 'so');
  return capital(said);
};

async function saw(what: Saw): Promise<void> {
  const id = crypto.randomUUID();
  if (file.value) {
    const kept = await keepPicture(lookPicture(id), file.value);
    if (!kept.ok) {
      store.say(kept.problem.text, 'error');
      return;
    }
  }
  const told = toldByTouch(here.build, props.firming, {
    id,
    at: new Date().toISOString(),
    question: asked.value,
    saw: what,
    minutes: since.value,
    note: words.value.trim(),
    ...(file.value ? { picture: id } : {}),
  });
  if (!store.apply(told.build, `a look at the ${name.value}`)) return;
  emit('saw', what);
  if (!told.learned) return;
  words.value = '';
  file.value = undefined;
  store.say('Noted. What waits for it goes by what you said; see Log for what was learned.');
}
</script>

<template>
  <div class="look" :class="{ large }">
    <div v-if="!large" class="row fields">
      <ChoiceField v-model:value="asked" label="Looked for" :options="questions" :width="220" />
      <QuantityField
        v-if="minutes === undefined"
        label="After shaping"
        kind="time"
        :width="96"
        :value="since"
        @change="(v) => (since = v)"
      />
      <label class="field grow"><span>Note</span><a-input v-model:value="words" :maxlength="1000" /></label>
      <PictureButton v-model="file" />
    </div>
    <div class="row fields says">
      <button
        v-for="s in SAW"
        :key="s.id"
        type="button"
        class="button"
        :class="{ main: s.id === 'just' }"
        @click="saw(s.id)"
      >
        {{ wordsOf(s) }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.look {
  display: grid;
  gap: 8px;
}
.grow {
  flex: 1 1 140px;
}
.says {
  gap: 8px;
}
.large .button {
  min-height: 56px;
  font-size: 17px;
}
</style>
