import type { StageChanges, Core, ViewportSummary } from '../../core';
import type { useStage } from './store';
import type { Painter } from '../../painter/Painter';
import { Smoothing } from './smoothing';

type StageStore = ReturnType<typeof useStage>;

/** So long, milliseconds, what comes after the first picture waits for it. */
const LONGEST_MS = 3000;

/** Carries what the core says has changed to the painter, the panels and whoever keeps it; sleeps while nothing does. */
export class Loop {
  coreMsPerEvent = 0;
  /** Called with what has changed, each frame in which something has. */
  onChange: (changed: StageChanges) => void = () => {};
  /** Called when nothing moves any more. */
  onRest: () => void = () => {};
  /** When something was drawn last, in the time of {@link performance.now}. */
  lastDrawn = 0;
  private events = 0;
  private frame = 0;
  private redrawn = false;
  /** Whether what was drawn last had everything that belongs into it. */
  complete = false;
  private running = true;
  /** Whether anything has changed since all rested. */
  private lively = false;
  readonly smoothing = new Smoothing(() => this.painter);
  /** When the next frame was asked for. */
  private asked = 0;
  private finishing = 0;
  /** Whether there is a scene to draw; an empty stage is not worth the time in which one comes. */
  begun = false;
  /** Whether viewports are drawn one a frame, the active one first: what is there first can be looked at and turned first. */
  oneByOne = false;
  /** Viewports that are still to be drawn, and those in whose pictures something is missing. */
  private waiting = new Set<number>();
  private missing = new Set<number>();
  /** Whether any viewport has been drawn with all that belongs into it. */
  any = false;
  private resting = 0;
  private shown: () => void = () => {};
  private painter: Painter | null = null;

  constructor(
    private readonly core: Core,
    private readonly store: StageStore,
  ) {}

  attach(painter: Painter | null): void {
    this.painter = painter;
  }

  /** Something may have changed: look at it with the next frame. What led to it came at some time, now if that is not told. */
  wake(coreMs?: number, came = performance.now()): void {
    this.smoothing.stop();
    if (coreMs !== undefined) {
      this.events++;
      this.coreMsPerEvent += (coreMs - this.coreMsPerEvent) / this.events;
    }
    if (this.frame || !this.running) return;
    this.asked = came;
    this.frame = requestAnimationFrame((t) => this.step(t));
  }

  private step(time: number): void {
    this.frame = 0;
    this.core.tick(time);
    const changed = this.all(this.core.stage.takeChanges());
    if (changed || this.waiting.size) this.carry(changed ?? { views: [], marks: false, topics: [] }, time);
    else this.store.catchUp();
    this.lively ||= !!changed;
    if (this.core.stage.animating() || this.waiting.size || this.store.behind()) this.wake();
    else if (this.lively) {
      this.lively = false;
      this.onRest();
    }
    if (changed) this.finish();
    if (!this.frame && this.begun)
      this.smoothing.start(() => this.store.views.filter((v) => v.shown && !this.missing.has(v.number)));
  }

  /**
   * What was drawn with less detail while it moved is drawn in full once it does not. Where frames are slow, a hand's next event comes
   * with the next frame that the browser has room for, so the rest is counted from there.
   */
  private finish(): void {
    this.unrest();
    const wait = this.core.batches.finishIn();
    if (wait < 0) return;
    const whole = () => {
      this.core.batches.finish();
      this.wake();
    };
    if (wait === 0) whole();
    else {
      this.resting = requestAnimationFrame(() => {
        this.resting = requestAnimationFrame(() => {
          this.finishing = window.setTimeout(whole, wait);
        });
      });
    }
  }

  private unrest(): void {
    window.clearTimeout(this.finishing);
    cancelAnimationFrame(this.resting);
  }

  /** What has changed, and everything where the page itself wants all of it drawn again. */
  private all(changed: StageChanges | null): StageChanges | null {
    if (!this.redrawn) return changed;
    this.redrawn = false;
    const topics = new Set<StageChanges['topics'][number]>([
      ...(changed?.topics ?? []),
      'layout',
      'selection',
      'readout',
    ]);
    return { views: this.core.stage.views.all().map((v) => v.number), marks: true, topics: [...topics] };
  }

  private carry(changed: StageChanges, time: number): void {
    const { topics } = changed;
    if (topics.includes('structure')) this.painter?.restructured();
    if (topics.includes('scene')) this.painter?.moved(this.core.stage.takeMoved());
    this.store.refresh(changed);
    if (topics.includes('selection')) this.showSelection();
    const layout = topics.includes('layout');
    if (this.painter && layout) this.painter.clear();
    const drawn = this.begun ? this.next(layout, changed.views) : [];
    if (this.painter && drawn.length > 0) {
      this.painter.scale = this.core.batches.frame(time, this.asked);
      const whole = this.core.batches.eased() === '';
      const missing = this.painter.draw(drawn, (ms) => {
        if (whole) this.core.batches.tookInFull(ms / drawn.length);
      });
      for (const v of drawn) {
        this.smoothing.drawn(v.number);
        if (missing.includes(v.number)) this.missing.add(v.number);
        else this.missing.delete(v.number);
        this.any ||= v.shown && !this.missing.has(v.number);
      }
      this.complete = this.missing.size === 0 && this.waiting.size === 0;
      this.store.eased = this.core.batches.eased();
      this.lastDrawn = performance.now();
      this.shown();
    }
    if (changed.marks)
      for (const v of this.store.views) if (v.shown && !drawn.includes(v)) this.core.batches.owe(v.number);
    this.onChange(changed);
  }

  /** The viewports to draw in this frame. */
  private next(all: boolean, some: number[]): ViewportSummary[] {
    for (const n of some) this.waiting.add(n);
    const views = this.store.views.filter((v) => all || this.waiting.has(v.number));
    this.waiting.clear();
    if (all) this.missing.clear();
    if (!this.oneByOne || views.length < 2) return views;
    const shown = views.filter((v) => v.shown).sort((a, b) => Number(b.active) - Number(a.active));
    for (const v of shown.slice(1)) this.waiting.add(v.number);
    return shown.slice(0, 1);
  }

  /** Something has come that pictures waited for. */
  came(): void {
    for (const n of this.missing) this.waiting.add(n);
    if (this.waiting.size) this.wake();
  }

  /** Waits until something was drawn and there is room for the next frame; not for long, since hidden pages draw nothing. */
  async afterDrawing(): Promise<void> {
    const drawn = new Promise<void>((done) => (this.shown = done));
    const next = drawn.then(() => new Promise((done) => requestAnimationFrame(done)));
    await Promise.race([next, new Promise((done) => window.setTimeout(done, LONGEST_MS))]);
  }

  private showSelection(): void {
    this.painter?.select(
      new Set(this.core.stage.contents.selectedNodes(false)),
      new Set(this.core.stage.contents.selectedNodes(true)),
    );
  }

  /** Draws everything anew. */
  redraw(): void {
    this.redrawn = true;
    this.wake();
  }

  /** Whether nothing glides, nothing waits to be drawn, and what was drawn was complete. */
  get idle(): boolean {
    return !this.frame && !this.core.stage.animating() && this.complete && this.core.batches.finishIn() < 0;
  }

  stop(): void {
    this.running = false;
    cancelAnimationFrame(this.frame);
    this.smoothing.stop();
    this.unrest();
  }
}
