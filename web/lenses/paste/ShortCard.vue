<script setup lang="ts">
import { computed, onScopeDispose, ref, shallowRef, toRaw, watch } from 'vue';
import type { Batch } from '@core/paste-list/index.ts';
import type { ShortOf, ShortSet } from '@core/short-of.ts';
import { capital, ok } from '@core/quantity/index.ts';
import { keptOf, unspoken } from '@core/stores/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useStores } from '../../state/stores.ts';
import { shortOfJob } from '../../workers/client.ts';
import QuantityField from '../../shared/QuantityField.vue';
import WhyButton from '../../shared/WhyButton.vue';

/** There is less of a colour than is needed: what can be done, each set tried against bones and time. */
const props = defineProps<{ batch: Batch }>();
const store = useBuild();
const here = useOpenBuild();
const shelf = useStores();
const left = ref<number>();
const found = shallowRef<ShortOf>();
const trying = ref(false);
const problem = ref<string>();
let job: ReturnType<typeof shortOfJob> | undefined;
const name = computed(() => props.batch.colour.name);

function forget(): void {
  job?.cancel();
  job = undefined;
  trying.value = false;
  found.value = undefined;
  problem.value = undefined;
}
watch(
  () => [props.batch.id, here.build],
  () => forget(),
);
onScopeDispose(forget);

async function look(): Promise<void> {
  forget();
  trying.value = true;
  const { build } = here;
  const mineOf = keptOf(build, '');
  const items = unspoken(
    structuredClone(toRaw(shelf.stores.items)),
    (id) => mineOf(id) + shelf.keptElsewhere(id, build.id),
  );
  const mine = shortOfJob(build, props.batch.id, left.value!, items, Date.now());
  job = mine;
  const answer = await mine.result.catch(() => {
    problem.value = 'It could not be tried out. Try again.';
    return undefined;
  });
  if (job !== mine) return;
  trying.value = false;
  found.value = answer;
}
const take = (set: ShortSet) => store.apply(ok(set.build), `what to do about the ${name.value}`);
const changes = (set: ShortSet): boolean => set.ways.some((w) => w.changes);
</script>

<template>
  <details class="short">
    <summary>Not enough of it?</summary>
    <div class="row">
      <QuantityField
        label="Left of it"
        kind="mass"
        :width="96"
        :value="left ?? batch.mix.value"
        @change="(v) => v >= 0 && (left = v)"
      />
      <button class="button" type="button" :disabled="left === undefined || trying" @click="look">
        {{ trying ? 'Trying what holds…' : 'What can I do?' }}
      </button>
      <button v-if="trying" class="button plain" type="button" @click="forget">Stop</button>
    </div>
    <div aria-live="polite">
      <p v-if="problem" class="wrong">{{ problem }}</p>
      <p v-else-if="found?.enough">
        It is enough: <WhyButton :figure="found.need" /> are needed for what is still to be made.
      </p>
      <template v-else-if="found">
        <p>
          <strong><WhyButton :figure="found.short" /> short</strong> of the <WhyButton :figure="found.need" />
          that are needed for what is still to be made.
        </p>
        <p v-if="!found.sets.length">
          Nothing that was tried is enough, in time and still stands. Make fewer, or move the day.
        </p>
        <ul v-else>
          <li v-for="(set, k) in found.sets" :key="k">
            <div class="grow">
              <strong>{{ capital(set.ways.map((w) => w.does).join(', and ')) }}</strong>
              <p class="small">
                Frees <WhyButton :figure="set.frees" />; {{ set.does }}; as much trouble as
                <WhyButton :figure="set.worth" />.
              </p>
              <p v-for="w in set.ways.filter((x) => x.mind)" :key="w.does" class="muted small">
                {{ w.mind }}
              </p>
            </div>
            <button
              v-if="changes(set)"
              class="button"
              type="button"
              :aria-label="`Do it: ${set.ways.map((w) => w.does).join(', ')}`"
              @click="take(set)"
            >
              Do it
            </button>
            <span v-else class="muted small">at the bench</span>
          </li>
        </ul>
      </template>
    </div>
  </details>
</template>

<style scoped>
summary {
  padding: 6px 0;
  cursor: pointer;
}
.row {
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: flex-end;
  padding: 4px 0 8px;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  gap: 14px;
  align-items: center;
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
p {
  margin: 2px 0;
}
.grow {
  flex: 1;
}
.wrong {
  color: var(--fails);
}
</style>
