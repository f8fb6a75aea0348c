import * as THREE from 'three';
import type { DrawApi } from '../../core';

/** A mesh that is used more often than this is drawn as instances. */
export const CROWD = 256;

/**
 * All uses of one mesh that is used very often. Matrices are relative to one of the objects, so that nothing jitters far
 * from the origin.
 */
export class Crowd {
  readonly root = new THREE.Group();
  private nodes: number[] = [];
  private slots = new Map<number, number>();
  private readonly origin = new THREE.Matrix4();
  private matrices = new THREE.InstancedBufferAttribute(new Float32Array(0), 16);
  private readonly forms = new Map<string, THREE.InstancedMesh>();

  /** @param at place of its first use in what the core draws */
  constructor(
    private readonly core: DrawApi,
    readonly mesh: number,
    public at: number,
  ) {
    this.root.matrixWorldAutoUpdate = false;
  }

  /** Takes over which nodes are shown. */
  set(nodes: number[]): void {
    this.nodes = nodes;
    this.slots = new Map(nodes.map((n, i) => [n, i]));
    const first = nodes.length ? this.core.placement(nodes[0]!, this.mesh) : null;
    this.origin.makeTranslation(first?.[12] ?? 0, first?.[13] ?? 0, first?.[14] ?? 0);
    this.matrices = this.of(nodes);
    for (const form of this.forms.values()) this.fill(form, this.matrices);
  }

  private of(nodes: number[]): THREE.InstancedBufferAttribute {
    const out = new Float32Array(nodes.length * 16);
    nodes.forEach((n, i) => this.write(out, i, n));
    return new THREE.InstancedBufferAttribute(out, 16);
  }

  private write(out: Float32Array, slot: number, node: number): void {
    const m = this.core.placement(node, this.mesh);
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
    if (any) this.matrices.needsUpdate = true;
  }

  /** One way of drawing it, made when it is first asked for. */
  form(name: string, layer: number, geometry: THREE.BufferGeometry, material: THREE.Material): THREE.InstancedMesh {
    let form = this.forms.get(name);
    if (!form) {
      form = this.instances(geometry, material, this.matrices);
      form.layers.set(layer);
      this.forms.set(name, form);
      this.root.add(form);
    }
    form.geometry = geometry;
    return form;
  }

  private instances(g: THREE.BufferGeometry, m: THREE.Material, matrices: THREE.InstancedBufferAttribute) {
    const form = new THREE.InstancedMesh(g, m, 0);
    form.frustumCulled = false;
    form.matrixAutoUpdate = false;
    form.matrixWorldAutoUpdate = false;
    this.fill(form, matrices);
    return form;
  }

  /** Shows only some of the ways of drawing it. */
  show(names: readonly string[]): void {
    for (const [name, form] of this.forms) form.visible = names.includes(name) && form.count > 0;
  }

  /** Those of some nodes that belong to it, as instances of their own; null for none. */
  picked(nodes: ReadonlySet<number>, geometry: THREE.BufferGeometry, material: THREE.Material) {
    const some = this.nodes.filter((n) => nodes.has(n));
    if (!some.length) return null;
    return { node: some[0]!, mesh: this.instances(geometry, material, this.of(some)) };
  }

  dispose(): void {
    for (const form of this.forms.values()) form.dispose();
  }
}
