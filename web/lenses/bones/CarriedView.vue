<script setup lang="ts">
import { computed, onBeforeUnmount, shallowRef, watch } from 'vue';
import type { Carries, StandsMend, Unheld } from '@core/stands.ts';
import { useBuild } from '../../state/build-store.ts';
import { useStage } from '../../state/on-stage.ts';
import { useOpenBuild } from '../../state/here.ts';
import WhyButton from '../../shared/WhyButton.vue';

/** What rests on what, found from the bodies: what hovers and which legs are too soft first, then every carrier. */
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const stands = computed(() => here.report.stands);
/** Once the figure rests, ms. */
const LOOKS = 400;
const troubles = computed<readonly Unheld[]>(() => [
  ...stands.value.hovers,
  ...stands.value.untold,
  ...stands.value.soft,
]);

/** Least and most of each load, looked for one by one once the table stands. */
const bands = shallowRef<ReadonlyMap<string, Carries['between']>>(new Map());
let timer: ReturnType<typeof setTimeout> | undefined;
watch(
  () => stands.value.carries,
  (carries) => {
    clearTimeout(timer);
    bands.value = new Map();
    const next = (k: number) => {
      const c = carries[k];
      if (!c) return;
      bands.value = new Map([...bands.value, [c.piece, c.between]]);
      timer = setTimeout(() => next(k + 1));
    };
    timer = setTimeout(() => next(0), LOOKS);
  },
  { immediate: true },
);
onBeforeUnmount(() => clearTimeout(timer));

function take(mend: StandsMend): void {
  store.apply(mend.build, mend.text.toLowerCase());
}
</script>

<template>
  <div class="carried">
    <section v-for="t in troubles" :key="t.piece" class="card trouble">
      <p class="warn">
        <span aria-hidden="true">◆</span> {{ t.text }}
        <WhyButton v-if="t.gap" :figure="t.gap" text="The gap" />
        <button type="button" class="link" @click="stage.selection = { kind: 'piece', id: t.piece }">
          Show it
        </button>
      </p>
      <div v-if="t.mends.length" class="row">
        <button
          v-for="(m, i) in t.mends"
          :key="m.text"
          type="button"
          class="button"
          :class="{ main: i === 0 }"
          @click="take(m)"
        >
          {{ m.text }}
        </button>
      </div>
    </section>
    <p v-if="!stands.carries.length" class="empty">Nothing rests on anything yet.</p>
    <div v-else class="table">
      <table class="figures">
        <thead>
          <tr>
            <th scope="col">Carrier</th>
            <th scope="col" class="n">Rests on it</th>
            <th scope="col" class="n">On its paste</th>
            <th scope="col" class="n">Carries after</th>
            <th scope="col" class="n">Left standing after</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="c in stands.carries" :key="c.piece">
            <td>
              <button type="button" class="link" @click="stage.selection = { kind: 'piece', id: c.piece }">
                {{ c.name }}
              </button>
            </td>
            <td class="n">
              <WhyButton :figure="c.load" />
              <span v-if="bands.get(c.piece)" class="muted small between"
                ><WhyButton :figure="bands.get(c.piece)![0]" /> to
                <WhyButton :figure="bands.get(c.piece)![1]"
              /></span>
            </td>
            <td class="n"><WhyButton :figure="c.onPaste" /></td>
            <td class="n">
              <WhyButton v-if="c.bears" :figure="c.bears" :text="c.bears.value > 0 ? undefined : 'at once'" />
              <template v-else>at once</template>
            </td>
            <td class="n">
              <WhyButton
                v-if="c.stands"
                :figure="c.stands"
                :text="c.stands.value > 0 ? undefined : 'at once'"
              />
              <template v-else>at once</template>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="muted small">
      Found from the bodies as they stand: whatever touches from below carries its part, and rods take what
      their hold takes. Of a pair, this is each. Where three or more carry one thing it hangs on how soft each
      is: then the least and the most are told.
    </p>
  </div>
</template>

<style scoped>
.carried {
  display: grid;
  gap: 12px;
  padding-top: 14px;
  align-content: start;
}
.trouble {
  display: grid;
  gap: 8px;
}
.trouble p {
  margin: 0;
}
.table {
  overflow-x: auto;
}
.between {
  display: block;
}
.trouble .link {
  all: unset;
  cursor: pointer;
  text-decoration: underline;
}
.trouble .link:hover,
.trouble .link:focus-visible {
  color: var(--elm);
}
</style>
