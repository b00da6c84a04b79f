<script setup lang="ts">
import { defineAsyncComponent } from 'vue';
import { useEventListener } from '@vueuse/core';
import { finding } from './find/finding.ts';
import { missingPart, newVersion, reload } from './updates.ts';
import LightDefs from './drawing/LightDefs.vue';
import { adjusting } from './words/adjusting.ts';
import AlarmBar from './shared/AlarmBar.vue';
import TellLayer from './shared/TellLayer.vue';

// opened by a tap, and not needed for the first view
const SumsDialog = defineAsyncComponent(() => import('./shared/SumsDialog.vue'));
const FindDialog = defineAsyncComponent(() => import('./find/FindDialog.vue'));
const CustomsDialog = defineAsyncComponent(() => import('./words/CustomsDialog.vue'));
const ThemedRoom = defineAsyncComponent(() => import('./ThemedRoom.vue'));
// a build has a key sheet of its own, with this among it
useEventListener('keydown', (e: KeyboardEvent) => {
  if (e.key.toLowerCase() !== 'k' || !(e.ctrlKey || e.metaKey) || e.altKey) return;
  e.preventDefault();
  finding.value = true;
});
</script>

<template>
  <div class="app">
    <div v-if="missingPart" class="told" role="alert">
      A part of the app did not come: there is no network, or a newer version has taken its place. What you
      did is kept.
      <button class="button" type="button" @click="reload()">Try again</button>
    </div>
    <div v-if="newVersion" class="told" role="status">
      A new version of Elm Spindle is here.
      <button class="button" type="button" @click="reload(newVersion)">Use it now</button>
      <button class="button plain" type="button" @click="newVersion = undefined">Later</button>
    </div>
    <AlarmBar />
    <LightDefs />
    <router-view v-if="$route.meta.bare" class="view" />
    <ThemedRoom v-else-if="$route.name">
      <router-view class="view" />
      <SumsDialog />
    </ThemedRoom>
    <FindDialog v-if="finding" v-model:open="finding" />
    <CustomsDialog v-if="adjusting" v-model:open="adjusting" />
    <TellLayer />
  </div>
</template>

<style>
.app {
  height: 100%;
  display: flex;
  flex-direction: column;
}
.app > :where(.view) {
  flex: 1 0 auto;
  min-width: 0;
  max-width: 100%;
}
.told {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  padding: 6px 16px;
  background: #fff4dc;
  border-bottom: 1px solid var(--tight);
}
</style>
