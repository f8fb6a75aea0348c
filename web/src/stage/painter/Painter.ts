import * as THREE from 'three';
import type { Core, Frame, Rect } from '../../core';
import { copySmall, upright } from './copying';
import { GridLines } from './gridLines';
import { Ground } from './ground';
import { Icons } from './icons';
import { Models } from './models';
import { Outline } from './outline';
import type { Axes } from '../../theme/axes';
import { paletteOf, palettes } from './palette';
import { PicturePlanes } from './pictures';
import { Reduced } from './reduced';
import { Smoothed } from './smoothed';
import { noteProcessor, software } from './software';
import { Form, layersOf, type Drawn } from './passes';

export type Theme = keyof typeof palettes;

/** One canvas, a scissor rectangle per viewport; only viewports that changed are drawn, the others stay as they are. */
export class Painter {
  readonly stats = { frames: 0, lastFrameMs: 0, drawCalls: 0, triangles: 0 };
  private readonly renderer: THREE.WebGLRenderer;
  private readonly gl: WebGL2RenderingContext;
  private readonly scene = new THREE.Scene();
  private readonly camera = new THREE.Camera();
  private readonly halfSize = new THREE.Vector2(1, 1);
  private readonly pixel = { value: 1 };
  private readonly ink = { value: palettes.dusk.ink };
  private readonly grid: GridLines;
  private readonly ground: Ground;
  private readonly outline: Outline;
  private readonly pictures: PicturePlanes;
  private readonly icons: Icons;
  private readonly reduced = new Reduced();
  private readonly smoothed = new Smoothed();
  /** Whether what takes long to make is made before anything is drawn, and not beside it. */
  atOnce = false;
  /** Pixels that are drawn for each of the picture, along each side. */
  scale = 1;
  private models: Models | null = null;
  private palette = palettes.dusk;
  private width = 1;
  private height = 1;

  constructor(
    private readonly stage: Pick<Core, 'draw' | 'submit'>,
    canvas: HTMLCanvasElement,
    picture: (image: string) => string,
    private readonly imageLoaded: () => void,
    private readonly restored: () => void = imageLoaded,
    private readonly came: () => void = imageLoaded,
  ) {
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
    this.renderer.autoClear = false;
    this.renderer.info.autoReset = false;
    this.renderer.setScissorTest(true);
    this.grid = new GridLines(this.palette, this.halfSize, this.pixel);
    this.grid.mesh.layers.set(Form.grid);
    this.ground = new Ground(this.palette);
    this.pictures = new PicturePlanes(picture, imageLoaded);
    this.icons = new Icons(this.pixel, this.palette);
    this.outline = new Outline(this.pixel, this.palette.outline);
    // The browser gives a lost context back empty: everything is uploaded and drawn anew, at once.
    canvas.addEventListener('webglcontextlost', (e) => e.preventDefault());
    canvas.addEventListener('webglcontextrestored', () => {
      this.renderer.setScissorTest(true);
      this.resize(this.width, this.height, this.pixel.value);
      this.restored();
    });
    this.scene.matrixWorldAutoUpdate = false;
    this.camera.matrixWorldAutoUpdate = false;
    this.scene.add(this.ground.mesh, this.grid.mesh, this.pictures.root, this.outline.page, this.icons.points);
  }

  private get core() {
    return this.stage.draw;
  }

  theme(theme: Theme, axes: Axes): void {
    this.palette = paletteOf(theme, axes);
    this.ink.value = this.palette.ink;
    this.models?.theme(this.palette);
    this.grid.theme(this.palette);
    this.ground.theme(this.palette);
    this.outline.tint(this.palette.outline);
    this.icons.theme(this.palette);
  }

  /** Takes the scene that the core has open. */
  open(file: ArrayBuffer): void {
    this.close();
    const shared = { ink: this.ink, pixel: this.pixel, halfSize: this.halfSize };
    this.models = new Models(this.core, this.stage.submit, file, shared, this.palette, this.imageLoaded, this.came);
    this.models.slices.atOnce = this.atOnce;
    this.scene.add(this.models.root);
  }

  private close(): void {
    if (!this.models) return;
    this.scene.remove(this.models.root);
    this.models.dispose();
    this.models = null;
  }

