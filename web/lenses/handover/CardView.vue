<script setup lang="ts">
import { computed } from 'vue';
import { Check, Plus, Trash2 } from '@lucide/vue';
import { removeTopper, setCounted, setTopper, setWay } from '@core/edits/index.ts';
import { cardPages, type CardLine, type HandoverCard } from '@core/handover/index.ts';
import { tellAllergens } from '@core/pastes/index.ts';
import type { Topper } from '@core/record/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useFound } from '../../state/found.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePrinting } from '../../state/printing.ts';
import { useStage } from '../../state/on-stage.ts';
import PageView from '../../shared/pages/PageView.vue';
import SavePages from '../../shared/pages/SavePages.vue';
import QuantityField from '../../shared/QuantityField.vue';
import TextField from '../../shared/TextField.vue';
import ToggleField from '../../shared/ToggleField.vue';
import WhyButton from '../../shared/WhyButton.vue';

/** The card for whoever serves it: counted in here, signed on paper; the page is the very one that is printed. */
const props = defineProps<{ card: HandoverCard }>();
const store = useBuild();
const here = useOpenBuild();
const stage = useStage();
const { printing } = usePrinting();
const bones = useFound('bones');
const letters = computed(() => new Map((bones.value?.rods ?? []).map((r) => [r.rod.id, r.letter])));
const pages = computed(() => cardPages(here.build, props.card, letters.value, printing.paper));
const toppers = computed(() => here.build.handover?.toppers ?? []);

const isCounted = (l: CardLine): boolean => l.counted === l.number;
function count(l: CardLine): void {
  store.apply(
    setCounted(here.build, l.id, isCounted(l) ? undefined : l.number),
    isCounted(l) ? 'to be counted again' : `${l.what} counted`,
  );
}
function show(l: CardLine): void {
  if (l.of.rod !== undefined) stage.selection = { kind: 'rod', id: l.of.rod };
  else if (l.of.piece !== undefined) stage.selection = { kind: 'piece', id: l.of.piece };
}
const set = (topper: Topper) => store.apply(setTopper(here.build, topper), 'what is set on it');
const add = () =>
  set({ id: crypto.randomUUID(), name: 'Something bought in', number: 1, food: false, where: '' });
const SIGN = { must: '▲', should: '◆', note: '●' } as const;
</script>

<template>
  <div class="pages-row">
    <PageView v-for="p in pages" :key="p.name" :page="p" />
    <div class="do">
      <SavePages :pages="pages" what="card" />
      <p class="muted">
        One for whoever serves it, one for you. It is a help and claims nothing: labels, and the food law of
        the place, come first.
      </p>
    </div>
  </div>

  <section class="view-part">
    <h3>Not food: <WhyButton :figure="card.number" /></h3>
    <p v-if="!card.lines.length" class="muted">Nothing in it is anything but food.</p>
    <table v-else class="plain">
      <thead>
        <tr>
          <th scope="col">What</th>
          <th scope="col" class="n">Put in</th>
          <th scope="col">Where</th>
          <th scope="col"><span class="visually-hidden">Counted</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="l in card.lines" :key="l.id">
          <td>
            <button v-if="l.of.rod ?? l.of.piece" class="link" type="button" @click="show(l)">
              {{ l.what }}</button><template v-else>{{ l.what }}</template>
          </td>
          <td class="n">{{ l.number }}</td>
          <td>{{ l.where }}</td>
          <td class="n">
            <button
              class="button"
              :class="{ plain: isCounted(l) }"
              type="button"
              :aria-pressed="isCounted(l)"
              :aria-label="`${isCounted(l) ? 'Counted' : 'Count in'}, ${l.what}`"
              @click="count(l)"
            >
              <Check v-if="isCounted(l)" :size="15" /> {{ isCounted(l) ? 'Counted' : 'Count in' }}
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </section>

  <section class="view-part">
    <h3>Bought in and set on it</h3>
    <div v-for="t in toppers" :key="t.id" class="row topper">
      <TextField label="What" :value="t.name" :width="190" required @change="(name) => set({ ...t, name })" />
      <QuantityField
        label="How many"
        kind="count"
        :width="70"
        :value="t.number"
        @change="(number) => set({ ...t, number: Math.round(number) })"
      />
      <TextField label="Where" :value="t.where" :width="170" @change="(where) => set({ ...t, where })" />
      <ToggleField label="May be eaten" :checked="t.food" @change="(food) => set({ ...t, food })" />
      <button
        class="icon"
        type="button"
        :aria-label="`Take ${t.name} off the card`"
        @click="store.apply(removeTopper(here.build, t.id), `${t.name} off the card`)"
      >
        <Trash2 :size="16" />
      </button>
    </div>
    <button class="button" type="button" @click="add">
      <Plus :size="15" /> Add a candle, a sign, a flower
    </button>
  </section>

  <section v-if="card.apart.length" class="view-part">
    <h3>Taken apart in this order</h3>
    <ol>
      <li v-for="s in card.apart" :key="s.says">
        {{ s.says }}
        <span class="muted">Out comes: {{ s.out.map((l) => `${l.number} × ${l.what}`).join('; ') }}.</span>
      </li>
    </ol>
    <p v-for="c in card.cutting" :key="c">{{ c }}</p>
  </section>

  <section class="view-part">
    <h3>For those who eat it</h3>
    <p>Allergens: {{ tellAllergens(card.allergens) }}.</p>
    <p v-for="n in card.notes" :key="n.id" :class="n.level">
      <span aria-hidden="true">{{ SIGN[n.level] }}</span> {{ n.why }} {{ n.what }}
    </p>
    <p v-for="k in card.keeps" :key="k.what">
      <strong>{{ k.what }}:</strong> {{ k.says }}
    </p>
    <TextField
      label="In your own words, on the card"
      :value="card.note ?? ''"
      :maxlength="2000"
      @change="(note) => store.apply(setWay(here.build, { note }), 'your words on the card')"
    />
  </section>
</template>

<style scoped>
.pages-row {
  display: flex;
  flex-wrap: wrap;
  gap: 14px 20px;
  padding: 12px 0;
}
.do {
  flex: 1 1 200px;
  display: grid;
  gap: 10px;
  align-content: start;
}
.topper {
  padding-bottom: 10px;
}
.link {
  border: 0;
  padding: 0;
  background: none;
  text-align: left;
  text-decoration: underline;
  cursor: pointer;
}
ol {
  margin: 0;
  padding-left: 20px;
}
li,
.view-part > p {
  padding: 3px 0;
}
.must {
  color: var(--fails);
}
</style>
