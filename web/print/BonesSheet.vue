<script setup lang="ts">
import { computed } from 'vue';
import { cutList } from '@core/bones/index.ts';
import { formatLength } from '@core/quantity/index.ts';
import { useBuild } from '../state/build-store.ts';
import { useFound } from '../state/found.ts';
import { usePreferences } from '../state/preferences.ts';
import SheetPage from './SheetPage.vue';

/** What is cut for the figure, for the bench. */
const store = useBuild();
const { shown } = usePreferences();
const build = computed(() => store.build);
const [bones, hardware] = [useFound('bones'), useFound('hardware')];
const cuts = computed(() => (bones.value ? cutList(bones.value.rods) : []));
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
      <p>What is taken out again before it is eaten is on the card.</p>
    </template>
  </SheetPage>
</template>
