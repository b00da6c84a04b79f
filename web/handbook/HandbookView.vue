<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { marked } from 'marked';
import { anchorOf, HANDBOOK } from './pages.ts';

/** The handbook, as it lies in docs: opened from where one stands, found by name. */
const TEXTS = import.meta.glob<string>('../../docs/handbook/*.md', { query: '?raw', import: 'default' });
const PICTURES = import.meta.glob<string>('../../docs/screenshots/*.png', {
  query: '?url',
  import: 'default',
  eager: true,
});
const route = useRoute();
const router = useRouter();
const page = computed(() => HANDBOOK.find((p) => p.id === route.params.page) ?? HANDBOOK[0]!);
const html = ref('');
const main = ref<HTMLElement>();

/** Our own text, with pictures where they are served and headings that can be gone to. */
function drawn(text: string): string {
  const pictured = text.replace(/\.\.\/screenshots\/([\w-]+\.png)/g, (whole, name: string) => {
    const url = PICTURES[`../../docs/screenshots/${name}`];
    return url ?? whole;
  });
  const made = marked.parse(pictured, { async: false });
  return made.replace(
    /<h2>([^<]*)<\/h2>/g,
    (_, title: string) => `<h2 id="${anchorOf(title)}">${title}</h2>`,
  );
}
watch(
  [page, () => route.hash],
  async ([{ id, name }]) => {
    const text = await TEXTS[`../../docs/handbook/${id}.md`]?.().catch(() => undefined);
    html.value = drawn(text ?? `# ${name}\n\nThis page did not come. Try again with a network.`);
    document.title = `${name} · Handbook · Elm Spindle`;
    await nextTick();
    const at = route.hash ? main.value?.querySelector(route.hash) : undefined;
    if (at) at.scrollIntoView();
    else main.value?.scrollTo(0, 0);
  },
  { immediate: true },
);
/** Links to our own pages do not load the app anew. */
function follow(e: MouseEvent): void {
  const link = (e.target as HTMLElement).closest('a');
  const href = link?.getAttribute('href');
  if (!href?.startsWith('/') || e.ctrlKey || e.metaKey || e.shiftKey) return;
  e.preventDefault();
  void router.push(href);
}
const back = (): void => {
  if (window.history.state?.back) router.back();
  else void router.push('/');
};
</script>

<template>
  <div class="leaves book">
    <header>
      <router-link to="/" class="brand" title="Back to the shelf"
        ><img src="/mark.svg" alt="" width="30" height="30" /><span>Elm Spindle</span></router-link
      >
      <p class="title">Handbook</p>
      <button class="button" type="button" @click="back">Back to where you were</button>
    </header>
    <nav aria-label="Pages of the handbook">
      <router-link
        v-for="p in HANDBOOK"
        :key="p.id"
        :to="`/handbook/${p.id}`"
        replace
        :aria-current="p.id === page.id ? 'page' : undefined"
        >{{ p.name }}</router-link
      >
    </nav>
    <!-- eslint-disable-next-line vue/no-v-html -- our own text, which ships with the app -->
    <main ref="main" tabindex="-1" @click="follow" v-html="html"></main>
  </div>
</template>

<style scoped>
.title {
  flex: 1;
  font: 650 20px var(--font-title);
}
main {
  max-width: 76ch;
  padding: 26px 34px 60px;
  font-size: 17px;
  line-height: 1.55;
}
main :deep(h1) {
  font-size: 34px;
}
main :deep(h2) {
  margin-top: 28px;
  font-size: 22px;
}
main :deep(img) {
  display: block;
  width: 100%;
  margin: 16px 0;
  border: 1px solid var(--line);
}
main :deep(p) {
  margin: 12px 0;
}
main :deep(li) {
  margin: 7px 0;
}
@media (max-width: 760px) {
  .leaves.book {
    grid-template: auto auto 1fr / 1fr;
  }
  .leaves > nav {
    display: flex;
    flex-wrap: wrap;
    border-right: 0;
    border-bottom: 1px solid var(--line);
  }
  .leaves > nav a {
    padding: 4px 14px;
  }
  main {
    padding: 14px 16px 40px;
  }
}
</style>
