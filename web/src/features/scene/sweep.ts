import { followPointer } from '../../stage/input/followPointer';
import type { Run } from '../../stage/open/run';

/** Switches that a press sets, and sets alike in every row it sweeps over: one step that can be undone. */
export class Sweep {
  private on: { what: string; value: boolean } | null = null;

  constructor(private readonly run: Run) {}

  /** A press on a switch of a row. */
  press(e: PointerEvent, what: string, value: boolean, set: (value: boolean) => void): void {
    if (e.button !== 0) return;
    e.preventDefault();
    (e.target as HTMLElement).releasePointerCapture?.(e.pointerId);
    this.on = { what, value };
    this.run('edit.sweep', { on: true });
    set(value);
    followPointer(e, {
      end: () => {
        this.on = null;
        this.run('edit.sweep', { on: false });
      },
    });
  }

  /** The hand comes over the same switch of another row. */
  over(what: string, set: (value: boolean) => void): void {
    if (this.on?.what === what) set(this.on.value);
  }
}
