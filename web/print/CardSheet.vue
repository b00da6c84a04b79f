<script setup lang="ts">
import { useFound } from '../state/found.ts';
import { useBuild } from '../state/build-store.ts';
import SheetPage from './SheetPage.vue';

/** What goes with the figure, in lines to tick and to sign: what is no food, how it comes apart, who must be told what. */
const store = useBuild();
const card = useFound('handover');
</script>

<template>
  <SheetPage lens="handover" title="The card">
    <template v-if="card">
      <h2>To be taken out before it is eaten: {{ store.build?.name }}</h2>
      <p v-if="!card.lines.length">Nothing in it is anything but food.</p>
      <table v-else>
        <thead>
          <tr>
            <th>Not food</th>
            <th class="n">Put in</th>
            <th class="n">Counted</th>
            <th>Taken out</th>
            <th>Where</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="l in card.lines" :key="l.id">
            <td>{{ l.what }}</td>
            <td class="n">{{ l.number }}</td>
            <td class="n">{{ l.counted ?? '____' }}</td>
            <td>____</td>
            <td>{{ l.where }}</td>
          </tr>
        </tbody>
      </table>
      <template v-if="card.apart.length">
        <h2>Taken apart in this order</h2>
        <ol>
          <li v-for="s in card.apart" :key="s.says">
            {{ s.says }}
            <span class="muted"
              >Out comes: {{ s.out.map((l) => `${l.number} × ${l.what}`).join('; ') }}.</span
            >
          </li>
        </ol>
        <p v-for="c in card.cutting" :key="c">{{ c }}</p>
      </template>
      <h2>For those who eat it</h2>
      <p v-for="n in card.notes" :key="n.id">
        <strong>{{ n.level }}</strong> {{ n.why }} {{ n.what }}
      </p>
      <p v-for="k in card.keeps" :key="k.what">
        <strong>{{ k.what }}:</strong> {{ k.says }}
      </p>
      <p v-if="card.note">{{ card.note }}</p>
      <p>Signed: ______________________ Date: ____________</p>
    </template>
  </SheetPage>
</template>
