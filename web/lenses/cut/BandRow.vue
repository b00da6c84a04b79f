<script setup lang="ts">
import { computed } from 'vue';
import { fitToGirth, setContinues, setHalves } from '@core/edits/index.ts';
import type { GirthBand } from '@core/templates/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useStage } from '../../state/on-stage.ts';
import ChoiceField from '../../shared/ChoiceField.vue';
import ToggleField from '../../shared/ToggleField.vue';
import WhyButton from '../../shared/WhyButton.vue';

/** A strip that goes round something: does it meet, how long is it cut, whose line does it carry on. */
const props = defineProps<{ band: GirthBand; others: readonly GirthBand[] }>();
const store = useBuild();
const here = useOpenBuild();
const stage = useStage();
const chosen = computed(() => stage.selection?.kind === 'piece' && stage.selection.id === props.band.piece);
const name = computed(() => props.band.name.toLowerCase());
const lines = computed(() => [
  { value: '', label: 'a line of its own' },
  ...props.others.filter((b) => b.piece !== props.band.piece).map((b) => ({ value: b.piece, label: b.name })),
]);
</script>

<template>
  <li class="told-row" :class="{ on: chosen }">
    <button type="button" :aria-pressed="chosen" @click="stage.selection = { kind: 'piece', id: band.piece }">
      <strong>{{ band.name }}</strong> <span class="muted">round the {{ band.round.toLowerCase() }}</span>
    </button>
    <span
      >The way round is <WhyButton :figure="band.way" />{{ band.halves ? ', in two halves: ' : '; ' }}cut
      <template v-if="band.meets"
        ><template v-if="band.halves">each</template><template v-else>it</template>
        <WhyButton :figure="band.cut" after="."
      /></template>
      <template v-else>it as drawn.</template></span
    >
    <span v-for="s in band.says" :key="s.text" :class="{ note: s.wrong }"
      ><template v-if="s.wrong">◆ </template>{{ s.text }}</span
    >
    <div v-if="chosen" class="row">
      <button
        v-if="band.meets"
        class="button"
        type="button"
        @click="store.apply(fitToGirth(here.build, band.piece, band.lap), `the length of the ${name}`)"
      >
        Let it meet
      </button>
      <ToggleField
        label="In two halves"
        :checked="band.halves"
        @change="(on) => store.apply(setHalves(here.build, band.piece, on), `the halves of the ${name}`)"
      />
      <ChoiceField
        v-if="others.length > 1"
        label="Carries on"
        :value="band.continues ?? ''"
        :options="lines"
        :width="180"
        @change="
          (v) => store.apply(setContinues(here.build, band.piece, v || undefined), `the line of the ${name}`)
        "
      />
    </div>
  </li>
</template>

<style scoped>
.row {
  flex-wrap: wrap;
  align-items: flex-end;
  gap: 8px 14px;
  padding-top: 4px;
}
</style>
