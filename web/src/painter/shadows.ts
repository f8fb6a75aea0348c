import * as THREE from 'three';
import type { ViewportPaint } from '../core';
import type { Models } from './models';
import { Form, PLAIN } from './passes';

/** What the light that casts shadows sees, drawn anew only when something in it has changed. */
export class Shadows {
  private readonly camera = new THREE.Camera();
  private target: THREE.WebGLRenderTarget | null = null;
  private version = -1;

  constructor(private readonly shared: { shadow: { value: THREE.Texture | null } }) {
    this.camera.matrixWorldAutoUpdate = false;
  }

  /** The picture is drawn anew in any case. */
  forget(): void {
    this.version = -1;
  }

  /**
   * Makes the picture ready for a viewport.
   *
   * @param quick whether one that is out of date will do
   * @returns whether it is up to date
   */
  prepare(
    renderer: THREE.WebGLRenderer,
    scene: THREE.Scene,
    models: Models,
    core: ViewportPaint,
    view: number,
    look: string,
    quick: boolean,
  ): boolean {
    const version = core.shadowVersion();
    if (version === this.version) return true;
    if (quick && this.version >= 0) return false;
    const matrices = core.shadowMatrices(view, look);
    if (!matrices) return true;
    const size = core.shadowSize();
    this.target ??= this.make(size);
    this.camera.matrixWorldInverse.fromArray(matrices, 0);
    this.camera.projectionMatrix.fromArray(matrices, 16);
    this.camera.layers.set(Form.surface);
    // What is drawn cannot be read in the same pass.
    this.shared.shadow.value = null;
    models.prepare(matrices, -1, size, { ...PLAIN, shade: 'depth' }, false, 'none');
    renderer.setRenderTarget(this.target);
    renderer.clear(true, true, false);
    renderer.render(scene, this.camera);
    this.shared.shadow.value = this.target.depthTexture;
    this.version = version;
    return true;
  }

  private make(size: number): THREE.WebGLRenderTarget {
    const depthTexture = new THREE.DepthTexture(size, size, THREE.FloatType);
    depthTexture.compareFunction = THREE.LessEqualCompare;
    depthTexture.minFilter = depthTexture.magFilter = THREE.LinearFilter;
    return new THREE.WebGLRenderTarget(size, size, { depthTexture, format: THREE.RedFormat, samples: 0 });
  }

  dispose(): void {
    this.target?.dispose();
    this.target = null;
    this.version = -1;
    this.shared.shadow.value = null;
  }
}
