import { ref } from 'vue';

/** Which colours stand for X, Y and Z; the page's style sheet has both sets. */
export type Axes = 'usual' | 'clear';

export const axes = ref<Axes>('usual');

export function applyAxes(next: Axes): void {
  axes.value = next;
  document.documentElement.dataset.axes = next;
}
