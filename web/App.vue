<script setup lang="ts">
import { defineAsyncComponent } from 'vue';
import { missingPart, newVersion, reload } from './updates.ts';
import LightDefs from './drawing/LightDefs.vue';
import AlarmBar from './shared/AlarmBar.vue';
import TellLayer from './shared/TellLayer.vue';

// opened by a tap, and not needed for the first view
const SumsDialog = defineAsyncComponent(() => import('./shared/SumsDialog.vue'));
const ThemedRoom = defineAsyncComponent(() => import('./ThemedRoom.vue'));
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
