import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bricolage-grotesque';
import './styles.css';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './App.vue';
import { router } from './router.ts';
import { openDb } from './storage/db.ts';
import { usePreferences } from './state/preferences.ts';
import { applyTokens } from './tokens.ts';
import { watchForUpdates } from './updates.ts';

applyTokens(document.documentElement);
await openDb();
const pinia = createPinia();
// nothing is said twice: first it is known in which words
await usePreferences(pinia).ready;
createApp(App).use(pinia).use(router).mount('#app');
watchForUpdates();
// not in the way of the first view
setTimeout(
  () => void import('./storage/keep-rolling.ts').then((m) => m.keepRolling()).catch(() => undefined),
  5000,
);
