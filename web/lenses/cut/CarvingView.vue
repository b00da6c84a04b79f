<script setup lang="ts">
import { computed, onBeforeUnmount, watchEffect } from 'vue';
import { formatLength } from '@core/quantity/index.ts';
import { layersPainted } from '@core/templates/index.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useStage } from '../../state/on-stage.ts';
import { usePreferences } from '../../state/preferences.ts';
import WhyButton from '../../shared/WhyButton.vue';

/** Layers of the cake inside the figure: which tin, what the knife takes off and how deep, what is left over. */
const here = useOpenBuild();
const { shown } = usePreferences();
const carvings = computed(() => here.report.carvings);
const stage = useStage();
watchEffect(() => (stage.marked = layersPainted(here.build, carvings.value, stage.view)));
onBeforeUnmount(() => (stage.marked = undefined));
const tell = (mm: number): string => formatLength(mm, shown);
</script>

<template>
  <p v-if="!carvings.length" class="muted empty">
    Nothing here is carved from cake. Give a piece a core of cake and a coat under Shape.
  </p>
  <section v-for="c in carvings" :key="c.piece">
    <h3>{{ c.name }}</h3>
    <p v-for="s in c.says" :key="s">{{ s }}</p>
    <table class="plain">
      <thead>
        <tr>
          <th scope="col">Layer</th>
          <th scope="col">Tin</th>
          <th scope="col">Off its side</th>
          <th scope="col">What the knife does</th>
          <th scope="col" class="n">Left over</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="l in [...c.layers].reverse()" :key="l.number">
          <th scope="row">
            {{ l.number }}<span class="muted">{{ tell(l.layer.foot) }} up</span>
          </th>
          <td class="short">{{ l.layer.tin === undefined ? 'none fits' : tell(l.layer.tin) }}</td>
          <td class="short"><WhyButton v-if="l.off" :figure="l.off" /><template v-else>–</template></td>
          <td>
            {{ l.says.slice(l.off ? 1 : 0).join(' ') || 'Straight down.' }}
            <span v-for="d in l.drills" :key="d" class="muted">{{ d }} </span><span
              v-for="w in l.warns"
              :key="w"
              class="note"
              >◆ {{ w }}</span
            >
          </td>
          <td class="n"><WhyButton :figure="l.waste" /></td>
        </tr>
      </tbody>
    </table>
    <p class="muted small">
      A layer <WhyButton :figure="c.overhang" /> further out than the one below still carries itself, cold.
      Each has its own paper under Templates. Blades: cut away from the hand, on a damp cloth.
    </p>
  </section>
</template>

<style scoped>
section {
  padding-top: 8px;
}
h3 {
  margin: 0 0 4px;
}
th[scope='row'] {
  text-align: left;
  vertical-align: top;
  white-space: nowrap;
}
th .muted {
  display: block;
  font-weight: 400;
}
.short {
  white-space: nowrap;
}
td {
  vertical-align: top;
}
.n {
  text-align: right;
  white-space: nowrap;
}
.note {
  display: block;
  color: var(--tight);
}
</style>
