import * as THREE from 'three';
import type { BatchForm, MeshReader, BatchReader } from '../core';
import { ChosenOnes } from './chosenOnes';
import { Ghosts } from './ghosts';
import type { Looks } from './looks';
import { pointGeometry, VEILS } from './merged';
import { Form } from './passes';
import { PointRanges } from './ranges';
import {
  formKey,
  isEdges,
  isLines,
  isVeil,
  lay,
  PLAIN,
  Run,
  styleOf,
  tintOf,
  type BatchDrawing,
  type Style,
  type Which,
} from './runs';
import type { Surfaces } from './surfaces';
import type { Wires } from './wires';

/** Instances that lie near each other. */
interface Chunk {
  nodes: Int32Array;
  matrices: THREE.InstancedBufferAttribute;
  forms: Map<string, THREE.InstancedMesh>;
}

const NONE = new Int32Array(0);

/**
 * All uses of one mesh that is used very often, in chunks of which the core says which are drawn. Matrices are relative to one of
 * the objects, so that nothing jitters far from the origin.
 */
export class Crowd implements BatchDrawing {
  readonly root = new THREE.Group();
  readonly masks = new THREE.Group();
  private chunks: Chunk[] = [];
  private places = new Map<number, [number, number]>();
  private readonly origin = new THREE.Matrix4();
  private readonly materials = new Map<string, THREE.Material>();
  private shown: THREE.InstancedMesh[] = [];
  private points: THREE.BufferGeometry | null = null;
  private readonly squares = new Map<string, PointRanges>();
  private readonly high = new THREE.Vector3();
  private readonly low = new THREE.Vector3();
  private readonly picked = new ChosenOnes(this.root, this.masks, {
    matrices: (nodes) => this.of(nodes),
    mask: (matrices, last) =>
      this.instances(this.surfaces.geometry(this.form.mesh), this.looks.mask(last, false), matrices, Form.mask),
    lines: (matrices) => {
      const wires = this.wires.geometry(this.form.mesh, 1);
      return wires && this.instances(wires, this.looks.line('picked', false), matrices, Form.wire);
    },
  });
  private chosen: [ReadonlySet<number>, ReadonlySet<number>] = [new Set(), new Set()];
  private readonly ghosts = new Ghosts(this.root, (nodes) => {
    const look = this.surface(false, styleOf(Run.ghost, PLAIN));
    return this.instances(this.surfaces.geometry(this.form.mesh), look, this.of(nodes), Form.veil);
  });
  private lines = 0;
  private readonly layer = { value: 0 };
  private generation = -1;

  constructor(
    private readonly core: MeshReader,
    private readonly submit: BatchReader,
    private readonly form: BatchForm,
    private readonly looks: Looks,
    private readonly surfaces: Surfaces,
    private readonly wires: Wires,
  ) {
    for (const g of [this.root, this.masks]) g.matrixWorldAutoUpdate = false;
    this.update(form);
  }

  /** Takes over which nodes are shown. */
  update(form: BatchForm): void {
    const n = form.number;
    this.layer.value = form.layer;
    if (form.generation !== this.generation) {
      this.generation = form.generation;
      this.clear();
      this.chunks = Array.from({ length: this.submit.chunks(n) }, () => ({
        nodes: NONE,
        matrices: new THREE.InstancedBufferAttribute(new Float32Array(0), 16),
        forms: new Map(),
      }));
      const first = this.submit.nodes(n, 0)[0];
      const at = first === undefined ? null : this.core.placement(first, this.form.mesh);
      this.origin.makeTranslation(at?.[12] ?? 0, at?.[13] ?? 0, at?.[14] ?? 0);
      this.points = null;
      this.squares.clear();
    }
    this.places.clear();
    this.chunks.forEach((c, k) => {
      const now = this.submit.nodes(n, k);
      now.forEach((node, i) => this.places.set(node, [k, i]));
      if (now.length === c.nodes.length && now.every((node, i) => node === c.nodes[i])) return;
      c.nodes = now;
      c.matrices = this.of(now);
      for (const f of c.forms.values()) this.fill(f, c.matrices);
    });
    this.ghosts.update(this.submit.ghosts(n));
    this.select(...this.chosen);
  }

  sent(d: Int32Array): void {
    const [from, to] = [d[10]!, d[11]!];
    if (!this.points || to <= from) return;
    const a = this.points.getAttribute('point') as THREE.BufferAttribute;
    a.addUpdateRange(from * 4, (to - from) * 4);
    a.needsUpdate = true;
  }

  private of(nodes: Int32Array): THREE.InstancedBufferAttribute {
    const out = new Float32Array(nodes.length * 16);
    nodes.forEach((n, i) => this.write(out, i, n));
    return new THREE.InstancedBufferAttribute(out, 16);
  }

  private write(out: Float32Array, slot: number, node: number): void {
    const m = this.core.placement(node, this.form.mesh);
    const o = this.origin.elements;
    out.set(m, slot * 16);
    for (let k = 12; k < 15; k++) out[slot * 16 + k] = m[k]! - o[k]!;
  }

