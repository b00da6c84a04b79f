<script setup lang="ts">
import { capital } from '@core/quantity/index.ts';
import { computed, onBeforeUnmount, ref, watch } from 'vue';
import { plannedJoin, sidesReached, stagesOf, toldTime } from '@core/days/index.ts';
import { WORK_KINDS, WORKS, type PieceSide, type WorkKind } from '@core/record/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useStage } from '../../state/on-stage.ts';
import ChoiceField from '../../shared/ChoiceField.vue';
import WhyButton from '../../shared/WhyButton.vue';

/** Until when each side of a piece is within reach of a kind of work; the side pointed at is lit on the stage. */
const props = defineProps<{ piece: string; work?: WorkKind; side?: PieceSide; fixed?: boolean }>();
const store = useBuild();
const here = useOpenBuild();
const stage = useStage();
const work = ref<WorkKind>(props.work ?? 'paint');
const side = ref<PieceSide>(props.side ?? 'all');
watch(
  () => [props.work, props.side] as const,
  ([w, s]) => {
    work.value = w ?? work.value;
    side.value = s ?? side.value;
  },
);
const works = WORK_KINDS.map((value) => ({ value, label: WORKS[value].name }));
const stages = computed(() => stagesOf(here.build, store.days?.links ?? []));
const rows = computed(() =>
  sidesReached(here.build, props.piece, work.value, stages.value).map((row) => {
    const { plan, origin } = store.days ?? {};
    const join = row.closes && plan ? plannedJoin(plan, row.closes.piece) : undefined;
    return { ...row, at: join && origin ? toldTime(origin, join.from) : undefined };
  }),
);
watch([rows, side], () => (stage.spots = rows.value.find((r) => r.side === side.value)?.spots), {
  immediate: true,
});
onBeforeUnmount(() => (stage.spots = undefined));
</script>

<template>
  <div class="reach">
    <div class="row fields">
      <ChoiceField v-if="!fixed" v-model:value="work" label="Within reach of" :options="works" :width="180" />
      <p class="muted small key">
        <span class="kept" aria-hidden="true">●</span> reached to the end
        <span class="lost" aria-hidden="true">✕</span> lost on the way
      </p>
    </div>
    <ul>
      <li v-for="r in rows" :key="r.side" :class="{ on: r.side === side }" @pointerenter="side = r.side">
        <button type="button" class="name" :aria-pressed="r.side === side" @click="side = r.side">
          {{ capital(r.name) }}
        </button>
        <span v-if="!r.spots.length" class="muted">nobody sees it</span>
        <span v-else-if="r.closes"
          >before the {{ r.closes.name.toLowerCase() }}<template v-if="r.at">, {{ r.at }}</template
          >: after it <WhyButton :figure="r.closes.left"
        /></span>
        <span v-else>to the end: <WhyButton :figure="r.end" /></span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.reach {
  display: grid;
  gap: 4px;
}
.key {
  align-self: end;
  padding-bottom: 6px;
}
.kept {
  color: var(--holds);
}
.lost {
  margin-left: 10px;
  color: var(--fails);
  font-weight: 700;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 8px;
  align-items: baseline;
  padding: 3px 6px;
  border-radius: 6px;
}
li.on {
  background: var(--lit, rgb(0 0 0 / 5%));
}
.name {
  padding: 2px 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
li.on .name {
  font-weight: 600;
}
</style>
