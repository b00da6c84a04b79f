<script setup lang="ts">
import { computed } from 'vue';
import { Plus } from '@lucide/vue';
import { addTier, forgetCakeDensity, setCake } from '@core/edits/index.ts';
import { BATTERS, FILLINGS } from '@core/pastes/index.ts';
import { formatLength, formatTime, roundTo } from '@core/quantity/index.ts';
import type { CakeWork } from '@core/record/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePreferences } from '../../state/preferences.ts';
import QuantityField from '../../shared/QuantityField.vue';
import WhyButton from '../../shared/WhyButton.vue';
import TierRow from '../../ground/TierRow.vue';
import { choicesOf } from '../../shared/choices.ts';
import ChoiceField from '../../shared/ChoiceField.vue';
import TextField from '../../shared/TextField.vue';
import SumsRow from '../../shared/SumsRow.vue';
import Segments from '../../shared/Segments.vue';

const store = useBuild();
const here = useOpenBuild();
const { shown } = usePreferences();
const build = computed(() => here.build);
const cake = computed(() => here.report.cake);
const work = computed(() => build.value.cake);
const batters = choicesOf(BATTERS, (b) => b.name);
const creams = choicesOf(FILLINGS, (f) => f.name);
const PLACES: { value: CakeWork['chill']['where']; label: string }[] = [
  { value: 'room', label: 'in the room' },
  { value: 'fridge', label: 'in the fridge' },
  { value: 'freezer', label: 'in the freezer' },
];
const set = (patch: Parameters<typeof setCake>[1], what: string) =>
  store.apply(setCake(build.value, patch), what);
const density = computed(() => work.value.density ?? BATTERS[work.value.batter].density);
function tins(text: string): void {
  const sizes = text
    .split(/[^\d.]+/)
    .filter(Boolean)
    .map(Number);
  if (sizes.length === 0) return store.say('Type the tins as diameters in millimetres: 150, 200.', 'error');
  set({ tins: sizes }, 'the tins');
}
</script>

