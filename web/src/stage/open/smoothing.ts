import type { ViewportSummary } from '../../core';
import type { Painter } from '../../painter/Painter';

/** So long after the last event, milliseconds, a hand is taken to be looking. */
const LOOKING_MS = 1200;

/** Between steps of making other looks ready, milliseconds. */
const WARM_MS = 500;

/** Where a frame takes longer, milliseconds, the hand that comes back would have to wait for it: such pictures stay as they are. */
const TOO_LONG_MS = 400;
const TOO_LONG_FOR_A_LENS_MS = 1500;

/** What is done while nothing happens, one frame after the other, until the first event: edges are smoothed, other looks made ready. */
export class Smoothing {
  private timer = 0;
  private frame = 0;
  /** Viewports whose pictures are smooth. */
  private readonly done = new Set<number>();

  constructor(private readonly painter: () => Painter | null) {}

  /** How many viewports' pictures are smooth, or stay as they are. */
  get count(): number {
    return this.done.size;
  }

  /** A viewport was drawn as it moves, or changed. */
  drawn(view: number): void {
    this.done.delete(view);
  }

  /** Nothing happens any more. */
  start(views: () => ViewportSummary[]): void {
    this.stop();
    this.timer = window.setTimeout(() => this.next(views), LOOKING_MS);
  }

  stop(): void {
    window.clearTimeout(this.timer);
    cancelAnimationFrame(this.frame);
  }

  /** The viewport that is looked at first, then the others. */
  private next(views: () => ViewportSummary[]): void {
    const painter = this.painter();
    const left = views().filter((v) => !this.done.has(v.number) && painter?.smooths(v.number));
    const view = left.find((v) => v.active) ?? left[0];
    if (view) this.step(view, 0, views);
    else this.warm();
  }

  /** When all is drawn and the hand still looks, what other looks need is made, a little at a time. */
  private warm(): void {
    this.timer = window.setTimeout(() => {
      if (this.painter()?.warmer()) this.warm();
    }, WARM_MS);
  }

  /** Frames come one by one, each when the browser has room for it. */
  private step(view: ViewportSummary, step: number, views: () => ViewportSummary[], before = Infinity): void {
    this.frame = requestAnimationFrame((time) => {
      const painter = this.painter();
      if (!painter) return;
      const longest = painter.waits(view.number) ? TOO_LONG_FOR_A_LENS_MS : TOO_LONG_MS;
      if (time - before > longest || painter.perView > longest || painter.smooth(view, step)) {
        this.done.add(view.number);
        this.next(views);
      } else this.step(view, step + 1, views, time);
    });
  }
}
