import * as THREE from 'three';
import { OVER } from './blending';
import { fullTriangle } from './page';
import { Form } from './passes';
import type { Through } from './runs';
import { throughFragment, throughVertex } from './throughShaders';

/** Layers that are peeled off one after the other; what lies behind more surfaces than these is not drawn. */
const LAYERS = 4;

/** What surfaces share that let through what lies behind them. */
interface Shared {
  before: { value: THREE.Texture | null };
  peeling: { value: boolean };
}

/**
 * Surfaces that let through what lies behind them, drawn into a picture of their own. While a view moves they are added up in one
 * pass, near ones with more weight (McGuire and Bavoil, Weighted Blended Order-Independent Transparency, 2013); at rest their
 * layers are peeled off from front to back (Everitt, Interactive Order-Independent Transparency, 2001), which puts them in the right order.
 */
export class SeeThrough {
  /** Puts the picture in its place, over the grid. */
  readonly page: THREE.Mesh;
  private readonly material: THREE.ShaderMaterial;
  private sums: THREE.WebGLRenderTarget | null = null;
  private layers: THREE.WebGLRenderTarget[] = [];

  constructor(private readonly shared: Shared) {
    this.material = new THREE.ShaderMaterial({
      glslVersion: THREE.GLSL3,
      vertexShader: throughVertex,
      fragmentShader: throughFragment,
      uniforms: {
        layers: { value: [] },
        sum: { value: null },
        weight: { value: null },
        peeled: { value: false },
        corner: { value: new THREE.Vector2() },
      },
      ...OVER,
      depthTest: false,
    });
    this.page = fullTriangle(this.material);
    this.page.layers.set(Form.through);
    this.page.renderOrder = -0.5;
  }

  /** Draws the surfaces of a scene as a camera sees them, for this part of the canvas or of an image. */
  prepare(
    renderer: THREE.WebGLRenderer,
    scene: THREE.Scene,
    camera: THREE.Camera,
    box: THREE.Vector4,
    through: Through,
  ): void {
    const u = this.material.uniforms;
    u.peeled!.value = through === 'peeled';
    (u.corner!.value as THREE.Vector2).set(box.x, box.y);
    camera.layers.set(Form.surface);
    camera.layers.enable(Form.edged);
    if (through === 'peeled') this.peel(renderer, scene, camera, box);
    else this.add(renderer, scene, camera, box);
  }

  private add(renderer: THREE.WebGLRenderer, scene: THREE.Scene, camera: THREE.Camera, box: THREE.Vector4): void {
    if (!this.sums)
      this.sums = new THREE.WebGLRenderTarget(1, 1, { count: 2, type: THREE.HalfFloatType, depthBuffer: false });
    fit(this.sums, box);
    renderer.setRenderTarget(this.sums);
    renderer.setClearColor(0x000000, 1);
    renderer.clear(true, false, false);
    renderer.render(scene, camera);
    this.material.uniforms.sum!.value = this.sums.textures[0];
    this.material.uniforms.weight!.value = this.sums.textures[1];
  }

  private peel(renderer: THREE.WebGLRenderer, scene: THREE.Scene, camera: THREE.Camera, box: THREE.Vector4): void {
    while (this.layers.length < LAYERS) {
      const depthTexture = new THREE.DepthTexture(1, 1, THREE.FloatType);
      this.layers.push(new THREE.WebGLRenderTarget(1, 1, { depthTexture, samples: 0 }));
    }
    this.layers.forEach((layer, i) => {
      fit(layer, box);
      this.shared.peeling.value = i > 0;
      this.shared.before.value = i > 0 ? this.layers[i - 1]!.depthTexture : null;
      renderer.setRenderTarget(layer);
      renderer.setClearColor(0x000000, 0);
      renderer.clear(true, true, false);
      renderer.render(scene, camera);
    });
    this.shared.before.value = null;
    this.material.uniforms.layers!.value = this.layers.map((l) => l.texture);
  }

  dispose(): void {
    this.sums?.dispose();
    for (const l of this.layers) l.dispose();
    this.material.dispose();
  }
}

/** Makes a target large enough for a picture, and draws to its lower left corner. */
function fit(target: THREE.WebGLRenderTarget, { z: width, w: height }: THREE.Vector4): void {
  if (target.width < width || target.height < height)
    target.setSize(Math.max(target.width, width), Math.max(target.height, height));
  target.viewport.set(0, 0, width, height);
  target.scissor.set(0, 0, width, height);
  target.scissorTest = true;
  for (const t of target.textures) t.minFilter = t.magFilter = THREE.NearestFilter;
}
