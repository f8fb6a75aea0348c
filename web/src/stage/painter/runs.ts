import type * as THREE from 'three';
import type { BatchForm, Plan } from '../../core';

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
}

/** Numbers of a run: batch, form, level, first range, number of ranges. */
export const RUN = 5;

/** `depth` is what a light that casts shadows sees. */
export type Shade = Plan['shade'] | 'depth';

/** How surfaces let through what lies behind them: not, all at once with near ones counting more, or one layer after the other. */
export type Through = 'none' | 'weighted' | 'peeled';

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
}

/** The style of what has none. */
export const PLAIN: Style = { shade: 'none', through: 'none' };

/** Names what is drawn of a batch in one way. */
export function formKey(run: Run, level: number, style: Style): string {
  const own = run === Run.surface || run === Run.edged || run === Run.points;
  return own ? `${run}/${level}/${style.shade}/${style.through}` : `${run}/${level}`;
}

/** Whether it is made of lines, which lie in the same layer. */
export function isLines(run: Run): boolean {
  return run === Run.lines || run === Run.picked || run === Run.boxes || run === Run.pickedBoxes;
}

/** Whether it is what is selected, over the rest. */
export function isPicked(run: Run): boolean {
  return run === Run.picked || run === Run.pickedBoxes;
}

/** Lines stand over everything, or before the surfaces that hide others: these draw back a little then. */
export function lay(run: Run, look: THREE.Material | THREE.Material[], hidden: boolean): void {
  const m = look as THREE.Material;
  if (isLines(run)) m.depthTest = hidden;
  else m.polygonOffset = hidden && run === Run.surface;
}

/** How one batch is drawn. */
export interface BatchDrawing {
  /** What is drawn with the scene, and what for the outline. */
  readonly root: THREE.Object3D;
  readonly masks: THREE.Object3D;
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
