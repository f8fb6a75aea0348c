import { createRouter, createWebHistory } from 'vue-router';
import { useSession } from './stores/session';

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/scenes' },
    { path: '/sign-in', component: () => import('./pages/SignIn.vue') },
    { path: '/scenes', component: () => import('./pages/ScenesList.vue') },
    { path: '/scenes/:id', component: () => import('./pages/StagePage.vue'), props: true },
    { path: '/account', component: () => import('./pages/AccountPage.vue') },
    { path: '/:rest(.*)*', redirect: '/scenes' },
  ],
});

router.beforeEach(async (to) => {
  const session = useSession();
  if (!session.asked) await session.ask().catch(() => undefined);
  if (!session.name && to.path !== '/sign-in') return { path: '/sign-in', query: { to: to.fullPath } };
  return true;
});
