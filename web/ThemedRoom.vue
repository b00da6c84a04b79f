<script setup lang="ts">
import { THEME } from './tokens.ts';

/** Rooms with fields, choices and dialogs of the component library, in our own dress; the shelf does without. */
</script>

<template>
  <a-config-provider :theme="THEME" :auto-insert-space-in-button="false"><slot></slot></a-config-provider>
</template>
