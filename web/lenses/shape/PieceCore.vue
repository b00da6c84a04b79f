<script setup lang="ts">
import { computed } from 'vue';
import { CORE_NAME } from '@core/figure/index.ts';
import { setCoat, setPiece } from '@core/edits/index.ts';
import { BOARD, type CoreKind, type Piece } from '@core/record/index.ts';
import { shapeOf } from '@core/solids/index.ts';
import { useBuild } from '../../state/build-store.ts';
import QuantityField from '../../shared/QuantityField.vue';
import Choice from '../../shared/Choice.vue';

/** What a piece is pressed over: solid paste, or an even coat over a core of its own shape. */
const props = defineProps<{ piece: Piece }>();
const store = useBuild();
const build = computed(() => store.build!);
const shape = computed(() => shapeOf(props.piece.form.kind));
const coat = computed(() => props.piece.form.coat);
const lower = computed(() => props.piece.name.toLowerCase());
const cores = Object.entries(CORE_NAME).map(([value, label]) => ({ value, label }));
const apply = (next: Piece['form']['coat']) =>
  store.apply(setCoat(build.value, props.piece.id, next), `the coat of the ${lower.value}`);
const toggle = (on: boolean) =>
  apply(on ? { thickness: 5, under: props.piece.seat.on !== BOARD } : undefined);
</script>

<template>
  <div class="row fields">
    <label v-if="shape.coats" class="switch"
      ><a-switch
        :checked="coat !== undefined"
        aria-label="An even coat over a core"
        @change="(v: unknown) => toggle(v === true)"
      />
      An even coat over a core of these sizes</label
    >
    <QuantityField
      v-if="coat"
      label="Coat"
      kind="length"
      :width="74"
      :value="coat.thickness"
      @change="(v) => apply({ ...coat!, thickness: v })"
    />
    <label v-if="coat || shape.core" class="field"
      ><span>Pressed over</span
      ><Choice
        :value="piece.core"
        :options="cores"
        style="width: 150px"
        @change="(v: unknown) => store.apply(setPiece(build, piece.id, { core: v as CoreKind }), 'the core')"
    /></label>
    <label v-if="coat" class="switch"
      ><a-switch
        :checked="coat.under"
        aria-label="Also underneath"
        @change="(v: unknown) => apply({ ...coat!, under: v === true })"
      />
      Also underneath</label
    >
  </div>
</template>

<style scoped>
.fields {
  gap: 14px;
  align-items: flex-end;
}
.switch {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 34px;
}
</style>
