import { createRouter, createWebHistory } from 'vue-router';
import { useSession } from './stores/session';

const list = () => import('./pages/ScenesList.vue');
// Fetched while the server is still being asked who this is.
if (/^\/(scenes\/?)?$/.test(window.location.pathname)) void list().catch(() => undefined);

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/scenes' },
    { path: '/sign-in', component: () => import('./pages/SignIn.vue') },
    { path: '/scenes', component: list },
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
