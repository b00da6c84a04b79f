<script setup lang="ts">
import { computed, ref } from 'vue';
import { addBlend } from '@core/edits/index.ts';
import { jobOf, materialOf, pasteName, type Blend } from '@core/pastes/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import BlendCard from './BlendCard.vue';

const store = useBuild();
const here = useOpenBuild();
const build = computed(() => here.build);
const editing = ref<string>();
const doses = computed(() => here.report.doses);

const dose = (b: Blend): string =>
  [
    pasteName(b),
    ...(b.gumPaste ? [`${b.gumPaste} % gum paste`] : []),
    ...(b.powder ? [`${b.powder} % powder`] : []),
    ...(materialOf(b.base).chocolate ? [`${b.ratio ?? materialOf(b.base).chocolate!.ratio} : 1`] : []),
  ].join(', ');

function addOne(): void {
  const made = addBlend(build.value, {
    name: 'New blend',
    base: 'fondant',
    gumPaste: 0,
    powder: 1,
    job: 'carry',
  });
  if (!made.ok) return store.say(made.problem.text, 'error');
  store.apply(made.value.build, 'a new blend');
  editing.value = made.value.id;
}
</script>

<template>
  <div class="top">
    <p class="muted">
      What each paste must do decides its dose. Recipes vary up to five times; compare them here.
    </p>
    <button class="button" type="button" @click="addOne">New blend</button>
  </div>
  <ul class="opening">
    <li v-for="blend in build.blends" :key="blend.id" :class="{ open: editing === blend.id }">
      <button
        type="button"
        class="line"
        :aria-expanded="editing === blend.id"
        @click="editing = editing === blend.id ? undefined : blend.id"
      >
        <strong>{{ blend.name }}</strong>
        <span class="muted">{{ dose(blend) }}</span>
        <span class="job">{{ jobOf(blend.job)?.name }}</span>
        <span v-if="doses.get(blend.id)?.length" class="doubt" title="Look at the dose"
          ><span aria-hidden="true">◆</span><span class="visually-hidden">look at the dose</span></span
        >
      </button>
      <BlendCard v-if="editing === blend.id" :blend="blend" @gone="editing = undefined" />
    </li>
  </ul>
</template>

<style scoped>
.top {
  display: flex;
  gap: 16px;
  align-items: center;
  justify-content: space-between;
  padding: 12px 0 6px;
}
.line {
  display: grid;
  grid-template-columns: minmax(130px, 1.2fr) 2fr auto 16px;
  gap: 12px;
  min-height: 46px;
  align-items: center;
  padding: 0;
}
.job {
  color: var(--elm);
}
.doubt {
  color: var(--tight);
}
</style>
