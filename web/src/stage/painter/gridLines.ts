import * as THREE from 'three';
import { lineArrays, lineBuffers, lineMaterial, writeLines } from './lines';
import type { Palette } from './palette';

/** The ground grid of one viewport, in numbers the core gives: both ends relative to the eye and a sort. */
export class GridLines {
  readonly mesh: THREE.Mesh;
  private readonly material: THREE.ShaderMaterial;
  private buffers: ReturnType<typeof lineBuffers> | null = null;
  private room = 0;

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
    if (count > this.room) {
      this.room = Math.max(128, count * 2);
      this.mesh.geometry.dispose();
      this.buffers = lineBuffers(...lineArrays(this.room));
      this.mesh.geometry = this.buffers.geometry;
    }
    const { ends, corners, geometry } = this.buffers!;
    writeLines(numbers, 7, (i) => numbers[i * 7 + 6]!, count, ends.array as Float32Array, corners.array as Int8Array);
    ends.needsUpdate = corners.needsUpdate = true;
    geometry.setDrawRange(0, count * 6);
    (this.material.uniforms.fading!.value as THREE.Vector4).fromArray(numbers, count * 7);
  }

  dispose(): void {
    this.mesh.geometry.dispose();
    this.material.dispose();
  }
}
