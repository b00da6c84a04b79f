<script setup lang="ts">
import { computed } from 'vue';
import { svgOf, type Page } from '@core/templates/index.ts';

/** A page as it comes out of the printer, small. */
const props = defineProps<{ page: Page }>();
// the very file that is saved: what is seen here is what is printed, and no text of it is markup
const source = computed(() => `data:image/svg+xml,${encodeURIComponent(svgOf(props.page))}`);
</script>

<template>
  <figure>
    <img :src="source" alt="" :style="{ aspectRatio: `${page.wide} / ${page.tall}` }" />
    <figcaption>page {{ page.name }}</figcaption>
  </figure>
</template>

<style scoped>
figure {
  flex: none;
  margin: 0;
  text-align: center;
}
img {
  display: block;
  height: 270px;
  background: #fff;
  box-shadow: 0 1px 5px rgb(0 0 0 / 28%);
}
figcaption {
  padding-top: 5px;
  color: var(--ink-2);
}
</style>
