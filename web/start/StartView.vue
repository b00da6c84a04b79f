<script setup lang="ts">
import { useTell } from '../state/tell.ts';
import { computed, ref, shallowRef } from 'vue';
import { useRouter } from 'vue-router';
import { BLANKS, boardSaid, buildSaid, type BlankKey, type Choice } from '@core/brief/index.ts';
import { inWords, LONGEST_NAME } from '@core/quantity/index.ts';
import type { Build } from '@core/record/index.ts';
import { savedBuilds, shelve } from '../storage/builds.ts';
import { keepPicture } from '../storage/pictures.ts';
import BlankField from '../shared/BlankField.vue';
import { withStops } from '../shared/stops.ts';
import HeroFigure from './HeroFigure.vue';
import StartAnswersPane from './StartAnswersPane.vue';
import StartPlank from './StartPlank.vue';
import VaryPane from './VaryPane.vue';
import { likeEarlier } from './earlier.ts';
import { useSaying } from './saying.ts';

/** What are you making? A sentence with blanks, the figure as it will stand, and what it comes to; nothing is kept until it is put on the board. */
const router = useRouter();
const tell = useTell();
const saying = useSaying();
const { said, at, start, build, answers, days, ways, stale, sentence, asUsual, wrong, trouble } = saying;
document.title = 'Start · Elm Spindle';

const shelf = shallowRef<readonly Build[]>([]);
void savedBuilds().then((all) => (shelf.value = all));
const called = ref('');
const chooser = ref<HTMLInputElement>();
const earlier = ref(false);

const choicesOf = (key: BlankKey) => BLANKS[key].choices(said.value, at.value) as readonly Choice<unknown>[];
const words = computed(() => withStops(sentence.value));
const counted = computed(() => {
  const n = asUsual.value.length;
  return n === 0 ? '' : `${inWords(n)} ${n === 1 ? 'thing' : 'things'} taken as usual`;
});

/** A name nobody on the shelf has. */
function nameFor(base: string): string {
  const taken = new Set(shelf.value.map((b) => b.name));
  const wish = (called.value.trim() || base).slice(0, LONGEST_NAME - 4);
  let name = wish;
  for (let n = 2; taken.has(name); n++) name = `${wish} ${n}`;
  return name;
}

/** What the other builds taught, where there is anything. */
async function knowing(made: Build): Promise<Build> {
  const others = shelf.value.filter((o) => o.log.length + o.measured.length + o.bench.done.length > 0);
  if (others.length === 0) return made;
  return (await import('../shelf/knowing.ts')).knowing(made, others);
}

async function shelveAnd(made: Build, then?: (id: string) => Promise<unknown>): Promise<void> {
  const shelved = await shelve(await knowing(made));
  if (!shelved.ok) {
    tell.error(shelved.problem.text);
    return;
  }
  await then?.(shelved.value);
  saying.forget();
  await router.push(`/build/${shelved.value}/shape`);
}

async function putUp(): Promise<void> {
  const made = buildSaid(said.value, crypto.randomUUID(), nameFor(start.value.title), at.value);
  if (made.ok) await shelveAnd(made.value);
  else tell.error(made.problem.text);
}
const empty = (): Promise<void> =>
  shelveAnd(boardSaid(said.value, crypto.randomUUID(), nameFor('New figure'), at.value));
async function fromPicture(e: Event): Promise<void> {
  const input = e.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (!file) return;
  await shelveAnd(
    boardSaid(said.value, crypto.randomUUID(), nameFor('From a picture'), at.value),
    async (id) => {
      const kept = await keepPicture(id, file);
      if (kept.ok)
        tell.info('Your picture lies ready under Shape, Height: mark its head and its foot there.');
      else tell.error(kept.problem.text);
    },
  );
}
const like = (b: Build): Promise<void> =>
  shelveAnd(likeEarlier(b, said.value, { id: crypto.randomUUID(), name: nameFor(b.name) }));
</script>

<template>
  <div class="start">
    <header>
      <router-link to="/" class="brand"
        ><img src="/mark.svg" alt="" width="26" height="26" /><span>Elm Spindle</span></router-link
      >
      <nav class="other" aria-label="Other ways to begin">
        or begin
        <button type="button" class="link" @click="chooser?.click()">from a picture of mine</button>,
        <button type="button" class="link" @click="empty">with an empty board</button>,
        <button type="button" class="link" :aria-expanded="earlier" @click="earlier = !earlier">
          like an earlier build
        </button>
        <input
          ref="chooser"
          class="visually-hidden"
          type="file"
          accept="image/*"
          aria-label="A picture of yours"
          tabindex="-1"
          @change="fromPicture"
        />
      </nav>
      <router-link to="/" class="button">Back to the shelf</router-link>
      <ul v-if="earlier" class="earlier" aria-label="Earlier builds">
        <li v-for="b in shelf" :key="b.id">
          <button type="button" class="button" @click="like(b)">{{ b.name }}</button>
        </li>
        <li v-if="shelf.length === 0">There is none on the shelf yet.</li>
      </ul>
    </header>
    <main class="brief">
      <div class="scrolls">
        <h1>What are you making?</h1>
        <p class="sentence">
          <template v-for="(s, i) in words" :key="i"
            ><template v-if="'text' in s">{{ s.text }}</template
            ><span v-else class="keep"
              ><BlankField
                :label="s.label"
                :words="s.words"
                :state="s.state"
                :example="BLANKS[s.key].example"
                :choices="choicesOf(s.key)"
                :say="(text: string) => saying.say(s.key, text)"
                @choose="(v: unknown) => saying.set(s.key, v)"
                @forget="saying.set(s.key, undefined)"
              />{{ s.after }}</span
            ></template
          >
        </p>
        <p v-if="wrong" class="warning" role="alert">{{ wrong }}</p>
        <p v-if="trouble" class="warning" role="alert">{{ trouble }}</p>
        <StartAnswersPane
          :answers="answers"
          :days="days"
          :ways="ways"
          :stale="stale"
          :due="said.due !== undefined"
        />
      </div>
      <footer>
        <div class="acts">
          <label class="called"
            ><span>Called</span
            ><input v-model="called" type="text" :maxlength="LONGEST_NAME" :placeholder="start.title"
          /></label>
          <button type="button" class="button main" :disabled="wrong !== undefined" @click="putUp">
            Put it on the board
          </button>
          <span class="counted">{{ counted }}</span>
        </div>
      </footer>
    </main>
    <section class="stage" aria-label="The figure">
      <HeroFigure v-if="build" :build="build" class="hero" />
      <VaryPane class="varied" :start="start" :varied="said.varied" @vary="saying.vary" />
      <StartPlank class="kinds" :chosen="said.start" @choose="(id) => saying.set('start', id)" />
    </section>
  </div>
