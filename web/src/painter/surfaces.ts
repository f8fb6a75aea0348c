import * as THREE from 'three';
import type { MeshReader } from '../core';
import type { Slices } from './slices';

/** Where pictures lie: two or four numbers a vertex. */
export function placesAttribute(places: Float32Array, vertices: number): THREE.BufferAttribute {
  return new THREE.BufferAttribute(places, places.length / vertices);
}

/** Triangles whose corners are put by themselves in about a millisecond. */
const PIECE = 16384;

/** Triangles of meshes that have buffers of their own: as they are, coarser, or with the sides of triangles marked for edges on them. */
export class Surfaces {
  private readonly plain = new Map<number, THREE.BufferGeometry>();
  private readonly coarse = new Map<string, THREE.BufferGeometry>();
  private readonly edged = new Map<number, THREE.BufferGeometry>();

  constructor(
    private readonly core: MeshReader,
    private readonly slices: Slices,
  ) {}

  private sphere(mesh: number): THREE.Sphere {
    const [x, y, z, r] = this.core.ball(mesh);
    return new THREE.Sphere(new THREE.Vector3(x, y, z), r);
  }

  geometry(mesh: number): THREE.BufferGeometry {
    let g = this.plain.get(mesh);
    if (!g) {
      g = new THREE.BufferGeometry();
      g.setAttribute('position', new THREE.BufferAttribute(this.core.positions(mesh), 3));
      const normal = this.core.attribute(mesh, 'NORMAL', 3);
      const places = this.core.places(mesh);
      const color = this.core.attribute(mesh, 'COLOR_0', 4);
      if (normal) g.setAttribute('normal', new THREE.BufferAttribute(normal, 3));
      if (places) g.setAttribute('places', placesAttribute(places, g.getAttribute('position').count));
      if (color) g.setAttribute('color', new THREE.BufferAttribute(color, 4));
      const index = this.core.indices(mesh);
      const small = g.getAttribute('position')!.count < 65536;
      g.setIndex(
        new THREE.BufferAttribute(
          small ? new Uint16Array(index) : new Uint32Array(index.buffer, index.byteOffset, index.length),
          1,
        ),
      );
      g.boundingSphere = this.sphere(mesh);
      this.plain.set(mesh, g);
    }
    return g;
  }

  /** The same vertices with fewer triangles. */
  level(mesh: number, level: number): THREE.BufferGeometry {
    const full = this.geometry(mesh);
    if (level === 0) return full;
    const key = `${mesh}/${level}`;
    let g = this.coarse.get(key);
    if (!g) {
      g = new THREE.BufferGeometry();
      for (const [name, a] of Object.entries(full.attributes)) g.setAttribute(name, a);
      const index = this.core.levelIndices(mesh, level);
      g.setIndex(new THREE.BufferAttribute(new Uint32Array(index.buffer, index.byteOffset, index.length), 1));
      g.boundingSphere = full.boundingSphere;
      this.coarse.set(key, g);
    }
    return g;
  }

  /** Corners by themselves, each triangle with a byte that says which of its sides are edges; null until those came and it is made. */
  edgedGeometry(mesh: number): THREE.BufferGeometry | null {
    const known = this.edged.get(mesh);
    if (known) return known;
    if (this.slices.pending(`edged ${mesh}`)) return null;
    const sides = this.core.sides(mesh);
    if (!sides) return null;
    const indexed = this.geometry(mesh);
    const index = indexed.index!.array;
    const parts = Object.entries(indexed.attributes).map(([name, from]) => {
      const n = from.itemSize;
      return { name, n, source: from.array, out: new Float32Array(index.length * n) };
    });
    const marks = new Uint8Array(index.length);
    return this.slices.make(
      `edged ${mesh}`,
      index.length / 3,
      PIECE,
      (first, last) => {
        for (const { n, source, out } of parts) {
          for (let i = first * 3; i < last * 3; i++) {
            for (let k = 0; k < n; k++) out[i * n + k] = source[index[i]! * n + k]!;
          }
        }
        for (let t = first; t < last; t++) marks.fill(sides[t]!, t * 3, t * 3 + 3);
      },
      () => {
        const g = new THREE.BufferGeometry();
        for (const { name, n, out } of parts) g.setAttribute(name, new THREE.BufferAttribute(out, n));
        g.setAttribute('sides', new THREE.BufferAttribute(marks, 1));
        g.boundingSphere = indexed.boundingSphere;
        this.edged.set(mesh, g);
        return g;
      },
    );
  }

  dispose(): void {
    for (const g of [...this.plain.values(), ...this.coarse.values(), ...this.edged.values()]) g.dispose();
  }
}
