<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue';
import { useRouter } from 'vue-router';
import type { Build } from '@core/record/index.ts';
import { capital, formatTime } from '@core/quantity/index.ts';
import { likelyWord, troubleAt, troubleReads } from '@core/trouble-at.ts';
import {
  batchOf,
  mended,
  TROUBLE_GROUPS,
  troublesFor,
  type RankedMend,
  type Sign,
  type Trouble,
  type TroubleGroup,
} from '@core/trouble/index.ts';
import { lookPicture, savedBuilds } from '../../storage/builds.ts';
import { keepPicture } from '../../storage/pictures.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useStage } from '../../state/on-stage.ts';
import ChoiceField from '../../shared/ChoiceField.vue';
import PictureButton from '../../shared/PictureButton.vue';
import WhyButton from '../../shared/WhyButton.vue';

/** What went wrong, what is likely behind it in this build, and what can still be done, cheapest first. */
const props = defineProps<{ piece?: string | undefined; known?: string | undefined }>();
const open = defineModel<boolean>('open', { required: true });
const store = useBuild();
const here = useOpenBuild();
const stage = useStage();
const router = useRouter();
const now = Date.now();
const others = shallowRef<readonly Build[]>([]);
onMounted(async () => {
  others.value = await savedBuilds().catch(() => []);
});
const NONE = '';
const piece = ref(props.piece ?? NONE);
const chosen = ref<string | undefined>(props.known);
const answers = ref<Partial<Record<Sign, boolean>>>({});
const words = ref('');
const file = ref<File>();
const pieces = computed(() => [
  ...here.build.pieces.map((p) => ({ value: p.id, label: p.name })),
  { value: NONE, label: 'none in particular' },
]);
const reads = computed(() => troubleReads(here.report));
const all = computed(() => troublesFor(here.build, reads.value, piece.value || undefined));
const groups = computed(() =>
  (Object.keys(TROUBLE_GROUPS) as TroubleGroup[])
    .map((g) => ({ id: g, name: TROUBLE_GROUPS[g], troubles: all.value.filter((t) => t.group === g) }))
    .filter((g) => g.troubles.length > 0),
);
const trouble = computed<Trouble | undefined>(() => all.value.find((t) => t.id === chosen.value));
const found = computed(() =>
  trouble.value
    ? troubleAt(here.build, here.report, {
        trouble: trouble.value,
        piece: piece.value || undefined,
        answers: answers.value,
        builds: [here.build, ...others.value.filter((b) => b.id !== here.build.id)],
        now,
      })
    : undefined,
);
function pick(id: string): void {
  chosen.value = id;
  answers.value = {};
}
const answer = (sign: Sign, yes: boolean) => (answers.value = { ...answers.value, [sign]: yes });

async function take(mend: RankedMend | undefined): Promise<void> {
  const t = trouble.value;
  if (!t || !found.value) return;
  const id = crypto.randomUUID();
  const at = new Date().toISOString();
  if (file.value) {
    const kept = await keepPicture(lookPicture(id), file.value);
    if (!kept.ok) {
      store.say(kept.problem.text, 'error');
      return;
    }
  }
  const signs = { ...answers.value } as Record<string, boolean>;
  const note = {
    id,
    at,
    trouble: t.id,
    ...(piece.value ? { piece: piece.value } : {}),
    ...(Object.keys(signs).length > 0 ? { signs } : {}),
    ...(found.value.causes[0] ? { cause: found.value.causes[0].cause.id } : {}),
    ...(mend ? { mend: mend.id } : {}),
    ...(words.value.trim() ? { note: words.value.trim().slice(0, 1000) } : {}),
    ...(file.value ? { picture: id } : {}),
  };
  const done = mended(here.build, { note, ...(store.starts ? { starts: store.starts } : {}) }, at);
  if (!store.apply(done, t.name.toLowerCase())) return;
  open.value = false;
  if (mend?.mend?.opens === 'bones') {
    if (piece.value) stage.selection = { kind: 'piece', id: piece.value };
    stage.wanted = 'rod';
    await router.push(`/build/${here.build.id}/bones`);
  } else if (mend?.mend?.opens === 'short') {
    const batch = batchOf(here.report.paste, piece.value);
    if (batch) stage.selection = { kind: 'batch', id: batch.id };
    await router.push(`/build/${here.build.id}/paste`);
  } else store.say(mend ? 'Noted. The plan goes on from there.' : 'Noted.');
}
</script>

