import * as THREE from 'three';
import { Form } from './passes';
import { lay, Run, type Which } from './runs';

/** What those of a crowd that are selected are drawn with once more. */
export interface Makes {
  matrices: (nodes: Int32Array) => THREE.InstancedBufferAttribute;
  mask: (matrices: THREE.InstancedBufferAttribute, last: boolean) => THREE.InstancedMesh;
  /** Null until there are edges. */
  lines: (matrices: THREE.InstancedBufferAttribute) => THREE.InstancedMesh | null;
}

/** Those of a crowd that are selected, as instances of their own: for the outline, and as lines over the others. */
export class ChosenOnes {
  private drawn: THREE.InstancedMesh[] = [];
  /** How many numbers of the lines are drawn. */
  lines = 0;

  constructor(
    private readonly root: THREE.Object3D,
    private readonly masks: THREE.Object3D,
    private readonly makes: Makes,
  ) {}

  update(nodes: Int32Array, last: ReadonlySet<number>): void {
    this.dispose();
    for (const [some, isLast] of [
      [nodes.filter((n) => !last.has(n)), false],
      [nodes.filter((n) => last.has(n)), true],
    ] as const) {
      if (!some.length) continue;
      const matrices = this.makes.matrices(some);
      this.add(this.makes.mask(matrices, isLast), this.masks);
      const line = this.makes.lines(matrices);
      if (!line) continue;
      line.renderOrder = 1;
      line.onBeforeRender = () => line.geometry.setDrawRange(0, this.lines);
      line.visible = false;
      this.add(line, this.root);
    }
  }

  private add(f: THREE.InstancedMesh, to: THREE.Object3D): void {
    to.add(f);
    this.drawn.push(f);
  }

  hide(): void {
    for (const f of this.drawn) f.visible = false;
  }

  showMasks(): void {
    for (const f of this.drawn) if (f.layers.isEnabled(Form.mask)) f.visible = true;
  }

  showLines(which: Which): void {
    for (const f of this.drawn) {
      if (!f.layers.isEnabled(Form.wire)) continue;
      lay(Run.picked, f.material, which);
      f.visible = true;
    }
  }

  dispose(): void {
    for (const f of this.drawn) {
      f.removeFromParent();
      f.dispose();
      (f.material as THREE.Material).dispose();
    }
    this.drawn = [];
  }
}
