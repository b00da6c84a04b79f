<script setup lang="ts">
import { computed } from 'vue';
import { RODS, type SeenRod } from '@core/bones/index.ts';
import { setRod, setRodLength, tapeTogether } from '@core/edits/index.ts';
import { formatLength } from '@core/quantity/index.ts';
import { rodRemoved } from '../../shell/removing.ts';
import { useBuild } from '../../state/build-store.ts';
import { useStage } from '../../state/on-stage.ts';
import { useOpenBuild } from '../../state/here.ts';
import QuantityField from '../../shared/QuantityField.vue';
import ChecksTable from './ChecksTable.vue';
import MendsRow from './MendsRow.vue';
import ChoiceField from '../../shared/ChoiceField.vue';
import RodPoints from './RodPoints.vue';
import { useMends } from './mends.ts';
import TextField from '../../shared/TextField.vue';
import ToggleField from '../../shared/ToggleField.vue';

const props = defineProps<{ report: SeenRod }>();
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const build = computed(() => here.build);
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
  stage.selection = undefined;
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
    <MendsRow :mends="mends" :looking="looking" @take="take">
      <p v-if="report.verdict === 'fails'" class="muted">
        Deeper, longer, thicker and a second one were tried, a hidden disc, a brace and less weight, and none
        holds: carry the weight another way.
      </p>
    </MendsRow>
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
    <ChecksTable v-if="report.checks.length" :checks="report.checks" />
    <div class="row fields">
      <TextField label="Name" required :value="rod.name" :width="150" @change="(name) => change({ name })" />
      <ChoiceField
        label="Rod"
        :value="rod.stock"
        :options="stocks"
        :width="210"
        @change="(v) => change({ stock: v })"
      />
      <QuantityField
        label="Long"
        kind="length"
        :width="84"
        :value="report.length.value"
        @change="(v) => store.apply(setRodLength(build, rod.id, v), `rod ${report.letter}`)"
      />
      <button v-if="report.worst" class="button" type="button" @click="choose">Choose for me</button>
      <ToggleField label="Pair" :checked="rod.pair" @change="(v) => change({ pair: v })" />
      <ToggleField label="Sleeved" :checked="rod.sleeved" @change="(v) => change({ sleeved: v })" />
      <ToggleField
        label="Meant to be seen"
        :checked="rod.shown ?? false"
        @change="(v) => change({ shown: v })"
      />
      <ChoiceField
        v-if="others.length > 1"
        label="Taped to"
        :value="tapedTo"
        :options="others"
        :width="150"
        @change="
          (v) => store.apply(tapeTogether(build, rod.id, v || undefined), `taping rod ${report.letter}`)
        "
      />
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
.reason {
  max-width: 640px;
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
