<script setup lang="ts">
import { onBeforeUnmount, ref } from 'vue';
import { useRoute } from 'vue-router';
import { Printer } from '@lucide/vue';
import { tellLocal } from '@core/quantity/index.ts';
import { tellAllergens } from '@core/pastes/index.ts';
import ShelfFigure from '../shelf/ShelfFigure.vue';
import { useBuild } from '../state/build-store.ts';
import { useOpenBuild } from '../state/here.ts';

/** A sheet of A4 of one build: way back, print button, title; what is on it comes from the one who uses it. */
const props = defineProps<{ lens: string; title: string }>();
const route = useRoute();
const store = useBuild();
const here = useOpenBuild();
const problem = ref<string>();
const id = route.params.id as string;
void store.open(id).then((opened) => {
  if (!opened.ok) problem.value = opened.problem.text;
  else document.title = `${props.title} · ${opened.value.name}`;
});
onBeforeUnmount(() => void store.close());
const print = () => window.print();
</script>

<template>
  <main class="sheet">
    <nav class="row noprint">
      <router-link :to="`/build/${id}/${lens}`">Back to the {{ lens }}</router-link>
      <button class="button main" type="button" @click="print"><Printer :size="15" /> Print</button>
    </nav>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <template v-if="store.build && store.report">
      <div class="figure"><ShelfFigure :build="store.build" /></div>
      <h1>{{ store.build.name }}</h1>
      <p class="muted">due {{ tellLocal(store.build.brief.due, store.build.brief.zone) }}</p>
      <slot></slot>
      <p class="allergens">
        Allergens: {{ tellAllergens(here.report.pasteSums.allergens) }}; local food law comes first.
      </p>
    </template>
  </main>
</template>

<style>
.sheet {
  max-width: 190mm;
  margin: 0 auto;
  padding: 20px 0 40px;
  background: var(--paper);
  font-size: 13px;
}
.sheet nav {
  justify-content: space-between;
  padding-bottom: 16px;
}
.sheet .figure {
  --tall: 34mm;
  float: right;
  width: 44mm;
}
.sheet h2 {
  margin: 18px 0 6px;
  font-size: 17px;
}
.sheet table {
  width: 100%;
  border-collapse: collapse;
}
.sheet th {
  text-align: left;
  font-weight: 400;
  color: var(--ink-2);
}
.sheet td,
.sheet th {
  padding: 5px 10px 5px 0;
  border-bottom: 1px solid var(--line);
  vertical-align: top;
}
.sheet .allergens {
  margin-top: 16px;
}
.sheet tr {
  break-inside: avoid;
}
.sheet h2 {
  break-after: avoid;
}
/* heads come again on every page a table runs over */
.sheet thead {
  display: table-header-group;
}
.sheet .n {
  text-align: right;
  white-space: nowrap;
}
@page {
  size: A4;
  margin: 14mm 14mm 18mm;
  @bottom-right {
    content: 'page ' counter(page) ' of ' counter(pages);
    font-size: 9pt;
  }
}
@media print {
  html,
  body,
  #app,
  .app {
    height: auto !important;
    background: var(--paper) !important;
  }
  .noprint {
    display: none !important;
  }
  .sheet {
    padding: 0;
  }
}
</style>
