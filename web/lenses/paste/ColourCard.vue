<script setup lang="ts">
import { computed } from 'vue';
import {
  DEPTHS,
  POT_KINDS,
  POTS,
  proposedPot,
  STARTING_POTS,
  type ColourDepth,
  type PotKind,
} from '@core/colour/index.ts';
import { materialOf } from '@core/pastes/index.ts';
import { setPots } from '@core/edits/index.ts';
import { amountText, potWords, type Batch, type BatchColour } from '@core/paste-list/index.ts';
import { formatMass } from '@core/quantity/index.ts';
import { MOST_POTS, type Pot } from '@core/record/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePreferences } from '../../state/preferences.ts';
import ChoiceField from '../../shared/ChoiceField.vue';
import BookMatches from './BookMatches.vue';
import MixCard from './MixCard.vue';
import MixedCard from './MixedCard.vue';
import TextField from '../../shared/TextField.vue';
import WantedColour from './WantedColour.vue';
import WhyButton from '../../shared/WhyButton.vue';

/** The pots one batch is coloured with, how each goes in, and what it took in the end. */
const props = defineProps<{ batch: Batch; colouring: BatchColour }>();
const store = useBuild();
const here = useOpenBuild();
const { shown } = usePreferences();
const pots = computed((): readonly Pot[] => props.batch.colour.pots ?? []);
const kinds = POT_KINDS.map((value) => ({ value, label: POTS[value].name }));
const depths = DEPTHS.map((value) => ({ value, label: value }));
const names = STARTING_POTS.map(({ name }) => ({ value: name, label: name }));
const proposed = computed(() => (pots.value.length > 0 ? undefined : proposedPot(props.batch.colour.hex)));
/** Chocolate seizes on what is watery. */
const usualKind = computed((): PotKind => (materialOf(props.batch.blend.base).chocolate ? 'oil' : 'gel'));

function put(next: readonly Pot[], what: string): void {
  store.apply(setPots(here.build, props.batch.colour.id, next), what);
}
const patch = (at: number, change: Partial<Pot>) =>
  put(
    pots.value.map((p, k) => (k === at ? { ...p, ...change } : p)),
    `the pots of ${props.batch.colour.name}`,
  );
/** Drops of one kind say nothing of another. */
function soldAs(at: number, kind: PotKind): void {
  put(
    pots.value.map(({ took: said, ...p }, k) =>
      k === at ? { ...p, kind } : said ? { ...p, took: said } : p,
    ),
    `the pots of ${props.batch.colour.name}`,
  );
}
/** Said how deep it is wanted, the mix that was reckoned is let go. */
function deep(at: number, depth: ColourDepth): void {
  const next = pots.value.map((p, k): Pot => {
    if (k !== at) return p;
    const { per100: _mix, ...rest } = p;
    return { ...rest, depth };
  });
  put(next, `the pots of ${props.batch.colour.name}`);
}
const add = (name: string) =>
  put(
    [
      ...pots.value,
      { name, kind: usualKind.value, depth: proposedPot(props.batch.colour.hex)?.depth ?? 'middle' },
    ],
    `${name} for ${props.batch.colour.name}`,
  );
const drop = (at: number) =>
  put(
    pots.value.filter((_, k) => k !== at),
    `${props.batch.colour.name} without that pot`,
  );
const KNOWN = {
  nothing: 'not mixed yet: an estimate',
  'other base': 'as it took in another paste',
  'this base': 'as you mixed it before',
} as const;
</script>

<template>
  <div class="card">
    <p v-for="s in colouring.says" :key="s" class="note">◆ {{ s }}</p>
    <WantedColour :batch="batch" />
    <ul class="pots">
      <li v-for="(p, k) in colouring.pots" :key="k">
        <div class="row">
          <TextField
            label="Pot"
            :value="p.pot.name"
            :width="130"
            @change="(name: string) => patch(k, { name })"
          />
          <ChoiceField
            label="Sold as"
            :value="p.pot.kind"
            :options="kinds"
            :width="116"
            @change="(kind: PotKind) => soldAs(k, kind)"
          />
          <ChoiceField
            label="How deep"
            :value="p.pot.depth"
            :options="depths"
            :width="104"
            @change="(depth: ColourDepth) => deep(k, depth)"
          />
          <span class="amount"><WhyButton :figure="p.dose.amount" :text="amountText(p.dose.amount)" /></span>
          <button class="button plain" type="button" :aria-label="`Take out ${p.pot.name}`" @click="drop(k)">
            Take out
          </button>
        </div>
        <p>{{ potWords(p) }}</p>
        <p class="muted small">
          {{ KNOWN[p.known]
          }}<template v-if="p.pot.took"
            >: {{ p.pot.took.amount }} in {{ formatMass(p.pot.took.grams, shown) }}</template
          >; {{ POTS[p.pot.kind].hint }}.
        </p>
      </li>
    </ul>
    <p v-if="colouring.whole" class="whole">
      In whole drops: mix {{ formatMass(colouring.whole.grams, shown) }} with
      {{ colouring.whole.drops.join(' + ') }} drops.
      <template v-if="colouring.smallest">
        By the drop it stays the same shade from <WhyButton :figure="colouring.smallest" /> up.</template
      >
    </p>
    <p v-if="proposed">
      By its hue: <strong>{{ proposed.name }}</strong>, {{ proposed.depth }}. A guess until you have mixed it
      once.
      <button class="button" type="button" @click="add(proposed.name)">Take {{ proposed.name }}</button>
    </p>
    <BookMatches :batch="batch" />
    <MixCard :batch="batch" class="mix" />
    <ChoiceField
      v-if="pots.length < MOST_POTS"
      label="Colour it with"
      :value="undefined"
      :options="names"
      :width="190"
      search
      @change="add"
    />
    <MixedCard v-if="colouring.pots.length" :batch="batch" :colouring="colouring" />
  </div>
</template>

<style scoped>
.card {
  padding: 2px 0 14px 46px;
}
.pots {
  margin: 0;
  padding: 0;
  list-style: none;
}
.pots li {
  padding: 6px 0 10px;
  border-bottom: 1px solid var(--line);
}
.row {
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: flex-end;
}
.amount {
  padding-bottom: 7px;
  font-weight: 650;
}
p {
  margin: 6px 0;
}
.note {
  color: var(--tight);
}
.whole {
  margin-top: 10px;
}
.mix {
  margin: 10px 0;
}
</style>
