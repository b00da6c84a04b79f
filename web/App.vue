<script setup lang="ts">
import { THEME } from './tokens.ts';
</script>

<template>
  <a-config-provider :theme="THEME" :auto-insert-space-in-button="false">
    <a-app class="app">
      <router-view />
    </a-app>
  </a-config-provider>
</template>

<style>
.app {
  height: 100%;
}
</style>
