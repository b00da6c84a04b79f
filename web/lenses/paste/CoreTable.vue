<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { chooseCore, CORE_OPTIONS } from '@core/choose-core.ts';
import type { Piece } from '@core/record/index.ts';
import { roundTo } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import QuantityField from '../../shared/QuantityField.vue';
import VerdictWord from '../../shared/VerdictWord.vue';
import WhyButton from '../../shared/WhyButton.vue';

/** Solid paste, foam, cereal treat or cake for one piece, and what each does to the bones. */
const props = defineProps<{ piece: Piece }>();
const store = useBuild();
const here = useOpenBuild();
const coat = ref<number>();
watch(
  () => props.piece.id,
  () => (coat.value = undefined),
);
const choices = computed(() => chooseCore(here.build, props.piece.id, coat.value));
const present = computed(() => props.piece.form.coat?.thickness ?? props.piece.form.sizes.coat ?? 5);
const lower = computed(() => props.piece.name.toLowerCase());
const setCoat = (v: number) => {
  if (v >= 1 && v <= 40) coat.value = v;
  else store.say('A coat is between 1 and 40 mm thick.', 'error');
};
</script>

<template>
  <section>
    <div class="row head">
      <h3>Inside the {{ lower }}</h3>
      <QuantityField
        v-if="choices.ok"
        label="Coat"
        kind="length"
        :width="74"
        :value="coat ?? present"
        @change="setCoat"
      />
    </div>
    <p v-if="!choices.ok" class="muted">{{ choices.problem.text }}</p>
    <table v-else class="plain">
      <thead>
        <tr>
          <th scope="col">Built over</th>
          <th scope="col" class="n">Paste</th>
          <th scope="col" class="n">Whole</th>
          <th scope="col">Hardest worked rod</th>
          <th scope="col" class="n">Tips at</th>
          <th scope="col"><span class="visually-hidden">Choose</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="c in choices.value" :key="c.option" :class="{ on: c.now }">
          <td>
            <strong>{{ CORE_OPTIONS[c.option].name }}</strong>
            <span class="muted small mind"
              >{{ CORE_OPTIONS[c.option].eaten }}: {{ CORE_OPTIONS[c.option].mind }}.</span
            >
          </td>
          <td class="n"><WhyButton :figure="c.paste" /></td>
          <td class="n"><WhyButton :figure="c.whole" /></td>
          <td>
            <VerdictWord :verdict="c.worst ?? 'idle'" :times="c.worstUse > 0 ? 1 / c.worstUse : undefined" />
            <span v-if="c.fails" class="small muted mind"
              >{{ c.fails }} {{ c.fails === 1 ? 'rod' : 'rods' }} won’t hold</span
            >
          </td>
          <td class="n">{{ roundTo(c.tips, 1) }}°</td>
          <td>
            <span v-if="c.now && coat === undefined" class="yours"
              ><span aria-hidden="true">●</span> yours</span
            >
            <button
              v-else
              class="button small-button"
              type="button"
              :aria-label="`Use ${CORE_OPTIONS[c.option].name}`"
              @click="store.apply(c.build, `what the ${lower} is built over`) && (coat = undefined)"
            >
              Use
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.head {
  justify-content: space-between;
  align-items: flex-end;
}
.mind {
  display: block;
  max-width: 250px;
}
tr.on td {
  background: var(--elm-soft);
}
.yours {
  color: var(--elm);
  font-weight: 600;
  white-space: nowrap;
}
.small-button {
  min-height: 28px;
  padding: 0 10px;
}
</style>
