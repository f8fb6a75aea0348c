/** How far a pressed hand must move before it drags, pixels. */
const SLOP = 6;

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
export function drag<T>(e: PointerEvent, { at, over, drop }: Drag<T>): void {
  if (e.button !== 0) return;
  const held = e.currentTarget as HTMLElement;
  const ends = new AbortController();
  const on = { signal: ends.signal };
  let moving = false;

  function end(where: T | undefined) {
    ends.abort();
    over(undefined);
    if (!moving) return;
    const swallow = (c: Event) => c.stopPropagation();
    held.addEventListener('click', swallow, { capture: true, once: true });
    window.setTimeout(() => held.removeEventListener('click', swallow, { capture: true }), 50);
    if (where !== undefined) drop(where);
  }

  window.addEventListener(
    'pointermove',
    (m) => {
      if (!moving && Math.hypot(m.clientX - e.clientX, m.clientY - e.clientY) < SLOP) return;
      if (!moving) held.setPointerCapture(e.pointerId);
      moving = true;
      over(at(m));
    },
    on,
  );
  window.addEventListener('pointerup', (u) => end(moving ? at(u) : undefined), on);
  window.addEventListener('pointercancel', () => end(undefined), on);
  window.addEventListener('keydown', (k) => k.key === 'Escape' && moving && end(undefined), { ...on, capture: true });
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
