import { mount } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, h } from 'vue';
import { coreKey } from '../src/core';
import { useDrag } from '../src/stage/input/drag';

const THRESHOLD = 4;
const at = vi.fn(() => 'there');
const over = vi.fn();
const drop = vi.fn();
const clicked = vi.fn();

const Held = defineComponent(() => {
  const drag = useDrag();
  return () => h('button', { onPointerdown: (e: PointerEvent) => drag(e, { at, over, drop }), onClick: clicked });
});

describe('dragging something onto something else', () => {
  const core = { stage: { input: { dragThreshold: () => THRESHOLD } } };
  let held: HTMLElement;
  let unmount: () => void;
  const fire = (on: EventTarget, type: string, x = 0) =>
    on.dispatchEvent(new PointerEvent(type, { pointerId: 1, clientX: x, clientY: 0, bubbles: true, detail: 1 }));
  beforeEach(() => {
    vi.clearAllMocks();
    const w = mount(Held, { attachTo: document.body, global: { provide: { [coreKey as symbol]: core } } });
    held = w.element as HTMLElement;
    held.setPointerCapture = () => undefined;
    unmount = () => w.unmount();
  });
  afterEach(() => unmount());

  it('begins at the threshold of the core, and drops where the pointer is let go', () => {
    fire(held, 'pointerdown');
    fire(window, 'pointermove', THRESHOLD - 1);
    expect(over).not.toHaveBeenCalled();
    fire(window, 'pointermove', THRESHOLD);
    expect(over).toHaveBeenCalledWith('there');
    fire(window, 'pointerup', THRESHOLD);
    expect(drop).toHaveBeenCalledWith('there');
    fire(held, 'click');
    expect(clicked).not.toHaveBeenCalled();
  });

  it('is a click where the hand did not move', () => {
    fire(held, 'pointerdown');
    fire(window, 'pointerup');
    fire(held, 'click');
    expect(drop).not.toHaveBeenCalled();
    expect(clicked).toHaveBeenCalledOnce();
  });

  it('is given up by Escape, and the button that comes up later does nothing; the next press is heard again', () => {
    fire(held, 'pointerdown');
    fire(window, 'pointermove', 20);
    window.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }));
    expect(over).toHaveBeenLastCalledWith(undefined);
    fire(window, 'pointerup', 20);
    fire(held, 'click');
    expect(drop).not.toHaveBeenCalled();
    expect(clicked).not.toHaveBeenCalled();
    fire(held, 'pointerdown');
    fire(window, 'pointerup');
    fire(held, 'click');
    expect(clicked).toHaveBeenCalledOnce();
  });

  it('follows no other finger', () => {
    fire(held, 'pointerdown');
    window.dispatchEvent(new PointerEvent('pointermove', { pointerId: 2, clientX: 90 }));
    window.dispatchEvent(new PointerEvent('pointerup', { pointerId: 2, clientX: 90 }));
    expect(over).not.toHaveBeenCalled();
    fire(window, 'pointermove', 20);
    expect(over).toHaveBeenCalled();
  });
});
