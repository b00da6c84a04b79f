<script setup lang="ts">
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { Undo2, Redo2, Save, Keyboard, Search } from '@lucide/vue';
import { height as standing } from '@core/figure/index.ts';
import { tellLocal } from '@core/quantity/index.ts';
import { LENSES, type LensId } from '../lenses/lenses.ts';
import { useBuild } from '../state/build-store.ts';
import { useOpenBuild } from '../state/here.ts';
import { reckoningNow } from '../state/reckoning.ts';

const props = defineProps<{ lens: LensId }>();
const emit = defineEmits<{ variations: []; room: []; brief: []; help: []; save: []; find: [] }>();
const store = useBuild();
const here = useOpenBuild();
const router = useRouter();

const build = computed(() => here.build);
const height = computed(() => Math.round(standing(build.value)));
const plan = computed(() => store.days?.plan);
const due = computed(() =>
  tellLocal(build.value.brief.due, build.value.brief.zone, store.days?.origin?.now ?? Date.now()),
);
/** Nobody said the day: it is taken as usual. */
const dueUsual = computed(() => build.value.brief.said?.includes('due') === false);
const begun = computed(() => build.value.bench.done.length > 0);
const startBy = computed(() => {
  const { origin, trouble } = store.days ?? {};
  const reckon = reckoningNow();
  if (origin && plan.value && reckon) return reckon.toldStart(origin, plan.value.startBy);
  if (store.planning !== undefined || !reckon) return '…';
  return trouble?.includes(reckon.ALL_DONE) ? 'all done' : 'no plan';
});
const late = computed(() => (plan.value?.lateBy ?? 0) > 0);
const go = (id: string) => router.push(`/build/${build.value.id}/${id}`);
</script>

<template>
  <header class="rail">
    <router-link to="/" class="mark" title="Back to the shelf">
      <img src="/mark.svg" alt="" width="26" height="26" />
      <span>Elm Spindle</span>
    </router-link>
    <button type="button" class="name" title="Variations" @click="emit('variations')">
      <strong>{{ build.name }}</strong>
      <span
        >{{ height }} mm high<template v-if="store.unsaved"> · saving</template
        ><template v-else-if="build.variations"> · {{ build.variation }}</template></span
      >
    </button>
    <nav aria-label="Lenses">
      <button
        v-for="l in LENSES"
        :key="l.id"
        type="button"
        :class="{ on: l.id === props.lens }"
        :aria-current="l.id === props.lens ? 'page' : undefined"
        @click="go(l.id)"
      >
        {{ l.name }}
      </button>
    </nav>
    <div class="tools">
      <button
        class="icon"
        type="button"
        :disabled="!store.canUndo"
        :title="`Undo ${store.undoLabel ?? ''}`"
        aria-label="Undo"
        @click="store.undo()"
      >
        <Undo2 :size="17" />
      </button>
      <button
        class="icon"
        type="button"
        :disabled="!store.canRedo"
        :title="`Redo ${store.redoLabel ?? ''}`"
        aria-label="Redo"
        @click="store.redo()"
      >
        <Redo2 :size="17" />
      </button>
      <button
        class="icon"
        type="button"
        title="Find anything"
        aria-label="Find anything"
        @click="emit('find')"
      >
        <Search :size="17" />
      </button>
      <button
        class="icon"
        type="button"
        title="Save to a file"
        aria-label="Save to a file"
        @click="emit('save')"
      >
        <Save :size="17" />
      </button>
      <button class="icon keys" type="button" title="Keys" aria-label="Keys" @click="emit('help')">
        <Keyboard :size="17" />
      </button>
    </div>
    <button class="chip room" type="button" @click="emit('room')">
      {{ build.room.temperature }} °C · {{ build.room.humidity }} % <span>room</span>
    </button>
    <button class="chip due" type="button" :class="{ late }" title="The brief" @click="emit('brief')">
      <span class="when" :class="{ usual: dueUsual }">{{ dueUsual ? `${due}, as usual` : due }}</span>
      <span v-if="plan || store.planning !== undefined">{{ begun ? 'next' : 'start by' }}</span>
      <strong :class="{ stale: store.stale }">{{ startBy }}</strong>
      <span v-if="store.stale && store.planning === undefined"> as it was</span>
    </button>
  </header>
