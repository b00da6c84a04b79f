<script setup lang="ts">
import { computed } from 'vue';
import { useBuild } from '../../state/build-store.ts';
import { useStage } from '../../state/on-stage.ts';
import { useOpenBuild } from '../../state/here.ts';

/** Rods in each other's way, coming out of the paste, or splitting it. */
const store = useBuild();
const stage = useStage();
const here = useOpenBuild();
const clashes = computed(() => here.report.bones.clashes);
const SIGN = { tight: '◆', fails: '▲' } as const;
const show = (ids: readonly string[]) => {
  if (ids[0]) stage.selection = { kind: 'rod', id: ids[0] };
};
</script>

<template>
  <p v-if="!clashes.length" class="muted empty">
    Nothing is in the way: rods keep their distance, paste covers them, and everything can be slid on.
  </p>
  <ul class="opening">
    <li v-for="c in clashes" :key="c.title">
      <div class="clash">
        <span class="sign" :class="c.verdict" aria-hidden="true">{{ SIGN[c.verdict] }}</span>
        <button type="button" class="what" @click="show(c.rods)">
          <strong>{{ c.title }}</strong>
          <span class="muted">{{ c.text }}</span>
        </button>
        <button
          v-if="c.mend"
          class="button"
          type="button"
          @click="store.apply(c.mend.apply(), c.mend.text.toLowerCase())"
        >
          {{ c.mend.text }}
        </button>
      </div>
    </li>
  </ul>
  <p class="muted small note">
    A rod that is meant to be seen, like a pole, can be marked so on its card. Rods of one bundle may touch.
  </p>
</template>

<style scoped>
.clash {
  display: grid;
  grid-template-columns: 22px 1fr auto;
  gap: 10px;
  align-items: center;
  padding: 9px 0;
}
.sign.tight {
  color: var(--tight);
}
.sign.fails {
  color: var(--fails);
}
.what {
  border: 0;
  padding: 0;
  background: none;
  text-align: left;
  cursor: pointer;
}
.what > * {
  display: block;
}
.note {
  padding: 12px 0;
}
</style>
