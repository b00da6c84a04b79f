<script setup lang="ts">
import type { SeenRod } from '@core/bones/index.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useStage } from '../../state/on-stage.ts';
import MendsRow from './MendsRow.vue';
import { useMends } from './mends.ts';

/** What was tried and mends the rod that is told of first. */
const props = defineProps<{ report: SeenRod }>();
const here = useOpenBuild();
const stage = useStage();
const { mends, looking, take } = useMends(
  () => here.build,
  () => props.report,
);
</script>

<template>
  <div class="row">
    <MendsRow :mends="mends" :looking="looking" @take="take" />
    <button class="button plain" type="button" @click="stage.selection = { kind: 'rod', id: report.rod.id }">
      Why
    </button>
  </div>
</template>
