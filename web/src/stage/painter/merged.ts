import * as THREE from 'three';
import type { BatchForm, SubmitApi } from '../../core';
import { lineBuffers } from './lines';
import type { Looks } from './looks';
import { Form } from './passes';
import { PointRanges, Ranges } from './ranges';
import { Run, type BatchDrawing, type Which } from './runs';

/** Numbers a line takes of the buffers that the core writes. */
const LINE = { ends: 24, corners: 16 };

/** Forms whose buffers are written in place. */
const STAYS = new Set([`${Run.surface}/0`, `${Run.edged}/0`, `${Run.mask}/0`, `${Run.points}/0`]);

function geometry(attributes: Record<string, THREE.BufferAttribute>, index?: THREE.BufferAttribute) {
  const g = new THREE.BufferGeometry();
  for (const [name, a] of Object.entries(attributes)) g.setAttribute(name, a);
  if (index) g.setIndex(index);
  return g;
}

/** Middles and sizes as the core writes them. The library asks for positions, if only to count them. */
export function pointGeometry(points: Float32Array): THREE.BufferGeometry {
  const a = new THREE.BufferAttribute(points, 4);
  return geometry({ position: a, point: a });
}

/** Sends a part of a buffer again. */
function again(a: THREE.BufferAttribute | THREE.InterleavedBuffer, from: number, to: number, size: number): void {
  a.addUpdateRange(from * size, (to - from) * size);
  a.needsUpdate = true;
}

/** Many meshes in shared buffers, which the core writes and which are sent as they are. */
export class Merged implements BatchDrawing {
  readonly root = new THREE.Group();
  readonly masks = new THREE.Group();
  private readonly attributes: Record<string, THREE.BufferAttribute>;
  private corners: Record<string, THREE.BufferAttribute> | null = null;
  private lines: ReturnType<typeof lineBuffers> | null = null;
  private readonly state: THREE.DataTexture;
  private readonly forms = new Map<string, Ranges | PointRanges>();
  private readonly high = new THREE.Vector3();
  private readonly low = new THREE.Vector3();
  private generation: number;

  constructor(
    private readonly core: SubmitApi,
    private readonly form: BatchForm,
    private readonly looks: Looks,
  ) {
    this.generation = form.generation;
    this.attributes = this.vertices('positions', 'extras', 'texture', 'colors');
    const state = core.floats(form.number, 'state')!;
    this.state = new THREE.DataTexture(state, 128, state.length / 512, THREE.RGBAFormat, THREE.FloatType);
    this.state.needsUpdate = true;
    for (const g of [this.root, this.masks]) g.matrixWorldAutoUpdate = false;
  }

  private vertices(positions: string, extras: string, texture: string, colors: string) {
    const n = this.form.number;
    const out: Record<string, THREE.BufferAttribute> = {
      position: new THREE.BufferAttribute(this.core.floats(n, positions)!, 3),
      extra: new THREE.BufferAttribute(this.core.shorts(n, extras)!, 4),
    };
    const [uv, color] = [this.core.floats(n, texture), this.core.floats(n, colors)];
    if (uv) out.uv = new THREE.BufferAttribute(uv, 2);
    if (color) out.color = new THREE.BufferAttribute(color, 4);
    return out;
  }

  update(form: BatchForm): void {
    if (form.generation === this.generation) return;
    this.generation = form.generation;
    // Lines and coarser triangles are other arrays now; they are fetched when they are drawn again.
    for (const [key, r] of this.forms) {
      if (STAYS.has(key)) continue;
      this.root.remove(r);
      r.geometry.dispose();
      (r.material as THREE.Material).dispose();
      this.forms.delete(key);
    }
    this.lines = null;
  }

  /** Sends what the core has written again: from where to where, for vertices, indices, parts, corners, lines and points. */
  sent(d: Int32Array): void {
    const [vertices, verticesEnd, indices, indicesEnd, , partsEnd, corners, cornersEnd, lines, linesEnd, p, pEnd] = d;
    if (verticesEnd! > vertices!) {
      for (const a of Object.values(this.attributes)) again(a, vertices!, verticesEnd!, a.itemSize);
    }
    const index = (this.forms.get('0/0') ?? this.forms.get('4/0'))?.geometry.index;
    if (index && indicesEnd! > indices!) again(index, indices!, indicesEnd!, 1);
    if (partsEnd! > 0) this.state.needsUpdate = true;
    if (this.corners && cornersEnd! > corners!) {
      for (const a of Object.values(this.corners)) again(a, corners!, cornersEnd!, a.itemSize);
    }
    const points = this.forms.get(`${Run.points}/0`)?.geometry.getAttribute('point') as THREE.BufferAttribute;
    if (points && pEnd! > p!) again(points, p!, pEnd!, 4);
    if (this.lines && linesEnd! > lines!) {
      again(this.lines.ends, lines!, linesEnd!, LINE.ends);
      again(this.lines.corners, lines!, linesEnd!, LINE.corners);
    }
  }

  hide(): void {
    for (const f of this.forms.values()) f.visible = false;
  }

  show(run: Run, level: number, which: Which, offsets: Float32Array): void {
    this.high.fromArray(offsets, this.form.number * 6);
    this.low.fromArray(offsets, this.form.number * 6 + 3);
    const key = `${run}/${level}`;
    let r = this.forms.get(key);
    if (!r) {
      r = this.make(run, level);
      this.forms.set(key, r);
      (run === Run.mask ? this.masks : this.root).add(r);
    }
    r.set(which.starts, which.counts);
  }

  private make(run: Run, level: number): Ranges | PointRanges {
    const n = this.form.number;
    if (run === Run.points) {
      const g = pointGeometry(this.core.floats(n, 'points')!);
      return new PointRanges(g, this.own(this.looks.point(this.form.mesh, true)), Form.surface);
    }
    if (run === Run.lines || run === Run.picked) {
      this.lines ??= lineBuffers(
        this.core.floats(n, 'ends')!,
        this.core.shorts(n, 'corners')!,
        new Uint32Array(this.core.indices(n, -1).buffer),
      );
      const r = new Ranges(this.lines.geometry, this.own(this.looks.line(run === Run.picked, true)), Form.wire);
      r.renderOrder = run === Run.picked ? 1 : 0;
      return r;
    }
    if (run === Run.edged) {
      this.corners = this.vertices('corner-positions', 'corner-extras', 'corner-texture', 'corner-colors');
      this.corners.sides = new THREE.BufferAttribute(new Uint8Array(this.core.marks(n).buffer), 1);
      return new Ranges(geometry(this.corners), this.own(this.looks.surface(this.form.mesh, true, true)), Form.edged);
    }
    const known = this.forms.get(run === Run.mask ? '0/0' : '4/0');
    const g =
      level === 0 && known
        ? known.geometry
        : geometry(this.attributes, new THREE.BufferAttribute(new Uint32Array(this.core.indices(n, level).buffer), 1));
    return run === Run.mask
      ? new Ranges(g, this.own(this.looks.mask(false, true)), Form.mask)
      : new Ranges(g, this.own(this.looks.surface(this.form.mesh, false, true)), Form.surface);
  }

  /** A material with this batch's own place and state. */
  private own(material: THREE.ShaderMaterial): THREE.ShaderMaterial {
    material.uniforms = {
      ...material.uniforms,
      high: { value: this.high },
      low: { value: this.low },
      state: { value: this.state },
    };
    return material;
  }

  moved(): void {}

  select(): void {}

  dispose(): void {
    for (const f of this.forms.values()) {
      f.geometry.dispose();
      (f.material as THREE.Material).dispose();
    }
    this.state.dispose();
  }
}
