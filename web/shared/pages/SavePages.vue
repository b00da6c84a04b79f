<script setup lang="ts">
import { onScopeDispose, ref } from 'vue';
import { FileDown, Images } from '@lucide/vue';
import type { Page } from '@core/templates/index.ts';
import { saveBlob } from '../../shell/files.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useTell } from '../../state/tell.ts';
import { pdfJob, type WorkerJob } from '../../workers/client.ts';
import { zipOfPages } from './zip.ts';

/** Pages as one PDF, made in a worker, or as drawings in a zip. */
const props = withDefaults(defineProps<{ pages: readonly Page[]; what?: string }>(), { what: 'templates' });
const here = useOpenBuild();
const tell = useTell();
/** Share that is made; undefined while nothing is. */
const making = ref<number>();
let job: WorkerJob<Uint8Array> | undefined;
const fileName = (end: string): string =>
  `${here.build.name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}-${props.what}.${end}`;
async function savePdf(): Promise<void> {
  making.value = 0;
  const mine = pdfJob(props.pages, here.build.name, (share) => (making.value = share));
  job = mine;
  try {
    const bytes = await mine.result;
    if (bytes) saveBlob(new Blob([bytes.slice()], { type: 'application/pdf' }), fileName('pdf'));
  } catch {
    tell.error('The PDF could not be made here. Save the pages as SVG instead, or try again.');
  } finally {
    if (job === mine) making.value = undefined;
  }
}
function stop(): void {
  job?.cancel();
  making.value = undefined;
}
const saveSvg = (): void => saveBlob(zipOfPages(props.pages), fileName('zip'));
onScopeDispose(() => job?.cancel());
</script>

<template>
  <div class="row">
    <button class="button main" type="button" :disabled="making !== undefined" @click="savePdf">
      <FileDown :size="15" /> Save as PDF
    </button>
    <button class="button" type="button" @click="saveSvg"><Images :size="15" /> Save as SVG</button>
    <span v-if="making !== undefined" class="muted" role="status">
      {{ Math.round(making * 100) }} %
      <button class="button plain" type="button" @click="stop">Stop</button>
    </span>
  </div>
</template>
