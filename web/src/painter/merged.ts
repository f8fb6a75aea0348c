import * as THREE from 'three';
import type { BatchForm, BatchReader } from '../core';
import { lineBuffers } from './lines';
import type { Looks } from './looks';
import { Form } from './passes';
import { PointRanges, Ranges } from './ranges';
import { placesAttribute } from './surfaces';
import {
  formKey,
  isBoxes,
  isLines,
  isPicked,
  isVeil,
  lay,
  Run,
  tintOf,
  type BatchDrawing,
  type Style,
  type Which,
} from './runs';

/** Veiled surfaces are drawn after others, and before what is selected. */
export const VEILS = 0.5;

/** Numbers a line takes of the buffers that the core writes. */
const LINE = { ends: 24, corners: 16 };

/** Runs whose buffers are written in place where they are those of the full surface. */
const STAY = new Set([Run.surface, Run.edged, Run.mask, Run.points, Run.boxes, Run.pickedBoxes, Run.veil, Run.ghost]);

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
  /** The full surface, the same with its corners by themselves, and coarser ones. */
  private full: THREE.BufferGeometry | null = null;
  private corners: THREE.BufferGeometry | null = null;
  private readonly coarse = new Map<number, THREE.BufferGeometry>();
  private lines: ReturnType<typeof lineBuffers> | null = null;
  private boxes: ReturnType<typeof lineBuffers> | null = null;
  private points: THREE.BufferGeometry | null = null;
  private readonly state: THREE.DataTexture;
  private readonly forms = new Map<string, { run: Run; level: number; drawn: Ranges | PointRanges }>();
  private readonly high = new THREE.Vector3();
  private readonly low = new THREE.Vector3();
  private generation: number;

  constructor(
    private readonly core: BatchReader,
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
    const [places, color] = [this.core.floats(n, texture), this.core.floats(n, colors)];
    if (places) out.places = placesAttribute(places, out.position!.count);
    if (color) out.color = new THREE.BufferAttribute(color, 4);
    return out;
  }

  update(form: BatchForm): void {
    if (form.generation === this.generation) return;
    this.generation = form.generation;
    // Lines and coarser triangles are other arrays now; they are fetched when they are drawn again.
    for (const [key, { run, level, drawn }] of this.forms) {
      if (level === 0 && STAY.has(run)) continue;
      this.root.remove(drawn);
      // With a geometry the library lets go of all its buffers: those that the full surface goes on using are taken out before.
      if (STAY.has(run))
        for (const name of Object.keys(drawn.geometry.attributes)) drawn.geometry.deleteAttribute(name);
      drawn.geometry.dispose();
      (drawn.material as THREE.Material).dispose();
      this.forms.delete(key);
    }
    this.coarse.clear();
    this.lines = null;
  }

  /** Sends what the core has written again: from where to where, for vertices, indices, parts, corners, lines and points. */
  sent(d: Int32Array): void {
    const [
      vertices,
      verticesEnd,
      indices,
      indicesEnd,
      ,
      partsEnd,
      corners,
      cornersEnd,
      lines,
      linesEnd,
      p,
      pEnd,
      boxes,
      boxesEnd,
    ] = d;
    if (verticesEnd! > vertices!) {
      for (const a of Object.values(this.attributes)) again(a, vertices!, verticesEnd!, a.itemSize);
    }
    const index = this.full?.index;
    if (index && indicesEnd! > indices!) again(index, indices!, indicesEnd!, 1);
    if (partsEnd! > 0) this.state.needsUpdate = true;
    if (this.corners && cornersEnd! > corners!) {
      for (const a of Object.values(this.corners.attributes) as THREE.BufferAttribute[])
        again(a, corners!, cornersEnd!, a.itemSize);
    }
    if (this.points && pEnd! > p!) again(this.points.getAttribute('point') as THREE.BufferAttribute, p!, pEnd!, 4);
    for (const [of, first, end] of [
      [this.lines, lines!, linesEnd!],
      [this.boxes, boxes!, boxesEnd!],
    ] as const) {
      if (!of || end <= first) continue;
      again(of.ends, first, end, LINE.ends);
      again(of.corners, first, end, LINE.corners);
    }
  }

  hide(): void {
    for (const { drawn } of this.forms.values()) drawn.visible = false;
  }

  show(run: Run, level: number, which: Which, offsets: Float32Array): void {
    this.high.fromArray(offsets, this.form.number * 6);
    this.low.fromArray(offsets, this.form.number * 6 + 3);
    const key = formKey(run, level, which.style);
    let f = this.forms.get(key);
    if (!f) {
      f = { run, level, drawn: this.make(run, level, which.style) };
      this.forms.set(key, f);
      (run === Run.mask ? this.masks : this.root).add(f.drawn);
    }
    lay(run, f.drawn.material, which);
    f.drawn.set(which.starts, which.counts);
  }

  private make(run: Run, level: number, style: Style): Ranges | PointRanges {
    const n = this.form.number;
    if (run === Run.points) {
      this.points ??= pointGeometry(this.core.floats(n, 'points')!);
      const look = this.looks.point(this.form.mesh, true, style);
      return new PointRanges(this.points, this.own(look), Form.surface);
    }
    if (isLines(run)) {
      const { geometry } = this.quads(isBoxes(run));
      const r = new Ranges(geometry, this.own(this.looks.line(tintOf(run), true)), Form.wire);
      r.renderOrder = isPicked(run) ? 1 : 0;
      return r;
    }
    if (run === Run.edged) {
      this.corners ??= geometry({
        ...this.vertices('corner-positions', 'corner-extras', 'corner-texture', 'corner-colors'),
        sides: new THREE.BufferAttribute(new Uint8Array(this.core.marks(n).buffer), 1),
      });
      const look = this.looks.surface(this.form.mesh, true, true, style);
      return new Ranges(this.corners, this.own(look), Form.edged);
    }
    const g = this.triangles(level);
    return run === Run.mask
      ? new Ranges(g, this.own(this.looks.mask(false, true)), Form.mask)
      : this.surface(g, run, style);
  }

  private surface(g: THREE.BufferGeometry, run: Run, style: Style): Ranges {
    const look = this.own(this.looks.surface(this.form.mesh, false, true, style));
    const r = new Ranges(g, look, isVeil(run) ? Form.veil : Form.surface);
    r.renderOrder = isVeil(run) ? VEILS : 0;
    return r;
  }

  /** Lines of edges, or of boxes. */
  private quads(boxes: boolean) {
    const n = this.form.number;
    const [known, name, index] = boxes ? [this.boxes, 'box-', -2] : [this.lines, '', -1];
    const made =
      known ??
      lineBuffers(
        this.core.floats(n, `${name}ends`)!,
        this.core.shorts(n, `${name}corners`)!,
        new Uint32Array(this.core.indices(n, index).buffer),
      );
    if (boxes) this.boxes = made;
    else this.lines = made;
    return made;
  }

  private triangles(level: number): THREE.BufferGeometry {
    const known = level === 0 ? this.full : this.coarse.get(level);
    if (known) return known;
    const index = new Uint32Array(this.core.indices(this.form.number, level).buffer);
    const made = geometry(this.attributes, new THREE.BufferAttribute(index, 1));
    if (level === 0) this.full = made;
    else this.coarse.set(level, made);
    return made;
  }

  /** A material with this batch's own place and state. */
  private own(material: THREE.ShaderMaterial): THREE.ShaderMaterial {
    material.uniforms = {
      ...material.uniforms,
      high: { value: this.high },
      low: { value: this.low },
      state: { value: this.state },
      batch: { value: this.form.number },
      layer: { value: 0 },
    };
    return material;
  }

  moved(): void {}

  select(): void {}

  dispose(): void {
    for (const { drawn } of this.forms.values()) {
      drawn.geometry.dispose();
      (drawn.material as THREE.Material).dispose();
    }
    this.state.dispose();
  }
}
