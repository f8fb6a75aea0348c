import * as THREE from 'three';
import type { DrawApi, Plan } from '../../core';
import { CROWD, Crowd } from './crowds';
import { lineMaterial } from './lines';
import type { Palette } from './palette';
import { Form } from './passes';
import { Surfaces } from './surfaces';
import { Wires } from './wires';

interface Model {
  node: number;
  mesh: number;
  /** Its place in what the core draws. */
  at: number;
  surface: THREE.Mesh | null;
  edged: THREE.Mesh | null;
  wire: THREE.Mesh | null;
  edges: number;
  /** Whether it is drawn at all. */
  on: boolean;
}

/** Everything of a scene that can be drawn; each form is made when a viewport first asks for it. */
export class Models {
  readonly root = new THREE.Group();
  private models: Model[] = [];
  private readonly crowds = new Map<number, Crowd>();
  private readonly surfaces: Surfaces;
  private readonly wires: Wires;
  private readonly wire: THREE.ShaderMaterial;
  private readonly picked: THREE.ShaderMaterial;
  private selected = new Set<number>();

  constructor(
    private readonly core: DrawApi,
    file: ArrayBuffer,
    palette: Palette,
    halfSize: THREE.Vector2,
    private readonly ink: { value: THREE.Vector3 },
    pixel: { value: number },
    loaded: () => void,
  ) {
    this.surfaces = new Surfaces(core, file, ink, pixel, loaded);
    this.wires = new Wires(core, (mesh) => this.surfaces.geometry(mesh).boundingSphere!);
    const widths = [0, 0.9, 1.1, 0, 0];
    this.wire = lineMaterial({ tints: palette.wire, widths, relative: false, hidden: false }, halfSize, pixel);
    this.picked = lineMaterial({ tints: palette.picked, widths, relative: false, hidden: false }, halfSize, pixel);
    this.root.matrixWorldAutoUpdate = false;
    this.sync();
  }

  /** Takes over which objects the core has now and which of them are shown. */
  sync(): void {
    const before = new Map(this.models.map((m) => [`${m.node}/${m.mesh}`, m]));
    const drawn = this.core.drawn();
    const shown = this.core.shown();
    const uses = new Map<number, number>();
    for (let i = 1; i < drawn.length; i += 2) uses.set(drawn[i]!, (uses.get(drawn[i]!) ?? 0) + 1);
    const crowded = new Map<number, number[]>();
    this.models = [];
    for (let i = 0; i < drawn.length; i += 2) {
      const [node, mesh, at] = [drawn[i]!, drawn[i + 1]!, i / 2];
      if (uses.get(mesh)! >= CROWD) {
        let nodes = crowded.get(mesh);
        if (!nodes) {
          crowded.set(mesh, (nodes = []));
          this.crowd(mesh, at);
        }
        if (shown[at]) nodes.push(node);
        continue;
      }
      const key = `${node}/${mesh}`;
      const known = before.get(key);
      before.delete(key);
      const m = known ?? { node, mesh, at, surface: null, edged: null, wire: null, edges: 0, on: true };
      m.at = at;
      m.on = shown[at] === 1;
      this.models.push(m);
    }
    for (const m of before.values()) {
      for (const form of [m.surface, m.edged, m.wire]) if (form) this.root.remove(form);
    }
    for (const c of this.crowds.values()) c.set(crowded.get(c.mesh) ?? []);
  }

  private crowd(mesh: number, at: number): void {
    let c = this.crowds.get(mesh);
    if (!c) {
      c = new Crowd(this.core, mesh, at);
      this.crowds.set(mesh, c);
      this.root.add(c.root);
    }
    c.at = at;
  }

  theme(palette: Palette): void {
    this.wire.uniforms.tints!.value = palette.wire;
    this.picked.uniforms.tints!.value = palette.picked;
    this.ink.value = palette.ink;
  }

  /** Makes and shows what a plan needs. Gives false while the edges for it have not come. */
  prepare(plan: Pick<Plan, 'surfaces' | 'edges'>, edges: Int32Array): boolean {
    let complete = true;
    for (const m of this.models) {
      if (!m.on) {
        for (const form of [m.surface, m.edged, m.wire]) if (form) form.visible = false;
        continue;
      }
      let filled = plan.surfaces;
      if (plan.edges === 'on_surface' && edges[m.at]) {
        m.edged ??= this.edgedForm(m);
        filled = !m.edged;
        complete &&= m.edged !== null;
      }
      if (filled) m.surface ??= this.surface(m);
      if (m.edged) m.edged.visible = plan.surfaces && !filled;
      if (m.surface) m.surface.visible = filled;
      if (plan.edges === 'lines' && !this.wireForm(m, edges[m.at]!)) complete = false;
    }
    for (const c of this.crowds.values()) if (!this.prepareCrowd(c, plan, edges[c.at] ?? 0)) complete = false;
    // A mesh that several objects share may have grown on the way: all of them take its newest lines.
    if (plan.edges === 'lines') {
      for (const m of this.models) if (m.wire) m.wire.geometry = this.wires.geometry(m.mesh, m.edges)!;
    }
    return complete;
  }

