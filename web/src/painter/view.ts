import * as THREE from 'three';
import type { Core, ViewportSummary } from '../core';
import { GridLines } from './gridLines';
import { Ground } from './ground';
import { Icons } from './icons';
import { Models } from './models';
import { Outline } from './outline';
import { paletteOn, palettes, type Palette } from './palette';
import { Form, layersOf, type Drawn } from './passes';
import type { Through } from './runs';
import { Shadows } from './shadows';
import { SeeThrough } from './through';
import { PicturePlanes } from './pictures';

/** What the painter asks the core. */
export type PaintedCore = Pick<Core, 'meshes' | 'batches'> & { stage: Pick<Core['stage'], 'paint' | 'offscreen'> };

/** What a scene gives the painter, and is told by it. */
export interface Subject {
  core: PaintedCore;
  /** Address of a picture that lies behind views. */
  picture: (image: string) => string;
  /** An image has come. */
  imageLoaded: () => void;
  /** The browser has given a lost graphics context back. */
  /** The graphics card does not answer, and then it does again. */
  lost: () => void;
  restored: () => void;
  /** Something that pictures waited for is made. */
  came: () => void;
}

/** A view that is drawn. */
export interface Shown {
  /** View and projection matrix. */
  matrices: Float64Array<ArrayBuffer>;
  plan: Drawn;
  /** The viewport's; null for one that has neither edges nor grid. */
  number: number | null;
  /** CSS pixels. */
  height: number;
  /** Where it is drawn, in pixels of the canvas or of the image. */
  box: THREE.Vector4;
  into: THREE.WebGLRenderTarget | null;
  /** Another look than the viewport's own. */
  look?: string;
  /** How surfaces that let others through are drawn. */
  through: Through;
  /** Whether detail may be left out, and whether the marks of lights and cameras are drawn with it. */
  eased?: boolean;
  icons?: boolean;
}

/** Everything that a view shows, drawn in one pass. */
export class ViewDrawing {
  readonly camera = new THREE.Camera();
  readonly pixel = { value: 1 };
  readonly outline: Outline;
  models: Models | null = null;
  subject: Subject | null = null;
  /** Whether what takes long to make is made before anything is drawn, and not beside it. */
  atOnce = false;
  private readonly scene = new THREE.Scene();
  private readonly halfSize = new THREE.Vector2(1, 1);
  private readonly ink = { value: palettes.dusk.ink };
  private readonly grid: GridLines;
  private readonly ground: Ground;
  private readonly icons: Icons;
  private readonly shared = {
    opacity: { value: 1 },
    before: { value: null },
    peeling: { value: false },
    lamps: { value: new Float32Array(4) },
    shadow: { value: null },
  };
  readonly shadows = new Shadows(this.shared);
  private readonly seeThrough = new SeeThrough(this.shared);
  private pictures: PicturePlanes | null = null;
  /** The colours that everything has at the moment. */
  private on: Palette;

  constructor(
    private readonly renderer: THREE.WebGLRenderer,
    private palette: Palette,
  ) {
    this.on = palette;
    this.grid = new GridLines(palette, this.halfSize, this.pixel);
    this.grid.mesh.layers.set(Form.grid);
    this.ground = new Ground(palette);
    this.icons = new Icons(this.pixel, palette);
    this.outline = new Outline(this.pixel, palette.outline);
    this.scene.matrixWorldAutoUpdate = false;
    this.camera.matrixWorldAutoUpdate = false;
    this.scene.add(this.ground.mesh, this.grid.mesh, this.seeThrough.page, this.outline.page, this.icons.points);
  }

  get core(): Subject['core'] {
    if (!this.subject) throw new Error('There is no scene to draw.');
    return this.subject.core;
  }

  /** Draws in the colours of a theme from now on. */
  themed(palette: Palette): void {
    this.palette = palette;
    this.onto(palette);
  }

