<script setup lang="ts">
import { computed, ref } from 'vue';
import { colouringWords, type Batch } from '@core/paste-list/index.ts';
import { mixId } from '@core/days/index.ts';
import { materialOf, tellAllergens } from '@core/pastes/index.ts';
import {
  formatLength,
  formatMass,
  formatSpoons,
  formatWeighed,
  type Reckoned,
} from '@core/quantity/index.ts';
import {
  bookedFor,
  ingredientOf,
  keptOf,
  offcutsFor,
  offcutOf,
  released,
  reserved,
} from '@core/stores/index.ts';
import { today, useStores } from '../../state/stores.ts';
import { useBuild } from '../../state/build-store.ts';
import { useStage } from '../../state/on-stage.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePreferences } from '../../state/preferences.ts';
import { putBooked, putItem, useEntries, useUp } from '../../storage/stores.ts';
import WhyButton from '../../shared/WhyButton.vue';
import ShortCard from './ShortCard.vue';
import RestClock from './RestClock.vue';

/** One batch to read at the table: what to weigh, where it goes, what offcuts would do, what stays. */
const props = defineProps<{ batch: Batch }>();
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const shelf = useStores();
const { shown } = usePreferences();
const build = computed(() => here.build);
const material = computed(() => materialOf(props.batch.blend.base));
const doubts = computed(() => here.report.doses.get(props.batch.blend.id) ?? []);
const due = computed(() => build.value.brief.due.slice(0, 10));
const offers = computed(() => {
  const mine = keptOf(build.value, props.batch.id);
  return offcutsFor(
    shelf.stores.items,
    props.batch,
    due.value,
    (id) => mine(id) + shelf.keptElsewhere(id, build.value.id),
  );
});
const offered = computed(() =>
  offers.value.use
    .map((u) => `${formatMass(u.grams, shown)} ${u.item.name}${u.recolour ? ' (to be coloured again)' : ''}`)
    .join(', '),
);
const colours = computed((): string[] => {
  const found = here.report.colouring.batches.find((c) => c.batch === props.batch.id);
  return found ? colouringWords(found) : [];
});
const kept = computed(() => props.batch.reserves);
const point = (id: string | undefined) => (stage.lit = id === undefined ? undefined : new Set([id]));
const share = (l: Reckoned) => `${(100 * l.value) / props.batch.mix.value}%`;
const TONES = ['var(--elm)', '#8fc0aa', '#b9c4bf', '#d1d8d5', 'transparent'];

function keep(): void {
  store.apply(reserved(build.value, props.batch, offers.value.use), 'keeping offcuts');
}
const letGo = () => store.apply(released(build.value, props.batch.id), 'letting offcuts go');

const busy = ref(false);
async function mixed(): Promise<void> {
  busy.value = true;
  const own = await useEntries(
    kept.value.map((r) => ({ id: r.stock, amount: r.grams })),
    shelf.larder,
  );
  const out = own.ok
    ? await useUp(
        props.batch.parts
          .filter((p) => ingredientOf(p.id, shelf.stores.pastes))
          .map((p) => ({ ingredient: p.id, amount: p.weigh })),
        today(),
        shelf.larder,
      )
    : own;
  busy.value = false;
  if (!out.ok) return store.say(out.problem.text, 'error');
  if (kept.value.length) letGo();
  store.say(
    out.value.missing > 0.05
      ? `Taken off the stores; ${formatMass(out.value.missing, shown)} of it were not on the shelf.`
      : 'Taken off the stores.',
  );
}
async function putBack(): Promise<void> {
  const put = await putItem(offcutOf(build.value, props.batch, today(), crypto.randomUUID()), shelf.larder);
  // the book knows where what is left of it went
  const page = bookedFor(shelf.stores.book, build.value, props.batch);
  if (put.ok && page) await putBooked({ ...page, offcut: put.value.id }, shelf.larder);
  store.say(
    put.ok ? `${formatMass(put.value.amount, shown)} of it are in the stores now.` : put.problem.text,
    put.ok ? 'info' : 'error',
  );
}
</script>

