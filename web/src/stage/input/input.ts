import type { InputReceiver } from '../../core';
import { capture, PointerHold } from './hold';
import { modifiersOf } from './modifiers';
import { toStage } from '../../shared/focus/toStage';
import { dialogOpen, escapeDialog } from '../../shared/focus/dialogFocus';

/** Whether an element takes typed text, so that keys belong to it. */
function takesText(e: EventTarget | null): boolean {
  if (e instanceof HTMLInputElement && /^(checkbox|radio|button)$/.test(e.type)) return false;
  return e instanceof HTMLElement && (e.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(e.tagName));
}

/** Keys that a focused button, list or menu answers itself. */
function belongsToWidget(e: KeyboardEvent, stage: HTMLElement): boolean {
  if (!(e.target instanceof HTMLElement) || e.target === document.body || stage.contains(e.target)) return false;
  if (e.target.closest('[role=dialog],[role=menu]')) return true;
  return /^(Enter|Space|Tab|Arrow\w+|Home|End|PageUp|PageDown|Escape)$/.test(e.code);
}

/** Forwards pointer, touch, pen, wheel and keys to the core. Nothing is decided here; `after` draws what came of it. */
export function forwardInput(
  input: InputReceiver,
  canvas: HTMLElement,
  stage: HTMLElement,
  after: (coreMs: number, came: number) => void,
): () => void {
  const ends = new AbortController();
  const on = { signal: ends.signal };
  // The browser lets a held pointer go by Escape without telling the page of the key.
  const hold = new PointerHold(input, canvas, () => key('Escape'), on);

  /** What a browser gathered for one event came with the first of it. */
  function firstOf(e: Event): number {
    return (e instanceof PointerEvent && e.getCoalescedEvents?.()[0]?.timeStamp) || e.timeStamp;
  }

  function timed(action: () => void, e?: Event) {
    const start = performance.now();
    action();
    after(performance.now() - start, e ? firstOf(e) : start);
    hold.follow(e instanceof PointerEvent && e.pointerType !== 'touch' ? e : undefined);
  }

  function key(code: string) {
    timed(() => {
      input.keyDown(code, 0, false, performance.now());
      input.keyUp(code, 0, performance.now());
    });
  }

  function pointer(e: PointerEvent) {
    if (e.pointerType === 'touch') {
      touch(e);
      return;
    }
    if (!e.isPrimary) return;
    const [x, y] = hold.place(e);
    const buttons = e.type === 'pointercancel' ? 0 : e.buttons;
    timed(() => input.pointer(x, y, buttons, modifiersOf(e), e.pointerType === 'pen', e.timeStamp), e);
  }

  function touch(e: PointerEvent) {
    const box = canvas.getBoundingClientRect();
    const x = e.clientX - box.left;
    const y = e.clientY - box.top;
    timed(() => {
      if (e.type === 'pointerdown') input.touchDown(e.pointerId, x, y, e.timeStamp);
      else if (e.type === 'pointermove') input.touchMove(e.pointerId, x, y, e.timeStamp);
      else input.touchUp(e.pointerId, x, y, e.type === 'pointercancel', e.timeStamp);
    }, e);
  }

  canvas.addEventListener(
    'pointerdown',
    (e) => {
      e.preventDefault();
      canvas.focus({ preventScroll: true });
      capture(canvas, e.pointerId);
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
  // A key held while the pointer moves goes on past the canvas, where no button holds the pointer to it.
  window.addEventListener(
    'pointermove',
    (e) => {
      if (e.target === canvas || (e.pointerType === 'mouse' && input.lockWanted() !== 0)) pointer(e);
    },
    on,
  );
  // A motion that was picked up by a click is put down by a press anywhere.
  window.addEventListener('pointerdown', (e) => e.target !== canvas && input.lockWanted() === 1 && pointer(e), {
    ...on,
    capture: true,
  });
  canvas.addEventListener('pointerup', pointer, on);
  canvas.addEventListener('pointercancel', pointer, on);
  canvas.addEventListener('pointerleave', (e) => e.pointerType !== 'touch' && timed(() => input.pointerLeft()), on);
  canvas.addEventListener('contextmenu', (e) => e.preventDefault(), on);
  // A middle press would start the browser's own scrolling, a side button would leave the page.
  for (const type of ['mousedown', 'mouseup', 'auxclick'] as const) {
    canvas.addEventListener(type, (e) => e.button > 0 && e.preventDefault(), on);
  }
  canvas.addEventListener(
    'wheel',
    (e) => {
      const box = canvas.getBoundingClientRect();
      timed(() => {
        const x = e.clientX - box.left;
        const y = e.clientY - box.top;
        if (input.wheel(x, y, e.deltaX, e.deltaY, e.deltaMode, modifiersOf(e), e.timeStamp)) e.preventDefault();
      }, e);
    },
    { ...on, passive: false },
  );
  window.addEventListener(
    'keydown',
    (e) => {
      if (e.isComposing || e.defaultPrevented) return;
      if (takesText(e.target)) {
        // A field that the hand has done with: the viewports have the keyboard again.
        if (e.key === 'Escape' && !dialogOpen()) toStage();
        return;
      }
      if (belongsToWidget(e, stage)) return;
      if (dialogOpen()) {
        if (e.key === 'Escape') escapeDialog();
        return;
      }
      timed(() => {
        if (input.keyDown(e.code, modifiersOf(e), e.repeat, e.timeStamp)) e.preventDefault();
      }, e);
    },
    on,
  );
  window.addEventListener(
    'keyup',
    (e) => {
      timed(() => {
        if (input.keyUp(e.code, modifiersOf(e), e.timeStamp)) e.preventDefault();
      }, e);
    },
    on,
  );
  const lost = () => timed(() => input.blur());
  window.addEventListener('blur', lost, on);
  document.addEventListener('visibilitychange', () => document.hidden && lost(), on);
  // While a field has the keyboard, what keys do in the viewports is not told.
  let typed = false;
  const typing = () => {
    const now = takesText(document.activeElement);
    if (now === typed) return;
    typed = now;
    timed(() => input.typing(now));
  };
  document.addEventListener('focusin', typing, on);
  document.addEventListener('focusout', () => queueMicrotask(typing), on);
  return () => ends.abort();
}
