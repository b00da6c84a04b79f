<script setup lang="ts">
import { useTell } from '../state/tell.ts';
import { computed } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { answered, saidTo, SMALL_QUESTIONS } from '@core/reckoner/index.ts';
import { formatReckoned } from '@core/quantity/index.ts';
import { usePreferences } from '../state/preferences.ts';
import { blankBuild } from '../shelf/blank.ts';
import ShelfFigure from '../shelf/ShelfFigure.vue';
import ChoiceField from '../shared/ChoiceField.vue';
import QuantityField from '../shared/QuantityField.vue';
import WhyButton from '../shared/WhyButton.vue';
import { shelve } from '../storage/builds.ts';

/** The small question without a build: what was said stands in the address, the answer opens to its sum, and it may become a build. */
const route = useRoute();
const router = useRouter();
const tell = useTell();
const { shown } = usePreferences();
const question = computed(
  () => SMALL_QUESTIONS.find((q) => q.id === route.params.question) ?? SMALL_QUESTIONS[0]!,
);
const said = computed(() => saidTo(question.value, route.query));
const result = computed(() => answered(question.value, said.value));
const say = (key: string, value: number | string) =>
  void router.replace({ params: { question: question.value.id }, query: { ...said.value, [key]: value } });
document.title = 'Reckoner · Elm Spindle';

/** The piece that answered, on a board of its own. */
async function begin(): Promise<void> {
  if (!result.value.ok) return;
  const { id, name, brief } = blankBuild([]);
  const shelved = await shelve({
    ...result.value.value.build,
    id,
    name: `${name}: ${question.value.name.toLowerCase()}`,
    brief,
  });
  if (shelved.ok) await router.push(`/build/${shelved.value}/shape`);
  else tell.error(shelved.problem.text);
}
</script>

<template>
  <div class="leaves reckoner">
    <header>
      <router-link to="/" class="brand" title="Back to the shelf"
        ><img src="/mark.svg" alt="" width="30" height="30" /><span>Elm Spindle</span></router-link
      >
      <h1>Reckoner</h1>
    </header>
    <nav aria-label="Small questions">
      <router-link
        v-for="q in SMALL_QUESTIONS"
        :key="q.id"
        :to="`/reckoner/${q.id}`"
        :aria-current="q.id === question.id ? 'page' : undefined"
        >{{ q.name }}</router-link
      >
    </nav>
    <main>
      <h2>{{ question.asks }}</h2>
      <div :key="question.id" class="fields asked">
        <template v-for="f in question.fields" :key="f.key">
          <ChoiceField
            v-if="'options' in f"
            :label="f.label"
            :value="String(said[f.key])"
            :options="f.options"
            :width="230"
            @change="(v) => say(f.key, v)"
          />
          <QuantityField
            v-else
            :label="f.label"
            :kind="f.kind"
            :value="Number(said[f.key])"
            :width="130"
            @change="(v) => say(f.key, v)"
          />
        </template>
      </div>
      <div v-if="result.ok" class="answer" aria-live="polite">
        <ShelfFigure v-if="result.value.build.pieces.length" :build="result.value.build" class="drawn" />
        <dl :class="{ many: result.value.answers.length > 3 }">
          <div v-for="(a, k) in result.value.answers" :key="k">
            <dt>{{ a.says }}</dt>
            <dd><WhyButton :figure="a.figure" :text="a.text ?? formatReckoned(a.figure, shown)" /></dd>
          </div>
        </dl>
      </div>
      <p v-else class="warning" role="alert">{{ result.problem.text }}</p>
      <template v-if="result.ok">
        <p v-for="n in result.value.notes" :key="n" class="note"><span aria-hidden="true">◆</span> {{ n }}</p>
        <button v-if="question.makes" class="button main" type="button" @click="begin">
          Begin a build with it
        </button>
      </template>
    </main>
  </div>
</template>

<style scoped>
h1 {
  margin: 0;
  font-size: 22px;
}
main {
  max-width: 860px;
  padding: 34px 44px;
}
h2 {
  margin: 0 0 18px;
  font-size: 30px;
  line-height: 1.2;
}
.asked {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 18px;
  align-items: end;
  padding-bottom: 22px;
}
.answer {
  display: flex;
  flex-wrap: wrap;
  gap: 20px 44px;
  align-items: center;
  padding: 20px 0;
  border-block: 1px solid var(--line);
}
.drawn {
  width: 200px;
  height: 170px;
}
dl {
  display: grid;
  flex: 1 1 300px;
  gap: 12px;
  margin: 0;
}
dt {
  color: var(--ink-2);
}
dl > div {
  display: flex;
  flex-direction: column-reverse;
}
dd {
  margin: 0;
  font: 650 34px/1.15 var(--font-title);
}
.many dd {
  font-size: 24px;
}
.note {
  max-width: 60ch;
}
.note span {
  color: var(--tight);
}
.button.main {
  margin-top: 14px;
}
@media (max-width: 760px) {
  .leaves.reckoner {
    grid-template: auto auto 1fr / 1fr;
  }
  .leaves > nav {
    display: flex;
    overflow-x: auto;
    padding: 0 8px;
    border-right: 0;
    border-bottom: 1px solid var(--line);
  }
  .leaves > nav a {
    padding: 4px 12px;
    white-space: nowrap;
  }
  nav a[aria-current] {
    padding-left: 12px;
    border-bottom: 3px solid var(--elm);
    border-left: 0;
  }
  main {
    padding: 20px;
  }
}
</style>
