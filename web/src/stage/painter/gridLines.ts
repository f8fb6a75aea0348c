import * as THREE from 'three';
import { lineGeometry, lineMaterial } from './lines';
import type { Palette } from './palette';

/** The ground grid of one viewport, in numbers the core gives: both ends relative to the eye and a sort. */
export class GridLines {
  readonly mesh: THREE.Mesh;
  private readonly material: THREE.ShaderMaterial;

  constructor(palette: Palette, halfSize: THREE.Vector2, pixel: { value: number }) {
    const widths = [1, 1, 1.2, 1.2, 1.2];
    this.material = lineMaterial({ tints: palette.grid, widths, relative: true, hidden: true }, halfSize, pixel);
    this.mesh = new THREE.Mesh(new THREE.BufferGeometry(), this.material);
    this.mesh.frustumCulled = false;
    this.mesh.matrixWorldAutoUpdate = false;
    // Before wires, which lie over everything, and after surfaces, which hide it.
    this.mesh.renderOrder = -1;
  }

  theme(palette: Palette): void {
    this.material.uniforms.tints!.value = palette.grid;
  }

  set(numbers: Float32Array<ArrayBuffer>): void {
    const count = (numbers.length - 4) / 7;
    this.mesh.geometry.dispose();
    const lines = new THREE.InstancedInterleavedBuffer(numbers.slice(0, count * 7), 7);
    this.mesh.geometry = lineGeometry(
      new THREE.InterleavedBufferAttribute(lines, 3, 0),
      new THREE.InterleavedBufferAttribute(lines, 3, 3),
      new THREE.InterleavedBufferAttribute(lines, 1, 6),
      count,
    );
    (this.material.uniforms.fading!.value as THREE.Vector4).fromArray(numbers, count * 7);
  }

  dispose(): void {
    this.mesh.geometry.dispose();
    this.material.dispose();
  }
}