  private theme(palette: Palette): void {
    this.ink.value = palette.ink;
    this.models?.theme(palette);
    this.grid.theme(palette);
    this.ground.theme(palette);
    this.outline.tint(palette.outline);
    this.icons.theme(palette);
  }

  /** Lines and ground as this viewport's background wants them. */
  private onto(palette: Palette): void {
    if (palette === this.on) return;
    this.on = palette;
    this.theme(palette);
  }

  enter(subject: Subject): void {
    this.subject = subject;
    this.pictures = new PicturePlanes(subject.picture, subject.imageLoaded);
    this.scene.add(this.pictures.root);
  }

  leave(): void {
    this.close();
    if (this.pictures) {
      this.scene.remove(this.pictures.root);
      this.pictures.dispose();
    }
    this.pictures = this.subject = null;
  }

  /** Takes the scene that the core has open. */
  open(file: ArrayBuffer): void {
    this.close();
    const shared = { ...this.shared, ink: this.ink, pixel: this.pixel, halfSize: this.halfSize };
    const { core, imageLoaded, came } = this.subject!;
    this.models = new Models(core.meshes, core.batches, file, shared, this.on, imageLoaded, came);
    this.models.slices.atOnce = this.atOnce;
    this.scene.add(this.models.root);
  }

  private close(): void {
    if (!this.models) return;
    this.scene.remove(this.models.root);
    this.models.dispose();
    this.models = null;
    this.shadows.dispose();
  }

  setIcons({ number, rect }: ViewportSummary): void {
    this.icons.set(this.core.stage.paint.iconNumbers(number), rect.width, rect.height);
  }

  /** Draws the marks alone, over what is there. */
  drawIcons(view: ViewportSummary): void {
    this.setIcons(view);
    this.camera.layers.set(Form.icons);
    if (this.icons.points.visible) this.renderer.render(this.scene, this.camera);
  }

  /** Draws a view; gives false while something of it has not come. */
  paint({
    matrices,
    plan,
    number,
    height,
    box,
    into,
    through,
    look = '',
    eased = false,
    icons = false,
  }: Shown): boolean {
    const { batches } = this.core;
    const { paint } = this.core.stage;
    const r = this.renderer;
    this.camera.matrixWorldInverse.fromArray(matrices, 0);
    this.camera.projectionMatrix.fromArray(matrices, 16);
    this.halfSize.set(box.z / 2, box.w / 2);
    this.onto(paletteOn(this.palette, plan));
    let stale = false;
    if (plan.lit && number !== null && this.models) {
      stale = !this.shadows.prepare(r, this.scene, this.models, paint, number, look, eased && batches.quick());
      this.shared.lamps.value = paint.lights(number, look, matrices);
    }
    const complete =
      this.models?.prepare(matrices, number ?? -1, height, plan, eased, plan.through ? through : 'none', look) ?? false;
    // The plan says that the view is drawn in full; shadows that are out of date are not.
    if (stale) batches.owe(number!);
    this.grid.mesh.visible = plan.grid && number !== null;
    this.pictures!.show(number === null ? [] : paint.pictures(number));
    this.ground.under(this.pictures!.behind);
    if (this.grid.mesh.visible) this.grid.set(paint.gridNumbers(number!));
    const outlined = this.models?.outlined && plan.outline;
    if (outlined) this.outline.prepare(r, this.models!.masks, this.camera, box, batches);
    if (plan.through) {
      this.shared.opacity.value = plan.opacity;
      this.seeThrough.prepare(r, this.scene, this.camera, box, through);
    }
    this.camera.layers.disableAll();
    for (const layer of layersOf(plan)) this.camera.layers.enable(layer);
    if (outlined) this.camera.layers.enable(Form.outline);
    if (icons) this.camera.layers.enable(Form.icons);
    r.setRenderTarget(into);
    r.clear(false, true, false);
    r.render(this.scene, this.camera);
    return complete;
  }

  dispose(): void {
    this.leave();
    this.grid.dispose();
    this.ground.dispose();
    this.seeThrough.dispose();
    this.outline.dispose();
    this.icons.dispose();
  }
}
