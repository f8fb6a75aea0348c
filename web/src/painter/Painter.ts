import * as THREE from 'three';
import type { ViewportSummary, DrawPlan, PixelRect } from '../core';
import type { Axes } from '../shared/theme/axes';
import type { Theme } from '../shared/theme/theme';
import { copySmall, upright } from './copying';
import { PLAIN } from './passes';
import { paletteOf, palettes } from './palette';
import { PortholeDrawing } from './porthole';
import { Reduced } from './reduced';
import type { Through } from './runs';
import { Smoothed } from './smoothed';
import { noteProcessor, software } from './software';
import { ViewDrawing, type Subject } from './view';
import { Warmth } from './warm';

/** After so many frames what there is of a picture that is made of several is shown. */
const SHOWN_EVERY = 16;

/** How often it is looked whether a picture is there, milliseconds. */
const FENCE_MS = 4;

/** One canvas, a scissor rectangle per viewport; only viewports that changed are drawn, the others stay as they are. */
export class Painter {
  readonly stats = { frames: 0, lastFrameMs: 0, drawCalls: 0, triangles: 0 };
  private readonly renderer: THREE.WebGLRenderer;
  private readonly gl: WebGL2RenderingContext;
  private readonly view: ViewDrawing;
  private readonly reduced = new Reduced();
  private readonly smoothed = new Smoothed();
  private readonly porthole = new PortholeDrawing(palettes.dusk);
  /** Pixels that are drawn for each of the picture, along each side. */
  scale = 1;
  private palette = palettes.dusk;
  private warmth: Warmth | null = null;
  private width = 1;
  private height = 1;

  constructor(readonly canvas: HTMLCanvasElement) {
    this.renderer = new THREE.WebGLRenderer({
      canvas,
      alpha: false,
      antialias: !software(),
      preserveDrawingBuffer: true,
      powerPreference: 'high-performance',
    });
    this.gl = this.renderer.getContext() as WebGL2RenderingContext;
    noteProcessor(this.gl);
    // Asking for a shader's errors waits for it to be compiled; while developing that is worth it.
    this.renderer.debug.checkShaderErrors = import.meta.env.DEV;
    // Shaders write the colours of the screen, into images too: one program does for both.
    this.renderer.outputColorSpace = THREE.LinearSRGBColorSpace;
    this.renderer.autoClear = false;
    this.renderer.info.autoReset = false;
    this.renderer.setScissorTest(true);
    this.view = new ViewDrawing(this.renderer, this.palette);
    // The browser gives a lost context back empty: everything is uploaded and drawn anew, at once.
    canvas.addEventListener('webglcontextlost', (e) => {
      e.preventDefault();
      this.view.subject?.lost();
    });
    canvas.addEventListener('webglcontextrestored', () => {
      this.renderer.setScissorTest(true);
      this.view.shadows.forget();
      this.resize(this.width, this.height, this.view.pixel.value);
      this.view.subject?.restored();
    });
  }

  private get core() {
    return this.view.core;
  }

  /** Has programs made that most scenes need, so that none of these waits for them; once. */
  warm(): void {
    if (this.warmth) return;
    this.warmth = new Warmth(this.renderer, this.palette);
    void this.warmth.first(() => this.view.subject === null);
  }

  /** Goes a step towards having the programs of all looks; gives false when there is nothing left to do. */
  warmer(): boolean {
    return this.warmth?.more() ?? false;
  }

  /** Draws this scene from now on. */
  enter(subject: Subject): void {
    if (this.view.subject) this.leave(this.view.subject);
    this.view.enter(subject);
  }

  /** Lets go of a scene, if it is still the one that is drawn. */
  leave(subject: Subject): void {
    if (this.view.subject !== subject) return;
    this.view.leave();
    this.smoothed.release();
    this.scale = 1;
    this.clear();
  }

  theme(theme: Theme, axes: Axes): void {
    this.palette = paletteOf(theme, axes);
    this.view.themed(this.palette);
    this.porthole.theme(this.palette);
  }

  /** Whether what takes long to make is made before anything is drawn, and not beside it. */
  set atOnce(atOnce: boolean) {
    this.view.atOnce = atOnce;
  }

  /** Takes the scene that the core has open. */
  open(file: ArrayBuffer): void {
    this.view.open(file);
  }

  resize(width: number, height: number, ratio: number): void {
    this.width = width;
    this.height = height;
    this.view.pixel.value = ratio;
    this.renderer.setPixelRatio(ratio);
    this.renderer.setSize(width, height, false);
    this.view.outline.resize(Math.floor(width * ratio), Math.floor(height * ratio));
  }

