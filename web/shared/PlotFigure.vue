<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref, watch } from 'vue';
import type { Config, Data, Layout, LayoutAxis, PlotlyHTMLElement } from 'plotly.js';
import { retold } from '../words/say.ts';
import { FONT_TEXT, TOKENS } from '../tokens.ts';

/** A chart. The drawing library is fetched when the first one is shown; nothing leaves the page. */
const props = withDefaults(
  defineProps<{ data: Partial<Data>[]; layout?: Partial<Layout>; height?: number; label: string }>(),
  { layout: () => ({}), height: 240 },
);
const box = ref<HTMLDivElement>();
const failed = ref(false);
let plot: typeof import('plotly.js-basic-dist-min') | undefined;
let drawn: PlotlyHTMLElement | undefined;
const CONFIG: Partial<Config> & Record<string, unknown> = {
  displayModeBar: false,
  displaylogo: false,
  showSendToCloud: false,
  plotlyServerURL: '',
  responsive: true,
};
const axis = { gridcolor: TOKENS.slab3, linecolor: TOKENS.line, zeroline: false, fixedrange: true };

/** The library shows what it is given: it is said here. */
const titled = (title: Partial<LayoutAxis>['title'] | undefined) =>
  title === undefined
    ? {}
    : { title: typeof title === 'string' ? retold(title) : { ...title, text: retold(title.text) } };

async function draw(): Promise<void> {
  if (!box.value) return;
  try {
    if (!plot) {
      const module = await import('plotly.js-basic-dist-min');
      // loading and drawing are each a task of their own: a hand comes in between
      await new Promise((resume) => setTimeout(resume));
      plot = (module as unknown as { default?: typeof module }).default ?? module;
    }
  } catch {
    failed.value = true;
    return;
  }
  if (!box.value) return;
  const { xaxis, yaxis, ...rest } = props.layout;
  const quiet = matchMedia('(prefers-reduced-motion: reduce)').matches;
  drawn = await plot.react(
    box.value,
    props.data as Data[],
    {
      height: props.height,
      margin: { l: 48, r: 12, t: 8, b: 40 },
      paper_bgcolor: 'rgba(0,0,0,0)',
      plot_bgcolor: 'rgba(0,0,0,0)',
      font: { family: FONT_TEXT, size: 13, color: TOKENS.ink },
      showlegend: false,
      hovermode: 'closest',
      ...(quiet ? { transition: { duration: 0, easing: 'linear' } } : {}),
      ...rest,
      xaxis: { ...axis, ...xaxis, ...titled(xaxis?.title) },
      yaxis: { ...axis, ...yaxis, ...titled(yaxis?.title) },
    } as Partial<Layout>,
    CONFIG,
  );
}
onMounted(draw);
watch(() => [props.data, props.layout], draw);
onBeforeUnmount(() => {
  if (drawn && plot) plot.purge(drawn);
});
</script>

<template>
  <p v-if="failed" class="muted">The chart could not be loaded; the figures above say the same.</p>
  <div ref="box" class="plot" role="img" :aria-label="label" :style="{ minHeight: `${height}px` }"></div>
</template>

<style scoped>
.plot {
  width: 100%;
}
</style>
