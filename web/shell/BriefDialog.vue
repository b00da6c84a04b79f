<script setup lang="ts">
import { computed } from 'vue';
import { briefOf, notConfirmed, sayInBrief } from '@core/brief/index.ts';
import { withSaid } from '@core/edits/index.ts';
import { listed, ok } from '@core/quantity/index.ts';
import type { BriefKey } from '@core/record/index.ts';
import { useBuild } from '../state/build-store.ts';
import { useFound } from '../state/found.ts';
import { useOpenBuild } from '../state/here.ts';
import BlankField from '../shared/BlankField.vue';
import { withStops } from '../shared/stops.ts';
import EaterNotes from '../shared/EaterNotes.vue';
import { useReading } from '../shared/reading.ts';

/** What was asked for, as the sentence it began with; what nobody said is told as taken for usual, and may be confirmed. */
const open = defineModel<boolean>('open', { required: true });
const store = useBuild();
const here = useOpenBuild();
const eaters = useFound('eaters');
const at = useReading();
const stretches = computed(() =>
  briefOf(here.build, here.report.figure.height, { ...at.value, zone: here.build.brief.zone }),
);
const usual = computed(() => notConfirmed(here.build));
const ASKED_WORDS: Readonly<Record<BriefKey, string>> = {
  size: 'the height',
  paste: 'the paste',
  base: 'what it stands on',
  due: 'the day',
  journey: 'the journey',
  eaters: 'who eats it',
  hours: 'your hours',
  room: 'the kitchen',
};
const words = computed(() => withStops(stretches.value));

function say(key: BriefKey, text: string): string | undefined {
  const changed = sayInBrief(here.build, key, text, { ...at.value, zone: here.build.brief.zone });
  if (!changed.ok) return changed.problem.text;
  store.apply(changed, 'the brief');
  return undefined;
}
const confirm = (...keys: BriefKey[]): void =>
  void store.apply(ok(withSaid(here.build, ...keys)), 'the brief');
const choose = (key: BriefKey, choice: unknown): void => void say(key, String(choice));
</script>

<template>
  <a-modal v-model:open="open" title="Brief" :footer="null" width="680px">
    <p class="sentence">
      <template v-for="(s, i) in words" :key="i"
        ><template v-if="'text' in s">{{ s.text }}</template
        ><span v-else-if="s.under" class="keep"
          ><router-link :to="`/build/${here.build.id}/${s.under}`" :class="s.state" @click="open = false">{{
            s.words
          }}</router-link
          >{{ s.after }}</span
        ><span v-else class="keep"
          ><BlankField
            :label="s.label"
            :words="s.words"
            :state="s.state"
            :example="s.example"
            :choices="s.choices.map((c) => ({ words: c.words, value: c.words }))"
            :say="(text: string) => say(s.key, text)"
            @choose="(v: unknown) => choose(s.key, v)"
          />{{ s.after }}</span
        ></template
      >
    </p>
    <p v-if="usual.length" class="usual">
      Taken as usual, for nobody said {{ usual.length === 1 ? 'it' : 'them' }}:
      {{ listed(usual.map((key) => ASKED_WORDS[key])) }}.
      <button type="button" class="button" @click="confirm(...usual)">That is right</button>
    </p>
    <EaterNotes :notes="eaters?.notes ?? []" />
    <div class="row">
      <router-link class="button" :to="`/build/${here.build.id}/days`" @click="open = false"
        >The days that follow from it</router-link
      >
    </div>
  </a-modal>
</template>

<style scoped>
.sentence {
  margin: 10px 0 14px;
  font-size: 18px;
  line-height: 40px;
}
.keep {
  white-space: nowrap;
}
.keep > a {
  color: var(--ink);
  white-space: normal;
}
.keep > a.usual {
  color: var(--ink-2);
}
.usual {
  margin-bottom: 14px;
  color: var(--ink-2);
}
.usual .button {
  margin-left: 10px;
  color: var(--ink);
}
.row {
  margin-top: 14px;
}
a.button {
  color: inherit;
  text-decoration: none;
}
</style>
