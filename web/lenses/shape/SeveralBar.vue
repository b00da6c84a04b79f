<script setup lang="ts">
import { computed, ref } from 'vue';
import { moveSeveral, recolourSeveral, removeSeveral, scaleSeveral, turnSeveral } from '@core/edits/index.ts';
import { inWords } from '@core/quantity/index.ts';
import type { Change } from '@core/record/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useStage } from '../../state/on-stage.ts';
import { useOpenBuild } from '../../state/here.ts';
import { stepOf } from '../../stage/geometry.ts';
import ChoiceField from '../../shared/ChoiceField.vue';
import QuantityField from '../../shared/QuantityField.vue';

/** What is done to several pieces at once: moved, turned, made larger, given a colour or a paste, taken away. */
const props = defineProps<{ ids: ReadonlySet<string> }>();
const emit = defineEmits<{ done: [] }>();
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const step = ref(5);
const n = computed(() => props.ids.size);
const label = computed(() => `${inWords(n.value)} pieces`);
const apply = (change: Change): void => void store.apply(change, label.value);
const move = (right: number, up: number): void =>
  apply(moveSeveral(here.build, props.ids, stepOf(stage.view, right * step.value, up * step.value)));
const one = <T extends string>(of: (p: (typeof here.build.pieces)[number]) => T): T | undefined => {
  const all = new Set(here.build.pieces.filter((p) => props.ids.has(p.id)).map(of));
  return all.size === 1 ? [...all][0] : undefined;
};
const colour = computed(() => one((p) => p.colour) ?? '');
const blend = computed(() => one((p) => p.blend) ?? '');
const MIXED = { value: '', label: 'of each its own' };
function remove(): void {
  const { build, removed } = removeSeveral(here.build, props.ids);
  store.remove(build, label.value, `${removed.length} pieces are gone, with what stood on them.`);
  emit('done');
}
</script>

<template>
  <div class="bar" role="group" :aria-label="`With ${label}`">
    <strong>{{ n }} chosen</strong>
    <div class="row fields">
      <QuantityField
        label="Step"
        kind="length"
        :value="step"
        :width="80"
        @change="(v) => (step = Math.max(0.1, v))"
      />
      <div class="moves">
        <button type="button" class="button" aria-label="Move left" @click="move(-1, 0)">←</button>
        <button type="button" class="button" aria-label="Move right" @click="move(1, 0)">→</button>
        <button type="button" class="button" aria-label="Move down" @click="move(0, -1)">↓</button>
        <button type="button" class="button" aria-label="Move up" @click="move(0, 1)">↑</button>
      </div>
      <div class="moves">
        <button type="button" class="button" @click="apply(turnSeveral(here.build, ids, -15))">
          Turn left 15°
        </button>
        <button type="button" class="button" @click="apply(turnSeveral(here.build, ids, 15))">
          right 15°
        </button>
      </div>
      <div class="moves">
        <button type="button" class="button" @click="apply(scaleSeveral(here.build, ids, 1 / 1.1))">
          Smaller
        </button>
        <button type="button" class="button" @click="apply(scaleSeveral(here.build, ids, 1.1))">
          Larger
        </button>
      </div>
    </div>
    <div class="row fields">
      <ChoiceField
        label="Colour"
        :value="colour"
        :options="[
          ...(colour ? [] : [MIXED]),
          ...here.build.colours.map((c) => ({ value: c.id, label: c.name })),
        ]"
        :width="170"
        @change="(v) => v && apply(recolourSeveral(here.build, ids, { colour: v }))"
      />
      <ChoiceField
        label="Paste"
        :value="blend"
        :options="[
          ...(blend ? [] : [MIXED]),
          ...here.build.blends.map((b) => ({ value: b.id, label: b.name })),
        ]"
        :width="210"
        @change="(v) => v && apply(recolourSeveral(here.build, ids, { blend: v }))"
      />
      <button type="button" class="button low" @click="remove">Take them away</button>
      <button type="button" class="button plain low" @click="emit('done')">Let go</button>
    </div>
  </div>
</template>

<style scoped>
.bar {
  display: grid;
  gap: 8px;
  margin: 0 0 10px;
  padding: 10px 14px;
  border: 1px solid var(--elm);
  border-radius: 10px;
  background: var(--paper);
}
.fields {
  align-items: end;
}
.moves {
  display: flex;
  gap: 4px;
}
.moves .button,
.low {
  min-height: 34px;
}
</style>
