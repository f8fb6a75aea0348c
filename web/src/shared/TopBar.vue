<script setup lang="ts">
import { useRouter } from 'vue-router';
import { useSession } from './session';
import { applyTheme, theme } from './theme/theme';
import { LANGUAGES, language, speak } from '../words/language';
import { say } from '../words/say';

const session = useSession();
/** Those that the page does not speak now. */
const others = LANGUAGES.filter((l) => l.tag !== language);
const router = useRouter();

async function choose(what: string) {
  if (what === 'theme') applyTheme(theme.value === 'dusk' ? 'chalk' : 'dusk');
  if (what.startsWith('speak:')) speak(what.slice('speak:'.length));
  if (what === 'account') await router.push('/account');
  if (what === 'scenes') await router.push('/scenes');
  if (what === 'out') {
    await session.signOut().catch(() => undefined);
    await router.push('/sign-in');
  }
}
</script>

<template>
  <header class="bar">
    <RouterLink class="mark" to="/scenes" :aria-label="say('top-bar.all-scenes')" data-help="scenes">
      <svg viewBox="0 0 24 32" width="15" height="20" aria-hidden="true">
        <path d="M12 2 22 16 12 30 2 16Z" fill="none" stroke="currentColor" stroke-width="2.6" />
      </svg>
    </RouterLink>
    <slot />
    <span class="space" />
    <slot name="right" />
    <el-dropdown trigger="click" @command="choose">
      <button class="plain" :aria-label="say('top-bar.account-of', session.name)" data-help="account" data-account>
        {{ session.name }}
      </button>
      <template #dropdown>
        <el-dropdown-menu>
          <el-dropdown-item command="theme">
            {{ theme === 'dusk' ? say('top-bar.chalk-light') : say('top-bar.dusk-dark') }}
          </el-dropdown-item>
          <el-dropdown-item
            v-for="l in others"
            :key="l.tag"
            :command="`speak:${l.tag}`"
            :lang="l.tag"
            :data-speak="l.tag"
          >
            {{ l.name }}
          </el-dropdown-item>
          <el-dropdown-item command="scenes">{{ say('top-bar.all-scenes') }}</el-dropdown-item>
          <el-dropdown-item command="account">{{ say('top-bar.account') }}</el-dropdown-item>
          <el-dropdown-item command="out" divided>{{ say('top-bar.sign-out') }}</el-dropdown-item>
        </el-dropdown-menu>
      </template>
    </el-dropdown>
  </header>
</template>

<style scoped>
.bar {
  height: 40px;
  display: flex;
  align-items: center;
  gap: 5px;
  padding: 0 8px 0 14px;
  border-bottom: 1px solid var(--line);
  background: var(--panel);
  /* On the smallest screens what does not fit is scrolled to. */
  overflow: auto hidden;
  scrollbar-width: none;
}
@media (max-width: 719px) {
  .bar {
    gap: 0;
  }
  .bar :deep(.plain) {
    padding-inline: 6px;
  }
}
/* What leads somewhere keeps its room; tabs of boards give way. */
.bar > :deep(.plain) {
  flex-shrink: 0;
}
.mark {
  color: var(--accent);
  display: grid;
}
.space {
  flex: 1;
}
</style>
