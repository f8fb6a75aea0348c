import type { InputReceiver } from '../../core';

/** Pixels from an edge at which the pointer can go no farther. */
const EDGE = 2;

/** Whether the pointer has come to the edge of the screen, or without a pressed button to that of the window. */
function atEdge(e: PointerEvent): boolean {
  const s = window.screen as Screen & { availLeft?: number; availTop?: number };
  const left = s.availLeft ?? 0;
  const top = s.availTop ?? 0;
  const screenEdge =
    e.screenX <= left + EDGE ||
    e.screenY <= top + EDGE ||
    e.screenX >= left + s.availWidth - 1 - EDGE ||
    e.screenY >= top + s.availHeight - 1 - EDGE;
  const windowEdge =
    e.clientX <= EDGE ||
    e.clientY <= EDGE ||
    e.clientX >= window.innerWidth - 1 - EDGE ||
    e.clientY >= window.innerHeight - 1 - EDGE;
  return screenEdge || (e.buttons === 0 && windowEdge);
}

/** Sends what a pointer does to an element until it is let go; a browser that holds the pointer already does so by itself. */
export function capture(element: Element, pointer: number): void {
  if (document.pointerLockElement) return;
  try {
    element.setPointerCapture(pointer);
  } catch {
    // A pointer that is simulated belongs to nothing that could be held.
  }
}

/** Holds the pointer for the core while it wants that, so that drags never end at an edge; where the browser refuses, they do. */
export class PointerHold {
  private x = 0;
  private y = 0;
  private refused = false;
  private leaving = false;

  /** `broken` is called when somebody else let the pointer go while the core still wanted it. */
  constructor(
    private readonly input: InputReceiver,
    private readonly canvas: HTMLElement,
    broken: () => void,
    on: AddEventListenerOptions,
  ) {
    document.addEventListener(
      'pointerlockchange',
      () => {
        this.input.locked(this.held);
        if (!this.held && !this.leaving && this.input.lockWanted() !== 0 && document.hasFocus()) broken();
        this.leaving = false;
      },
      on,
    );
  }

  get held(): boolean {
    return document.pointerLockElement === this.canvas;
  }

  /** Where the hand is on the canvas: on and on while the pointer is held. */
  place(e: MouseEvent): [number, number] {
    if (this.held) {
      this.x += e.movementX;
      this.y += e.movementY;
    } else {
      const box = this.canvas.getBoundingClientRect();
      this.x = e.clientX - box.left;
      this.y = e.clientY - box.top;
    }
    return [this.x, this.y];
  }

  /** Takes or gives back the pointer, as the core wants it now. */
  follow(e?: PointerEvent): void {
    const wanted = this.input.lockWanted();
    if (wanted === 0) {
      this.refused = false;
      if (this.held) {
        this.leaving = true;
        document.exitPointerLock();
      }
    } else if (!this.held && !this.refused && (wanted === 2 || (e && e.pointerType === 'mouse' && atEdge(e)))) {
      this.refused = true;
      // Older engines answer without a promise.
      Promise.resolve(this.canvas.requestPointerLock() as unknown).then(
        () => undefined,
        () => undefined,
      );
    }
  }
}
