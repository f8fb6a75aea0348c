import * as THREE from 'three';
import type { MeshReader } from '../core';
import { Quads } from './lines';
import type { Slices } from './slices';

const FIRST = 256;

/** How strong the edges of boxes are: as creases. */
const STRONG = 2;

/** Lines that are made in about a millisecond. */
const PIECE = 8192;

/** Line geometry of meshes, as long as what a view has asked for: it grows as one comes nearer. */
export class Wires {
  private readonly boxes = new Map<number, THREE.BufferGeometry>();
  private readonly made = new Map<number, { capacity: number; geometry: THREE.BufferGeometry }>();

  constructor(
    private readonly core: MeshReader,
    private readonly slices: Slices,
    private readonly ball: (mesh: number) => THREE.Sphere,
  ) {}

  /** Geometry with at least the first `count` edges of a mesh; with fewer or null while that is being made or edges have not come. */
  geometry(mesh: number, count: number): THREE.BufferGeometry | null {
    const known = this.made.get(mesh);
    if (known && known.capacity >= count) return known.geometry;
    const edges = this.core.edgeCount(mesh);
    if (edges < 0) return null;
    if (this.slices.pending(`wires ${mesh}`)) return known?.geometry ?? null;
    const capacity = Math.min(edges, Math.max(FIRST, 2 ** Math.ceil(Math.log2(Math.max(1, count)))));
    const quads = new Quads(capacity);
    const made = this.slices.make(
      `wires ${mesh}`,
      capacity,
      PIECE,
      (from, to) => {
        const count = to - from;
        quads.write(from, this.core.edgeEnds(mesh, from, count), this.core.edgeStrength(mesh, from, count));
      },
      () => {
        const { geometry } = quads.buffers();
        geometry.boundingSphere = this.ball(mesh);
        this.made.get(mesh)?.geometry.dispose();
        this.made.set(mesh, { capacity, geometry });
        return geometry;
      },
    );
    return made ?? known?.geometry ?? null;
  }

  /** The edges of the box round a mesh. */
  box(mesh: number): THREE.BufferGeometry {
    let g = this.boxes.get(mesh);
    if (!g) {
      const ends = this.core.boxEnds(mesh);
      const quads = new Quads(ends.length / 6);
      quads.write(0, ends, new Int8Array(ends.length / 6).fill(STRONG));
      g = quads.buffers().geometry;
      g.boundingSphere = this.ball(mesh);
      this.boxes.set(mesh, g);
    }
    return g;
  }

  dispose(): void {
    for (const g of this.boxes.values()) g.dispose();
    for (const { geometry } of this.made.values()) geometry.dispose();
  }
}
