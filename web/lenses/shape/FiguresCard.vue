<script setup lang="ts">
import { moveFigure, placeFigure, tallFigure } from '@core/edits/index.ts';
import type { OneFigure } from '@core/figures.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useStage } from '../../state/on-stage.ts';
import QuantityField from '../../shared/QuantityField.vue';
import WhyButton from '../../shared/WhyButton.vue';

/** Several figures on one board: each with its own height and place, how far they stand apart, where they are joined. */
const store = useBuild();
const here = useOpenBuild();
const stage = useStage();
const STEP = 5;
const move = (f: OneFigure, back: number): void =>
  void store.apply(moveFigure(here.build, f.name, 0, back), `moving the ${f.name.toLowerCase()}`);
const light = (f?: OneFigure): void => {
  stage.lit = f && new Set(f.pieces);
};
</script>

<template>
  <section class="figures-card" aria-label="Figures on this board">
    <div
      v-for="(f, k) in here.report.figures.figures"
      :key="f.name"
      class="row fields"
      @mouseenter="light(f)"
      @mouseleave="light()"
    >
      <strong>{{ f.name }}</strong>
      <QuantityField
        label="Tall"
        kind="length"
        :value="f.tall.value"
        :width="92"
        @change="
          (v) => store.apply(tallFigure(here.build, f.name, v), `the height of the ${f.name.toLowerCase()}`)
        "
      />
      <QuantityField
        label="Right of the middle"
        kind="length"
        :value="f.middle"
        :width="92"
        @change="
          (v) =>
            store.apply(placeFigure(here.build, f.name, v, f.middle), `moving the ${f.name.toLowerCase()}`)
        "
      />
      <div class="moves">
        <button type="button" class="button" :aria-label="`${f.name} to the front`" @click="move(f, -STEP)">
          front
        </button>
        <button type="button" class="button" :aria-label="`${f.name} to the back`" @click="move(f, STEP)">
          back
        </button>
      </div>
      <span class="muted"
        ><WhyButton :figure="f.weighs" /><template v-if="k > 0"
          >, <WhyButton :figure="here.report.figures.between[k - 1]!" /> apart</template
        ></span
      >
    </div>
    <p v-for="j in here.report.figures.joints" :key="j.says" class="small">{{ j.says }}</p>
  </section>
</template>

<style scoped>
.figures-card {
  display: grid;
  gap: 6px;
  margin: 0 0 10px;
  padding: 10px 0;
  border-bottom: 1px solid var(--line);
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: end;
}
strong {
  flex: 0 0 112px;
  align-self: center;
}
.moves {
  display: flex;
  gap: 4px;
}
.muted {
  align-self: center;
}
</style>
