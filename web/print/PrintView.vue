<script setup lang="ts">
import { computed, defineAsyncComponent, type Component } from 'vue';
import { useRoute } from 'vue-router';
import { SHEETS, type SheetId } from './sheets.ts';

/** The sheet that is asked for; one that there is not is the cover. */
const WHAT: Record<SheetId, Component> = {
  cover: defineAsyncComponent(() => import('./CoverSheet.vue')),
  paste: defineAsyncComponent(() => import('./PasteSheet.vue')),
  bones: defineAsyncComponent(() => import('./BonesSheet.vue')),
  days: defineAsyncComponent(() => import('./DaysSheet.vue')),
  card: defineAsyncComponent(() => import('./CardSheet.vue')),
  all: defineAsyncComponent(() => import('./AllSheets.vue')),
};
const route = useRoute();
const sheet = computed(() => SHEETS.find((s) => s.id === route.params.sheet)?.id ?? 'cover');
</script>

<template>
  <component :is="WHAT[sheet]" :key="sheet" />
</template>
