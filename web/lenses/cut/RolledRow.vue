<script setup lang="ts">
import { computed, ref } from 'vue';
import { COVERINGS, triedRound, type Rolled, type SheetMap } from '@core/covers/index.ts';
import { setCover } from '@core/edits/index.ts';
import { formatLength } from '@core/quantity/index.ts';
import type { CoverWay } from '@core/record/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePreferences } from '../../state/preferences.ts';
import { useStage } from '../../state/on-stage.ts';
import ChoiceField from '../../shared/ChoiceField.vue';
import QuantityField from '../../shared/QuantityField.vue';
import WhyButton from '../../shared/WhyButton.vue';

/** Paste over a core, a board or a tier: how large it is rolled, how thick, what stays of it. */
const props = defineProps<{
  rolled: Rolled;
  /** The same sheet triangle by triangle, as soon as it is found. */
  map?: SheetMap | undefined;
}>();
const store = useBuild();
const here = useOpenBuild();
const stage = useStage();
const { shown } = usePreferences();
const thick = computed(() => formatLength(props.rolled.thick, shown));
const chosen = computed(() => stage.selection?.kind === 'piece' && stage.selection.id === props.rolled.id);
const piece = computed(() => here.build.pieces.find((p) => p.id === props.rolled.id));
const OPTIONS = [
  { value: '', label: 'as core and coat ask' },
  ...Object.values(COVERINGS).map((w) => ({ value: w.id, label: w.name })),
];
/** A round the person has rolled already, or would like to. */
const tried = ref<number>();
const trial = computed(() =>
  props.rolled.kind === 'core' && tried.value !== undefined
    ? triedRound(props.rolled.over, tried.value)
    : undefined,
);
function cover(value: string): void {
  const found = Object.keys(COVERINGS).find((w): w is CoverWay => w === value);
  store.apply(
    setCover(here.build, props.rolled.id, found),
    `how the ${props.rolled.name.toLowerCase()} is covered`,
  );
}
</script>

<template>
  <li class="told-row" :class="{ on: chosen }">
    <template v-if="rolled.kind === 'plain'">
      <strong>{{ rolled.name }}</strong>
      <span
        >Roll a {{ rolled.plain.of.shape === 'round' ? 'disc' : 'square' }} of
        <WhyButton :figure="rolled.plain.roll" />, {{ thick }} thick;
        <WhyButton :figure="rolled.plain.used" /> of it stays.</span
      >
    </template>
    <template v-else>
      <button
        type="button"
        :aria-pressed="chosen"
        @click="stage.selection = { kind: 'piece', id: rolled.id }"
      >
        <strong>{{ rolled.name }}</strong> <span class="muted">{{ rolled.over.way.name }}</span>
      </button>
      <template v-if="rolled.over.sheet">
        <span
          >Roll a round of <WhyButton :figure="rolled.over.sheet.round" />, {{ thick }} thick, from
          <WhyButton :figure="rolled.over.sheet.rolled" after="." />
          <WhyButton :figure="rolled.over.sheet.stays" /> stay,
          <WhyButton :figure="rolled.over.sheet.off" /> come off again;
          <WhyButton :figure="rolled.over.sheet.thinnest" /> at its thinnest, on the top.</span
        >
        <span class="muted"
          >Smooth <WhyButton :figure="rolled.over.sheet.smooth" /> from the top over the skin;
          <template v-if="rolled.over.sheet.folds.value > rolled.over.sheet.smooth.value"
            >folds from <WhyButton :figure="rolled.over.sheet.folds" /> on</template
          ><template v-else>pleats below that, opened and stroked down</template>. A round under
          <WhyButton :figure="rolled.over.sheet.least" /> tears.</span
        >
      </template>
      <span v-else-if="rolled.over.panels"
        >{{ thick }} thick:
        <template v-for="(p, i) in rolled.over.panels" :key="p.name"
          ><template v-if="i > 0">; </template>{{ p.name.toLowerCase() }}
          <template v-for="(s, k) in p.sizes" :key="s.name"
            ><template v-if="k > 0"> × </template><WhyButton :figure="s" /></template></template
        >.</span
      >
      <span v-else
        >{{ thick }} all round<template v-if="rolled.over.uneven"
          >, as hands make it {{ formatLength(rolled.over.uneven[0], shown) }} to
          {{ formatLength(rolled.over.uneven[1], shown) }}</template
        >; nothing comes off.</span
      >
      <span v-for="s in rolled.over.says" :key="s" class="note">◆ {{ s }}</span>
      <span v-for="s in map?.says ?? []" :key="s" class="note">◆ {{ s }}</span>
      <div v-if="chosen" class="way">
        <ChoiceField
          label="Covered with"
          :value="piece?.cover ?? ''"
          :options="OPTIONS"
          :width="250"
          @change="cover"
        />
        <QuantityField
          v-if="rolled.over.sheet"
          label="With a round of"
          kind="length"
          :width="100"
          :value="tried ?? rolled.over.sheet.round.value"
          @change="(v) => (tried = v)"
        />
        <span class="muted hint">{{ rolled.over.way.hint }}</span>
        <span v-if="trial" :class="{ note: !trial.holds }" role="status"
          ><template v-if="!trial.holds">▲ </template>{{ trial.says }}</span
        >
      </div>
    </template>
  </li>
</template>

<style scoped>
.way {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: flex-end;
  padding-top: 4px;
}
</style>
