import { ref } from 'vue';
import type { Theme } from '../stage/painter/Painter';

const KEY = 'rhombus:theme';

function initial(): Theme {
  const kept = localStorage.getItem(KEY);
  if (kept === 'dusk' || kept === 'chalk') return kept;
  return window.matchMedia('(prefers-color-scheme: light)').matches ? 'chalk' : 'dusk';
}

export const theme = ref<Theme>(initial());

/** Sets the theme on the page; Element Plus switches by a class. */
export function applyTheme(next: Theme = theme.value): void {
  theme.value = next;
  localStorage.setItem(KEY, next);
  document.documentElement.dataset.theme = next;
  document.documentElement.classList.toggle('dark', next === 'dusk');
}
