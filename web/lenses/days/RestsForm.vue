<script setup lang="ts">
import { computed, ref } from 'vue';
import { X } from '@lucide/vue';
import { PLACES } from '@core/firming/index.ts';
import { pieceOf, type RestPlace } from '@core/record/index.ts';
import { setRests } from '@core/edits/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { choicesOf } from '../../shared/choices.ts';
import ChoiceField from '../../shared/ChoiceField.vue';
import QuantityField from '../../shared/QuantityField.vue';

/** Where a piece is put once it is shaped, one place after the other, before it stands in the room. */
const props = defineProps<{ piece: string }>();
const store = useBuild();
const here = useOpenBuild();
const rests = computed(() => pieceOf(here.build, props.piece)?.rests ?? []);
const places = choicesOf(PLACES, (p) => p.name).filter((p) => p.value !== 'room');
const adding = ref<RestPlace>('box');
const set = (next: typeof rests.value) =>
  store.apply(setRests(here.build, props.piece, next), 'where it lies');
</script>

<template>
  <h3>Once shaped it lies</h3>
  <ul v-if="rests.length" class="rests">
    <li v-for="(r, i) in rests" :key="i">
      <span class="grow"
        >{{ PLACES[r.place].name }} <span class="muted">— {{ PLACES[r.place].does }}</span></span
      >
      <QuantityField
        :label="`Hours ${PLACES[r.place].name}`"
        hide-label
        kind="time"
        :width="96"
        :value="r.hours * 60"
        @change="(v) => set(rests.map((x, k) => (k === i ? { ...x, hours: v / 60 } : x)))"
      />
      <button
        class="button plain"
        type="button"
        :aria-label="`Not ${PLACES[r.place].name}`"
        @click="set(rests.filter((_, k) => k !== i))"
      >
        <X :size="16" />
      </button>
    </li>
  </ul>
  <div class="row">
    <span class="muted">{{ rests.length ? 'then in the room, or' : 'in the room, or first' }}</span>
    <ChoiceField v-model:value="adding" label="Where it is put" hide-label :options="places" :width="170" />
    <button class="button" type="button" @click="set([...rests, { place: adding, hours: 2 }])">
      for two hours
    </button>
  </div>
</template>

<style scoped>
h3 {
  margin-top: 16px;
}
.rests {
  margin: 6px 0;
  padding: 0;
  list-style: none;
}
.rests li {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 40px;
  border-top: 1px solid var(--line);
}
.grow {
  flex: 1;
}

.row {
  padding-top: 6px;
}
</style>
