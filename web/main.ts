import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bricolage-grotesque';
import './styles.css';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import { registerSW } from 'virtual:pwa-register';
import App from './App.vue';
import { router } from './router.ts';
import { applyTokens } from './tokens.ts';

applyTokens(document.documentElement);
createApp(App).use(createPinia()).use(router).mount('#app');
registerSW({ immediate: true });
