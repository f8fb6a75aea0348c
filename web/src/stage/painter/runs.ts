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
}

/** Numbers of a run: batch, form, level, first range, number of ranges. */
export const RUN = 5;

export type Shade = Plan['shade'];

/** The ranges of a run. */
export interface Which {
  starts: Int32Array<ArrayBuffer>;
  counts: Int32Array<ArrayBuffer>;
  /** How light falls on surfaces. */
  shade: Shade;
  /** Whether surfaces hide lines. */
  hidden: boolean;
}

/** Names what is drawn of a batch in one way. */
export function formKey(run: Run, level: number, shade: Shade): string {
  return run === Run.surface || run === Run.edged ? `${run}/${level}/${shade}` : `${run}/${level}`;
}

/** Lines stand over everything, or before the surfaces that hide others: these draw back a little then. */
export function lay(run: Run, look: THREE.Material | THREE.Material[], hidden: boolean): void {
  const m = look as THREE.Material;
  if (run === Run.lines || run === Run.picked) m.depthTest = hidden;
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
