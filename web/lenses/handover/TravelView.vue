<script setup lang="ts">
import { computed, onBeforeUnmount, watchEffect } from 'vue';
import { PackageMinus, PackagePlus } from '@lucide/vue';
import { LOAD_CASES } from '@core/bones/index.ts';
import { setApart, setBrief, setWay } from '@core/edits/index.ts';
import type { Found } from '@core/found.ts';
import { wayOf } from '@core/handover/index.ts';
import { formatLength, formatReckoned } from '@core/quantity/index.ts';
import { carriedBy, pieceOf } from '@core/record/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useFound } from '../../state/found.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useStage } from '../../state/on-stage.ts';
import { usePreferences } from '../../state/preferences.ts';
import ChoiceField from '../../shared/ChoiceField.vue';
import { choicesOf } from '../../shared/choices.ts';
import QuantityField from '../../shared/QuantityField.vue';
import ToggleField from '../../shared/ToggleField.vue';
import VerdictWord from '../../shared/VerdictWord.vue';
import WhyButton from '../../shared/WhyButton.vue';

/** How it travels: in how many boxes, what holds at which brake, how long it is warm, what is fitted there. */
const props = defineProps<{ travel: Found['travel']; better: Found['betterApart'] }>();
const store = useBuild();
const here = useOpenBuild();
const stage = useStage();
const { shown } = usePreferences();
const WAYS = choicesOf(LOAD_CASES, (c) => c.name);
const way = computed(() => wayOf(here.build));
const chosen = computed(() =>
  stage.selection?.kind === 'piece' ? pieceOf(here.build, stage.selection.id) : undefined,
);
const isApart = (id: string): boolean => props.travel.apart.includes(id);
const nameOf = (id: string): string => pieceOf(here.build, id)?.name.toLowerCase() ?? '';
function apart(id: string, on: boolean): void {
  store.apply(
    setApart(here.build, id, on),
    on ? `the ${nameOf(id)} apart` : `the ${nameOf(id)} in its place on the way`,
  );
}
const told = (patch: Parameters<typeof setWay>[1], what: string) =>
  store.apply(setWay(here.build, patch), what);
// what travels apart stands out from the rest of the figure
watchEffect(() => {
  stage.lit = props.travel.apart.length
    ? new Set(props.travel.apart.flatMap((id) => carriedBy(here.build, id).map((p) => p.id)))
    : undefined;
});
onBeforeUnmount(() => (stage.lit = undefined));
const brakes = useFound('brakes');
/** Nothing brakes that is carried or stays. */
const driven = computed(() => (brakes.value ?? []).length > 0);
const SIGN = { holds: '●', tight: '◆', fails: '▲' } as const;
</script>

