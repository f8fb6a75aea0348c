import { ref } from 'vue';

/** Dark or light. */
export type Theme = 'dusk' | 'chalk';

const KEY = 'rhombus:theme';
/** The theme that the user wants on every machine, known here since a scene was open. */
const EVERYWHERE = 'rhombus:theme-everywhere';

function initial(): Theme {
  const kept = localStorage.getItem(EVERYWHERE) ?? localStorage.getItem(KEY);
  if (kept === 'dusk' || kept === 'chalk') return kept;
  return window.matchMedia('(prefers-color-scheme: light)').matches ? 'chalk' : 'dusk';
}

export const theme = ref<Theme>(initial());

/** The theme for every machine, or null where this browser has its own. */
export function themeEverywhere(next: Theme | null): void {
  if (next) localStorage.setItem(EVERYWHERE, next);
  else localStorage.removeItem(EVERYWHERE);
  show(initial());
}

/** Chooses the theme of this browser. */
export function applyTheme(next: Theme = theme.value): void {
  if (localStorage.getItem(EVERYWHERE) === null) localStorage.setItem(KEY, next);
  show(next);
}

/** Sets it on the page; Element Plus switches by a class. */
function show(next: Theme): void {
  theme.value = next;
  document.documentElement.dataset.theme = next;
  document.documentElement.classList.toggle('dark', next === 'dusk');
}
