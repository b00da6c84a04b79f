<script setup lang="ts">
import { reload } from '../updates.ts';
</script>

<template>
  <div class="missing" role="alert">
    <h2>This part did not come.</h2>
    <p>There is no network, or a newer version has taken its place. What you did is kept.</p>
    <button class="button main" type="button" @click="reload()">Try again</button>
  </div>
</template>

<style scoped>
.missing {
  display: grid;
  gap: 12px;
  justify-items: start;
  padding: 40px 24px;
}
</style>
