import * as THREE from 'three';
import type { DrawApi } from '../../core';
import { lineGeometry } from './lines';

const FIRST = 256;

/** Line geometry of meshes, as long as what a view has asked for: it grows as one comes nearer. */
export class Wires {
  private readonly made = new Map<number, { capacity: number; geometry: THREE.BufferGeometry }>();

  constructor(
    private readonly core: DrawApi,
    private readonly ball: (mesh: number) => THREE.Sphere,
  ) {}

  /** Geometry with at least the first `count` edges of a mesh; null while its edges have not come. */
  geometry(mesh: number, count: number): THREE.BufferGeometry | null {
    const known = this.made.get(mesh);
    if (known && known.capacity >= count) return known.geometry;
    const strength = this.core.edgeStrength(mesh);
    if (!strength) return null;
    const capacity = Math.min(strength.length, Math.max(FIRST, 2 ** Math.ceil(Math.log2(Math.max(1, count)))));
    const geometry = lineGeometry(this.core.edgeEnds(mesh, capacity), strength, capacity);
    geometry.boundingSphere = this.ball(mesh);
    known?.geometry.dispose();
    this.made.set(mesh, { capacity, geometry });
    return geometry;
  }

  dispose(): void {
    for (const { geometry } of this.made.values()) geometry.dispose();
  }
}
