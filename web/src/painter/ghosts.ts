import type * as THREE from 'three';
import { VEILS } from './merged';
import { lay, Run, type Which } from './runs';

/** Those of a crowd that are hardly seen while others are isolated. */
export class Ghosts {
  private drawn: THREE.InstancedMesh | null = null;

  constructor(
    private readonly root: THREE.Object3D,
    private readonly make: (nodes: Int32Array) => THREE.InstancedMesh,
  ) {}

  update(nodes: Int32Array): void {
    this.dispose();
    if (!nodes.length) return;
    this.drawn = this.make(nodes);
    this.drawn.renderOrder = VEILS;
    this.drawn.visible = false;
    this.root.add(this.drawn);
  }

  show(which: Which): void {
    if (!this.drawn) return;
    lay(Run.ghost, this.drawn.material, which);
    this.drawn.visible = true;
  }

  hide(): void {
    if (this.drawn) this.drawn.visible = false;
  }

  dispose(): void {
    if (!this.drawn) return;
    this.root.remove(this.drawn);
    (this.drawn.material as THREE.Material).dispose();
    this.drawn.dispose();
    this.drawn = null;
  }
}