  private prepareCrowd(c: Crowd, plan: Pick<Plan, 'surfaces' | 'edges'>, edges: number): boolean {
    if (plan.edges === 'lines') {
      const g = this.wires.geometry(c.mesh, edges);
      if (!g) return false;
      const form = c.form('wire', Form.wire, g, this.wire);
      form.onBeforeRender = () => form.geometry.setDrawRange(0, edges * 6);
      c.show(['wire']);
      return true;
    }
    const edged = plan.edges === 'on_surface' && edges > 0 ? this.surfaces.edgedGeometry(c.mesh) : null;
    if (edged) c.form('edged', Form.edged, edged, this.surfaces.material(c.mesh, true));
    else if (plan.surfaces) {
      c.form('surface', Form.surface, this.surfaces.geometry(c.mesh), this.surfaces.material(c.mesh, false));
    }
    c.show(edged ? ['edged'] : ['surface']);
    return edged !== null || !(plan.edges === 'on_surface' && edges > 0);
  }

  private surface(m: Model): THREE.Mesh {
    return this.place(
      new THREE.Mesh(this.surfaces.geometry(m.mesh), this.surfaces.material(m.mesh, false)),
      m,
      Form.surface,
    );
  }

  private edgedForm(m: Model): THREE.Mesh | null {
    const g = this.surfaces.edgedGeometry(m.mesh);
    return g && this.place(new THREE.Mesh(g, this.surfaces.material(m.mesh, true)), m, Form.edged);
  }

  /** The first `count` edges as lines; the number is the object's own, the geometry may be shared. */
  private wireForm(m: Model, count: number): boolean {
    const g = this.wires.geometry(m.mesh, count);
    if (!g) return false;
    if (!m.wire) {
      m.wire = this.place(new THREE.Mesh(g, this.selected.has(m.node) ? this.picked : this.wire), m, Form.wire);
      const wire = m.wire;
      m.wire.onBeforeRender = () => wire.geometry.setDrawRange(0, m.edges * 6);
    }
    m.wire.visible = true;
    m.edges = count;
    return true;
  }

  private place(object: THREE.Mesh, m: Model, form: number): THREE.Mesh {
    object.matrixAutoUpdate = false;
    object.matrixWorldAutoUpdate = false;
    object.matrixWorld.fromArray(this.core.placement(m.node, m.mesh));
    object.layers.set(form);
    this.root.add(object);
    return object;
  }

  /** Nodes have moved; gives whether what `select` gave is out of date. */
  moved(nodes: Int32Array): boolean {
    const which = new Set(nodes);
    for (const m of this.models) {
      if (!which.has(m.node)) continue;
      const matrix = this.core.placement(m.node, m.mesh);
      for (const form of [m.surface, m.edged, m.wire]) form?.matrixWorld.fromArray(matrix);
    }
    for (const c of this.crowds.values()) c.moved(which);
    return this.crowds.size > 0;
  }

  /** Shows which nodes are selected; gives the surfaces of them for the outline. */
  select(nodes: Set<number>, last: Set<number>): { node: number; mesh: THREE.Mesh }[] {
    this.selected = nodes;
    const out: { node: number; mesh: THREE.Mesh }[] = [];
    for (const m of this.models) {
      const on = m.on && nodes.has(m.node);
      if (m.wire) {
        m.wire.material = on ? this.picked : this.wire;
        m.wire.renderOrder = on ? 1 : 0;
      }
      if (on) {
        m.surface ??= this.surface(m);
        out.push({ node: m.node, mesh: m.surface });
      }
    }
    const others = nodes.size && this.crowds.size ? new Set([...nodes].filter((n) => !last.has(n))) : new Set<number>();
    for (const c of this.crowds.values()) {
      for (const some of [others, last]) {
        const p = some.size ? c.picked(some, this.surfaces.geometry(c.mesh), this.picked) : null;
        if (p) out.push(p);
      }
    }
    return out;
  }

  dispose(): void {
    for (const c of this.crowds.values()) c.dispose();
    this.surfaces.dispose();
    this.wires.dispose();
    this.wire.dispose();
    this.picked.dispose();
  }
}