<template>
  <section class="view-part first">
    <div class="row">
      <ChoiceField
        label="It travels"
        :value="travel.journey"
        :options="WAYS"
        :width="230"
        @change="(v) => store.apply(setBrief(here.build, { journey: v }), 'the journey')"
      />
      <QuantityField
        label="On the way"
        kind="time"
        :value="way.minutes.value"
        @change="(v) => told({ minutes: v }, 'how long the way is')"
      />
      <QuantityField
        label="Air on the way"
        kind="temperature"
        :value="way.air"
        @change="(v) => told({ air: v }, 'how warm the way is')"
      />
      <QuantityField
        label="Stands until eaten"
        kind="time"
        :value="way.stands.value"
        @change="(v) => told({ stands: v }, 'how long it stands')"
      />
      <ToggleField
        label="In a cooled car or box"
        :checked="way.cooled"
        @change="(v) => told({ cooled: v || undefined }, v ? 'a cooled car' : 'a car that is not cooled')"
      />
    </div>
  </section>

  <section class="view-part">
    <h3>Boxes</h3>
    <table class="plain">
      <thead>
        <tr>
          <th scope="col">What</th>
          <th scope="col" class="n">Weighs</th>
          <th scope="col">Box, inside</th>
          <th scope="col"><span class="visually-hidden">Do</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="p in travel.parcels" :key="p.id">
          <td>
            {{ p.name }}
            <p v-for="s in p.says" :key="s" class="warn">◆ {{ s }}</p>
          </td>
          <td class="n"><WhyButton :figure="p.weighs" /></td>
          <td class="box">
            <template v-for="(b, k) in p.box" :key="k"
              ><template v-if="k > 0"> × </template><WhyButton :figure="b"
            /></template>
          </td>
          <td class="n">
            <button v-if="isApart(p.id)" class="button plain" type="button" @click="apart(p.id, false)">
              <PackageMinus :size="15" /> In its place
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-for="b in better" :key="b.piece" class="better">
      {{ b.says }}
      <button class="button" type="button" @click="apart(b.piece, true)">
        <PackagePlus :size="15" /> Let it travel apart
      </button>
    </p>
    <p v-if="chosen && !isApart(chosen.id)" class="better">
      <button class="button" type="button" @click="apart(chosen.id, true)">
        <PackagePlus :size="15" /> Let the {{ chosen.name.toLowerCase() }} travel apart
      </button>
    </p>
    <p v-else-if="!chosen" class="muted small">
      Choose a piece on the figure to let it travel in a box of its own and fit it there.
    </p>
  </section>

  <section class="view-part">
    <h3>What holds on the way</h3>
    <table v-if="driven" class="plain">
      <thead>
        <tr>
          <th scope="col">The car makes</th>
          <th scope="col">Used most</th>
          <th scope="col" class="n">Used</th>
          <th scope="col"><span class="visually-hidden">Verdict</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="b in brakes" :key="b.name">
          <td>{{ b.name }}, <WhyButton :figure="b.pull" :text="`${b.pull.value} of its weight`" /></td>
          <template v-if="b.hardest">
            <td>
              {{ b.hardest.of }}
              <span v-if="b.hardest.check.verdict === 'fails'" class="muted">{{ b.hardest.check.text }}</span>
            </td>
            <td class="n"><WhyButton :figure="b.hardest.check.use" /></td>
            <td><VerdictWord :verdict="b.hardest.check.verdict" /></td>
          </template>
        </tr>
      </tbody>
    </table>
    <ul v-else class="plain-list">
      <li v-for="a in travel.asked.slice(0, 4)" :key="a.of + a.check.id">
        {{ a.of }}: {{ a.check.text }} <VerdictWord :verdict="a.check.verdict" />
      </li>
    </ul>
  </section>

  <section v-if="travel.cold.length" class="view-part">
    <h3>Warm and cold</h3>
    <ul class="plain-list">
      <li v-for="c in travel.cold" :key="c.id">
        <strong :class="c.verdict"
          ><span aria-hidden="true">{{ SIGN[c.verdict] }}</span> {{ c.what }}</strong
        >: <WhyButton :figure="c.out" /> out of the cold<template v-if="c.most"
          >, <WhyButton :figure="c.most" :text="`${formatReckoned(c.most, shown)} at the most`" /></template
        >. {{ c.says }}
      </li>
    </ul>
  </section>

  <section v-if="travel.fitted.length" class="view-part">
    <h3>Fitted there, <WhyButton :figure="travel.onSite" /></h3>
    <ol class="plain-list">
      <li v-for="f in travel.fitted" :key="f.piece">
        {{ f.does }}: <WhyButton :figure="f.minutes" /><template v-if="f.needs.length"
          >, with {{ f.needs.join(', ') }}</template
        ><template v-if="f.holds">; leave it alone for <WhyButton :figure="f.holds" /></template>.
      </li>
    </ol>
  </section>

  <section class="view-part">
    <h3>Carrying it in</h3>
    <ol>
      <li v-for="o in travel.order" :key="o">{{ o }}</li>
    </ol>
    <p class="muted">Take along: {{ travel.tools.join('; ') }}.</p>
    <p v-if="travel.parcels[0]" class="muted small">
      As it stands on its board it is
      {{ travel.parcels[0].size.map((s) => formatLength(s.value, shown)).join(' × ') }}.
    </p>
  </section>
</template>

<style scoped>
.first {
  border-top: 0;
}
.box {
  white-space: nowrap;
}
.better {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  padding-top: 8px;
}
.plain-list,
ol {
  margin: 0;
  padding: 0 0 0 18px;
}
ul.plain-list {
  padding: 0;
  list-style: none;
}
li {
  padding: 3px 0;
}
.holds {
  color: var(--holds);
}
.tight {
  color: var(--tight);
}
.fails {
  color: var(--fails);
}
</style>
