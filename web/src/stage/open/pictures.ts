import { inject, ref, type InjectionKey } from 'vue';
import type { Core, PixelRect, TrailEntry, ViewportSummary } from '../../core';
import type { Painter } from '../../painter/Painter';

/** Size of a small picture, pixels; 3:2 like a viewport of the four. */
export const SMALL = { width: 132, height: 88 };
const KEPT = 1200;

function idle(what: () => void) {
  // Not every browser can tell when it has nothing to do.
  const ask = (window as { requestIdleCallback?: Window['requestIdleCallback'] }).requestIdleCallback;
  if (ask) ask.call(window, what, { timeout: 1500 });
  else window.setTimeout(what, 30);
}

/** Pixels as an address of themselves. */
function address(pixels: ImageData): string {
  const out = document.createElement('canvas');
  out.width = pixels.width;
  out.height = pixels.height;
  out.getContext('2d', { willReadFrequently: true })!.putImageData(pixels, 0, 0);
  return out.toDataURL('image/jpeg', 0.75);
}

/** Small pictures of views: copies of what was drawn, and drawings of what is not on the stage; made while nothing else happens. */
export class Pictures {
  /** Counts up whenever there is a new one. */
  readonly version = ref(0);
  /** The longest a step of copying has kept the page from other things, milliseconds. */
  longest = 0;
  private readonly trail = new Map<string, string>();
  private readonly wanted = new Map<string, () => unknown>();
  private waiting = false;

  constructor(
    private readonly core: Core,
    private readonly painter: () => Painter | null,
    private readonly still: () => boolean,
  ) {}

  /** The stage has come to rest: viewports that stand at a new entry of their Trail are copied. */
  rest(views: ViewportSummary[]): void {
    for (const v of views) {
      const name = v.shown ? this.core.stage.viewport.trail(v.id)?.name : undefined;
      const key = `${v.key}/${name}`;
      if (name !== undefined && !this.trail.has(key)) this.want(key, () => this.copyNow(key, v.id, name));
    }
  }

  private async copyNow(key: string, view: string, name: number) {
    const v = this.core.stage.views.all().find((each) => each.id === view);
    const painter = this.painter();
    if (!v?.shown || !painter || this.core.stage.viewport.trail(view)?.name !== name) return;
    const pixels = await this.timed(() => painter.copy(v.rect, SMALL.width, SMALL.height, this.timed));
    // Fetching came in one idle moment, packing comes in another.
    if (pixels) idle(() => this.timed(() => this.keep(key, address(pixels))));
  }

  /** Does something that cannot be interrupted, and remembers the longest. */
  private readonly timed = <T>(step: () => T): T => {
    const start = performance.now();
    const result = step();
    this.longest = Math.max(this.longest, performance.now() - start);
    return result;
  };

  private keep(key: string, picture: string) {
    this.trail.set(key, picture);
    if (this.trail.size > KEPT) this.trail.delete(this.trail.keys().next().value!);
    this.version.value++;
  }

  /** The picture of an entry of a Trail; one that was never drawn on this page is drawn small, and comes later. */
  ofTrail(view: ViewportSummary, entry: TrailEntry, index: number): string | undefined {
    const key = `${view.key}/${entry.name}`;
    const have = this.trail.get(key);
    if (!have) {
      this.want(key, () => {
        const drawn = this.draw(view.id, '', index);
        if (drawn) this.keep(key, drawn);
      });
    }
    return have;
  }

  /** Draws what a choice would show. `done` is called when it is there; asking again for the same key replaces it. */
  ofChoice(view: string, choice: string, done: (picture: string) => void): void {
    this.want(`choice/${choice}`, () => {
      const drawn = this.draw(view, choice, -1);
      if (drawn) done(drawn);
    });
  }

  /** Draws a viewport with another look, as {@link ofChoice}. */
  ofLook(view: ViewportSummary, look: string, done: (picture: string) => void): void {
    this.want(`choice/look/${look}`, () => {
      const painter = this.painter();
      if (!painter) return;
      const matrices = this.core.stage.offscreen.wholeMatrices(view.number, SMALL.width / SMALL.height);
      const what = { matrices, number: view.number, overlays: false, look };
      done(address(painter.image(what, SMALL.width, SMALL.height, 0.5)));
    });
  }

  private draw(view: string, choice: string, trail: number): string | null {
    const matrices = this.core.stage.offscreen.pictureMatrices(view, choice, trail, SMALL.width / SMALL.height);
    const painter = this.painter();
    if (!matrices || !painter) return null;
    return address(painter.image({ matrices, number: null, overlays: false }, SMALL.width, SMALL.height, 1));
  }

  /** A viewport, or the whole stage, as it is on the screen. */
  async now(rect: PixelRect, size = SMALL): Promise<string | null> {
    const pixels = await this.painter()?.copy(rect, size.width, size.height);
    return pixels ? address(pixels) : null;
  }

  /** What is no longer looked at need not be drawn. */
  forgetChoices(): void {
    for (const key of this.wanted.keys()) if (key.startsWith('choice/')) this.wanted.delete(key);
  }

  private want(key: string, make: () => unknown) {
    this.wanted.set(key, make);
    this.later();
  }

  /** One picture each time the browser has nothing to do, and none while something moves. */
  private later() {
    if (this.waiting || this.wanted.size === 0) return;
    this.waiting = true;
    idle(() => {
      this.waiting = false;
      const next = this.wanted.entries().next().value;
      // What was asked for may have been given up meanwhile.
      if (!next) return;
      if (this.still()) {
        const [key, make] = next;
        this.wanted.delete(key);
        void make();
        this.later();
      } else {
        window.setTimeout(() => this.later(), 120);
      }
    });
  }
}

export const picturesKey: InjectionKey<() => Pictures> = Symbol('pictures');

/** The pictures of the scene that is open. */
export function usePictures(): Pictures | null {
  return inject(picturesKey, null)?.() ?? null;
}
