import * as THREE from 'three';
import { lineMaterial } from './lines';
import type { Palette } from './palette';

/** The ground grid of one viewport: the shader counts on from what the core tells of its two rows of lines. */
export class GridLines {
  readonly mesh: THREE.Mesh;
  private readonly material: THREE.ShaderMaterial;
  private readonly rows = Array.from({ length: 5 }, () => new THREE.Vector4());

  constructor(palette: Palette, halfSize: THREE.Vector2, pixel: { value: number }) {
    const widths = [1, 1, 1.2, 1.2, 1.2];
    this.material = lineMaterial({ tints: palette.grid, widths, grid: true, hidden: true }, halfSize, pixel);
    this.material.uniforms.grid = { value: this.rows };
    this.material.uniforms.fading = { value: this.rows[4] };
    this.mesh = new THREE.Mesh(new THREE.BufferGeometry(), this.material);
    this.mesh.frustumCulled = false;
    this.mesh.matrixWorldAutoUpdate = false;
    // Before wires, which lie over everything, and after surfaces, which hide it.
    this.mesh.renderOrder = -1;
  }

  theme(palette: Palette): void {
    this.material.uniforms.tints!.value = palette.grid;
  }

  /** Twenty numbers, in the order that the core tells them. */
  set(numbers: Float32Array<ArrayBuffer>): void {
    this.rows.forEach((r, k) => r.fromArray(numbers, k * 4));
    this.mesh.geometry.setDrawRange(0, (this.rows[1]!.w + this.rows[2]!.w) * 6);
  }

  dispose(): void {
    this.mesh.geometry.dispose();
    this.material.dispose();
  }
}