<template>
  <a-modal v-model:open="open" title="What went wrong?" :footer="null" :width="860">
    <div class="row">
      <ChoiceField v-model:value="piece" label="With which piece" :options="pieces" :width="240" />
      <button v-if="trouble" class="button" type="button" @click="chosen = undefined">Something else</button>
    </div>
    <template v-if="!trouble">
      <section v-for="g in groups" :key="g.id">
        <h3>{{ g.name }}</h3>
        <div class="chips">
          <button v-for="t in g.troubles" :key="t.id" class="button" type="button" @click="pick(t.id)">
            {{ t.name }}
          </button>
        </div>
      </section>
    </template>
    <template v-else-if="found">
      <h3 class="which">{{ trouble.name }}</h3>
      <div v-if="found.ask" class="ask" role="group" :aria-label="found.ask.asks">
        <span>{{ found.ask.asks }}</span>
        <button class="button" type="button" @click="answer(found.ask.sign, true)">Yes</button>
        <button class="button" type="button" @click="answer(found.ask.sign, false)">No</button>
      </div>
      <h4>Likely behind it</h4>
      <ol class="causes">
        <li v-for="(c, i) in found.causes.slice(0, 3)" :key="c.cause.id" :class="{ first: i === 0 }">
          <p>
            <strong>{{ capital(c.cause.says) }}</strong>
            <span class="muted"> {{ likelyWord(c.share.value) }} <WhyButton :figure="c.share" /></span>
          </p>
          <p v-if="c.speaksFor.length" class="muted small">For it: {{ c.speaksFor.join('; ') }}.</p>
          <p v-if="c.speaksAgainst.length" class="muted small">
            Against it: {{ c.speaksAgainst.join('; ') }}.
          </p>
          <p v-if="i === 0" class="small">Next time: {{ c.cause.prevent }}.</p>
        </li>
      </ol>
      <h4>What you can do</h4>
      <ul class="mends">
        <li v-for="(m, i) in found.mends" :key="m.id">
          <div>
            <p>
              <strong>{{ m.does }}.</strong>
            </p>
            <p class="muted small">
              {{ formatTime(m.minutes) }} of work<template v-if="m.wait"
                >, then {{ formatTime(m.wait) }} of waiting</template
              >; {{ m.holds.value >= 100 ? 'sure to do it' : `${likelyWord(m.holds.value)} does it` }}
              <WhyButton v-if="m.holds.value < 100" :figure="m.holds" /> · costs
              <WhyButton :figure="m.cost" /> in all
            </p>
            <p v-if="m.mend?.mind" class="small">{{ m.mend.mind }}</p>
            <p v-if="m.id === 'remake' && found.again" class="small">{{ found.again }}</p>
          </div>
          <button class="button" :class="{ main: i === 0 }" type="button" @click="take(m)">
            {{ m.mend?.opens ? 'Show me' : m.id === 'remake' ? 'Make it again' : 'I do this' }}
          </button>
        </li>
      </ul>
      <p v-if="trouble.again" class="small">Better made again where {{ trouble.again }}.</p>
      <div class="row notes">
        <label class="field grow"><span>Note</span><a-input v-model:value="words" :maxlength="1000" /></label>
        <PictureButton v-model="file" />
        <button class="button" type="button" @click="take(undefined)">Leave it as it is, and note it</button>
      </div>
    </template>
  </a-modal>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: flex-end;
}
h3 {
  margin: 16px 0 8px;
}
h4 {
  margin: 16px 0 4px;
  font-size: 17px;
}
.which {
  font-size: 24px;
}
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.chips .button,
.mends .button,
.ask .button,
.notes .button {
  min-height: 52px;
  font-size: 16px;
}
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  padding: 12px 14px;
  border-left: 4px solid var(--elm);
  background: var(--slab);
  font-size: 18px;
}
.ask span {
  flex: 1 1 220px;
}
p {
  margin: 0;
}
.causes,
.mends {
  margin: 0;
  padding: 0;
  list-style: none;
}
.causes li {
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
.causes .first strong {
  font-size: 18px;
}
.mends li {
  display: flex;
  gap: 14px;
  align-items: center;
  justify-content: space-between;
  padding: 10px 0;
  border-top: 1px solid var(--line);
}
.grow {
  flex: 1 1 200px;
}
.notes {
  margin-top: 12px;
}
</style>
