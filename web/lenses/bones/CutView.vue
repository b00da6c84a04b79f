<script setup lang="ts">
import { computed } from 'vue';
import { Printer } from '@lucide/vue';
import { cutList } from '@core/bones/index.ts';
import { formatLength } from '@core/quantity/index.ts';
import { useFound } from '../../state/found.ts';
import { useOpenBuild } from '../../state/here.ts';
import EaterNotes from '../../shared/EaterNotes.vue';
import WhyButton from '../../shared/WhyButton.vue';
import { usePreferences } from '../../state/preferences.ts';

/** What is cut from what, and what asks for a sleeve. What has to come out again is on the card. */
const here = useOpenBuild();
const { shown } = usePreferences();
const build = computed(() => here.build);
const [bones, eaters, card] = [useFound('bones'), useFound('eaters'), useFound('handover')];
const cuts = computed(() => cutList(bones.value?.rods ?? []));
/** What of it is for those who eat it: sticks, and small parts. */
const eaten = computed(() =>
  (eaters.value?.notes ?? []).filter((n) => n.at === 'sticks' || n.at === 'pieces' || n.at === 'whole'),
);
const LEVELS = { must: '▲ must', should: '◆ should', note: '● note' } as const;
const share = (length: number, whole: number) => `${(100 * length) / whole}%`;
</script>

<template>
  <section v-for="c in cuts" :key="c.stock.id" class="stock">
    <h3>
      {{ c.stock.name }}
      <span class="muted"
        >{{ c.bars.length }} of {{ formatLength(c.stock.stock, shown)
        }}<template v-if="c.fewest && c.bars.length > 1">, no fewer will do</template></span
      >
    </h3>
    <p class="small">
      Cut
      <template v-for="(p, i) in c.pieces" :key="i"
        ><strong>{{ p.letter }}</strong> {{ formatLength(p.length, shown) }}{{ p.sleeved ? ' sleeved' : ''
        }}{{ i < c.pieces.length - 1 ? ', ' : '.' }}</template
      >
    </p>
    <div v-for="(bar, k) in c.bars" :key="k" class="bar" aria-hidden="true">
      <i v-for="(l, n) in bar.lengths" :key="n" :style="{ width: share(l, c.stock.stock) }">{{
        Math.round(l)
      }}</i>
      <span>{{ formatLength(bar.left, shown) }} left</span>
    </div>
    <p v-if="c.tooLong.length" class="warn">
      <span aria-hidden="true">▲</span> Longer than it is sold:
      {{ c.tooLong.map((l) => formatLength(l, shown)).join(', ') }}.
    </p>
  </section>
  <section v-if="bones?.discs.length">
    <h3>Discs</h3>
    <p v-for="d in bones.discs" :key="d.piece.id" class="small">
      {{ d.words }}<template v-if="d.number > 1">, {{ d.number }} of them</template>, let into the top of the
      {{ d.on.name.toLowerCase() }} under the {{ d.piece.name.toLowerCase() }}; film on both faces.
    </p>
  </section>
  <p v-if="!cuts.length && !bones?.discs.length" class="muted empty">There are no rods to cut yet.</p>
  <section v-if="bones?.hazards.length || eaten.length">
    <h3>Before it is eaten</h3>
    <EaterNotes :notes="eaten" />
    <p v-for="h in bones?.hazards" :key="h.id" class="hazard">
      <span class="level" :class="h.level">{{ LEVELS[h.level] }}</span>
      <span
        ><strong v-if="h.letters.length">{{ h.letters.join(', ') }}: </strong>{{ h.why }} {{ h.what }}</span
      >
    </p>
  </section>
  <p v-if="card?.lines.length" class="out">
    <WhyButton :figure="card.number" />
    {{ card.number.value === 1 ? 'thing in it is' : 'things in it are' }} no food:
    <router-link :to="`/build/${build.id}/handover`">the card</router-link> lists them for whoever serves it.
  </p>
  <div class="row out">
    <router-link class="button" :to="`/build/${build.id}/sheet/bones`"
      ><Printer :size="15" /> Cut list to print</router-link
    >
  </div>
  <p class="muted small">Local food law and licensed practice come first; none of this is a certificate.</p>
</template>

<style scoped>
section {
  padding: 14px 0 4px;
}
h3 .muted {
  font: 400 13px var(--font-text);
}
.bar {
  display: flex;
  height: 22px;
  margin: 4px 0;
  border: 1px solid var(--rod);
  border-radius: 4px;
  font-size: 12px;
}
.bar i {
  font-style: normal;
  text-align: center;
  color: var(--paper);
  background: var(--rod);
  border-right: 2px solid var(--paper);
}
.bar span {
  padding: 0 8px;
  color: var(--ink-2);
  white-space: nowrap;
  overflow: hidden;
}
.hazard {
  display: grid;
  grid-template-columns: 76px 1fr;
  gap: 10px;
  padding: 5px 0;
}
.level {
  font-weight: 600;
  white-space: nowrap;
}
.level.must {
  color: var(--fails);
}
.level.should {
  color: var(--tight);
}
.warn {
  color: var(--fails);
}
.out {
  padding: 14px 0;
}
a.button {
  color: inherit;
  text-decoration: none;
}
</style>
