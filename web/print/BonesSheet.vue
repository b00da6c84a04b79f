<script setup lang="ts">
import { tellAllergens } from '@core/pastes/index.ts';
import { computed } from 'vue';
import { cutList, removalCard } from '@core/bones/index.ts';
import { formatLength } from '@core/quantity/index.ts';
import { useBuild } from '../state/build-store.ts';
import { useFound } from '../state/found.ts';
import { useOpenBuild } from '../state/here.ts';
import { usePreferences } from '../state/preferences.ts';
import SheetPage from './SheetPage.vue';

/** Cut list for the bench, and the removal card that goes with the figure. */
const store = useBuild();
const here = useOpenBuild();
const { shown } = usePreferences();
const build = computed(() => store.build);
const [bones, eaters, hardware] = [useFound('bones'), useFound('eaters'), useFound('hardware')];
const cuts = computed(() => (bones.value ? cutList(bones.value.rods) : []));
const card = computed(() => (build.value && bones.value ? removalCard(build.value, bones.value.rods) : []));
</script>

<template>
  <SheetPage lens="bones" title="Rods">
    <template v-if="build && bones">
      <h2>To cut</h2>
      <table>
        <tbody>
          <tr v-for="c in cuts" :key="c.stock.id">
            <td>
              <strong>{{ c.stock.name }}</strong><br />{{ c.bars.length }} of
              {{ formatLength(c.stock.stock, shown) }}
            </td>
            <td>
              <div v-for="(p, i) in c.pieces" :key="i">
                ☐ {{ p.letter }} <strong>{{ formatLength(p.length, shown) }}</strong>{{
                  p.sleeved ? ', sleeved' : ''
                }}
              </div>
            </td>
          </tr>
          <tr v-for="d in bones.discs" :key="d.piece.id">
            <td>
              <strong>{{ d.board.name }}</strong><br />disc under the {{ d.piece.name.toLowerCase() }}
            </td>
            <td>
              <div v-for="k in d.number" :key="k">
                ☐ <strong>{{ formatLength(d.disc.width, shown) }}</strong> across, film on both faces
              </div>
            </td>
          </tr>
        </tbody>
      </table>
      <template v-if="hardware">
        <h2>Stack on the rod, {{ formatLength(hardware.rod.value, shown) }} to cut</h2>
        <ol>
          <li v-for="h in hardware.steps" :key="h.do">
            ☐ {{ h.do }}<template v-if="h.closes"> Closes off: {{ h.closes }}.</template>
          </li>
        </ol>
      </template>
      <section class="card">
        <h2>To be taken out before it is eaten: {{ build.name }}</h2>
        <table>
          <thead>
            <tr>
              <th>Not food</th>
              <th class="n">Put in</th>
              <th>Taken out</th>
              <th>Where</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="l in card" :key="l.what + l.where">
              <td>{{ l.what }}</td>
              <td class="n">{{ l.number }}</td>
              <td>____</td>
              <td>{{ l.where }}</td>
            </tr>
          </tbody>
        </table>
        <p v-for="h in bones.hazards" :key="h.id">
          <strong>{{ h.level }}</strong> {{ h.letters.join(', ') }} {{ h.why }} {{ h.what }}
        </p>
        <p v-for="n in eaters?.notes" :key="n.id">
          <strong>{{ n.level }}</strong> {{ n.why }} {{ n.what }}
        </p>
        <p>Allergens: {{ tellAllergens(here.report.pasteSums.allergens) }}.</p>
        <p>Signed: ______________________ Date: ____________</p>
      </section>
    </template>
  </SheetPage>
</template>

<style scoped>
.card {
  break-inside: avoid;
  margin-top: 22px;
  padding: 4px 14px 12px;
  border: 1.5px solid var(--ink);
  border-radius: 8px;
}
.card p {
  margin-top: 6px;
}
</style>
