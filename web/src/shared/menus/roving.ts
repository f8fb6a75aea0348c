import type { Ref } from 'vue';
import { isEscape } from '../focus/keys';

/** How far an arrow key goes in a menu: by one, or in a grid by a row up and down. */
export type Steps = Partial<Record<'ArrowUp' | 'ArrowDown' | 'ArrowLeft' | 'ArrowRight', number>>;

/**
 * The keyboard in a menu of our own: arrows move the focus, Escape closes, and nothing of it reaches the stage.
 *
 * @param box holds the buttons
 * @param close is called by Escape
 * @param steps of the arrow keys
 * @param round whether the last is followed by the first
 */
export function useRoving(box: Ref<HTMLElement | undefined>, close: () => void, steps: Steps, round = true) {
  const items = () => [...(box.value?.querySelectorAll<HTMLElement>('button') ?? [])];

  function key(e: KeyboardEvent) {
    const all = items();
    const step = steps[e.key as keyof Steps];
    if (isEscape(e)) close();
    // In a field the arrows are the field's.
    else if (step && !(e.target instanceof HTMLInputElement)) {
      const to = all.indexOf(e.target as HTMLElement) + step;
      all[round ? (to + all.length) % all.length : Math.max(0, Math.min(all.length - 1, to))]?.focus();
    } else return;
    e.preventDefault();
    e.stopPropagation();
  }

  /** The one that is on gets the focus, or else the first. */
  function begin() {
    const first = box.value?.querySelector<HTMLElement>('[aria-checked=true]') ?? items()[0];
    first?.focus({ preventScroll: true });
  }
  return { key, begin };
}
