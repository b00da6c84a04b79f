<script setup lang="ts">
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue';
import { throughWords, type Mend, type SeenRod } from '@core/bones/index.ts';
import { setMast } from '@core/edits/index.ts';
import { formatLength, ok } from '@core/quantity/index.ts';
import { THREAD_SIZES, type Mast } from '@core/record/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useStage } from '../../state/on-stage.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePreferences } from '../../state/preferences.ts';
import ChoiceField from '../../shared/ChoiceField.vue';
import QuantityField from '../../shared/QuantityField.vue';
import VerdictWord from '../../shared/VerdictWord.vue';
import ChecksTable from './ChecksTable.vue';
import LoadBar from './LoadBar.vue';

/** The threaded rod of the board, where it stands up into the figure. */
const props = defineProps<{ report: SeenRod }>();
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const { shown } = usePreferences();
const mast = computed(() => here.build.mast!);
const open = computed(() => stage.selection?.kind === 'rod' && stage.selection.id === props.report.rod.id);
const threads = THREAD_SIZES.map((t) => ({ value: t, label: `M${t}` }));
const set = (patch: Partial<Mast>) =>
  store.apply(setMast(here.build, { thread: mast.value.thread, ...patch }), 'the threaded rod');
const toggle = () => (stage.selection = open.value ? undefined : { kind: 'rod', id: props.report.rod.id });

/** Looked for once the figure rests. */
const LOOKS = 400;
const mends = shallowRef<readonly Mend[]>();
const looking = ref(false);
let timer: ReturnType<typeof setTimeout> | undefined;
watch(
  [() => props.report, open],
  ([report, isOpen]) => {
    clearTimeout(timer);
    mends.value = undefined;
    looking.value = isOpen && report.verdict === 'fails';
    if (!looking.value) return;
    timer = setTimeout(() => {
      mends.value = here.report.bones.mast?.mends;
      looking.value = false;
    }, LOOKS);
  },
  { immediate: true },
);
onBeforeUnmount(() => clearTimeout(timer));
</script>

<template>
  <li :class="{ open }">
    <button type="button" class="line" data-edits :aria-expanded="open" @click="toggle">
      <span class="letter">{{ report.letter }}</span>
      <span class="what">
        <strong>Threaded rod of the board</strong>
        <span class="muted small"
          >{{ formatLength(mast.up, shown) }} up into the figure ·
          {{ throughWords(here.build, report.passes) }}</span
        >
      </span>
      <LoadBar :use="report.worst?.use.value ?? 0" :verdict="report.verdict" />
      <VerdictWord :verdict="report.verdict" :times="report.worst?.times" />
    </button>
    <div v-if="open" class="card">
      <p v-if="report.worst" class="reason">
        <strong>{{ report.worst.title }}</strong>, {{ report.worst.situation }}: {{ report.worst.text }}
        <span class="muted">{{ report.worst.sure }}</span>
      </p>
      <p v-if="looking" class="muted">Trying what would make it hold…</p>
      <div v-if="mends?.length" class="row">
        <button
          v-for="(m, k) in mends"
          :key="m.text"
          type="button"
          class="button"
          :class="{ main: k === 0 }"
          @click="store.apply(ok(m.apply()), m.text.toLowerCase())"
        >
          {{ m.text }} — holds {{ m.times.toFixed(1) }}×
        </button>
      </div>
      <p v-else-if="mends" class="muted">
        Further up, a thicker rod and skewers beside it were tried, and none holds: less weight over it, or
        firmer paste.
      </p>
      <ChecksTable v-if="report.checks.length" :checks="report.checks" />
      <div class="row fields">
        <ChoiceField
          label="Thread"
          :value="mast.thread"
          :options="threads"
          :width="90"
          @change="(thread) => set({ thread })"
        />
        <QuantityField
          label="Up into the figure"
          kind="length"
          :width="84"
          :value="mast.up"
          @change="(up) => set({ up })"
        />
      </div>
      <p class="caution"><span aria-hidden="true">◆</span> {{ report.caution }}</p>
    </div>
  </li>
</template>

<style scoped>
.reason {
  max-width: 640px;
}
.caution {
  color: var(--ink-2);
  font-size: 12.5px;
}
.caution span {
  color: var(--tight);
}
</style>
