import { say } from '../../words/say';

/** How long a field may take to appear before the keys that were meant for it are dropped, milliseconds. */
const PATIENCE_MS = 10_000;

/** A key that is no text, and how much had been typed before it. */
interface Pressed {
  after: number;
  init: KeyboardEventInit;
}

/** The field out of sight that takes keys while the one they are meant for is not there yet. */
let waiting: HTMLInputElement | null = null;
let pressed: Pressed[] = [];
let patience = 0;
/** What had the keyboard before. */
let before: Element | null = null;

/** Something that takes text is about to appear: from now on keys belong to it, however long the page needs to show it. */
export function expectField(): void {
  if (!waiting) {
    before = document.activeElement;
    pressed = [];
    waiting = document.createElement('input');
    waiting.className = 'out-of-sight';
    waiting.setAttribute('aria-label', say('type-ahead.keys-for-what-is-opening'));
    waiting.autocomplete = 'off';
    waiting.spellcheck = false;
    waiting.addEventListener('keydown', keep);
    document.body.append(waiting);
  }
  window.clearTimeout(patience);
  patience = window.setTimeout(drop, PATIENCE_MS);
  waiting.focus({ preventScroll: true });
}

function keep(e: KeyboardEvent): void {
  if (!waiting || e.isComposing || !/^(Enter|Escape|Tab|ArrowUp|ArrowDown)$/.test(e.key)) return;
  e.preventDefault();
  const { key, code, shiftKey, ctrlKey, altKey, metaKey } = e;
  pressed.push({
    after: waiting.value.length,
    init: { key, code, shiftKey, ctrlKey, altKey, metaKey, bubbles: true, cancelable: true },
  });
}

function drop(): void {
  window.clearTimeout(patience);
  waiting?.remove();
  waiting = null;
}

/** What has the keyboard, or had it before a field was expected. */
export function keyboardOwner(): Element | null {
  return waiting ? before : document.activeElement;
}

/** The field is there: it gets the keyboard and all that was typed for it. Gives false while it cannot take it yet. */
export function intoField(field: HTMLInputElement): boolean {
  const typed = waiting?.value ?? '';
  field.focus({ preventScroll: true });
  if (document.activeElement !== field) return false;
  if (!waiting) return true;
  drop();
  let done = 0;
  for (const p of [...pressed, { after: typed.length, init: null }]) {
    if (p.after > done) {
      field.setRangeText(typed.slice(done, p.after), field.selectionStart ?? 0, field.selectionEnd ?? 0, 'end');
      field.dispatchEvent(new Event('input', { bubbles: true }));
      done = p.after;
    }
    if (p.init) field.dispatchEvent(new KeyboardEvent('keydown', p.init));
  }
  return true;
}
