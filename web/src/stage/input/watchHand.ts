import { onBeforeUnmount, type Ref } from 'vue';
import { useCore } from '../../core';
import { modifiersOf } from './modifiers';

/**
 * Lets the core watch what a hand does on an element and on the keyboard, until it is decided.
 *
 * @param decided asks the core, and answers whether that was it
 */
export function useWatchedHand(pad: Ref<HTMLElement | undefined>, decided: () => boolean) {
  const core = useCore();
  let ends = new AbortController();
  let timer = 0;

  function look() {
    if (decided()) stop();
  }

  function finger(e: PointerEvent) {
    const { pointerId: id, clientX: x, clientY: y, timeStamp: t } = e;
    if (e.type === 'pointerdown') core.stage.input.touchDown(id, x, y, t);
    else if (e.type === 'pointermove') core.stage.input.touchMove(id, x, y, t);
    else core.stage.input.touchUp(id, x, y, e.type === 'pointercancel', t);
  }

  function watch() {
    stop();
    core.stage.input.capture(true);
    ends = new AbortController();
    const on = { signal: ends.signal };
    const pointer = (e: PointerEvent) => {
      e.preventDefault();
      if (e.pointerType === 'touch') finger(e);
      else {
        const pen = e.pointerType === 'pen';
        core.stage.input.pointer(e.clientX, e.clientY, e.buttons, modifiersOf(e), pen, e.timeStamp);
      }
      look();
    };
    const area = pad.value!;
    area.focus();
    area.addEventListener('pointerdown', (e) => area.setPointerCapture(e.pointerId), on);
    for (const type of ['pointerdown', 'pointermove', 'pointerup', 'pointercancel'] as const)
      area.addEventListener(type, pointer, on);
    area.addEventListener('contextmenu', (e) => e.preventDefault(), on);
    area.addEventListener(
      'wheel',
      (e) => {
        e.preventDefault();
        core.stage.input.wheel(0, 0, e.deltaX, e.deltaY, e.deltaMode, modifiersOf(e), e.timeStamp);
        look();
      },
      { ...on, passive: false },
    );
    const key = (e: KeyboardEvent) => {
      // Tab goes on through the page, and the core says so.
      if (e.code !== 'Tab') {
        e.preventDefault();
        e.stopImmediatePropagation();
      }
      if (e.type === 'keydown') core.stage.input.keyDown(e.code, modifiersOf(e), e.repeat, e.timeStamp);
      else core.stage.input.keyUp(e.code, modifiersOf(e), e.timeStamp);
      look();
    };
    area.addEventListener('keydown', key, on);
    area.addEventListener('keyup', key, on);
    timer = window.setInterval(() => {
      core.tick(performance.now());
      look();
    }, 60);
  }

  function stop() {
    core.stage.input.capture(false);
    ends.abort();
    window.clearInterval(timer);
  }

  onBeforeUnmount(stop);
  return { watch, stop };
}
