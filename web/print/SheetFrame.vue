<script setup lang="ts">
import { onBeforeUnmount, ref } from 'vue';
import { useRoute } from 'vue-router';
import { Printer } from '@lucide/vue';
import { useBuild } from '../state/build-store.ts';
import { SHEETS } from './sheets.ts';

/** What is round the sheets of one build on the screen, and is not printed: the way back, the other sheets, the button. */
const props = defineProps<{ lens: string; title: string }>();
const route = useRoute();
const store = useBuild();
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
    <nav class="row noprint" aria-label="Sheets">
      <router-link :to="`/build/${id}/${lens}`">Back to the {{ lens }}</router-link>
      <router-link v-for="s in SHEETS" :key="s.id" :to="`/build/${id}/sheet/${s.id}`">{{
        s.name
      }}</router-link>
      <button class="button main" type="button" @click="print"><Printer :size="15" /> Print</button>
    </nav>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <slot></slot>
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
  flex-wrap: wrap;
  gap: 6px 16px;
  padding-bottom: 16px;
}
.sheet nav .button {
  margin-left: auto;
}
.sheet nav .router-link-exact-active {
  color: var(--ink);
  font-weight: 700;
  text-decoration: none;
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
/* several as one: each begins a page of its own */
.one-sheet + .one-sheet {
  margin-top: 30px;
  padding-top: 20px;
  border-top: 1px dashed var(--line);
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
  .one-sheet + .one-sheet {
    margin: 0;
    padding: 0;
    border: 0;
    break-before: page;
  }
}
</style>
