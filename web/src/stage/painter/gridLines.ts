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

  /** Six numbers and a sort for each line; the last four numbers are the centre and the radius of fading. */
  set(numbers: Float32Array<ArrayBuffer>): void {
    const count = (numbers.length - 4) / 7;
    const ends = new Float32Array(count * 6);
    const sort = new Int8Array(count);
    for (let i = 0; i < count; i++) {
      ends.set(numbers.subarray(i * 7, i * 7 + 6), i * 6);
      sort[i] = numbers[i * 7 + 6]!;
    }
    this.mesh.geometry.dispose();
    this.mesh.geometry = lineGeometry(ends, sort, count);
    (this.material.uniforms.fading!.value as THREE.Vector4).fromArray(numbers, count * 7);
  }

  dispose(): void {
    this.mesh.geometry.dispose();
    this.material.dispose();
  }
}
