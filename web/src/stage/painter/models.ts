import * as THREE from 'three';
import * as core from '../../core';
import { lineMaterial } from './lines';
import type { Palette } from './palette';
import { Surfaces } from './surfaces';
import { Wires } from './wires';

/** Layers of the painter's scene: which of an object's forms a viewport draws. */
export const Form = { surface: 1, edged: 2, wire: 3, mask: 4, grid: 5 } as const;

interface Model {
  node: number;
  mesh: number;
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
  private readonly surfaces: Surfaces;
  private readonly wires: Wires;
  private readonly wire: THREE.ShaderMaterial;
  private readonly picked: THREE.ShaderMaterial;
  private selected = new Set<number>();

  constructor(
    file: ArrayBuffer,
    palette: Palette,
    halfSize: THREE.Vector2,
    private readonly ink: { value: THREE.Vector3 },
    pixel: { value: number },
    loaded: () => void,
  ) {
    this.surfaces = new Surfaces(file, ink, pixel, loaded);
    this.wires = new Wires((mesh) => this.surfaces.geometry(mesh).boundingSphere!);
    const widths = [0, 0.9, 1.1, 0, 0];
    this.wire = lineMaterial({ tints: palette.wire, widths, relative: false, hidden: false }, halfSize, pixel);
    this.picked = lineMaterial({ tints: palette.picked, widths, relative: false, hidden: false }, halfSize, pixel);
    this.root.matrixWorldAutoUpdate = false;
    this.sync();
  }

  /** Takes over which objects the core has now and which of them are shown. */
  sync(): void {
    const before = new Map(this.models.map((m) => [`${m.node}/${m.mesh}`, m]));
    const drawn = core.drawn();
    const shown = core.shown();
    this.models = [];
    for (let i = 0; i < drawn.length; i += 2) {
      const [node, mesh] = [drawn[i]!, drawn[i + 1]!];
      const m = before.get(`${node}/${mesh}`) ?? {
        node,
        mesh,
        surface: null,
        edged: null,
        wire: null,
        edges: 0,
        on: true,
      };
      before.delete(`${node}/${mesh}`);
      m.on = shown[i / 2] === 1;
      this.models.push(m);
    }
    for (const m of before.values()) {
      for (const form of [m.surface, m.edged, m.wire]) if (form) this.root.remove(form);
    }
  }

  theme(palette: Palette): void {
    this.wire.uniforms.tints!.value = palette.wire;
    this.picked.uniforms.tints!.value = palette.picked;
    this.ink.value = palette.ink;
  }

  /** Makes and shows what a plan needs. Gives false while the edges for it have not come. */
  prepare(plan: Pick<core.Plan, 'surfaces' | 'edges'>, edges: Int32Array): boolean {
    let complete = true;
    for (const [i, m] of this.models.entries()) {
      if (!m.on) {
        for (const form of [m.surface, m.edged, m.wire]) if (form) form.visible = false;
        continue;
      }
      let filled = plan.surfaces;
      if (plan.edges === 'on_surface' && edges[i]) {
        m.edged ??= this.edgedForm(m);
        filled = !m.edged;
        complete &&= m.edged !== null;
      }
      if (filled) m.surface ??= this.surface(m);
      if (m.edged) m.edged.visible = plan.surfaces && !filled;
      if (m.surface) m.surface.visible = filled;
      if (plan.edges === 'lines' && !this.wireForm(m, edges[i]!)) complete = false;
    }
    // A mesh that several objects share may have grown on the way: all of them take its newest lines.
    if (plan.edges === 'lines') {
      for (const m of this.models) if (m.wire) m.wire.geometry = this.wires.geometry(m.mesh, m.edges)!;
    }
    return complete;
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
    object.matrixWorld.fromArray(core.placement(m.node, m.mesh));
    object.layers.set(form);
    this.root.add(object);
    return object;
  }

  /** Nodes have moved. */
  moved(nodes: Int32Array): void {
    const which = new Set(nodes);
    for (const m of this.models) {
      if (!which.has(m.node)) continue;
      const matrix = core.placement(m.node, m.mesh);
      for (const form of [m.surface, m.edged, m.wire]) form?.matrixWorld.fromArray(matrix);
    }
  }

  /** Shows which nodes are selected; gives the surfaces of them for the outline. */
  select(nodes: Set<number>): { node: number; mesh: THREE.Mesh }[] {
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
    return out;
  }

  dispose(): void {
    this.surfaces.dispose();
    this.wires.dispose();
    this.wire.dispose();
    this.picked.dispose();
  }
}
