import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { InputReceiver } from '../src/core';
import { forwardInput } from '../src/stage/input/input';

const SHIFT = 1;
const CTRL = 2;

/** Everything that came in, in order. */
function listener() {
  const told: unknown[][] = [];
  const answers = { wheel: true, keyDown: true, keyUp: false, lockWanted: 0 };
  const input = new Proxy({} as InputReceiver, {
    get: (_, name: string) =>
      vi.fn((...args: unknown[]) => {
        if (name !== 'lockWanted') told.push([name, ...args]);
        return answers[name as keyof typeof answers];
      }),
  });
  return { input, told, answers };
}

describe('events on their way to the core', () => {
  let stage: HTMLElement;
  let canvas: HTMLCanvasElement;
  let end: () => void;
  const drawn = vi.fn();
  let { input, told, answers } = listener();

  beforeEach(() => {
    ({ input, told, answers } = listener());
    drawn.mockClear();
    stage = document.body.appendChild(document.createElement('div'));
    canvas = stage.appendChild(document.createElement('canvas'));
    canvas.getBoundingClientRect = () => ({ left: 100, top: 40, width: 800, height: 600 }) as DOMRect;
    canvas.setPointerCapture = vi.fn();
    end = forwardInput(input, canvas, stage, drawn);
  });
  afterEach(() => {
    end();
    document.body.replaceChildren();
  });

  function pointer(type: string, x: number, y: number, more: PointerEventInit = {}) {
    const e = new PointerEvent(type, {
      bubbles: true,
      cancelable: true,
      isPrimary: true,
      pointerType: 'mouse',
      clientX: x,
      clientY: y,
      ...more,
    });
    canvas.dispatchEvent(e);
    return e;
  }

  it('gives points from the top left of the stage, with the buttons and modifiers there were', () => {
    pointer('pointerdown', 150, 90, { buttons: 2, shiftKey: true });
    pointer('pointermove', 160, 95, { buttons: 2, ctrlKey: true });
    pointer('pointerup', 160, 95, { buttons: 0 });
    expect(told.map((t) => t.slice(0, 6))).toEqual([
      ['pointer', 50, 50, 2, SHIFT, false],
      ['pointer', 60, 55, 2, CTRL, false],
      ['pointer', 60, 55, 0, 0, false],
    ]);
    expect(drawn).toHaveBeenCalledTimes(3);
  });

  it('tells a pen from a mouse, and fingers one by one', () => {
    pointer('pointermove', 110, 50, { pointerType: 'pen' });
    pointer('pointerdown', 120, 60, { pointerType: 'touch', pointerId: 7 });
    pointer('pointermove', 130, 70, { pointerType: 'touch', pointerId: 7 });
    pointer('pointercancel', 130, 70, { pointerType: 'touch', pointerId: 7 });
    expect(told.map((t) => t.filter((_, i) => i !== t.length - 1))).toEqual([
      ['pointer', 10, 10, 0, 0, true],
      ['touchDown', 7, 20, 20],
      ['touchMove', 7, 30, 30],
      ['touchUp', 7, 30, 30, true],
    ]);
  });

  it('lets a button go when the browser takes the pointer away', () => {
    pointer('pointercancel', 150, 90, { buttons: 2 });
    expect(told[0]!.slice(0, 4)).toEqual(['pointer', 50, 50, 0]);
  });

  it('keeps from the page only what the core has answered', () => {
    const wheel = () => {
      const e = new WheelEvent('wheel', { bubbles: true, cancelable: true, deltaY: 100 });
      // The page of the tests forgets where a wheel turned.
      Object.defineProperties(e, { clientX: { value: 150 }, clientY: { value: 90 } });
      canvas.dispatchEvent(e);
      return e.defaultPrevented;
    };
    expect(wheel()).toBe(true);
    answers.wheel = false;
    expect(wheel()).toBe(false);
    expect(told[0]!.slice(0, 6)).toEqual(['wheel', 50, 50, 0, 100, 0]);
  });

  function key(target: EventTarget, code: string, more: KeyboardEventInit = {}) {
    const e = new KeyboardEvent('keydown', { bubbles: true, cancelable: true, code, ...more });
    target.dispatchEvent(e);
    return e.defaultPrevented;
  }

  it('takes keys from everywhere but from where they are typed or belong to a control', () => {
    expect(key(document.body, 'KeyF')).toBe(true);
    const text = document.body.appendChild(document.createElement('input'));
    expect(key(text, 'KeyF')).toBe(false);
    const button = document.body.appendChild(document.createElement('button'));
    expect(key(button, 'Enter')).toBe(false);
    expect(key(button, 'KeyF')).toBe(true);
    const dialog = document.body.appendChild(document.createElement('div'));
    dialog.setAttribute('role', 'dialog');
    expect(key(dialog.appendChild(document.createElement('button')), 'KeyF')).toBe(false);
    expect(told.map((t) => t[1])).toEqual(['KeyF', 'KeyF']);
  });

  it('tells nothing any more once it has ended', () => {
    end();
    pointer('pointerdown', 150, 90, { buttons: 1 });
    key(document.body, 'KeyF');
    window.dispatchEvent(new Event('blur'));
    expect(told).toEqual([]);
  });
});
