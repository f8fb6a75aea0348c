import * as THREE from 'three';

/**
 * Several ranges of one geometry, drawn by one call where the graphics card can (WEBGL_multi_draw), one after the other where it
 * cannot. The renderer of the library does that for the objects that it batches itself; this gives it the same fields, and keeps
 * the ranges our own.
 */
export class Ranges extends THREE.Mesh {
  readonly isBatchedMesh = true;
  readonly _colorsTexture = null;
  readonly _matricesTexture = null;
  readonly _indirectTexture = null;
  _multiDrawStarts = new Int32Array(0);
  _multiDrawCounts = new Int32Array(0);
  _multiDrawCount = 0;

  constructor(geometry: THREE.BufferGeometry, material: THREE.Material, layer: number) {
    super(geometry, material);
    this.frustumCulled = false;
    this.matrixAutoUpdate = false;
    this.matrixWorldAutoUpdate = false;
    this.layers.set(layer);
    this.visible = false;
  }

  /** Draws these ranges from now on. */
  set(starts: Int32Array<ArrayBuffer>, counts: Int32Array<ArrayBuffer>): void {
    this._multiDrawStarts = starts;
    this._multiDrawCounts = counts;
    this._multiDrawCount = starts.length;
    this.visible = true;
  }
}
