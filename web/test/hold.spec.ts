import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { InputReceiver } from '../src/core';
import { capture, PointerHold } from '../src/stage/input/hold';

const core = { lockWanted: vi.fn(() => 0), locked: vi.fn() };

/** A canvas that the document can hold the pointer to, as a browser does. */
function stageWithLock() {
  const canvas = document.createElement('canvas');
  let holder: Element | null = null;
  Object.defineProperty(document, 'pointerLockElement', { configurable: true, get: () => holder });
  const change = (to: Element | null) => {
    holder = to;
    document.dispatchEvent(new Event('pointerlockchange'));
  };
  canvas.requestPointerLock = vi.fn(() => {
    change(canvas);
    return Promise.resolve();
  }) as never;
  document.exitPointerLock = vi.fn(() => change(null));
  document.hasFocus = () => true;
  return { canvas, change };
}

function mouse(x: number, y: number, more: Partial<PointerEvent> = {}): PointerEvent {
  return {
    pointerType: 'mouse',
    buttons: 2,
    clientX: x,
    clientY: y,
    screenX: x,
    screenY: y,
    movementX: 0,
    movementY: 0,
    ...more,
  } as PointerEvent;
}

describe('holding the pointer', () => {
  const ends = new AbortController();
  let broken: () => void;
  let stage: ReturnType<typeof stageWithLock>;
  let hold: PointerHold;

  beforeEach(() => {
    broken = vi.fn();
    stage = stageWithLock();
    core.lockWanted.mockReturnValue(0);
    Object.defineProperty(window, 'screen', {
      configurable: true,
      value: { availLeft: 0, availTop: 0, availWidth: 1280, availHeight: 800 },
    });
    hold = new PointerHold(core as unknown as InputReceiver, stage.canvas, broken, { signal: ends.signal });
  });
  afterEach(() => core.locked.mockClear());

  it('asks for a drag only where the screen ends, and for a walk at once', () => {
    core.lockWanted.mockReturnValue(1);
    hold.follow(mouse(600, 400));
    expect(stage.canvas.requestPointerLock).not.toHaveBeenCalled();
    hold.follow(mouse(1279, 400));
    expect(stage.canvas.requestPointerLock).toHaveBeenCalledOnce();
    core.lockWanted.mockReturnValue(0);
    hold.follow();
    expect(document.exitPointerLock).toHaveBeenCalledOnce();
    expect(broken).not.toHaveBeenCalled();
    core.lockWanted.mockReturnValue(2);
    hold.follow();
    expect(stage.canvas.requestPointerLock).toHaveBeenCalledTimes(2);
  });

  it('goes on from where the pointer stood while it is held', () => {
    expect(hold.place(mouse(100, 50))).toEqual([100, 50]);
    core.lockWanted.mockReturnValue(2);
    hold.follow();
    expect(core.locked).toHaveBeenLastCalledWith(true);
    expect(hold.place(mouse(100, 50, { movementX: 3000, movementY: -2 }))).toEqual([3100, 48]);
    expect(hold.place(mouse(100, 50, { movementX: -10, movementY: 1 }))).toEqual([3090, 49]);
  });

  it('tells when somebody else lets the pointer go', () => {
    core.lockWanted.mockReturnValue(2);
    hold.follow();
    stage.change(null);
    expect(broken).toHaveBeenCalledOnce();
  });

  it('does not ask again in one drag after the browser refused', () => {
    stage.canvas.requestPointerLock = vi.fn(() => Promise.reject(new Error('no'))) as never;
    core.lockWanted.mockReturnValue(1);
    hold.follow(mouse(0, 400));
    hold.follow(mouse(0, 401));
    expect(stage.canvas.requestPointerLock).toHaveBeenCalledOnce();
  });

  it('captures a pointer only while the browser does not hold it already', () => {
    const element = document.createElement('div');
    element.setPointerCapture = vi.fn();
    capture(element, 4);
    expect(element.setPointerCapture).toHaveBeenCalledWith(4);
    stage.change(stage.canvas);
    capture(element, 5);
    expect(element.setPointerCapture).toHaveBeenCalledOnce();
  });
});
