import * as THREE from 'three';
import type { BatchForm, MeshReader } from '../core';
import type { Looks } from './looks';
import { VEILS } from './merged';
import { Form } from './passes';
import {
  formKey,
  isBoxes,
  isEdges,
  isLines,
  isPicked,
  isVeil,
  lay,
  PLAIN,
  Run,
  tintOf,
  type BatchDrawing,
  type Style,
  type Which,
} from './runs';
import type { Surfaces } from './surfaces';
import type { Wires } from './wires';

/** A mesh by itself: large, blended, or too far from the others to share their buffers. */
export class Single implements BatchDrawing {
  readonly root = new THREE.Group();
  readonly masks = new THREE.Group();
  private readonly place = new THREE.Matrix4();
  private readonly forms = new Map<string, THREE.Mesh>();
  private last = false;
  private lines = 0;
  private readonly layer = { value: 0 };

  constructor(
    private readonly core: MeshReader,
    private readonly form: BatchForm,
    private readonly looks: Looks,
    private readonly surfaces: Surfaces,
    private readonly wires: Wires,
  ) {
    for (const g of [this.root, this.masks]) g.matrixWorldAutoUpdate = false;
    this.place.fromArray(core.placement(form.node, form.mesh));
    this.update(form);
  }

  update({ layer }: BatchForm): void {
    this.layer.value = layer;
  }

  sent(): void {}

  hide(): void {
    for (const f of this.forms.values()) f.visible = false;
  }

  show(run: Run, level: number, which: Which): void {
    const boxes = isBoxes(run);
    const lines = isEdges(run);
    const { mesh } = this.form;
    const geometry = boxes
      ? this.wires.box(mesh)
      : lines
        ? this.wires.geometry(mesh, which.counts[0]! / 6)
        : run === Run.edged
          ? this.surfaces.edgedGeometry(mesh)
          : run === Run.mask
            ? this.surfaces.geometry(mesh)
            : this.surfaces.level(mesh, level);
    if (!geometry) {
      // Until its edges can be drawn it is shown without.
      if (run === Run.edged) this.show(Run.surface, level, which);
      return;
    }
    const key = formKey(run, level, which.style);
    let f = this.forms.get(key);
    if (!f) {
      f = this.make(run, geometry, which.style);
      f.matrixAutoUpdate = false;
      f.matrixWorldAutoUpdate = false;
      f.frustumCulled = false;
      // The very matrix: when it moves, so do all forms.
      f.matrixWorld = this.place;
      this.forms.set(key, f);
      (run === Run.mask ? this.masks : this.root).add(f);
    }
    if (lines) {
      this.lines = which.counts[0]!;
      f.geometry = geometry;
    }
    lay(run, f.material, which);
    f.visible = true;
  }

  private make(run: Run, geometry: THREE.BufferGeometry, style: Style): THREE.Mesh {
    if (isLines(run)) {
      const f = new THREE.Mesh(geometry, this.looks.line(tintOf(run), false));
      f.layers.set(Form.wire);
      f.renderOrder = isPicked(run) ? 1 : 0;
      // The geometry may be shared with others that draw more or less of it.
      if (isEdges(run)) f.onBeforeRender = () => f.geometry.setDrawRange(0, this.lines);
      return f;
    }
    if (run === Run.mask) {
      const f = new THREE.Mesh(geometry, this.looks.mask(this.last, false));
      f.layers.set(Form.mask);
      return f;
    }
    const edges = run === Run.edged;
    const look = this.looks.surface(this.form.mesh, edges, false, style);
    look.uniforms.batch = { value: this.form.number };
    look.uniforms.layer = this.layer;
    const f = new THREE.Mesh(geometry, look);
    f.layers.set(isVeil(run) ? Form.veil : edges ? Form.edged : Form.surface);
    f.renderOrder = isVeil(run) ? VEILS : 0;
    return f;
  }

  moved(nodes: ReadonlySet<number>): void {
    if (nodes.has(this.form.node)) this.place.fromArray(this.core.placement(this.form.node, this.form.mesh));
  }

  select(_nodes: ReadonlySet<number>, last: ReadonlySet<number>): void {
    this.last = last.has(this.form.node);
    const mask = this.forms.get(formKey(Run.mask, 0, PLAIN));
    if (mask) (mask.material as THREE.ShaderMaterial).uniforms.last!.value = this.last ? 1 : 0;
  }

  dispose(): void {
    for (const f of this.forms.values()) (f.material as THREE.Material).dispose();
  }
}
