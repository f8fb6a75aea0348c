import * as core from '../core';
import { Changed } from '../core';
import type { useStage } from '../stores/stage';
import type { Painter } from './painter/Painter';

type StageStore = ReturnType<typeof useStage>;

/** Carries what the core says has changed to the painter, the panels and whoever keeps it; sleeps while nothing does. */
export class Loop {
  coreMsPerEvent = 0;
  /** Called with the bits of each frame. */
  onChange: (bits: number) => void = () => {};
  /** Called when nothing moves any more. */
  onRest: () => void = () => {};
  /** When something was drawn last, in the time of {@link performance.now}. */
  lastDrawn = 0;
  private events = 0;
  private frame = 0;
  private pending = 0;
  /** Whether what was drawn last had everything that belongs into it. */
  complete = false;
  private running = true;
  private painter: Painter | null = null;

  constructor(private readonly store: StageStore) {}

  attach(painter: Painter | null): void {
    this.painter = painter;
  }

  /** Something may have changed: look at it with the next frame. */
  wake(coreMs?: number): void {
    if (coreMs !== undefined) {
      this.events++;
      this.coreMsPerEvent += (coreMs - this.coreMsPerEvent) / this.events;
    }
    if (!this.frame && this.running) this.frame = requestAnimationFrame((t) => this.step(t));
  }

  private step(time: number): void {
    this.frame = 0;
    core.tick(time);
    this.pending |= core.takeChanges();
    const bits = this.pending;
    this.pending = 0;
    if (bits) this.carry(bits);
    if (core.animating()) this.wake();
    else if (bits) this.onRest();
  }

  private carry(bits: number): void {
    if (bits & Changed.structure) this.painter?.restructured();
    if (bits & Changed.scene) this.painter?.moved(core.takeMoved());
    this.store.refresh(bits);
    if (bits & Changed.selection) this.showSelection();
    const views = this.store.views.filter((v) => bits & (1 << v.number));
    if (this.painter && bits & Changed.layout) this.painter.clear();
    const drawn = bits & Changed.layout ? this.store.views : views;
    if (this.painter && drawn.length > 0) {
      this.complete = this.painter.draw(drawn);
      this.lastDrawn = performance.now();
    }
    this.onChange(bits);
  }

  private showSelection(): void {
    this.painter?.select(new Set(core.selectedNodes(false)), new Set(core.selectedNodes(true)));
  }

  /** Draws everything anew. */
  redraw(): void {
    this.pending |= Changed.views | Changed.layout | Changed.selection | Changed.readout;
    this.wake();
  }

  /** Whether nothing glides, nothing waits to be drawn, and what was drawn was complete. */
  get idle(): boolean {
    return !this.frame && !core.animating() && this.complete;
  }

  stop(): void {
    this.running = false;
    cancelAnimationFrame(this.frame);
  }
}
