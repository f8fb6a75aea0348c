import * as THREE from 'three';
import { OVER } from './blending';
import { lineFragment, lineVertex } from './lineShaders';

/**
 * Quads for lines: each has four corners that know both ends and a sort. Plain vertices, since processors that stand in
 * for a graphics card draw small instances one by one.
 */
export class Quads {
  private readonly both: Float32Array;
  private readonly corner: Int8Array;
  private readonly index: Uint32Array;

  constructor(count: number) {
    this.both = new Float32Array(count * 24);
    this.corner = new Int8Array(count * 16);
    this.index = new Uint32Array(count * 6);
  }

  /** Writes lines from one on: six numbers each for both ends, and what each is. */
  write(first: number, ends: Float32Array, sort: Int8Array): void {
    const { both, corner, index } = this;
    for (let i = 0; i < ends.length / 6; i++) {
      const v = (first + i) * 4;
      const to = (first + i) * 6;
      index[to] = index[to + 3] = v;
      index[to + 1] = v + 1;
      index[to + 2] = index[to + 4] = v + 2;
      index[to + 5] = v + 3;
      for (let k = 0; k < 4; k++) {
        for (let c = 0; c < 6; c++) both[(v + k) * 6 + c] = ends[i * 6 + c]!;
        const at = (v + k) * 4;
        corner[at] = k >> 1;
        corner[at + 1] = k === 1 || k === 2 ? 1 : -1;
        corner[at + 2] = sort[i]!;
      }
    }
  }

  buffers() {
    return lineBuffers(this.both, this.corner, this.index);
  }
}

/** The same of buffers that are there already: six numbers and four whole numbers a corner. */
export function lineBuffers(both: Float32Array, corner: Int8Array | Int16Array, index: Uint32Array) {
  const geometry = new THREE.BufferGeometry();
  const ends = new THREE.InterleavedBuffer(both, 6);
  const corners = new THREE.InterleavedBuffer(corner, 4);
  geometry.setAttribute('position', new THREE.InterleavedBufferAttribute(corners, 2, 0));
  geometry.setAttribute('sort', new THREE.InterleavedBufferAttribute(corners, 1, 2));
  geometry.setAttribute('from', new THREE.InterleavedBufferAttribute(ends, 3, 0));
  geometry.setAttribute('to', new THREE.InterleavedBufferAttribute(ends, 3, 3));
  geometry.setIndex(new THREE.BufferAttribute(index, 1));
  return { geometry, ends, corners };
}

export interface LineLook {
  /** Colour and opacity by sort. */
  tints: THREE.Vector4[];
  /** Width in CSS pixels by sort. */
  widths: number[];
  /** Whether they are the rows of a grid, which have no vertices of their own. */
  grid: boolean;
  /** Whether surfaces hide them. */
  hidden: boolean;
}

/** A material for lines of constant width at any pixel ratio. */
export function lineMaterial(look: LineLook, halfSize: THREE.Vector2, pixel: { value: number }): THREE.ShaderMaterial {
  return new THREE.ShaderMaterial({
    glslVersion: THREE.GLSL3,
    vertexShader: lineVertex,
    fragmentShader: lineFragment,
    defines: look.grid ? { GRID: 1 } : {},
    uniforms: {
      halfSize: { value: halfSize },
      pixel,
      tints: { value: look.tints },
      widths: { value: look.widths },
    },
    ...OVER,
    depthTest: look.hidden,
    side: THREE.DoubleSide,
  });
}
