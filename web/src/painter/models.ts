import * as THREE from 'three';
import type { MeshReader, BatchReader } from '../core';
import { Crowd } from './crowds';
import { Looks, type Shared } from './looks';
import { Merged } from './merged';
import type { Palette } from './palette';
import type { Drawn } from './passes';
import { RUN, styleOf, type BatchDrawing, type Through } from './runs';
import { Single } from './single';
import { Slices } from './slices';
import { Surfaces } from './surfaces';
import { Wires } from './wires';

/** Numbers that the core tells of what it wrote to a batch. */
const DIRTY = 15;

/** Everything of a scene that can be drawn, batch by batch as the core arranges it; each form is made when it is first asked for. */
export class Models {
  readonly root = new THREE.Group();
  readonly masks = new THREE.Scene();
  private readonly batches: BatchDrawing[] = [];
  /** What takes long to make. */
  readonly slices: Slices;
  private readonly looks: Looks;
  private readonly surfaces: Surfaces;
  private readonly wires: Wires;
  private selected: [Set<number>, Set<number>] = [new Set(), new Set()];
  /** Whether anything is outlined in what was prepared last. */
  outlined = false;

  constructor(
    private readonly core: MeshReader,
    private readonly submit: BatchReader,
    file: ArrayBuffer,
    shared: Shared,
    palette: Palette,
    loaded: () => void,
    came: () => void,
  ) {
    this.slices = new Slices(came);
    this.looks = new Looks(core, file, shared, palette, loaded);
    this.surfaces = new Surfaces(core, this.slices);
    this.wires = new Wires(core, this.slices, (mesh) => this.surfaces.geometry(mesh).boundingSphere!);
    for (const r of [this.root, this.masks]) r.matrixWorldAutoUpdate = false;
    this.sync();
  }

  theme(palette: Palette): void {
    this.looks.theme(palette);
  }

  /** Takes over what the core has to draw now. */
  sync(): void {
    this.submit.arrange();
    const known = this.batches.length;
    for (const form of this.submit.batches()) {
      const have = this.batches[form.number];
      if (have) {
        have.update(form);
        continue;
      }
      const { core, looks, surfaces, wires } = this;
      const made =
        form.sort === 'merged'
          ? new Merged(this.submit, form, looks)
          : form.sort === 'own'
            ? new Single(core, form, looks, surfaces, wires)
            : new Crowd(core, this.submit, form, looks, surfaces, wires);
      made.select(...this.selected);
      this.batches.push(made);
      this.root.add(made.root);
      this.masks.add(made.masks);
    }
    // New batches take their buffers as they are.
    this.send(known);
  }

  /** Sends to the graphics card what the core has written. */
  private send(known = this.batches.length): void {
    const dirty = this.submit.takeDirty();
    for (let i = 0; i < dirty.length; i += DIRTY) {
      if (dirty[i]! < known) this.batches[dirty[i]!]!.sent(dirty.subarray(i + 1, i + DIRTY));
    }
  }

  /** Makes ready what a picture needs; gives false while something of it has not come. */
  prepare(
    matrices: Float64Array<ArrayBuffer>,
    view: number,
    height: number,
    plan: Drawn,
    eased: boolean,
    through: Through,
    look = '',
  ): boolean {
    for (const b of this.batches) b.hide();
    const runs = this.submit.plan(matrices, view, height, eased, look);
    const [starts, counts, offsets] = [this.submit.starts(), this.submit.counts(), this.submit.offsets()];
    this.outlined = false;
    const style = { shade: plan.shade, through };
    this.slices.waiting = false;
    for (let i = 0; i < runs.length; i += RUN) {
      const [batch, form, level, first, count] = runs.subarray(i, i + RUN);
      const which = {
        starts: starts.subarray(first!, first! + count!),
        counts: counts.subarray(first!, first! + count!),
        style: styleOf(form!, style),
        hidden: plan.hidden,
        backs: plan.backs,
      };
      this.batches[batch!]!.show(form!, level!, which, offsets);
      this.outlined ||= form === 4;
    }
    return this.submit.complete() && !this.slices.waiting;
  }

  moved(nodes: Int32Array<ArrayBuffer>): void {
    this.submit.moved(nodes);
    const which = new Set(nodes);
    for (const b of this.batches) b.moved(which);
    // What has gone too far for shared buffers has a batch of its own now.
    if (this.submit.count() > this.batches.length) this.sync();
    else this.send();
  }

  /** Shows which nodes are selected, and which of them were selected last. */
  select(nodes: Set<number>, last: Set<number>): void {
    this.selected = [nodes, last];
    this.submit.selected();
    for (const b of this.batches) b.select(nodes, last);
    this.send();
  }

  dispose(): void {
    this.slices.dispose();
    for (const b of this.batches) b.dispose();
    this.looks.dispose();
    this.surfaces.dispose();
    this.wires.dispose();
  }
}
