<script setup lang="ts">
import { computed, ref } from 'vue';
import { RODS, type RodReport } from '@core/bones/index.ts';
import { setRod, tapeTogether } from '@core/edits/index.ts';
import { formatLength } from '@core/quantity/index.ts';
import { rodRemoved } from '../../shell/removing.ts';
import { useBuild } from '../../state/build-store.ts';
import QuantityField from '../../shared/QuantityField.vue';
import VerdictWord from '../../shared/VerdictWord.vue';
import WhyTree from '../../shared/WhyTree.vue';
import Choice from '../../shared/Choice.vue';
import RodPoints from './RodPoints.vue';
import { useMends } from './mends.ts';
import TextField from '../../shared/TextField.vue';

const props = defineProps<{ report: RodReport }>();
const store = useBuild();
const build = computed(() => store.build!);
const rod = computed(() => props.report.rod);
const stocks = RODS.map((r) => ({ value: r.id, label: r.name }));
const sinks = computed(() => {
  const droop = props.report.droop;
  return droop && Number.isFinite(droop.down) && droop.down >= 0.5 ? formatLength(droop.down) : undefined;
});
const { mends, looking, told, choose, take } = useMends(
  () => build.value,
  () => props.report,
);
const shownSum = ref<string>();
const change = (patch: Parameters<typeof setRod>[2], label = `rod ${props.report.letter}`) =>
  store.apply(setRod(build.value, rod.value.id, patch), label);
/** Other rods it can be taped to; a rod of the same bundle is the one it is taped to now. */
const others = computed(() => [
  { value: '', label: 'on its own' },
  ...build.value.rods.filter((r) => r.id !== rod.value.id).map((r) => ({ value: r.id, label: r.name })),
]);
const tapedTo = computed(
  () =>
    build.value.rods.find(
      (r) => r.id !== rod.value.id && r.bundle !== undefined && r.bundle === rod.value.bundle,
    )?.id ?? '',
);
function remove(): void {
  const gone = rodRemoved(build.value, rod.value.id);
  if (gone) store.remove(gone.build, gone.label, gone.text);
  store.selection = undefined;
}
</script>

<template>
  <div class="card">
    <p v-if="report.worst" class="reason">
      <strong>{{ report.worst.title }}</strong>, {{ report.worst.situation }}: {{ report.worst.text }}
      <span class="muted">{{ report.worst.sure }}</span>
    </p>
    <p v-else class="reason">
      It does not cross from one piece into another yet: pull its ends on the stage.
    </p>
    <p v-if="report.spare" class="muted">The other rods hold it as well without this one.</p>
    <p v-if="report.stock.measured" class="muted">
      Reckoned with your own test of the {{ report.stock.name }}.
    </p>
    <p v-if="sinks !== undefined" class="muted">
      Its tip sinks {{ sinks }} under what it carries; the dashed line on the stage is its bent shape.
    </p>
    <div v-if="mends?.length" class="row">
      <button
        v-for="(m, i) in mends"
        :key="m.text"
        class="button"
        :class="{ main: i === 0 }"
        type="button"
        @click="take(m)"
      >
        {{ m.text }} — {{ Number.isFinite(m.times) ? `holds ${m.times.toFixed(1)}×` : 'holds' }}
      </button>
    </div>
    <p v-else-if="looking" class="muted">Trying what would make it hold…</p>
    <p v-else-if="mends && report.verdict === 'fails'" class="muted">
      Deeper, longer, thicker and a second one were tried, a hidden disc, a brace and less weight, and none
      holds: carry the weight another way.
    </p>
    <div v-if="told" class="told">
      <p>
        {{ told.text }}
        <span v-if="told.passedOver.length" class="muted">Passed over:</span>
      </p>
      <ul v-if="told.passedOver.length">
        <li v-for="p in told.passedOver" :key="p.why">
          {{ p.names.join(', ') }} <span class="muted">— {{ p.why }}</span>
        </li>
      </ul>
    </div>
    <table v-if="report.checks.length" class="plain">
      <thead>
        <tr>
          <th>Looked at</th>
          <th>Worst</th>
          <th>Verdict</th>
          <th><span class="visually-hidden">Sum</span></th>
        </tr>
      </thead>
      <tbody>
        <template v-for="(c, i) in report.checks" :key="`${c.id}${i}`">
          <tr>
            <td>{{ c.title }}</td>
            <td class="muted">{{ c.situation }}</td>
            <td><VerdictWord :verdict="c.verdict" :times="c.times" /></td>
            <td class="n">
              <button
                class="button plain"
                type="button"
                :aria-expanded="shownSum === `${c.id}${i}`"
                @click="shownSum = shownSum === `${c.id}${i}` ? undefined : `${c.id}${i}`"
              >
                Show the sum
              </button>
            </td>
          </tr>
          <tr v-if="shownSum === `${c.id}${i}`">
            <td colspan="4"><WhyTree :figure="c.use" /></td>
          </tr>
        </template>
      </tbody>
    </table>
    <div class="row">
      <TextField label="Name" required :value="rod.name" :width="150" @change="(name) => change({ name })" />
      <label class="field"
        ><span>Rod</span
        ><Choice
          :value="rod.stock"
          :options="stocks"
          style="width: 210px"
          @change="(v: unknown) => change({ stock: v as string })"
      /></label>
      <button v-if="report.worst" class="button" type="button" @click="choose">Choose for me</button>
      <label class="field"
        ><span>Pair</span
        ><a-switch :checked="rod.pair" @change="(v: unknown) => change({ pair: v as boolean })"
      /></label>
      <label class="field"
        ><span>Sleeved</span
        ><a-switch :checked="rod.sleeved" @change="(v: unknown) => change({ sleeved: v as boolean })"
      /></label>
      <label class="field"
        ><span>Meant to be seen</span
        ><a-switch :checked="rod.shown ?? false" @change="(v: unknown) => change({ shown: v as boolean })"
      /></label>
      <label v-if="others.length > 1" class="field"
        ><span>Taped to</span
        ><Choice
          :value="tapedTo"
          :options="others"
          style="width: 150px"
          @change="
            (v: unknown) =>
              store.apply(
                tapeTogether(build, rod.id, (v as string) || undefined),
                `taping rod ${report.letter}`,
              )
          "
      /></label>
      <QuantityField
        v-if="report.stock.family === 'wire'"
        label="Measured across"
        kind="count"
        suffix=" mm"
        :width="80"
        :value="report.stock.section.diameter"
        @change="(v) => change({ across: v })"
      />
    </div>
    <RodPoints :rod="rod" :letter="report.letter" />
    <div class="foot">
      <p v-if="report.caution" class="caution"><span aria-hidden="true">◆</span> {{ report.caution }}</p>
      <button class="button" type="button" @click="remove">Remove</button>
    </div>
  </div>
</template>

<style scoped>
.card {
  display: grid;
  gap: 10px;
  padding: 2px 0 12px;
}
td {
  vertical-align: middle !important;
  padding-block: 2px !important;
}
.reason {
  max-width: 640px;
}
.row {
  align-items: flex-end;
}
.told {
  padding-left: 12px;
  border-left: 2px solid var(--line);
}
.told ul {
  max-height: 168px;
  margin: 6px 0 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}
.told li {
  padding: 3px 0;
  font-size: 13px;
}
.foot {
  display: flex;
  justify-content: space-between;
  gap: 14px;
  align-items: end;
}
.caution {
  color: var(--ink-2);
  font-size: 12.5px;
}
.caution span {
  color: var(--tight);
}
</style>
