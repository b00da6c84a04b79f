<script setup lang="ts">
import { useFound } from '../../state/found.ts';
import BonesPanel from './BonesPanel.vue';

/** What holds the figure up, as soon as it was reckoned. */
const bones = useFound('bones');
</script>

<template>
  <BonesPanel v-if="bones" :bones="bones" />
  <div v-else class="panel-scroll">
    <p class="empty" role="status">Looking at what holds…</p>
  </div>
</template>
