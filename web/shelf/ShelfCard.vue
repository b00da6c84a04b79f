<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue';
import { useIntersectionObserver } from '@vueuse/core';
import { Archive, ArchiveRestore, Copy, Download, Share2, Trash2 } from '@lucide/vue';
import { tellLocal } from '@core/quantity/index.ts';
import type { Build } from '@core/record/index.ts';
import type { ShelfState } from '@core/shelf-state.ts';

/** Names are read and opened before figures are drawn. */
const ShelfFigure = defineAsyncComponent(() => import('./ShelfFigure.vue'));
/** A build on the shelf: the figure, its name, and how it stands. */
defineProps<{
  build: Build;
  name: string;
  state: ShelfState | undefined;
  away: boolean;
  /** Files can be handed on from here. */
  sharing: boolean;
}>();
/** A figure is drawn when its card comes near what is seen, and stays. */
const NEAR = '100px';
const card = ref<HTMLElement>();
const near = ref(false);
const { stop } = useIntersectionObserver(
  card,
  (seen) => {
    if (!seen.some((e) => e.isIntersecting)) return;
    near.value = true;
    stop();
  },
  { rootMargin: NEAR },
);
const emit = defineEmits<{ copy: []; save: []; share: []; remove: []; putAway: [] }>();
</script>

<template>
  <router-link :to="`/build/${encodeURIComponent(build.id)}/shape`" class="open">
    <span ref="card" class="drawn"><ShelfFigure v-if="near" :build="build" /></span>
    <strong>{{ name }}</strong>
    <span>due {{ tellLocal(build.brief.due, build.brief.zone) }}</span>
    <span v-if="state?.wrong" class="state"
      ><b class="wrong">{{ state.wrong }}</b></span
    >
    <span v-if="state" class="state">
      <template v-if="state.done > 0">step {{ state.next }} of {{ state.steps }} · </template>
      <b v-if="state.startBy" :class="{ wrong: state.late }"
        >{{ state.done > 0 ? 'next' : 'start by' }}<template v-if="!state.sought"> about</template>
        {{ state.startBy }}</b
      ><template v-else>{{ state.noPlan === 'all done' ? 'all done' : 'no plan yet' }}</template>
    </span>
    <span v-else class="state">&nbsp;</span>
  </router-link>
  <div class="acts">
    <button
      class="button plain"
      type="button"
      :aria-label="`Copy ${name}`"
      title="Copy"
      @click="emit('copy')"
    >
      <Copy :size="16" />
    </button>
    <button
      class="button plain"
      type="button"
      :aria-label="`Save ${name} to a file`"
      title="Save to a file"
      @click="emit('save')"
    >
      <Download :size="16" />
    </button>
    <button
      v-if="sharing"
      class="button plain"
      type="button"
      :aria-label="`Hand ${name} on`"
      title="Hand on"
      @click="emit('share')"
    >
      <Share2 :size="16" />
    </button>
    <button
      class="button plain"
      type="button"
      :aria-label="away ? `Bring ${name} back to the front` : `Put ${name} away`"
      :title="away ? 'Bring back to the front' : 'Put away'"
      @click="emit('putAway')"
    >
      <ArchiveRestore v-if="away" :size="16" /><Archive v-else :size="16" />
    </button>
    <button
      class="button plain"
      type="button"
      :aria-label="`Take ${name} off the shelf`"
      title="Take off the shelf"
      @click="emit('remove')"
    >
      <Trash2 :size="16" />
    </button>
  </div>
</template>

<style scoped>
.open {
  display: flex;
  flex-direction: column;
  align-items: center;
  color: var(--ink);
  text-align: center;
  text-decoration: none;
  border-radius: 10px;
}
.drawn {
  width: 100%;
  height: var(--tall, 400px);
}
.open strong {
  font: 650 18px var(--font-title);
  margin-top: 12px;
}
.open:hover strong {
  color: var(--elm);
}
.open span {
  color: var(--ink-2);
}
.state {
  min-height: 22px;
  font-size: 14px;
}
.state b {
  color: var(--ink);
  font-weight: 600;
}
.state .wrong {
  color: var(--fails);
}
.acts {
  display: flex;
  justify-content: center;
  color: var(--ink-2);
}
</style>
