<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { svgOf, type Page } from '@core/templates/index.ts';
import { useScreen } from '../../state/screen.ts';

const CardDialog = defineAsyncComponent(() => import('../../stage/CardDialog.vue'));

/** A page as it comes out of the printer: small, and as large as it is for a template that is held against the screen. */
const props = defineProps<{ page: Page }>();
const screen = useScreen();
const large = ref(false);
const asking = ref(false);
// the very file that is saved: what is seen here is what is printed, and no text of it is markup
const source = computed(() => `data:image/svg+xml,${encodeURIComponent(svgOf(props.page))}`);
const wide = computed(() => `${(props.page.wide / screen.unit()).toFixed(1)}px`);
</script>

<template>
  <figure>
    <button
      type="button"
      :aria-label="`Page ${page.name} at life size`"
      title="See it at life size"
      @click="large = true"
    >
      <img :src="source" alt="" :style="{ aspectRatio: `${page.wide} / ${page.tall}` }" />
    </button>
    <figcaption>page {{ page.name }}</figcaption>
    <a-modal
      v-if="large"
      v-model:open="large"
      :title="`Page ${page.name}, ${screen.perMm ? 'life size' : 'about life size'}`"
      :footer="null"
      width="min(96vw, 900px)"
    >
      <p v-if="screen.perMm" class="muted">Measure the bar at its foot on the screen: it is 100 mm.</p>
      <button v-else class="button plain" type="button" @click="asking = true">
        Make it exact with a bank card
      </button>
      <div class="sheet" tabindex="0" role="group" :aria-label="`Page ${page.name}`">
        <img :src="source" alt="" :style="{ width: wide, height: 'auto' }" />
      </div>
    </a-modal>
    <CardDialog v-if="asking" v-model:open="asking" />
  </figure>
</template>

<style scoped>
figure {
  flex: none;
  margin: 0;
  text-align: center;
}
figure > button {
  border: 0;
  padding: 0;
  background: none;
  cursor: zoom-in;
}
img {
  display: block;
  height: 270px;
  background: #fff;
  box-shadow: 0 1px 5px rgb(0 0 0 / 28%);
}
.sheet {
  max-height: 72vh;
  overflow: auto;
}
.sheet img {
  max-width: none;
  box-shadow: none;
}
figcaption {
  padding-top: 5px;
  color: var(--ink-2);
}
</style>
