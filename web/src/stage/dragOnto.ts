/** Starts following a hand that may drag something onto a viewport other than its own: `over` hears of each viewport it comes over, `drop` of the one it ends on. */
export function dragOnto(
  e: PointerEvent,
  own: string,
  over: (view: string | null) => void,
  drop: (view: string) => void,
): void {
  if (e.button !== 0) return;
  const held = e.currentTarget as HTMLElement;
  const ends = new AbortController();
  const on = { signal: ends.signal };
  let moving = false;
  const at = (m: PointerEvent): string | null => {
    for (const f of document.querySelectorAll<HTMLElement>('[data-viewport]')) {
      const r = f.getBoundingClientRect();
      const inside = m.clientX >= r.left && m.clientX < r.right && m.clientY >= r.top && m.clientY < r.bottom;
      if (inside) return f.dataset.viewport === own ? null : f.dataset.viewport!;
    }
    return null;
  };
  const end = (view: string | null) => {
    ends.abort();
    over(null);
    if (!moving) return;
    // The click that follows belongs to the drag, not to the chip under it.
    const swallow = (c: Event) => c.stopPropagation();
    held.addEventListener('click', swallow, { capture: true, once: true });
    window.setTimeout(() => held.removeEventListener('click', swallow, { capture: true }), 50);
    if (view) drop(view);
  };
  window.addEventListener(
    'pointermove',
    (m) => {
      if (!moving && Math.hypot(m.clientX - e.clientX, m.clientY - e.clientY) < 6) return;
      if (!moving) held.setPointerCapture(e.pointerId);
      moving = true;
      over(at(m));
    },
    on,
  );
  window.addEventListener('pointerup', (u) => end(at(u)), on);
  window.addEventListener('pointercancel', () => end(null), on);
  window.addEventListener('keydown', (k) => k.key === 'Escape' && moving && end(null), { ...on, capture: true });
}
