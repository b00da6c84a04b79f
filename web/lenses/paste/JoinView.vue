<script setup lang="ts">
import { computed, ref } from 'vue';
import { glueOn } from '@core/bones/index.ts';
import { BOARD, pieceOf } from '@core/record/index.ts';
import { joinOf } from '@core/figure/index.ts';
import { setPiece } from '@core/edits/index.ts';
import { chooseGlue, SIDES, type JointState } from '@core/pastes/index.ts';
import { formatTime } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useStage } from '../../state/on-stage.ts';
import { useOpenBuild } from '../../state/here.ts';
import CoreTable from './CoreTable.vue';
import GlueRecipe from './GlueRecipe.vue';
import ChoiceField from '../../shared/ChoiceField.vue';
import Segments from '../../shared/Segments.vue';

const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const build = computed(() => here.build);
const piece = computed(() => {
  const id = stage.selection?.kind === 'piece' ? stage.selection.id : undefined;
  return (
    pieceOf(build.value, id ?? '') ??
    build.value.pieces.find((p) => p.seat.on !== BOARD) ??
    build.value.pieces[0]
  );
});
const options = computed(() => build.value.pieces.map((p) => ({ value: p.id, label: p.name })));
const joint = computed(() => piece.value && joinOf(build.value, piece.value));
const STATES = [
  { value: 'soft', label: 'soft' },
  { value: 'firm', label: 'firm' },
  { value: 'dry', label: 'dry' },
];
const upper = ref<JointState>('soft');
const lower = ref<JointState>('firm');
const choices = computed(() =>
  joint.value ? chooseGlue(joint.value.sides, [upper.value, lower.value], joint.value.heavy) : [],
);
const fit = computed(() => choices.value.filter((c) => c.fits));
const rest = computed(() => choices.value.filter((c) => !c.fits));
const now = computed(() => piece.value && glueOn(build.value, piece.value));
const recipe = ref<string>();
</script>

<template>
  <template v-if="piece && joint">
    <div class="row pick">
      <ChoiceField
        label="Piece"
        :value="piece.id"
        :options="options"
        search
        :width="190"
        @change="(v) => (stage.selection = { kind: 'piece', id: v })"
      />
      <div class="field">
        <span>It is</span><Segments v-model:value="upper" :options="STATES" label="State of the piece" />
      </div>
      <div class="field">
        <span>{{ joint.onName }} is</span
        ><Segments v-model:value="lower" :options="STATES" label="State of what carries it" />
      </div>
    </div>
    <h3>{{ piece.name }} on {{ joint.onName.toLowerCase() }}</h3>
    <p class="muted small">
      {{ SIDES[joint.sides[0]] }} on {{ SIDES[joint.sides[1]]
      }}<template v-if="joint.heavy">; it weighs enough to want a stick as well as glue</template>.
    </p>
    <p v-if="!fit.length" class="warn">
      <span aria-hidden="true">◆</span> No glue holds that: score both faces and join sooner, or seat it on a
      stick.
    </p>
    <ul class="opening">
      <li v-for="c in fit" :key="c.glue.id">
        <div class="line glue">
          <strong>{{ c.glue.name }}</strong>
          <span>{{ c.why }}</span>
          <span class="muted small"
            >let go after {{ c.glue.grabs[0] }} to {{ c.glue.grabs[1] }} min, carries after
            {{ formatTime(c.glue.carries) }} · {{ c.glue.strength
            }}<template v-if="c.glue.allergens.length"> · {{ c.glue.allergens.join(', ') }}</template></span
          >
          <span v-if="now?.id === c.glue.id" class="yours"><span aria-hidden="true">●</span> yours</span>
          <button
            v-else
            class="button small-button"
            type="button"
            :aria-label="`Use ${c.glue.name}`"
            @click="
              store.apply(
                setPiece(build, piece.id, { glue: c.glue.id }),
                `the glue of the ${piece.name.toLowerCase()}`,
              )
            "
          >
            Use
          </button>
          <button
            v-if="c.glue.recipe"
            class="button plain"
            type="button"
            :aria-expanded="recipe === c.glue.recipe"
            @click="recipe = recipe === c.glue.recipe ? undefined : c.glue.recipe"
          >
            How to mix it
          </button>
        </div>
        <GlueRecipe v-if="recipe && recipe === c.glue.recipe" :id="recipe" />
      </li>
    </ul>
    <details class="not small">
      <summary>Not for this joint</summary>
      <p v-for="c in rest" :key="c.glue.id">{{ c.glue.name }}: {{ c.why }}.</p>
    </details>
    <CoreTable :piece="piece" />
  </template>
  <p v-else class="muted empty">There is nothing to join yet.</p>
</template>

<style scoped>
.pick {
  gap: 16px;
  padding: 14px 0;
  align-items: flex-end;
}
.glue {
  display: grid;
  grid-template-columns: 150px 1fr auto;
  gap: 2px 14px;
  padding: 9px 0;
  align-items: baseline;
}
.glue .small {
  grid-column: 2;
}
.glue .button,
.glue .yours {
  grid-column: 3;
  grid-row: 1;
  min-height: 28px;
}
.glue .button.plain {
  grid-row: 2;
}
.yours {
  color: var(--elm);
  font-weight: 600;
}
.not {
  padding: 8px 0 18px;
  color: var(--ink-2);
}
.warn {
  padding: 8px 0;
}
</style>
