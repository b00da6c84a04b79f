import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bricolage-grotesque';
import './styles.css';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './App.vue';
import { router } from './router.ts';
import { openDb } from './storage/db.ts';
import { applyTokens } from './tokens.ts';
import { watchForUpdates } from './updates.ts';

applyTokens(document.documentElement);
await openDb();
createApp(App).use(createPinia()).use(router).mount('#app');
watchForUpdates();
// not in the way of the first view
setTimeout(
  () => void import('./storage/rolling.ts').then((m) => m.keepRolling()).catch(() => undefined),
  5000,
);
