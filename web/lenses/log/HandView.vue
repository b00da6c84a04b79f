<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue';
import { handBall, handReport, handWords, nextTarget, type HandTry } from '@core/bench/index.ts';
import { formatLength, formatMass, parseQuantity } from '@core/quantity/index.ts';
import { readSetting, writeSetting } from '../../storage/settings.ts';
import { useInstruments } from '../../state/instruments.ts';
import { usePreferences } from '../../state/preferences.ts';
import WhyButton from '../../shared/WhyButton.vue';

/** Roll a ball to a weight by feel, guess what it weighs, weigh it: how far off this hand is, by size. */
const KEY = 'hand';
/** More than this are not kept. */
const MOST = 500;
const { shown } = usePreferences();
const scale = useInstruments();
const tries = shallowRef<readonly HandTry[]>([]);
const turn = ref(0);
onMounted(async () => {
  tries.value = await readSetting<readonly HandTry[]>(KEY, []).catch(() => []);
  turn.value = tries.value.length;
  void scale.begin();
});
const target = computed(() => nextTarget(tries.value, turn.value));
const report = computed(() => handReport(tries.value));
const guess = ref('');
const weighed = ref('');
const wrong = ref<string>();

function fromScale(): void {
  if (scale.grams !== undefined) weighed.value = String(scale.grams);
}
async function keep(next: readonly HandTry[]): Promise<void> {
  tries.value = next.slice(-MOST);
  await writeSetting(KEY, tries.value).catch(() => (wrong.value = 'It could not be kept in this browser.'));
}
async function note(): Promise<void> {
  const real = parseQuantity('mass', weighed.value, shown.mass);
  const said = guess.value.trim() === '' ? undefined : parseQuantity('mass', guess.value, shown.mass);
  const bad = !real.ok ? real : said && !said.ok ? said : undefined;
  wrong.value = bad && !bad.ok ? bad.problem.text : undefined;
  if (!real.ok || bad) return;
  if (!(real.value > 0 && real.value <= 10_000)) {
    wrong.value = 'A weight lies between nothing and ten kilograms.';
    return;
  }
  const one: HandTry = {
    at: new Date().toISOString(),
    target: target.value,
    weighed: real.value,
    ...(said?.ok && said.value > 0 ? { guess: said.value } : {}),
  };
  guess.value = weighed.value = '';
  turn.value++;
  await keep([...tries.value, one]);
}
const last = computed(() => tries.value.at(-1));
</script>

<template>
  <div>
    <p class="do">
      Roll a ball of <strong>{{ formatMass(target, shown) }}</strong> by feel, about
      {{ formatLength(handBall(target), shown) }} across. Guess what it weighs, then weigh it.
    </p>
    <form class="row" @submit.prevent="note">
      <label class="field"
        ><span>My guess</span><input v-model="guess" type="text" inputmode="decimal" autocomplete="off"
      /></label>
      <label class="field"
        ><span>It weighs</span
        ><input v-model="weighed" type="text" inputmode="decimal" autocomplete="off" :aria-invalid="!!wrong"
      /></label>
      <button v-if="scale.grams !== undefined" class="button" type="button" @click="fromScale">
        From the scale: {{ formatMass(scale.grams, shown) }}
      </button>
      <button class="button main" type="submit" :disabled="!weighed">Note it</button>
      <button class="button plain" type="button" @click="turn++">Another weight</button>
    </form>
    <p v-if="wrong" class="bad" role="alert">{{ wrong }}</p>
    <p v-if="last" role="status">
      The last: {{ formatMass(last.target, shown) }} meant,
      {{ formatMass(last.weighed, shown) }} rolled<template v-if="last.guess !== undefined"
        >, {{ formatMass(last.guess, shown) }} guessed</template
      >.
      <button class="button plain" type="button" @click="keep(tries.slice(0, -1))">Take it back</button>
    </p>
    <table class="plain">
      <thead>
        <tr>
          <th scope="col">Size</th>
          <th scope="col" class="n">tries</th>
          <th scope="col">your hand</th>
          <th scope="col" class="n">rolls off by</th>
          <th scope="col" class="n">spread</th>
          <th scope="col" class="n">guesses off by</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in report" :key="r.size.id">
          <td>{{ r.size.name }}</td>
          <td class="n">{{ r.tries }}</td>
          <td>{{ handWords(r) }}</td>
          <td class="n"><WhyButton v-if="r.rolls" :figure="r.rolls" /></td>
          <td class="n"><WhyButton v-if="r.spread" :figure="r.spread" /></td>
          <td class="n"><WhyButton v-if="r.guesses" :figure="r.guesses" /></td>
        </tr>
      </tbody>
    </table>
    <p class="muted small">Kept in this browser, for all builds. The last thirty of a size count.</p>
  </div>
</template>

<style scoped>
.do {
  max-width: 600px;
  padding: 10px 0;
  font-size: 18px;
}
.do strong {
  font: 650 26px var(--font-title);
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: flex-end;
}
input {
  width: 110px;
  min-height: 48px;
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 9px;
  font: 600 20px/1 var(--font-title);
}
.button {
  min-height: 48px;
}
.bad {
  color: var(--fails);
}
table {
  margin-top: 14px;
}
</style>