  private fill(form: THREE.InstancedMesh, matrices: THREE.InstancedBufferAttribute): void {
    form.instanceMatrix = matrices;
    form.count = matrices.count;
    form.matrixWorld.copy(this.origin);
  }

  moved(nodes: ReadonlySet<number>): void {
    let any = false;
    for (const n of nodes) {
      const place = this.places.get(n);
      if (!place) continue;
      const { matrices } = this.chunks[place[0]]!;
      this.write(matrices.array as Float32Array, place[1], n);
      matrices.needsUpdate = true;
      any = true;
    }
    if (any) this.select(...this.chosen);
  }

  hide(): void {
    for (const f of this.shown) f.visible = false;
    this.picked.hide();
    for (const s of this.squares.values()) s.visible = false;
    this.ghosts.hide();
    this.shown = [];
  }

  show(run: Run, level: number, which: Which, offsets: Float32Array): void {
    if (run === Run.mask) {
      this.picked.showMasks();
      return;
    }
    if (run === Run.ghost) {
      this.ghosts.show(which);
      return;
    }
    if (run === Run.points) {
      this.high.fromArray(offsets, this.form.number * 6);
      this.low.fromArray(offsets, this.form.number * 6 + 3);
      this.square(which.style).set(which.starts, which.counts);
      return;
    }
    if (isEdges(run)) this.lines = this.picked.lines = which.counts[0]!;
    if (run === Run.lines) this.picked.showLines(which);
    const geometry = this.geometry(run, level);
    if (!geometry) {
      // Until its edges can be drawn it is shown without.
      if (run === Run.edged) this.show(Run.surface, level, which, offsets);
      return;
    }
    for (const k of which.starts) {
      const c = this.chunks[k]!;
      const key = formKey(run, level, which.style);
      let f = c.forms.get(key);
      if (!f) {
        const surface = isVeil(run) ? Form.veil : Form.surface;
        const layer = isLines(run) ? Form.wire : run === Run.edged ? Form.edged : surface;
        f = this.instances(geometry, this.material(run, which.style), c.matrices, layer);
        f.renderOrder = isVeil(run) ? VEILS : 0;
        c.forms.set(key, f);
        this.root.add(f);
        const made = f;
        if (isEdges(run)) f.onBeforeRender = () => made.geometry.setDrawRange(0, this.lines);
      }
      f.geometry = geometry;
      lay(run, f.material, which);
      f.visible = true;
      this.shown.push(f);
    }
  }

  private square(style: Style): PointRanges {
    const key = formKey(Run.points, 0, style);
    const known = this.squares.get(key);
    if (known) return known;
    this.points ??= pointGeometry(this.submit.floats(this.form.number, 'points')!);
    const look = this.looks.point(this.form.mesh, false, style);
    look.uniforms = { ...look.uniforms, high: { value: this.high }, low: { value: this.low } };
    const made = new PointRanges(this.points, look, Form.surface);
    this.squares.set(key, made);
    this.root.add(made);
    return made;
  }

  private geometry(run: Run, level: number): THREE.BufferGeometry | null {
    const { mesh } = this.form;
    if (run === Run.boxes) return this.wires.box(mesh);
    if (isEdges(run)) return this.wires.geometry(mesh, this.lines / 6);
    return run === Run.edged ? this.surfaces.edgedGeometry(mesh) : this.surfaces.level(mesh, level);
  }

  private material(run: Run, style: Style): THREE.Material {
    const key = formKey(run, 0, style);
    let m = this.materials.get(key);
    if (!m) {
      m = isLines(run) ? this.looks.line(tintOf(run), false) : this.surface(run === Run.edged, style);
      this.materials.set(key, m);
    }
    return m;
  }

  private surface(edges: boolean, style: Style): THREE.Material {
    const look = this.looks.surface(this.form.mesh, edges, false, style);
    look.uniforms.batch = { value: this.form.number };
    look.uniforms.layer = this.layer;
    return look;
  }

  private instances(
    g: THREE.BufferGeometry,
    m: THREE.Material,
    matrices: THREE.InstancedBufferAttribute,
    layer: number,
  ): THREE.InstancedMesh {
    const f = new THREE.InstancedMesh(g, m, 0);
    f.frustumCulled = false;
    f.matrixAutoUpdate = false;
    f.matrixWorldAutoUpdate = false;
    f.layers.set(layer);
    this.fill(f, matrices);
    return f;
  }

  /** Those that are selected are drawn once more. */
  select(nodes: ReadonlySet<number>, last: ReadonlySet<number>): void {
    this.chosen = [nodes, last];
    this.picked.update(Int32Array.from([...nodes].filter((n) => this.places.has(n))), last);
  }

  private clear(): void {
    for (const c of this.chunks) for (const f of c.forms.values()) f.dispose();
    this.points?.dispose();
    for (const s of this.squares.values()) (s.material as THREE.Material).dispose();
    this.root.clear();
    this.shown = [];
  }

  dispose(): void {
    this.clear();
    this.picked.dispose();
    for (const m of this.materials.values()) m.dispose();
    this.ghosts.dispose();
  }
}
