<script setup lang="ts">
import { provide } from 'vue';
import BonesSheet from './BonesSheet.vue';
import CardSheet from './CardSheet.vue';
import CoverSheet from './CoverSheet.vue';
import DaysSheet from './DaysSheet.vue';
import PasteSheet from './PasteSheet.vue';
import SheetFrame from './SheetFrame.vue';
import { TOGETHER } from './sheets.ts';

/** Everything on paper at once, each sheet on a page of its own. */
provide(TOGETHER, true);
</script>

<template>
  <SheetFrame lens="handover" title="All sheets">
    <CoverSheet />
    <PasteSheet />
    <BonesSheet />
    <DaysSheet />
    <CardSheet />
  </SheetFrame>
</template>