<template>
  <div class="card">
    <div class="weigh">
      <p v-for="p in batch.parts" :key="p.id" class="part">
        <strong><WhyButton :figure="p.grams" :text="formatWeighed(p.weigh, shown)" /></strong>
        <span
          >{{ p.name
          }}<template v-if="p.spoons">, {{ formatSpoons(p.spoons.value, 1) }} level</template></span
        >
      </p>
      <p v-for="r in kept" :key="r.stock" class="part">
        <strong>{{ formatMass(r.grams, shown) }}</strong>
        <span>{{ r.name }}<template v-if="r.recolour">, to be coloured again</template></span>
      </p>
      <p v-for="c in colours" :key="c" class="colour">{{ c }}</p>
      <RestClock :batch="batch" :step="mixId(batch.id)" />
      <p class="muted">
        {{ material.chocolate ? 'Wrap it flat until it is cool right through.' : 'Keep it wrapped.' }}
        Table: {{ material.dusts.join(' or ') }}.
      </p>
      <p v-for="d in doubts" :key="d" class="warn"><span aria-hidden="true">◆</span> {{ d }}</p>
      <p class="small">Allergens: {{ tellAllergens(batch.allergens) }}.</p>
      <p v-if="material.ask" class="small muted">{{ material.ask }} Read the label.</p>
    </div>
    <div class="goes">
      <p class="muted small">Goes into</p>
      <p class="into">
        <span
          v-for="l in batch.lines"
          :key="l.piece"
          class="chip"
          tabindex="0"
          @pointerenter="point(l.piece)"
          @pointerleave="point(undefined)"
          @focus="point(l.piece)"
          @blur="point(undefined)"
          >{{ l.name }}<template v-if="l.number > 1"> ×{{ l.number }}</template>
          <template v-if="l.make > l.number"> (make {{ l.make }})</template>
          <WhyButton :figure="l.start" /><template v-if="l.cover">
            · roll {{ formatLength(l.cover.roll.value, shown) }}</template
          ></span
        >
      </p>
      <div class="bar" aria-hidden="true">
        <i
          v-for="(l, i) in batch.ledger"
          :key="l.name"
          :style="{ width: share(l), background: l === batch.spare ? 'transparent' : TONES[i] }"
        ></i>
      </div>
      <p class="ledger small">
        <span v-for="l in batch.ledger" :key="l.name">{{ l.name }} <WhyButton :figure="l" /></span>
      </p>
      <p v-if="!kept.length && offers.use.length" class="small">On the shelf: {{ offered }}.</p>
      <div class="row">
        <button v-if="!kept.length && offers.use.length" class="button" type="button" @click="keep">
          Use the offcuts
        </button>
        <button v-if="kept.length" class="button" type="button" @click="letGo">Let the offcuts go</button>
        <button class="button" type="button" :disabled="busy" @click="mixed">Take it off the stores</button>
        <button class="button" type="button" @click="putBack">Put what is left in the stores</button>
      </div>
    </div>
    <ShortCard :batch="batch" class="short-of" />
  </div>
</template>

<style scoped>
.card {
  display: grid;
  grid-template-columns: minmax(210px, 2fr) 3fr;
  gap: 6px 26px;
  padding: 6px 0 14px;
}
.weigh,
.goes {
  display: grid;
  gap: 7px;
  align-content: start;
}
.short-of {
  grid-column: 1 / -1;
}
.part {
  line-height: 1.25;
}
.part strong {
  display: block;
  font: 650 28px/1.1 var(--font-title);
}
.part span {
  font-size: 15px;
}
.into {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.chip {
  padding: 3px 9px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--slab-2);
}
.chip:hover,
.chip:focus {
  border-color: var(--elm);
}
.bar {
  display: flex;
  height: 12px;
  border: 1px solid var(--ink-3);
  border-radius: 6px;
  overflow: hidden;
}
.bar i {
  height: 100%;
}
.ledger {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
}
@media (max-width: 1060px) {
  .card {
    grid-template-columns: 1fr;
  }
}
</style>
