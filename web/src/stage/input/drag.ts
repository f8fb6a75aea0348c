import { useCore } from '../../core';
import { followPointer } from './followPointer';

/** What a drag tells: where it is over, and where it was let go. */
export interface Drag<T> {
  /** What lies under the pointer; undefined for nothing that takes what is dragged. */
  at: (e: PointerEvent) => T | undefined;
  /** It has come over something else, or has ended. */
  over: (where: T | undefined) => void;
  drop: (where: T) => void;
}

/**
 * Follows a hand that has pressed something and may drag it onto something else. Escape and a lost pointer give it up; the
 * click that follows a drag is none.
 */
export function useDrag(): <T>(e: PointerEvent, drag: Drag<T>) => void {
  const core = useCore();
  return (e, { at, over, drop }) => {
    if (e.button !== 0) return;
    const held = e.currentTarget as HTMLElement;
    const threshold = core.stage.input.dragThreshold();
    let moving = false;
    followPointer(e, {
      move: (m) => {
        if (!moving && Math.hypot(m.clientX - e.clientX, m.clientY - e.clientY) < threshold) return;
        if (!moving) held.setPointerCapture(e.pointerId);
        moving = true;
        over(at(m));
      },
      end: (u) => {
        const where = moving && u ? at(u) : undefined;
        over(undefined);
        if (!moving) return;
        swallowClick(held);
        if (where !== undefined) drop(where);
      },
    });
  };
}

/** A click that the pointer makes before its next press belongs to the drag, also where the button comes up after Escape. */
function swallowClick(held: HTMLElement): void {
  const ends = new AbortController();
  const on = { capture: true, signal: ends.signal };
  held.addEventListener('click', (c) => c.detail > 0 && c.stopPropagation(), on);
  window.addEventListener('pointerdown', () => ends.abort(), on);
}

/** The viewport under a pointer, other than one's own. */
export function viewportAt(own: string): (e: PointerEvent) => string | undefined {
  return (e) => {
    for (const f of document.querySelectorAll<HTMLElement>('[data-viewport]')) {
      const r = f.getBoundingClientRect();
      const inside = e.clientX >= r.left && e.clientX < r.right && e.clientY >= r.top && e.clientY < r.bottom;
      if (inside) return f.dataset.viewport === own ? undefined : f.dataset.viewport;
    }
    return undefined;
  };
}