</template>

<style scoped>
.start {
  display: grid;
  grid-template: 52px minmax(0, 1fr) / minmax(0, 1fr) minmax(430px, 38%);
  grid-template-areas: 'top top' 'stage said';
  height: 100vh;
  background: var(--slab);
}
header {
  grid-area: top;
  display: flex;
  position: relative;
  gap: 18px;
  align-items: center;
  padding: 0 18px;
  border-bottom: 1px solid var(--line);
  background: var(--slab-2);
}
.brand {
  display: flex;
  gap: 8px;
  align-items: center;
  color: var(--ink);
  font: 700 17px var(--font-title);
  text-decoration: none;
}
a.button {
  color: inherit;
  text-decoration: none;
}
.brief {
  grid-area: said;
  display: flex;
  flex-direction: column;
  min-height: 0;
  border-left: 1px solid var(--line);
  background: var(--slab-2);
}
.scrolls {
  display: grid;
  flex: 1 1 0;
  gap: 14px;
  align-content: start;
  overflow-y: auto;
  padding: 20px 26px 14px;
}
footer {
  display: grid;
  gap: 9px;
  padding: 11px 26px 14px;
  border-top: 1px solid var(--line);
  background: var(--paper);
}
h1 {
  font-size: 27px;
}
.sentence {
  font-size: 18px;
  line-height: 39px;
}
.stage {
  grid-area: stage;
  position: relative;
  display: grid;
  grid-template: minmax(0, 1fr) auto / minmax(0, 1fr) 216px;
  min-width: 0;
}
.hero {
  grid-area: 1 / 1 / 2 / 2;
  padding: 14px 0 0 10px;
}
.varied {
  grid-area: 1 / 2 / 2 / 3;
  overflow-y: auto;
  padding: 18px 16px;
}
.kinds {
  grid-area: 2 / 1 / 3 / 3;
  min-width: 0;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 14px;
  align-items: center;
}
.acts .button {
  min-height: 44px;
  padding: 0 20px;
  font-size: 16px;
}
.called {
  display: flex;
  gap: 9px;
  align-items: center;
  color: var(--ink-2);
}
.called input {
  width: 150px;
  min-height: 44px;
  padding: 4px 11px;
  border: 1px solid var(--line);
  border-radius: 8px;
  color: var(--ink);
  font-size: 16px;
}
.other {
  margin-left: auto;
  color: var(--ink-2);
}
.counted {
  color: var(--ink-2);
  font-size: 14px;
}
.link {
  all: unset;
  color: var(--elm);
  border-bottom: 1px dotted currentcolor;
  cursor: pointer;
}
.link:focus-visible {
  outline: 2px solid var(--elm);
  outline-offset: 3px;
}
.earlier {
  position: absolute;
  z-index: 20;
  top: 100%;
  right: 18px;
  display: grid;
  gap: 6px;
  max-height: 60vh;
  margin: 4px 0 0;
  padding: 12px;
  overflow-y: auto;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--paper);
  box-shadow: 0 10px 34px rgb(29 36 34 / 22%);
  list-style: none;
}
.earlier .button {
  width: 100%;
  min-height: 40px;
}
.keep {
  white-space: nowrap;
}
@media (max-width: 900px) {
  .start {
    grid-template: auto auto auto auto auto / minmax(0, 1fr);
    grid-template-areas: 'top' 'hero' 'kinds' 'said' 'vary';
    height: auto;
  }
  header {
    flex-wrap: wrap;
    gap: 6px 14px;
    padding-block: 8px;
  }
  .other {
    order: 3;
    width: 100%;
    margin: 0;
  }
  header .button {
    margin-left: auto;
  }
  .stage {
    display: contents;
  }
  .hero {
    grid-area: hero;
    height: 34vh;
  }
  .kinds {
    grid-area: kinds;
  }
  .varied {
    grid-area: vary;
    overflow: visible;
  }
  .brief {
    border-left: 0;
  }
  .scrolls {
    overflow: visible;
  }
  footer {
    position: sticky;
    z-index: 5;
    bottom: 0;
  }
}
@media (max-width: 480px) {
  .scrolls,
  footer {
    padding-inline: 16px;
  }
  .called span,
  .counted {
    display: none;
  }
  .called,
  .called input {
    width: 118px;
  }
}
</style>