</template>

<style scoped>
.rail {
  height: 52px;
  display: flex;
  align-items: center;
  gap: 14px;
  padding: 0 16px;
  background: var(--slab-2);
  border-bottom: 1px solid var(--line);
}
.mark {
  display: flex;
  align-items: center;
  gap: 8px;
  color: var(--ink);
  text-decoration: none;
  font: 700 17px var(--font-title);
  white-space: nowrap;
}
.name {
  border: 0;
  border-left: 1px solid var(--line);
  background: none;
  text-align: left;
  cursor: pointer;
  padding-left: 14px;
  line-height: 1.2;
  min-width: 0;
  flex: 0 1 150px;
}
.name strong,
.name span {
  display: block;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.name span {
  font-size: 12.5px;
  color: var(--ink-2);
}
nav {
  display: flex;
  gap: 2px;
  margin: 0 auto;
}
nav button {
  border: 0;
  background: none;
  padding: 7px 8px;
  border-radius: 9px;
  font-weight: 600;
  font-size: 14.5px;
  color: var(--ink-2);
  cursor: pointer;
}
nav button:hover {
  background: var(--slab-3);
}
nav button.on {
  background: var(--ink);
  color: var(--paper);
}
.tools {
  display: flex;
}
.icon {
  width: 32px;
  height: 34px;
  display: grid;
  place-items: center;
  border: 0;
  border-radius: 8px;
  background: none;
  cursor: pointer;
}
.icon:hover:not(:disabled) {
  background: var(--slab-3);
}
.icon:disabled {
  color: #b3bab7;
  cursor: default;
}
.chip {
  border: 1px solid var(--line);
  background: var(--paper);
  border-radius: 17px;
  height: 34px;
  padding: 0 13px;
  font-size: 13px;
  white-space: nowrap;
  cursor: pointer;
}
.chip:hover {
  border-color: var(--ink-3);
}
.chip span {
  color: var(--ink-2);
}
.when {
  color: var(--ink);
}
.chip .usual {
  border-bottom: 1px dotted var(--ink-3);
}
.chip .stale {
  color: var(--ink-2);
  font-weight: 400;
}
.chip.late strong {
  color: var(--fails);
}
@media (max-width: 1340px) {
  .mark span {
    display: none;
  }
}
@media (max-width: 1240px) {
  .rail {
    gap: 8px;
    padding: 0 10px;
  }
  nav button {
    padding: 7px 8px;
  }
  .chip {
    padding: 0 10px;
  }
  .due .when {
    display: none;
  }
}
@media (max-width: 1000px) {
  .rail {
    height: auto;
    flex-wrap: wrap;
    gap: 6px 8px;
    padding: 7px 10px 5px;
  }
  .name {
    flex: 1 1 120px;
  }
  nav {
    order: 5;
    margin: 0;
    flex: 1 1 auto;
    overflow-x: auto;
  }
  .room {
    order: 6;
  }
}
@media (max-width: 560px) {
  .tools .keys,
  .room span {
    display: none;
  }
  .icon {
    width: 36px;
  }
  nav button {
    padding: 7px 6px;
    font-size: 14px;
  }
  .name {
    flex: 1 1 60px;
    padding-left: 8px;
  }
  nav {
    order: 4;
    flex-basis: 100%;
  }
  .due {
    order: 5;
  }
  .room {
    order: 6;
    margin-left: auto;
  }
}
@media (pointer: coarse) {
  .icon,
  .chip,
  .name,
  nav button {
    min-height: 44px;
  }
  .chip {
    border-radius: 22px;
  }
  .icon {
    min-width: 40px;
  }
}
@media (forced-colors: active) {
  nav button.on {
    outline: 2px solid Highlight;
  }
}
</style>
