<script setup lang="ts">
import { ref, shallowRef } from 'vue';
import { Trash2 } from '@lucide/vue';
import { putBeside, putOn } from '@core/edits/index.ts';
import type { Build } from '@core/record/index.ts';
import { startBuild, STARTS, usuallyWanted } from '@core/starts/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useStage } from '../../state/on-stage.ts';
import { useOpenBuild } from '../../state/here.ts';
import { savedBuilds } from '../../storage/builds.ts';
import type { StoredPart } from '../../storage/db.ts';
import { removePart, savedParts } from '../../storage/parts.ts';
import QuantityField from '../../shared/QuantityField.vue';
import ShelfFigure from '../../shelf/ShelfFigure.vue';

/** Parts of one's own, put on what was chosen; or a whole figure, put beside the one that is there. */
const props = defineProps<{ what: 'parts' | 'figures'; on: string }>();
const emit = defineEmits<{ done: [] }>();
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const parts = shallowRef<readonly StoredPart[]>();
const figures = shallowRef<readonly Build[]>([]);
/** As tall as it was, or as is wished. */
const tall = ref(0);
const load = async (): Promise<void> => {
  parts.value = await savedParts();
};
void load();
void savedBuilds().then((all) => {
  const made = STARTS.filter((s) => s.size.kind === 'length').map((s) =>
    startBuild(s, usuallyWanted(s), here.build.brief),
  );
  figures.value = [...made, ...all.filter((b) => b.id !== here.build.id && b.pieces.length > 0)];
});

function put(part: Build): void {
  const wish = tall.value > 0 ? tall.value : undefined;
  const made =
    props.what === 'figures' ? putBeside(here.build, part, wish) : putOn(here.build, part, props.on, wish);
  if (!made.ok) return store.say(made.problem.text, 'error');
  store.apply(made.value.build, `putting in ${part.name.toLowerCase()}`);
  stage.selection = { kind: 'piece', id: made.value.id };
  emit('done');
}
async function drop(part: StoredPart): Promise<void> {
  await removePart(part.id);
  await load();
}
</script>

<template>
  <div class="fields row">
    <QuantityField
      label="So tall (nothing: as it was)"
      kind="length"
      :value="tall"
      :width="190"
      @change="(v) => (tall = Math.max(0, v))"
    />
  </div>
  <p v-if="what === 'parts' && parts?.length === 0" class="empty">
    No parts yet. Open a piece and keep it as a part: it comes with all that stands on it.
  </p>
  <ul>
    <template v-if="what === 'parts'">
      <li v-for="p in parts" :key="p.id">
        <button type="button" class="put" @click="put(p.build)">
          <ShelfFigure :build="p.build" /><strong>{{ p.name }}</strong>
        </button>
        <button
          type="button"
          class="button plain"
          :aria-label="`Take ${p.name} off the parts`"
          @click="drop(p)"
        >
          <Trash2 :size="15" />
        </button>
      </li>
    </template>
    <template v-else>
      <li v-for="(f, i) in figures" :key="`${f.id}${i}`">
        <button type="button" class="put" @click="put(f)">
          <ShelfFigure :build="f" /><strong>{{ f.name }}</strong>
        </button>
      </li>
    </template>
  </ul>
</template>

<style scoped>
ul {
  --tall: 96px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 12px;
  max-height: 56vh;
  margin: 12px 0 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}
li {
  display: flex;
  align-items: flex-end;
}
.put {
  flex: 1;
  padding: 10px 6px;
  border: 0;
  border-radius: 10px;
  background: none;
  text-align: center;
  cursor: pointer;
}
.put:hover,
.put:focus-visible {
  background: var(--slab);
}
strong {
  display: block;
  margin-top: 6px;
}
</style>