  /** Objects were added, taken away, hidden or shown, or are made of other meshes. */
  restructured(): void {
    this.view.models?.sync();
  }

  moved(nodes: Int32Array<ArrayBuffer>): void {
    this.view.models?.moved(nodes);
  }

  /** Edges or coarser triangles have come. */
  geometryCame(): void {
    this.view.models?.sync();
  }

  /** Numbers of the selected nodes with all below them; `last` are those of the one selected last. */
  select(nodes: Set<number>, last: Set<number>): void {
    this.view.models?.select(nodes, last);
  }

  /** Draws viewports, and tells how long it took until they were there; gives the numbers of those in which something is missing that has not come yet. */
  draw(views: ViewportSummary[], there: (ms: number) => void = () => undefined): number[] {
    const started = performance.now();
    this.renderer.info.reset();
    const missing = views.filter((v) => v.shown && !this.drawView(v)).map((v) => v.number);
    this.stats.frames++;
    this.stats.drawCalls = this.renderer.info.render.calls;
    this.stats.triangles = this.renderer.info.render.triangles;
    this.untilThere(started, views.length, there);
    return missing;
  }

  /** Whether it is being waited for a picture to be there: what asks for its pixels would wait as well. */
  waiting = false;
  /** How long the last drawing took until it was there, milliseconds for each of its viewports. */
  perView = 0;

  /** The processor has done with a picture long before it is drawn: how long that took is known once its fence is passed. */
  private untilThere(started: number, views: number, there: (ms: number) => void): void {
    const sync = this.waiting ? null : this.gl.fenceSync(this.gl.SYNC_GPU_COMMANDS_COMPLETE, 0);
    if (!sync) return;
    this.waiting = true;
    this.gl.flush();
    const look = () => {
      if (!this.gl.isContextLost() && this.gl.getSyncParameter(sync, this.gl.SYNC_STATUS) !== this.gl.SIGNALED) {
        window.setTimeout(look, FENCE_MS);
        return;
      }
      this.waiting = false;
      this.gl.deleteSync(sync);
      this.stats.lastFrameMs = performance.now() - started;
      this.perView = this.stats.lastFrameMs / Math.max(1, views);
      there(this.stats.lastFrameMs);
    };
    window.setTimeout(look, 0);
  }

  /** Empties the places between viewports after these have moved. */
  clear(): void {
    this.renderer.setViewport(0, 0, this.width, this.height);
    this.renderer.setScissor(0, 0, this.width, this.height);
    this.renderer.setClearColor(this.palette.between, 1);
    this.renderer.clear();
  }

  /** The place of a viewport in the canvas, which is drawn to from now on. */
  private place({ rect: { x, y, width, height } }: ViewportSummary): THREE.Vector4 {
    const bottom = this.height - y - height;
    this.renderer.setViewport(x, bottom, width, height);
    this.renderer.setScissor(x, bottom, width, height);
    return new THREE.Vector4(x, bottom, width, height).multiplyScalar(this.view.pixel.value).floor();
  }

  /** Whether edges are smoothed by several frames at rest: where it would cost too much to smooth each. */
  private readonly smoothsAll = software();

  /** Whether a viewport's picture is made of several frames at rest: for its edges, or for the depth of field of a lens. */
  smooths(view: number): boolean {
    return this.smoothsAll || this.core.stage.paint.plan(view, '').field;
  }

  /** Whether that is worth waiting for: it shows more than edges. */
  waits(view: number): boolean {
    return this.core.stage.paint.plan(view, '').field;
  }

  /**
   * Draws one of the frames of which a picture with smooth edges is made.
   *
   * @returns whether it was the last; what there is of the picture is shown now and then
   */
  smooth(view: ViewportSummary, step: number): boolean {
    const box = this.place(view);
    const { number } = view;
    const into = this.smoothed.begin(box.z, box.w);
    this.view.paint({
      matrices: this.core.stage.offscreen.smoothMatrices(number, step, box.w),
      plan: this.core.stage.paint.plan(number, ''),
      number,
      height: view.rect.height,
      box: new THREE.Vector4(0, 0, box.z, box.w),
      into,
      through: 'peeled',
    });
    const frames = this.core.stage.offscreen.frames(number);
    this.smoothed.add(this.renderer, this.view.camera, step === 0, frames);
    this.renderer.setRenderTarget(null);
    if ((step + 1) % SHOWN_EVERY) return false;
    this.smoothed.show(this.renderer, this.view.camera, frames / (step + 1));
    this.finish(view, this.core.stage.paint.plan(number, ''), box);
    return step === frames - 1;
  }

