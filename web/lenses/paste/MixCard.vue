<script setup lang="ts">
import { computed, onScopeDispose, ref, shallowRef, toRaw, watch } from 'vue';
import { setPots } from '@core/edits/index.ts';
import {
  dullFor,
  mixesFor,
  THIN_UNDER,
  type Batch,
  type BatchDulled,
  type BatchMix,
  type BatchMixes,
} from '@core/paste-list/index.ts';
import { MOST_POTS } from '@core/record/index.ts';
import { swatchesOf } from '@core/stores/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useStores } from '../../state/stores.ts';
import WhyButton from '../../shared/WhyButton.vue';
import { mixesJob } from '../../workers/client.ts';

/** Which pots come to the colour of a batch, with the colour they give beside the one that is wanted. */
const props = defineProps<{ batch: Batch }>();
const store = useBuild();
const here = useOpenBuild();
const shelf = useStores();
const found = shallowRef<BatchMixes>();
const looking = ref(false);
let job: ReturnType<typeof mixesJob> | undefined;

async function look(): Promise<void> {
  job?.cancel();
  const { blend, colour } = props.batch;
  const asked = structuredClone([
    { colours: toRaw(here.build.colours) },
    { blend, colour },
    swatchesOf(shelf.stores.book),
  ] as const);
  const mine = mixesJob(...asked);
  job = mine;
  looking.value = true;
  // where there is no worker, or it broke, it is found in the page
  const answer = await mine.result.catch(() => mixesFor(...asked));
  if (job !== mine) return;
  looking.value = false;
  found.value = answer;
}
function take(mix: BatchMix): void {
  const { id, name } = props.batch.colour;
  store.apply(setPots(here.build, id, mix.pots), `the pots of ${name}`);
  found.value = undefined;
}
/** An opposite that takes the shout out of it, once asked for; `none` where there is none. */
const quiet = shallowRef<BatchDulled | 'none'>();
const pots = computed(() => props.batch.colour.pots ?? []);
function dull(): void {
  quiet.value = dullFor(here.build, props.batch, swatchesOf(shelf.stores.book)) ?? 'none';
}
function add({ pot }: BatchDulled): void {
  const { id, name } = props.batch.colour;
  store.apply(setPots(here.build, id, [...pots.value, pot]), `${name} duller`);
  quiet.value = undefined;
}
watch(
  () => `${props.batch.id} ${props.batch.colour.hex}`,
  () => (found.value = quiet.value = undefined),
);
onScopeDispose(() => job?.cancel());
</script>

<template>
  <div aria-live="polite">
    <div class="row">
      <button v-if="!found" class="button" type="button" :disabled="looking" @click="look">
        {{ looking ? 'Looking…' : 'Find pots for this colour' }}
      </button>
      <button
        v-if="!quiet && pots.length > 0 && pots.length < MOST_POTS"
        class="button"
        type="button"
        @click="dull"
      >
        Take the shout out of it
      </button>
    </div>
    <p v-if="quiet === 'none'">
      Nothing known here takes the shout out of it: it is quiet already, or no pot stands across the wheel.
    </p>
    <ul v-else-if="quiet" class="swatches">
      <li>
        <span class="pair" aria-hidden="true">
          <i :style="{ background: quiet.from }"></i><i :style="{ background: quiet.hex }"></i>
        </span>
        <div class="grow">
          <strong>{{ quiet.name }}, across the wheel</strong>
          <p>
            <WhyButton :figure="quiet.dose" /> for 100 g take a fifth of its strength; it goes
            {{ quiet.drifts }}.
          </p>
          <p v-if="quiet.drops < THIN_UNDER" class="muted small">
            So little is thinned before it is counted.
          </p>
        </div>
        <button class="button" type="button" @click="add(quiet)">Put it in</button>
      </li>
    </ul>
    <p v-if="found && !found.mixes.length">
      {{ found.none ?? 'No pots known here come nearer to it than the plain paste.' }}
    </p>
    <ul v-else-if="found" class="swatches">
      <li v-for="(m, k) in found.mixes" :key="k">
        <span class="pair" aria-hidden="true">
          <i :style="{ background: batch.colour.hex }"></i><i :style="{ background: m.hex }"></i>
        </span>
        <div class="grow">
          <strong>{{ m.parts.map((p) => p.name).join(' + ') }}</strong>
          <p>
            <template v-for="(p, i) in m.parts" :key="p.name"
              ><template v-if="i">, </template><WhyButton :figure="m.doses[i]!" /> of {{ p.name }}</template
            >
            for 100 g. Wanted, and what they give: {{ m.near }}.
          </p>
          <p class="muted small">Known {{ m.known }}.</p>
        </div>
        <button
          class="button"
          type="button"
          :aria-label="`Take them: ${m.parts.map((p) => p.name).join(', ')}`"
          @click="take(m)"
        >
          Take them
        </button>
      </li>
    </ul>
  </div>
</template>
