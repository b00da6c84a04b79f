<script setup lang="ts">
import { computed } from 'vue';
import { CORE_NAME } from '@core/figure/index.ts';
import { setCoat, setPiece } from '@core/edits/index.ts';
import { BOARD, type Piece } from '@core/record/index.ts';
import { shapeOf } from '@core/solids/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import QuantityField from '../../shared/QuantityField.vue';
import ChoiceField from '../../shared/ChoiceField.vue';
import ToggleField from '../../shared/ToggleField.vue';
import { choicesOf } from '../../shared/choices.ts';

/** What a piece is pressed over: solid paste, or an even coat over a core of its own shape. */
const props = defineProps<{ piece: Piece }>();
const store = useBuild();
const here = useOpenBuild();
const build = computed(() => here.build);
const shape = computed(() => shapeOf(props.piece.form.kind));
const coat = computed(() => props.piece.form.coat);
const lower = computed(() => props.piece.name.toLowerCase());
const cores = choicesOf(CORE_NAME, (name) => name);
const apply = (next: Piece['form']['coat']) =>
  store.apply(setCoat(build.value, props.piece.id, next), `the coat of the ${lower.value}`);
const toggle = (on: boolean) =>
  apply(on ? { thickness: 5, under: props.piece.seat.on !== BOARD } : undefined);
</script>

<template>
  <div class="row fields">
    <ToggleField
      v-if="shape.coats"
      label="An even coat over a core of these sizes"
      beside
      :checked="coat !== undefined"
      @change="(v) => toggle(v)"
    />
    <QuantityField
      v-if="coat"
      label="Coat"
      kind="length"
      :width="74"
      :value="coat.thickness"
      @change="(v) => apply({ ...coat!, thickness: v })"
    />
    <ChoiceField
      v-if="coat || shape.core"
      label="Pressed over"
      :value="piece.core"
      :options="cores"
      :width="150"
      @change="(v) => store.apply(setPiece(build, piece.id, { core: v }), 'the core')"
    />
    <ToggleField
      v-if="coat"
      label="Also underneath"
      beside
      :checked="coat.under"
      @change="(v) => apply({ ...coat!, under: v })"
    />
  </div>
</template>