  resize(width: number, height: number, ratio: number): void {
    this.width = width;
    this.height = height;
    this.pixel.value = ratio;
    this.renderer.setPixelRatio(ratio);
    this.renderer.setSize(width, height, false);
    this.outline.resize(Math.floor(width * ratio), Math.floor(height * ratio));
  }

  /** Objects were added, taken away, hidden or shown, or are made of other meshes. */
  restructured(): void {
    this.models?.sync();
  }

  moved(nodes: Int32Array<ArrayBuffer>): void {
    this.models?.moved(nodes);
  }

  /** Edges or coarser triangles have come. */
  geometryCame(): void {
    this.models?.sync();
  }

  /** Numbers of the selected nodes with all below them; `last` are those of the one selected last. */
  select(nodes: Set<number>, last: Set<number>): void {
    this.models?.select(nodes, last);
  }

  /** Draws viewports; gives the numbers of those in which something is missing that has not come yet. */
  draw(views: Frame[]): number[] {
    const started = performance.now();
    this.renderer.info.reset();
    const missing = views.filter((v) => v.shown && (!this.drawView(v) || !this.models)).map((v) => v.number);
    this.stats.frames++;
    this.stats.drawCalls = this.renderer.info.render.calls;
    this.stats.triangles = this.renderer.info.render.triangles;
    this.stats.lastFrameMs = performance.now() - started;
    return missing;
  }

  /** Empties the places between viewports after these have moved. */
  clear(): void {
    this.renderer.setViewport(0, 0, this.width, this.height);
    this.renderer.setScissor(0, 0, this.width, this.height);
    this.renderer.setClearColor(this.palette.between, 1);
    this.renderer.clear();
  }

  /** The place of a viewport in the canvas, which is drawn to from now on. */
  private place({ rect: { x, y, width, height } }: Frame): THREE.Vector4 {
    const bottom = this.height - y - height;
    this.renderer.setViewport(x, bottom, width, height);
    this.renderer.setScissor(x, bottom, width, height);
    return new THREE.Vector4(x, bottom, width, height).multiplyScalar(this.pixel.value).floor();
  }

  /** Whether edges are smoothed by several frames at rest: where it would cost too much to smooth each. */
  readonly smooths = software();

  /**
   * Draws one of the frames of which a picture with smooth edges is made.
   *
   * @returns whether it was the last, and the picture is shown
   */
  smooth(view: Frame, step: number): boolean {
    const box = this.place(view);
    const matrices = this.core.smoothMatrices(view.number, step, box.w);
    const frames = this.core.smoothFrames();
    const into = this.smoothed.begin(box.z, box.w);
    const plan = this.core.plan(view.number);
    this.paint(matrices, plan, view.number, view.rect.height, new THREE.Vector4(0, 0, box.z, box.w), into);
    this.smoothed.add(this.renderer, this.camera, step === 0, frames);
    this.renderer.setRenderTarget(null);
    if (step < frames - 1) return false;
    this.smoothed.show(this.renderer, this.camera);
    this.drawIcons(view);
    return true;
  }

  private drawView(view: Frame): boolean {
    const { height } = view.rect;
    const box = this.place(view);
    const plan = this.core.plan(view.number);
    const matrices = this.core.matrices(view.number);
    if (this.scale === 1) {
      this.setIcons(view);
      return this.paint(matrices, plan, view.number, height, box, null, { eased: true, icons: true });
    }
    const pixel = this.pixel.value;
    const [w, h] = [Math.round(box.z * this.scale), Math.round(box.w * this.scale)];
    // Lines keep their width on the screen.
    this.pixel.value = pixel * this.scale;
    const into = this.reduced.begin(w, h);
    const all = new THREE.Vector4(0, 0, w, h);
    const complete = this.paint(matrices, plan, view.number, height, all, into, { eased: true });
    this.pixel.value = pixel;
    this.reduced.enlarge(this.renderer, this.camera, w, h);
    this.drawIcons(view);
    return complete;
  }

  private setIcons({ number, rect }: Frame): void {
    this.icons.set(this.core.icons(number), rect.width, rect.height);
  }

  /** Draws the marks alone, over what is there. */
  private drawIcons(view: Frame): void {
    this.setIcons(view);
    this.camera.layers.set(Form.icons);
    if (this.icons.points.visible) this.renderer.render(this.scene, this.camera);
  }

