<script setup lang="ts">
import { computed } from 'vue';
import { Copy, Download, Printer } from '@lucide/vue';
import { fileStem } from '@core/files/index.ts';
import { amountText } from '@core/paste-list/index.ts';
import { amountWords, asText, packWords, shoppingList } from '@core/stores/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useFound } from '../../state/found.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useStores } from '../../state/stores.ts';
import { usePreferences } from '../../state/preferences.ts';
import { saveBlob } from '../../shell/files.ts';
import WhyButton from '../../shared/WhyButton.vue';

const store = useBuild();
const here = useOpenBuild();
const needs = useFound('needs');
const shelf = useStores();
const { shown } = usePreferences();
const build = computed(() => here.build);
const due = computed(() => build.value.brief.due.slice(0, 10));
const lines = computed(() => shoppingList(needs.value ?? [], shelf.stores, due.value));
const pots = computed(() => here.report.colouring.pots);
const short = computed(() => lines.value.filter((l) => l.short.value > 0));

async function csv(which: 'paste' | 'shopping'): Promise<void> {
  const { pasteCsv, shoppingCsv } = await import('@core/lists.ts');
  const text = which === 'paste' ? pasteCsv(here.report.paste) : shoppingCsv(lines.value);
  saveBlob(new Blob([text], { type: 'text/csv' }), `${fileStem(build.value.name)}-${which}.csv`);
}
async function copy(): Promise<void> {
  try {
    await navigator.clipboard.writeText(asText(build.value.name, here.report.paste, lines.value, shown));
    store.say('Copied: paste it into a message.');
  } catch {
    store.say('The browser did not let it be copied. Save it as a table instead.', 'error');
  }
}
</script>

<template>
  <p class="lead">
    <template v-if="short.length"
      >{{ short.length }} {{ short.length === 1 ? 'thing is' : 'things are' }} short, held against the
      <router-link :to="shelf.demo ? '/stores?of=demo' : '/stores'">stores</router-link>; what is past its
      date on the due day does not count.</template
    >
    <template v-else>Everything is on the shelf.</template>
    <template v-if="shelf.demo">
      This is a demonstration: the shelf is that of its workshop, not yours.</template
    >
  </p>
  <table class="plain">
    <thead>
      <tr>
        <th scope="col">What</th>
        <th scope="col" class="n">Needed</th>
        <th scope="col" class="n">On the shelf</th>
        <th scope="col" class="n">Short</th>
        <th scope="col">Buy</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="l in lines" :key="l.need.name" :class="{ short: l.short.value > 0 }">
        <td>
          {{ l.need.name }}
          <span class="muted small for"
            >{{ l.need.for.slice(0, 5).join(', ') }}<template v-if="l.need.for.length > 5"> …</template></span
          >
          <span v-if="l.past > 0" class="small past"
            ><span aria-hidden="true">◆</span> {{ amountWords(l.past, l.need.amount.unit, shown) }} will be
            past its date</span
          >
        </td>
        <td class="n"><WhyButton :figure="l.need.amount" /></td>
        <td class="n"><WhyButton v-if="l.have.value > 0" :figure="l.have" /><template v-else>–</template></td>
        <td class="n">
          <strong v-if="l.short.value > 0"><WhyButton :figure="l.short" /></strong
          ><template v-else>–</template>
        </td>
        <td>
          <template v-if="l.buy.length">{{ packWords(l, shown) }}</template>
          <template v-else-if="l.short.value > 0">{{
            amountWords(l.short.value, l.need.amount.unit, shown)
          }}</template>
          <span v-if="l.buy.length && l.left.value > 0" class="muted small for"
            ><WhyButton :figure="l.left" /> stay</span
          >
        </td>
      </tr>
    </tbody>
  </table>
  <p v-if="pots.length" class="pots">
    Colour:
    <template v-for="(t, i) in pots" :key="`${t.kind} ${t.name}`"
      ><template v-if="i">, </template><WhyButton :figure="t.amount" :text="amountText(t.amount)" /> of
      {{ t.name }}</template
    >. A pot holds far more; look whether you have them.
  </p>
  <div class="row out">
    <button class="button" type="button" @click="copy"><Copy :size="15" /> Copy as text</button>
    <button class="button" type="button" @click="csv('paste')">
      <Download :size="15" /> Paste list, CSV
    </button>
    <button class="button" type="button" @click="csv('shopping')">
      <Download :size="15" /> Shopping list, CSV
    </button>
    <router-link class="button" :to="`/build/${build.id}/sheet/paste`"
      ><Printer :size="15" /> Sheet to print</router-link
    >
  </div>
</template>

<style scoped>
.lead {
  padding: 14px 0 6px;
}
.pots {
  padding-top: 12px;
}
.for,
.past {
  display: block;
}
.past {
  color: var(--tight);
}
.out {
  padding: 16px 0;
}
a.button {
  color: inherit;
  text-decoration: none;
}
</style>
