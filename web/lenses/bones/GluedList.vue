<script setup lang="ts">
import { computed, ref } from 'vue';
import { IN_HAND, type GluedReport } from '@core/bones/index.ts';
import { joinOf } from '@core/figure/index.ts';
import { setPiece, setPropped } from '@core/edits/index.ts';
import { chooseGlue } from '@core/pastes/index.ts';
import { formatTime } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useStage } from '../../state/on-stage.ts';
import { useFound } from '../../state/found.ts';
import { useOpenBuild } from '../../state/here.ts';
import ChoiceField from '../../shared/ChoiceField.vue';
import VerdictWord from '../../shared/VerdictWord.vue';
import WhyButton from '../../shared/WhyButton.vue';
import ChecksTable from './ChecksTable.vue';
import MendsRow from './MendsRow.vue';
import LoadBar from './LoadBar.vue';
import { useGluedMends } from './mends.ts';
import ToggleField from '../../shared/ToggleField.vue';

/** Pieces that glue alone holds: on the journey once it has set, and until then on the table. */
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const build = computed(() => here.build);
const found = useFound('glued');
const glued = computed(() => found.value ?? []);
const open = ref<string>();
const { mends, looking, take } = useGluedMends(
  () => build.value,
  () => glued.value.find((g) => g.piece.id === open.value && g.worst.verdict !== 'holds')?.piece.id,
);
// a time is not broken over two lines
const minutes = (x: number) => formatTime(Math.max(1, Math.ceil(x))).replaceAll(' ', '\u00a0');
const prop = (g: GluedReport) => {
  const takes = Number.isFinite(g.prop) ? `about ${minutes(g.prop)}` : 'until it is handed over';
  if (g.piece.propped) return `propped ${takes}`;
  if (g.prop === 0) return 'holds at once';
  return g.prop <= IN_HAND ? `hold it ${minutes(g.prop)}` : `needs a prop ${takes}`;
};
const glues = (g: GluedReport) =>
  chooseGlue(joinOf(build.value, g.piece).sides, ['soft', 'firm'])
    .filter((c) => c.fits || c.glue.id === g.glue.id)
    .map((c) => ({ value: c.glue.id, label: c.glue.name }));
const checksOf = (g: GluedReport) => [g.check, g.letGo].filter((c) => c !== undefined);
function toggle(g: GluedReport): void {
  open.value = open.value === g.piece.id ? undefined : g.piece.id;
  stage.lit = open.value ? new Set([g.piece.id]) : undefined;
}
</script>

<template>
  <p v-if="!glued.length" class="muted empty">
    Every piece is held by a rod, a socket, or lies round another.
  </p>
  <ul class="opening">
    <li v-for="g in glued" :key="g.piece.id" :class="{ open: open === g.piece.id }">
      <button type="button" class="line" :aria-expanded="open === g.piece.id" @click="toggle(g)">
        <span class="what"
          ><strong>{{ g.piece.name }}</strong
          ><span class="muted small"
            >on the {{ g.on.toLowerCase() }} with {{ g.glue.name }} · {{ prop(g) }}</span
          ></span
        >
        <LoadBar :use="g.worst.use.value" :verdict="g.worst.verdict" />
        <VerdictWord :verdict="g.worst.verdict" :times="g.worst.times" />
      </button>
      <div v-if="open === g.piece.id" class="card">
        <p v-for="c in checksOf(g)" :key="c.id">
          <strong>{{ c.title }}</strong>, {{ c.situation }}: {{ c.text }}
          <span class="muted">{{ c.sure }}</span>
        </p>
        <p v-if="Number.isFinite(g.most.value)" class="muted">
          This face holds up to <WhyButton :figure="g.most" /> in this shape<template v-if="g.smaller < 1"
            >, or the same shape at {{ Math.round(100 * g.smaller) }} % of its size</template
          >.
        </p>
        <MendsRow :mends="mends" :looking="looking" @take="take" />
        <div class="row how">
          <ToggleField
            label="Propped until it holds"
            :checked="g.piece.propped ?? false"
            @change="
              (v) =>
                store.apply(setPropped(build, g.piece.id, v), `the prop of the ${g.piece.name.toLowerCase()}`)
            "
          />
          <ChoiceField
            label="Stuck on with"
            :value="g.glue.id"
            :options="glues(g)"
            :width="220"
            @change="
              (v) =>
                store.apply(
                  setPiece(build, g.piece.id, { glue: v }),
                  `the glue of the ${g.piece.name.toLowerCase()}`,
                )
            "
          />
        </div>
        <ChecksTable :checks="checksOf(g)" />
      </div>
    </li>
  </ul>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 1fr 96px 106px;
  gap: 12px;
  align-items: center;
  min-height: 50px;
  padding: 5px 0;
}
.what > * {
  display: block;
}
.how {
  align-items: flex-start;
  gap: 18px;
}
@media (max-width: 1100px) {
  .line {
    grid-template-columns: 1fr 60px 104px;
  }
}
</style>