<template>
  <div class="row fields">
    <ChoiceField
      label="Cake"
      :value="work.batter"
      :options="batters"
      :width="150"
      @change="(v) => set({ batter: v }, 'the cake')"
    />
    <QuantityField
      label="Baked, g per cm³"
      kind="count"
      :width="74"
      :value="density"
      @change="(v) => set({ density: v }, 'the weight of the cake')"
    />
    <QuantityField
      label="Layer"
      kind="length"
      :width="74"
      :value="work.layer"
      @change="(v) => set({ layer: v }, 'the layers')"
    />
    <ChoiceField
      label="Filling"
      :value="work.filling"
      :options="creams"
      :width="148"
      @change="(v) => set({ filling: v }, 'the filling')"
    />
    <QuantityField
      label="Thick"
      kind="length"
      :width="70"
      :value="work.fillingThickness"
      @change="(v) => set({ fillingThickness: v }, 'the filling')"
    />
    <ChoiceField
      label="Coat"
      :value="work.coat"
      :options="creams"
      :width="170"
      @change="(v) => set({ coat: v }, 'the coat')"
    />
    <QuantityField
      label="Coat thick"
      kind="length"
      :width="70"
      :value="work.coatThickness"
      @change="(v) => set({ coatThickness: v }, 'the coat')"
    />
    <TextField label="Round tins, mm" :value="work.tins.join(', ')" :width="270" @change="tins" />
    <button
      v-if="work.density !== undefined"
      class="button plain"
      type="button"
      @click="store.apply(forgetCakeDensity(build), 'the weight of the cake')"
    >
      Table’s weight again
    </button>
  </div>

  <p v-for="s in cake.says" :key="s" class="warning"><span aria-hidden="true">◆</span> {{ s }}</p>
  <p v-if="!cake.parts.length" class="muted empty">
    Nothing in this build is cake. Give a piece a core of cake under Shape, or add a plain tier under the
    figure.
  </p>
  <template v-else>
    <SumsRow
      :sums="[
        { figure: cake.batter, says: 'batter' },
        { figure: cake.filling, says: 'filling' },
        { figure: cake.coat, says: 'coat' },
      ]"
    />
    <section v-if="cake.gate" class="gate" :class="{ go: cake.gate.carve }">
      <h3>{{ cake.gate.carve ? 'Carve it' : 'Do not carve it yet' }}</h3>
      <div class="row">
        Chilled
        <QuantityField
          label="Hours chilled"
          hide-label
          kind="count"
          suffix=" h"
          :width="66"
          :value="work.chill.hours"
          @change="(v) => set({ chill: { ...work.chill, hours: v } }, 'the chilling')"
        />
        <Segments
          :value="work.chill.where"
          :options="PLACES"
          label="Where it is chilled"
          @change="(v) => set({ chill: { ...work.chill, where: v } }, 'the chilling')"
        />
      </div>
      <p>
        <span :class="cake.gate.dense ? 'good' : 'bad'">{{
          cake.gate.dense ? '● dense enough' : '▲ too light'
        }}</span>
        (<WhyButton :figure="cake.gate.density" after=") ·" />
        <span :class="cake.gate.cold === 'cold enough' ? 'good' : 'bad'"
          >{{ cake.gate.cold === 'cold enough' ? '●' : '▲' }} {{ cake.gate.cold }}</span
        >
        (about {{ roundTo(cake.gate.at.middle, 1) }} °C in the middle,
        {{ roundTo(cake.gate.at.outside, 1) }} °C outside<template v-if="Number.isFinite(cake.gate.takes)"
          >; ready after {{ formatTime(cake.gate.takes) }}</template
        >).
      </p>
      <p v-for="s in cake.gate.says" :key="s">{{ s }}</p>
      <p class="muted small">
        A thermometer in the middle knows better. Knives: cut away from the hand, rested and awake.
      </p>
    </section>
    <table class="plain">
      <thead>
        <tr>
          <th scope="col">Tin</th>
          <th scope="col" class="n">Layers</th>
          <th scope="col" class="n">Batter in each</th>
          <th scope="col" class="n">Fill to</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="b in cake.bakes" :key="b.tin">
          <td>{{ formatLength(b.tin, shown) }} round</td>
          <td class="n">{{ b.layers }}</td>
          <td class="n"><WhyButton :figure="b.batter" /></td>
          <td class="n">{{ formatLength(b.deep, shown) }}</td>
        </tr>
      </tbody>
    </table>
    <section v-for="p in cake.parts" :key="p.id" class="part">
      <h3>{{ p.name }}</h3>
      <p class="muted small">
        {{ p.layers.length }} {{ p.layers.length === 1 ? 'layer' : 'layers' }}, carved away
        <WhyButton :figure="p.away" after="," /> weighs <WhyButton :figure="p.weighs" /> filled and coated.
      </p>
      <ol reversed class="layers small">
        <li v-for="l in [...p.layers].reverse()" :key="l.foot">
          needs {{ formatLength(l.circle, shown) }} across<template v-if="l.tin"
            >, from the {{ formatLength(l.tin, shown) }} tin</template
          ><template v-else>, no tin is wide enough</template>
        </li>
      </ol>
    </section>
  </template>
  <div class="panel-top tiers">
    <h3>Plain tiers under the figure</h3>
    <button class="button" type="button" @click="store.apply(addTier(build), 'a tier')">
      <Plus :size="15" /> Add a tier
    </button>
  </div>
  <TierRow v-for="t in work.tiers" :key="t.id" :tier="t" />
</template>

<style scoped>
.fields {
  padding: 14px 0;
}
.part {
  padding: 12px 0 0;
}
.layers {
  margin: 4px 0 0;
  padding-left: 22px;
}
.gate {
  display: grid;
  gap: 8px;
  margin: 6px 0 12px;
  padding: 12px 14px;
  border: 1.5px solid var(--fails);
  border-radius: 10px;
  background: var(--paper);
}
.gate.go {
  border-color: var(--holds);
}
.good {
  color: var(--holds);
  font-weight: 600;
}
.bad {
  color: var(--fails);
  font-weight: 600;
}
.tiers {
  margin: 20px 0 6px;
}
</style>
