<script setup lang="ts">
import { computed } from 'vue';
import { formatMass, formatSpoons, formatTime, formatWeighed } from '@core/quantity/index.ts';
import { amountWords, packWords, shoppingList } from '@core/stores/index.ts';
import { useBuild } from '../state/build-store.ts';
import { useStores } from '../state/stores.ts';
import { usePreferences } from '../state/preferences.ts';
import SheetPage from './SheetPage.vue';

/** Paste list and shopping list on paper: to pin up at the table and to take to the shop. */
const store = useBuild();
const shelf = useStores();
const { shown } = usePreferences();
const build = computed(() => store.build);
const report = computed(() => store.report);
const lines = computed(() =>
  build.value && report.value
    ? shoppingList(report.value.needs, shelf.stores, build.value.brief.due.slice(0, 10))
    : [],
);
const short = computed(() => lines.value.filter((l) => l.short.value > 0));
</script>

<template>
  <SheetPage lens="paste" title="Paste">
    <template v-if="build && report">
      <p class="muted">{{ formatMass(report.pasteSums.mix.value, shown) }} to mix</p>
      <h2>To mix</h2>
      <table>
        <thead>
          <tr>
            <th><span class="visually-hidden">Sample</span></th>
            <th>Colour</th>
            <th>Weigh</th>
            <th class="n">In all</th>
            <th>Rests</th>
            <th>Goes into</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="b in report.paste" :key="b.id">
            <td><i :style="{ background: b.colour.hex }"></i></td>
            <td>
              <strong>{{ b.colour.name }}</strong><br />{{ b.blend.name }}
            </td>
            <td>
              <div v-for="p in b.parts" :key="p.id">
                ☐ <strong>{{ formatWeighed(p.weigh, shown) }}</strong> {{ p.name
                }}<template v-if="p.spoons">, {{ formatSpoons(p.spoons.value, 1) }}</template>
              </div>
              <div v-for="r in b.reserves" :key="r.stock">
                ☐ <strong>{{ formatMass(r.grams, shown) }}</strong> {{ r.name }}
              </div>
            </td>
            <td class="n">{{ formatMass(b.mix.value, shown) }}</td>
            <td>{{ b.rest > 0 ? formatTime(b.rest) : '–' }}</td>
            <td>{{ b.lines.map((l) => `${l.name}${l.make > 1 ? ` ×${l.make}` : ''}`).join(', ') }}</td>
          </tr>
        </tbody>
      </table>
      <template v-if="report.cake.bakes.length">
        <h2>To bake</h2>
        <table>
          <tbody>
            <tr v-for="b in report.cake.bakes" :key="b.tin">
              <td>☐ {{ b.layers }} × {{ Math.round(b.tin) }} mm round tin</td>
              <td class="n">{{ formatMass(b.batter.value, shown) }} batter in each</td>
            </tr>
            <tr>
              <td>☐ {{ report.cake.filling.name }}</td>
              <td class="n">{{ formatMass(report.cake.filling.value, shown) }}</td>
            </tr>
            <tr>
              <td>☐ {{ report.cake.coat.name }}</td>
              <td class="n">{{ formatMass(report.cake.coat.value, shown) }}</td>
            </tr>
          </tbody>
        </table>
      </template>
      <h2>To buy</h2>
      <p v-if="!short.length">Everything is on the shelf.</p>
      <table v-else>
        <tbody>
          <tr v-for="l in short" :key="l.need.name">
            <td>☐ {{ l.need.name }}</td>
            <td class="n">{{ amountWords(l.short.value, l.need.amount.unit, shown) }} short</td>
            <td>{{ packWords(l, shown) }}</td>
          </tr>
        </tbody>
      </table>
    </template>
  </SheetPage>
</template>

<style scoped>
i {
  display: block;
  width: 22px;
  height: 22px;
  border: 1px solid var(--ink-2);
  border-radius: 5px;
  print-color-adjust: exact;
}
</style>
