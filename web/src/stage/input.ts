import * as core from '../core';
import { modifiersOf } from './modifiers';

/** Whether an element takes typed text, so that keys belong to it. */
function takesText(e: EventTarget | null): boolean {
  return e instanceof HTMLElement && (e.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(e.tagName));
}

/** Keys that a focused button, list or menu answers itself. */
function belongsToWidget(e: KeyboardEvent, stage: HTMLElement): boolean {
  if (!(e.target instanceof HTMLElement) || e.target === document.body || stage.contains(e.target)) return false;
  if (e.target.closest('[role=dialog],[role=menu]')) return true;
  return /^(Enter|Space|Tab|Arrow\w+|Home|End|PageUp|PageDown|Escape)$/.test(e.code);
}

/** Forwards pointer, wheel and keys to the core. Nothing is decided here; `after` draws what came of it. */
export function forwardInput(canvas: HTMLElement, stage: HTMLElement, after: (coreMs: number) => void): () => void {
  const ends = new AbortController();
  const on = { signal: ends.signal };

  function timed(action: () => void) {
    const start = performance.now();
    action();
    after(performance.now() - start);
  }

  function point(e: MouseEvent): [number, number] {
    const box = canvas.getBoundingClientRect();
    return [e.clientX - box.left, e.clientY - box.top];
  }

  function pointer(e: PointerEvent) {
    if (!e.isPrimary) return;
    const [x, y] = point(e);
    timed(() => core.pointer(x, y, e.type === 'pointercancel' ? 0 : e.buttons, modifiersOf(e), e.timeStamp));
  }

  canvas.addEventListener(
    'pointerdown',
    (e) => {
      e.preventDefault();
      canvas.focus({ preventScroll: true });
      canvas.setPointerCapture(e.pointerId);
      pointer(e);
    },
    on,
  );
  // What was clicked elsewhere keeps the keyboard until the hand comes back to the viewports; what was reached by the
  // keyboard, and a text field, keep it for good.
  canvas.addEventListener(
    'pointerenter',
    () => {
      const holder = document.activeElement;
      if (!holder || takesText(holder) || holder.closest('[role=dialog],[role=menu]')) return;
      if (!holder.matches(':focus-visible')) canvas.focus({ preventScroll: true });
    },
    on,
  );
  canvas.addEventListener('pointermove', pointer, on);
  canvas.addEventListener('pointerup', pointer, on);
  canvas.addEventListener('pointercancel', pointer, on);
  canvas.addEventListener('pointerleave', () => timed(() => core.pointerLeft()), on);
  canvas.addEventListener('contextmenu', (e) => e.preventDefault(), on);
  // A middle press would start the browser's own scrolling, a side button would leave the page.
  for (const type of ['mousedown', 'mouseup', 'auxclick'] as const) {
    canvas.addEventListener(type, (e) => e.button > 0 && e.preventDefault(), on);
  }
  canvas.addEventListener(
    'wheel',
    (e) => {
      const [x, y] = point(e);
      timed(() => {
        if (core.wheel(x, y, e.deltaY, e.deltaMode, modifiersOf(e), e.timeStamp)) e.preventDefault();
      });
    },
    { ...on, passive: false },
  );
  window.addEventListener(
    'keydown',
    (e) => {
      if (takesText(e.target) || belongsToWidget(e, stage) || e.isComposing) return;
      timed(() => {
        if (core.keyDown(e.code, modifiersOf(e), e.repeat, e.timeStamp)) e.preventDefault();
      });
    },
    on,
  );
  window.addEventListener(
    'keyup',
    (e) => {
      timed(() => {
        if (core.keyUp(e.code, modifiersOf(e), e.timeStamp)) e.preventDefault();
      });
    },
    on,
  );
  window.addEventListener('blur', () => timed(() => core.blur()), on);
  return () => ends.abort();
}
