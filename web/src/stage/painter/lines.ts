import * as THREE from 'three';
import { lineFragment, lineVertex } from './shaders';

/**
 * Quads for lines: each has four corners that know both ends and a sort. Plain vertices, since processors that stand in
 * for a graphics card draw small instances one by one.
 *
 * @param ends six numbers a line
 * @param sort what each line is
 */
export function lineGeometry(ends: ArrayLike<number>, sort: ArrayLike<number>, count: number): THREE.BufferGeometry {
  const [both, corner, index] = lineArrays(count);
  writeLines(ends, 6, (i) => sort[i]!, count, both, corner);
  return lineBuffers(both, corner, index).geometry;
}

/** Room for so many lines, with the indices of their quads. */
export function lineArrays(count: number): [Float32Array, Int8Array, Uint32Array] {
  const index = new Uint32Array(count * 6);
  for (let i = 0; i < count; i++) {
    const v = i * 4;
    const to = i * 6;
    index[to] = index[to + 3] = v;
    index[to + 1] = v + 1;
    index[to + 2] = index[to + 4] = v + 2;
    index[to + 5] = v + 3;
  }
  return [new Float32Array(count * 24), new Int8Array(count * 16), index];
}

/** Writes both ends of lines, which are the first six of so many numbers each, to every corner. */
export function writeLines(
  ends: ArrayLike<number>,
  step: number,
  sort: (i: number) => number,
  count: number,
  both: Float32Array,
  corner: Int8Array,
): void {
  for (let i = 0; i < count; i++) {
    for (let k = 0; k < 4; k++) {
      const to = (i * 4 + k) * 6;
      for (let c = 0; c < 6; c++) both[to + c] = ends[i * step + c]!;
      const at = (i * 4 + k) * 4;
      corner[at] = k >> 1;
      corner[at + 1] = k === 1 || k === 2 ? 1 : -1;
      corner[at + 2] = sort(i);
    }
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
  /** Whether lines are relative to the eye. */
  relative: boolean;
  /** Whether surfaces hide them. */
  hidden: boolean;
}

/** A material for lines of constant width at any pixel ratio. */
export function lineMaterial(look: LineLook, halfSize: THREE.Vector2, pixel: { value: number }): THREE.ShaderMaterial {
  return new THREE.ShaderMaterial({
    glslVersion: THREE.GLSL3,
    vertexShader: lineVertex,
    fragmentShader: lineFragment,
    defines: look.relative ? { RELATIVE: 1 } : {},
    uniforms: {
      halfSize: { value: halfSize },
      pixel,
      tints: { value: look.tints },
      widths: { value: look.widths },
      fading: { value: new THREE.Vector4() },
    },
    transparent: true,
    depthWrite: false,
    depthTest: look.hidden,
    side: THREE.DoubleSide,
    blending: THREE.CustomBlending,
    blendSrc: THREE.OneFactor,
    blendDst: THREE.OneMinusSrcAlphaFactor,
  });
}
