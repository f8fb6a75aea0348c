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
}

/** Whether surfaces hide the lines of a run. */
export function isHidden(run: Run, shade: Shade): boolean {
  return shade === 'paper' && (run === Run.lines || run === Run.picked);
}

/** Names what is drawn of a batch in one way. */
export function formKey(run: Run, level: number, shade: Shade): string {
  const lit = run === Run.surface || run === Run.edged ? shade : '';
  return `${run}/${level}/${lit || (isHidden(run, shade) ? 'hidden' : '')}`;
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
