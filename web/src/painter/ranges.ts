import * as THREE from 'three';

/**
 * Several ranges of one geometry, drawn by one call where the graphics card can (WEBGL_multi_draw), one after the other where it
 * cannot. The renderer of the library does that for the objects that it batches itself; this gives it the same fields, and keeps
 * the ranges our own.
 */
const place = <T extends THREE.Object3D>(o: T, layer: number): T => {
  o.frustumCulled = false;
  o.matrixAutoUpdate = false;
  o.matrixWorldAutoUpdate = false;
  o.layers.set(layer);
  o.visible = false;
  return o;
};

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
    place(this, layer);
  }

  /** Draws these ranges from now on. */
  set(starts: Int32Array<ArrayBuffer>, counts: Int32Array<ArrayBuffer>): void {
    this._multiDrawStarts = starts;
    this._multiDrawCounts = counts;
    this._multiDrawCount = starts.length;
    this.visible = true;
  }
}

/** The same of points. */
export class PointRanges extends THREE.Points {
  readonly isBatchedMesh = true;
  readonly _colorsTexture = null;
  readonly _matricesTexture = null;
  readonly _indirectTexture = null;
  _multiDrawStarts = new Int32Array(0);
  _multiDrawCounts = new Int32Array(0);
  _multiDrawCount = 0;
  readonly set = Ranges.prototype.set;

  constructor(geometry: THREE.BufferGeometry, material: THREE.Material, layer: number) {
    super(geometry, material);
    place(this, layer);
  }
}
