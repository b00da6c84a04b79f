<script setup lang="ts">
import { onScopeDispose, ref, shallowRef, toRaw, watch } from 'vue';
import { setPots } from '@core/edits/index.ts';
import { mixesFor, type Batch, type BatchMix, type BatchMixes } from '@core/paste-list/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { mixesJob } from '../../workers/client.ts';

/** Which pots come to the colour of a batch, with the colour they give beside the one that is wanted. */
const props = defineProps<{ batch: Batch }>();
const store = useBuild();
const here = useOpenBuild();
const found = shallowRef<BatchMixes>();
const looking = ref(false);
let job: ReturnType<typeof mixesJob> | undefined;

async function look(): Promise<void> {
  job?.cancel();
  const { blend, colour } = props.batch;
  const asked = structuredClone([{ colours: toRaw(here.build.colours) }, { blend, colour }] as const);
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
watch(
  () => `${props.batch.id} ${props.batch.colour.hex}`,
  () => (found.value = undefined),
);
onScopeDispose(() => job?.cancel());
const drops = (n: number): string => (n < 10 ? n.toFixed(1) : n.toFixed(0));
</script>

<template>
  <div aria-live="polite">
    <button v-if="!found" class="button" type="button" :disabled="looking" @click="look">
      {{ looking ? 'Looking…' : 'Find pots for this colour' }}
    </button>
    <p v-else-if="!found.mixes.length">
      {{ found.none ?? 'No pots known here come nearer to it than the plain paste.' }}
    </p>
    <ul v-else class="mixes">
      <li v-for="(m, k) in found.mixes" :key="k">
        <span class="pair" aria-hidden="true">
          <i :style="{ background: batch.colour.hex }"></i><i :style="{ background: m.hex }"></i>
        </span>
        <div class="grow">
          <strong>{{ m.parts.map((p) => p.name).join(' + ') }}</strong>
          <p>
            <template v-for="(p, i) in m.parts" :key="p.name"
              ><template v-if="i">, </template>{{ drops(p.drops) }} drops of {{ p.name }}</template
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

<style scoped>
.mixes {
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
}
.mixes li {
  display: flex;
  gap: 14px;
  align-items: center;
  padding: 10px 0;
  border-top: 1px solid var(--line);
}
.pair {
  display: flex;
  flex: none;
}
.pair i {
  width: 38px;
  height: 38px;
  border: 1px solid rgb(29 36 34 / 35%);
  border-radius: 50%;
}
.pair i + i {
  margin-left: -12px;
}
.grow {
  flex: 1;
}
p {
  margin: 2px 0;
}
</style>