  /** Paints one view into a rectangle of the canvas, or of an image; without a number it has neither edges nor grid. */
  private paint(
    matrices: Float64Array<ArrayBuffer>,
    plan: Drawn,
    number: number | null,
    height: number,
    box: THREE.Vector4,
    into: THREE.WebGLRenderTarget | null,
    how: { eased?: boolean; icons?: boolean } = {},
  ): boolean {
    const r = this.renderer;
    this.camera.matrixWorldInverse.fromArray(matrices, 0);
    this.camera.projectionMatrix.fromArray(matrices, 16);
    this.halfSize.set(box.z / 2, box.w / 2);
    const complete = this.models?.prepare(matrices, number ?? -1, height, how.eased ?? false) ?? false;
    this.grid.mesh.visible = plan.grid && number !== null;
    this.pictures.show(number === null ? [] : this.core.pictures(number));
    this.ground.under(this.pictures.behind);
    if (this.grid.mesh.visible) this.grid.set(this.core.grid(number!));
    const outlined = this.models?.outlined && plan.outline;
    if (outlined) this.outline.prepare(r, this.models!.masks, this.camera, box, this.stage.submit);
    this.camera.layers.disableAll();
    for (const layer of layersOf(plan)) this.camera.layers.enable(layer);
    if (outlined) this.camera.layers.enable(Form.outline);
    if (how.icons) this.camera.layers.enable(Form.icons);
    r.setRenderTarget(into);
    r.clear(false, true, false);
    r.render(this.scene, this.camera);
    return complete;
  }

  /**
   * Paints a view into an image of its own.
   *
   * @param what matrices; the number of the viewport whose way of drawing it takes, or null for plain shading
   * @param ratio pixels of the image for a CSS pixel: lines keep their width on the screen
   */
  image(
    what: { matrices: Float64Array<ArrayBuffer>; number: number | null; overlays: boolean },
    width: number,
    height: number,
    ratio: number,
  ): ImageData {
    const plain = { surfaces: true, edges: 'none', grid: false, outline: false } as const;
    const drawn = what.number === null ? plain : this.core.plan(what.number);
    const plan = what.overlays ? drawn : { ...drawn, grid: false, outline: false };
    const samples = what.number === null || software() ? 0 : 4;
    const target = new THREE.WebGLRenderTarget(width, height, { depthBuffer: true, samples });
    const pixel = this.pixel.value;
    this.pixel.value = ratio;
    if (plan.outline) this.outline.resize(width, height);
    // Nothing will come later: it is drawn once.
    if (this.models) this.models.slices.atOnce = true;
    this.paint(what.matrices, plan, what.number, height / ratio, new THREE.Vector4(0, 0, width, height), target);
    if (this.models) this.models.slices.atOnce = this.atOnce;
    if (plan.outline) this.outline.resize(Math.floor(this.width * pixel), Math.floor(this.height * pixel));
    this.pixel.value = pixel;
    const pixels = new Uint8ClampedArray(width * height * 4);
    this.renderer.readRenderTargetPixels(target, 0, 0, width, height, pixels);
    this.renderer.setRenderTarget(null);
    target.dispose();
    return new ImageData(upright(pixels, width, height), width, height);
  }

  /** What the canvas shows in a rectangle, in CSS pixels, made small; the page does not wait for the graphics card. */
  copy(rect: Rect, width: number, height: number, timed?: <T>(step: () => T) => T): Promise<ImageData | null> {
    const k = this.pixel.value;
    // The part of it that has the picture's shape, from its middle.
    const scale = Math.min(rect.width / width, rect.height / height);
    const [w, h] = [width * scale, height * scale];
    const x = rect.x + (rect.width - w) / 2;
    const y = this.height - rect.y - (rect.height + h) / 2;
    return copySmall(this.gl, { x: x * k, y: y * k, width: w * k, height: h * k }, width, height, timed);
  }

  dispose(): void {
    this.close();
    this.grid.dispose();
    this.ground.dispose();
    this.pictures.dispose();
    this.outline.dispose();
    this.icons.dispose();
    this.reduced.dispose();
    this.smoothed.dispose();
    this.renderer.dispose();
  }
}
