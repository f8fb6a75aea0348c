import { createRouter, createWebHistory, type RouteLocationNormalized } from 'vue-router';
import { missing, styled } from '../shared/parts';
import { useSession } from '../shared/session';

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
  return fetched(to);
});

/** Whether the page that belongs there could be had. Where not, one stays where one is, and is told. */
async function fetched(to: RouteLocationNormalized): Promise<boolean> {
  try {
    for (const { components } of to.matched) {
      const page: unknown = components?.default;
      // What was fetched before is a component already.
      if (typeof page === 'function') await styled(page());
    }
    return true;
  } catch {
    missing.value = () => void again(to.fullPath);
    return false;
  }
}

/** Goes there with the page made anew: the server may have a newer program by now. While it does not answer one stays here. */
async function again(path: string): Promise<void> {
  const answers = await fetch(path, { cache: 'no-store' }).then(
    (r) => r.ok,
    () => false,
  );
  if (answers) window.location.assign(path);
  else missing.value = () => void again(path);
}
