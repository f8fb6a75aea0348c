/** What is done while a pressed pointer is followed. */
export interface Following {
  move?: (e: PointerEvent) => void;
  /** It was let go, or given up: by Escape, or because the system took the pointer away. */
  end: (e: PointerEvent | null) => void;
}

/** Follows a pointer from its press until it is let go, wherever it goes. */
export function followPointer(press: PointerEvent, { move, end }: Following): void {
  const ends = new AbortController();
  const on = { signal: ends.signal };
  const over = (e: PointerEvent | null) => {
    ends.abort();
    end(e);
  };
  const mine = (does: (e: PointerEvent) => void) => (e: PointerEvent) => e.pointerId === press.pointerId && does(e);
  if (move) window.addEventListener('pointermove', mine(move), on);
  window.addEventListener('pointerup', mine(over), on);
  window.addEventListener(
    'pointercancel',
    mine(() => over(null)),
    on,
  );
  window.addEventListener(
    'keydown',
    (k) => {
      if (k.key !== 'Escape') return;
      k.stopPropagation();
      over(null);
    },
    { ...on, capture: true },
  );
}
