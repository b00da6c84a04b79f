<script setup lang="ts">
import { computed, ref } from 'vue';
import { Trash2 } from '@lucide/vue';
import {
  ASKED,
  coldLearnedOf,
  effectsOf,
  forget,
  learnedOf,
  SAW,
  seenBeside,
  seenElsewhere,
  type Question,
} from '@core/firming/index.ts';
import { isMaterial, materialOf } from '@core/pastes/index.ts';
import type { Build } from '@core/record/index.ts';
import { formatTime, tellBand, tellSeen } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import LookPicture from './LookPicture.vue';
import OwnTimes from './OwnTimes.vue';

/** What was seen of firming against what was reckoned, what was learned from it, and what that changes. */
const store = useBuild();
const here = useOpenBuild();
const build = computed(() => here.build);
const learned = computed(() => learnedOf(build.value));
/** More than this are shown when asked for. */
const PAGE = 40;
const shown = ref(PAGE);
const looks = computed(() => seenBeside(build.value, shown.value));
/** What chocolate taught: it sets by cold, on its own clock. */
const cold = computed(() => {
  const { theta, entries } = coldLearnedOf(build.value);
  const by = Math.round(100 * (Math.exp(theta) - 1));
  if (entries === 0) return undefined;
  return by === 0
    ? 'Chocolate sets here as the table says.'
    : `Chocolate sets ${Math.abs(by)} % ${by > 0 ? 'slower' : 'faster'} here.`;
});
const effects = computed(() => effectsOf(build.value, here.report.firming).slice(0, 6));
const odd = computed(() => learned.value.aside.length);
const pastes = computed(() =>
  learned.value.keys
    .map((k) => ({ name: isMaterial(k) ? materialOf(k).name : k, by: learned.value.phi[k] ?? 0 }))
    .filter((p) => Math.abs(p.by) > 0.02),
);
const saidOf = (saw: string) => SAW.find((s) => s.id === saw)?.words ?? saw;
const askedOf = (q: string) => ASKED[q as Question]?.words ?? q;
const when = (at: string) => tellSeen(Date.parse(at), { zone: build.value.brief.zone, now: Date.now() });
const told = (b: { fast: number; likely: number; slow: number }) => tellBand(b.fast, b.likely, b.slow);

const props = defineProps<{ others: readonly Build[] }>();
const elsewhere = computed(() => seenElsewhere(build.value, props.others));
const takeOver = () =>
  store.apply({ ...build.value, log: [...build.value.log, ...elsewhere.value] }, 'looks of other builds');
</script>

<template>
  <div>
    <p v-if="odd > 0" class="facts">
      {{ odd === 1 ? 'One check was' : `${odd} checks were` }} ignored:
      {{ odd === 1 ? 'it fits' : 'they fit' }} nothing else.
    </p>
    <p v-if="!build.log.length" class="pad">
      Nothing seen yet. When a piece is just firm, say so on the Bench or under Days, Firming: one tap with
      <em>just firm now</em> is worth five of <em>not yet</em>. From then on all times are this kitchen’s.
    </p>
    <button v-if="elsewhere.length" class="button" type="button" @click="takeOver">
      Learn from {{ elsewhere.length === 1 ? 'the look' : `the ${elsewhere.length} looks` }} of other builds
    </button>
    <template v-if="build.log.length">
      <p v-if="pastes.length" class="pad pastes">
        <template v-for="(p, i) in pastes" :key="p.name"
          ><template v-if="i">; </template>{{ p.name.toLowerCase() }} is
          {{ p.by > 0 ? 'firmer' : 'softer' }} than listed</template
        >.
      </p>
      <p v-if="cold" class="pad">{{ cold }}</p>
      <table v-if="effects.length" class="plain">
        <thead>
          <tr>
            <th scope="col">Firm enough to pick up</th>
            <th scope="col">by the tables</th>
            <th scope="col">as learned</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="e in effects" :key="e.piece">
            <td>{{ e.piece }}</td>
            <td class="muted">{{ told(e.before) }}</td>
            <td>{{ told(e.after) }}</td>
          </tr>
        </tbody>
      </table>
      <ul class="looks">
        <li v-for="{ seen, reckoned, now, odd: fitsNothing } in looks" :key="seen.id">
          <div class="what">
            <strong>{{ seen.piece }}</strong>
            <span class="muted small"> {{ seen.build }} · {{ when(seen.at) }}</span>
            <p>
              {{ formatTime(seen.minutes) }} after shaping: {{ saidOf(seen.saw)
              }}<template v-if="seen.question !== 'handle'"> ({{ askedOf(seen.question) }})</template>.
              <span v-if="reckoned !== undefined" class="muted">
                Reckoned {{ Number.isFinite(reckoned) ? formatTime(reckoned) : 'never' }}, now
                {{ now !== undefined && Number.isFinite(now) ? formatTime(now) : 'never' }}.</span
              >
              <span v-else class="muted"> Kept, but there is nothing to learn from it here.</span>
            </p>
            <p v-if="seen.note" class="small">{{ seen.note }}</p>
            <p v-if="fitsNothing" class="odd">
              <span aria-hidden="true">◆</span> It fits nothing else: was it the other piece, or is the
              hygrometer off?
            </p>
          </div>
          <LookPicture v-if="seen.picture" :seen="seen.id" :name="seen.piece" />
          <button
            class="button plain"
            type="button"
            :aria-label="`Forget the look at ${seen.piece}`"
            @click="store.apply(forget(build, seen.id), 'forgetting a look')"
          >
            <Trash2 :size="16" />
          </button>
        </li>
      </ul>
      <button v-if="build.log.length > shown" class="button" type="button" @click="shown += PAGE">
        Show {{ Math.min(PAGE, build.log.length - shown) }} more of {{ build.log.length }}
      </button>
    </template>
    <OwnTimes :others="others" />
  </div>
</template>

<style scoped>
.pastes::first-letter {
  text-transform: uppercase;
}
.pad {
  padding: 10px 0;
  max-width: 600px;
}
.looks {
  margin: 14px 0;
  padding: 0;
  list-style: none;
}
.looks li {
  display: flex;
  gap: 14px;
  align-items: center;
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
.what {
  flex: 1;
}
.odd {
  color: var(--tight);
}
</style>
