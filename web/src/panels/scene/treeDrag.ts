import { ref } from 'vue';
import type { Listed } from '../../core';

/** Dragging rows onto another row, to hang what they name below it, or onto the empty rest for the top of the tree. */
export function treeDrag(
  drop: (dragged: Listed, onto: Listed | null) => void,
  at: (e: PointerEvent) => Listed | null | undefined,
) {
  const over = ref<string | null | undefined>(undefined);

  function press(e: PointerEvent, object: Listed) {
    if (e.button !== 0 || e.pointerType === 'touch') return;
    const ends = new AbortController();
    let moving = false;
    const end = (u: PointerEvent | null) => {
      ends.abort();
      const onto = u && moving ? at(u) : undefined;
      over.value = undefined;
      if (!moving) return;
      // The click that follows a drag is none.
      window.addEventListener('click', (c) => c.stopPropagation(), { capture: true, once: true });
      if (onto !== undefined && onto?.id !== object.id) drop(object, onto);
    };
    window.addEventListener(
      'pointermove',
      (m) => {
        moving ||= Math.hypot(m.clientX - e.clientX, m.clientY - e.clientY) > 6;
        const onto = moving ? at(m) : undefined;
        over.value = onto === undefined ? undefined : (onto?.id ?? null);
      },
      { signal: ends.signal },
    );
    window.addEventListener('pointerup', end, { signal: ends.signal });
    window.addEventListener('pointercancel', () => end(null), { signal: ends.signal });
    window.addEventListener('keydown', (k) => k.key === 'Escape' && moving && end(null), {
      signal: ends.signal,
      capture: true,
    });
  }
  return { over, press };
}
