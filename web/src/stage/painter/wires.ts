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
    const ends = this.core.edgeVertices(mesh);
    const strength = this.core.edgeStrength(mesh);
    if (!ends || !strength) return null;
    const capacity = Math.min(strength.length, Math.max(FIRST, 2 ** Math.ceil(Math.log2(Math.max(1, count)))));
    const xyz = this.core.positions(mesh);
    const both = new Float32Array(capacity * 6);
    for (let i = 0; i < capacity * 2; i++) {
      const v = ends[i]! * 3;
      both[i * 3] = xyz[v]!;
      both[i * 3 + 1] = xyz[v + 1]!;
      both[i * 3 + 2] = xyz[v + 2]!;
    }
    const geometry = lineGeometry(both, strength, capacity);
    geometry.boundingSphere = this.ball(mesh);
    known?.geometry.dispose();
    this.made.set(mesh, { capacity, geometry });
    return geometry;
  }

  dispose(): void {
    for (const { geometry } of this.made.values()) geometry.dispose();
  }
}
