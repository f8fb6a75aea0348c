import * as THREE from 'three';
import type { BatchForm, DrawApi, SubmitApi } from '../../core';
import type { Looks } from './looks';
import { Form } from './passes';
import { Run, type BatchDrawing, type Which } from './runs';
import type { Surfaces } from './surfaces';
import type { Wires } from './wires';

/**
 * All uses of one mesh that is used very often. Matrices are relative to one of the objects, so that nothing jitters far
 * from the origin.
 */
export class Crowd implements BatchDrawing {
  readonly root = new THREE.Group();
  readonly masks = new THREE.Group();
  private nodes = new Int32Array(0);
  private slots = new Map<number, number>();
  private readonly origin = new THREE.Matrix4();
  private matrices = new THREE.InstancedBufferAttribute(new Float32Array(0), 16);
  private readonly forms = new Map<string, THREE.InstancedMesh>();
  /** Selected ones as instances of their own: for the outline, and as lines over the others. */
  private picked: THREE.InstancedMesh[] = [];
  private chosen: [ReadonlySet<number>, ReadonlySet<number>] = [new Set(), new Set()];
  private lines = 0;

  constructor(
    private readonly core: DrawApi,
    private readonly submit: SubmitApi,
    private readonly form: BatchForm,
    private readonly looks: Looks,
    private readonly surfaces: Surfaces,
    private readonly wires: Wires,
  ) {
    for (const g of [this.root, this.masks]) g.matrixWorldAutoUpdate = false;
    this.update();
  }

  /** Takes over which nodes are shown. */
  update(): void {
    this.nodes = this.submit.nodes(this.form.number);
    this.slots = new Map([...this.nodes].map((n, i) => [n, i]));
    const first = this.nodes.length ? this.core.placement(this.nodes[0]!, this.form.mesh) : null;
    this.origin.makeTranslation(first?.[12] ?? 0, first?.[13] ?? 0, first?.[14] ?? 0);
    this.matrices = this.of(this.nodes);
    for (const f of this.forms.values()) this.fill(f, this.matrices);
    this.select(...this.chosen);
  }

  sent(): void {}

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
      const slot = this.slots.get(n);
      if (slot === undefined) continue;
      this.write(this.matrices.array as Float32Array, slot, n);
      any = true;
    }
    if (!any) return;
    this.matrices.needsUpdate = true;
    this.select(...this.chosen);
  }

  hide(): void {
    for (const f of [...this.forms.values(), ...this.picked]) f.visible = false;
  }

  show(run: Run, level: number, which: Which): void {
    if (run === Run.mask) {
      for (const f of this.picked) if (f.layers.isEnabled(Form.mask)) f.visible = true;
      return;
    }
    const lines = run === Run.lines;
    const key = `${run}/${level}`;
    let f = this.forms.get(key);
    if (!f) {
      const { mesh } = this.form;
      const edges = run === Run.edged;
      const g = lines
        ? this.wires.geometry(mesh, 1)!
        : edges
          ? this.surfaces.edgedGeometry(mesh)!
          : this.surfaces.level(mesh, level);
      const look = lines ? this.looks.line(false, false) : this.looks.surface(mesh, edges, false);
      f = this.instances(g, look, this.matrices, lines ? Form.wire : edges ? Form.edged : Form.surface);
      this.forms.set(key, f);
      this.root.add(f);
      const made = f;
      if (lines) f.onBeforeRender = () => made.geometry.setDrawRange(0, this.lines);
    }
    if (lines) {
      this.lines = which.counts[0]!;
      f.geometry = this.wires.geometry(this.form.mesh, this.lines / 6)!;
      for (const p of this.picked) if (p.layers.isEnabled(Form.wire)) p.visible = true;
    }
    f.visible = f.count > 0;
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

  /** Those that are selected are drawn once more, as instances of their own. */
  select(nodes: ReadonlySet<number>, last: ReadonlySet<number>): void {
    this.chosen = [nodes, last];
    for (const f of this.picked) {
      f.removeFromParent();
      f.dispose();
      (f.material as THREE.Material).dispose();
    }
    this.picked = [];
    if (!nodes.size) return;
    const ours = this.nodes.filter((n) => nodes.has(n));
    for (const [some, isLast] of [
      [ours.filter((n) => !last.has(n)), false],
      [ours.filter((n) => last.has(n)), true],
    ] as const) {
      if (!some.length) continue;
      const matrices = this.of(some);
      const mask = this.instances(
        this.surfaces.geometry(this.form.mesh),
        this.looks.mask(isLast, false),
        matrices,
        Form.mask,
      );
      this.masks.add(mask);
      this.picked.push(mask);
      const wires = this.wires.geometry(this.form.mesh, 1);
      if (!wires) continue;
      const line = this.instances(wires, this.looks.line(true, false), matrices, Form.wire);
      line.renderOrder = 1;
      line.onBeforeRender = () => {
        line.geometry.setDrawRange(0, this.lines);
      };
      line.visible = false;
      this.root.add(line);
      this.picked.push(line);
    }
  }

  dispose(): void {
    for (const f of [...this.forms.values(), ...this.picked]) {
      f.dispose();
      (f.material as THREE.Material).dispose();
    }
  }
}
