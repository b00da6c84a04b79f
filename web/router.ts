import { createRouter, createWebHistory } from 'vue-router';
import { missingPart } from './updates.ts';

export const router = createRouter({
  history: createWebHistory(import.meta.env.BASE_URL),
  routes: [
    {
      path: '/',
      name: 'shelf',
      meta: { bare: true },
      component: () => {
        // what draws the figures comes beside it
        void import('./shelf/ShelfFigure.vue').catch(() => undefined);
        return import('./shelf/ShelfView.vue');
      },
    },
    { path: '/stores', name: 'stores', component: () => import('./stores/StoresView.vue') },
    { path: '/start', name: 'start', component: () => import('./start/StartView.vue') },
    {
      path: '/reckoner/:question?',
      name: 'reckoner',
      component: () => import('./reckoner/ReckonerView.vue'),
    },
    {
      path: '/handbook/:page?',
      name: 'handbook',
      component: () => import('./handbook/HandbookView.vue'),
    },
    { path: '/build/:id/sheet/:sheet', name: 'sheet', component: () => import('./print/PrintView.vue') },
    { path: '/build/:id/:lens?', name: 'build', component: () => import('./shell/BuildView.vue') },
    { path: '/:rest(.*)*', redirect: '/' },
  ],
});
router.onError(() => (missingPart.value = true));