  /** How surfaces that let others through are drawn in this frame. */
  private get through(): Through {
    return this.view.core.batches.quick() ? 'weighted' : 'peeled';
  }

  private drawView(view: ViewportSummary): boolean {
    const box = this.place(view);
    const { number } = view;
    const shown = {
      matrices: this.core.stage.offscreen.matrices(number),
      plan: this.core.stage.paint.plan(number, ''),
      number,
      height: view.rect.height,
      eased: true,
      through: this.through,
    };
    if (this.scale === 1) {
      this.view.setIcons(view);
      const complete = this.view.paint({ ...shown, box, into: null, icons: !shown.plan.hole });
      return shown.plan.hole ? this.finish(view, shown.plan, box) && complete : complete;
    }
    const pixel = this.view.pixel.value;
    const [w, h] = [Math.round(box.z * this.scale), Math.round(box.w * this.scale)];
    // Lines keep their width on the screen.
    this.view.pixel.value = pixel * this.scale;
    const into = this.reduced.begin(w, h);
    const complete = this.view.paint({ ...shown, box: new THREE.Vector4(0, 0, w, h), into });
    this.view.pixel.value = pixel;
    this.reduced.enlarge(this.renderer, this.view.camera, w, h);
    return this.finish(view, shown.plan, box) && complete;
  }

  /** What lies over the picture of a view: the Porthole, then marks; gives false while something of it has not come. */
  private finish(view: ViewportSummary, plan: DrawPlan, box: THREE.Vector4): boolean {
    const complete = this.porthole.draw(this.renderer, this.view, this.core, view, plan, box, this.through);
    this.view.drawIcons(view);
    return complete;
  }

  /**
   * Paints a view into an image of its own.
   *
   * @param what matrices; the number of the viewport whose look it takes where no other is named, or null for plain shading
   * @param ratio pixels of the image for a CSS pixel: lines keep their width on the screen
   */
  image(
    what: { matrices: Float64Array<ArrayBuffer>; number: number | null; overlays: boolean; look?: string },
    width: number,
    height: number,
    ratio: number,
  ): ImageData {
    const { matrices, number, look = '' } = what;
    const { view } = this;
    const drawn = number === null ? PLAIN : this.core.stage.paint.plan(number, look);
    const plan = what.overlays ? drawn : { ...drawn, grid: false, outline: false };
    const samples = number === null || software() ? 0 : 4;
    const into = new THREE.WebGLRenderTarget(width, height, { depthBuffer: true, samples });
    const pixel = view.pixel.value;
    view.pixel.value = ratio;
    if (plan.outline) view.outline.resize(width, height);
    // Nothing will come later: it is drawn once.
    if (view.models) view.models.slices.atOnce = true;
    const box = new THREE.Vector4(0, 0, width, height);
    view.paint({ matrices, plan, number, height: height / ratio, box, into, through: 'peeled', look });
    if (view.models) view.models.slices.atOnce = view.atOnce;
    if (plan.outline) view.outline.resize(Math.floor(this.width * pixel), Math.floor(this.height * pixel));
    view.pixel.value = pixel;
    const pixels = new Uint8ClampedArray(width * height * 4);
    this.renderer.readRenderTargetPixels(into, 0, 0, width, height, pixels);
    this.renderer.setRenderTarget(null);
    into.dispose();
    return new ImageData(upright(pixels, width, height), width, height);
  }

  /** What the canvas shows in a rectangle, in CSS pixels, made small; the page does not wait for the graphics card. */
  copy(rect: PixelRect, width: number, height: number, timed?: <T>(step: () => T) => T): Promise<ImageData | null> {
    const k = this.view.pixel.value;
    // The part of it that has the picture's shape, from its middle.
    const scale = Math.min(rect.width / width, rect.height / height);
    const [w, h] = [width * scale, height * scale];
    const x = rect.x + (rect.width - w) / 2;
    const y = this.height - rect.y - (rect.height + h) / 2;
    return copySmall(this.gl, { x: x * k, y: y * k, width: w * k, height: h * k }, width, height, timed);
  }

  dispose(): void {
    this.view.dispose();
    this.reduced.dispose();
    this.smoothed.dispose();
    this.porthole.dispose();
    this.renderer.dispose();
  }
}
