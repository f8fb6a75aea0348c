import { DoubleSide, FrontSide, type Material, type Object3D } from 'three';
import type { BatchForm, DrawPlan } from '../core';

/** What a run of a submission draws; the numbers are the core's. */
export enum Run {
  surface = 0,
  edged = 1,
  lines = 2,
  picked = 3,
  mask = 4,
  points = 5,
  boxes = 6,
  pickedBoxes = 7,
  faint = 8,
  veil = 9,
  ghost = 10,
}

/** Colours of lines: of all, of what is selected, and of what lies behind surfaces. */
export type Tint = 'wire' | 'picked' | 'faint';

/** Numbers of a run: batch, form, level, first range, number of ranges. */
export const RUN = 5;

/** How surfaces are shaded, in the core's words with spaces between them; `depth` is what a light that casts shadows sees. */
export type Shade = DrawPlan['shade'];

export function wordsOf(shade: Shade): string[] {
  return shade.split(' ');
}

/** What a word of a shade is called in the shaders. */
export function defineOf(word: string): string {
  return word === 'neutral' ? 'NEUTRAL_COLOUR' : word.toUpperCase();
}

/** How surfaces let through what lies behind them: not, all at once with near ones counting more, one layer after the other, or over all others in no order. */
export type Through = 'none' | 'weighted' | 'peeled' | 'veiled';

/** What the programs of surfaces differ by. */
export interface Style {
  /** How light falls on them. */
  shade: Shade;
  through: Through;
}

/** The ranges of a run. */
export interface Which {
  starts: Int32Array<ArrayBuffer>;
  counts: Int32Array<ArrayBuffer>;
  style: Style;
  /** Whether surfaces hide lines. */
  hidden: boolean;
  /** Whether surfaces are drawn where one sees them from behind. */
  backs: boolean;
}

/** Whether it is made of surfaces that are drawn over all others, and let these through. */
export function isVeil(run: Run): boolean {
  return run === Run.veil || run === Run.ghost;
}

/** The style in which a run is drawn where the picture has another. */
export function styleOf(run: Run, style: Style): Style {
  if (run === Run.ghost) return { shade: 'smooth neutral', through: 'veiled' };
  return run === Run.veil ? { ...style, through: 'veiled' } : style;
}

/** The style of what has none. */
export const PLAIN: Style = { shade: 'none', through: 'none' };

/** Names what is drawn of a batch in one way. */
export function formKey(run: Run, level: number, style: Style): string {
  const own = run === Run.surface || run === Run.edged || run === Run.points || isVeil(run);
  return own ? `${run}/${level}/${style.shade}/${style.through}` : `${run}/${level}`;
}

/** Whether it is made of lines of meshes' edges. */
export function isEdges(run: Run): boolean {
  return run === Run.lines || run === Run.picked || run === Run.faint;
}

/** Whether it is made of boxes. */
export function isBoxes(run: Run): boolean {
  return run === Run.boxes || run === Run.pickedBoxes;
}

/** What colours lines have. */
export function tintOf(run: Run): Tint {
  return isPicked(run) ? 'picked' : run === Run.faint ? 'faint' : 'wire';
}

/** Whether it is made of lines, which lie in the same layer. */
export function isLines(run: Run): boolean {
  return isEdges(run) || isBoxes(run);
}

/** Whether it is what is selected, over the rest. */
export function isPicked(run: Run): boolean {
  return run === Run.picked || run === Run.pickedBoxes;
}

/** Lines stand over everything, or before the surfaces that hide others: these draw back a little then. */
export function lay(run: Run, look: Material | Material[], { hidden, backs }: Which): void {
  const m = look as Material;
  if (isLines(run)) m.depthTest = hidden && run !== Run.faint;
  else {
    m.polygonOffset = hidden && run === Run.surface;
    m.side = backs ? DoubleSide : FrontSide;
  }
}

/** How one batch is drawn. */
export interface BatchDrawing {
  /** What is drawn with the scene, and what for the outline. */
  readonly root: Object3D;
  readonly masks: Object3D;
  /** The core tells of it anew. */
  update(form: BatchForm): void;
  /** The core has written to its buffers. */
  sent(dirty: Int32Array): void;
  hide(): void;
  show(run: Run, level: number, which: Which, offsets: Float32Array): void;
  moved(nodes: ReadonlySet<number>): void;
  select(nodes: ReadonlySet<number>, last: ReadonlySet<number>): void;
  dispose(): void;
}
