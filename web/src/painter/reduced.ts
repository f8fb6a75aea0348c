import * as THREE from 'three';
import { fullPage } from './page';

/** A picture of fewer pixels, drawn aside and then enlarged to its place. */
export class Reduced {
  private target: THREE.WebGLRenderTarget | null = null;
  private readonly page: THREE.Scene;
  private readonly material: THREE.ShaderMaterial;

  constructor() {
    this.material = new THREE.ShaderMaterial({
      uniforms: { picture: { value: null }, part: { value: new THREE.Vector2() } },
      vertexShader: `
        uniform vec2 part;
        varying vec2 place;
        void main() {
          place = (position.xy * 0.5 + 0.5) * part;
          gl_Position = vec4(position.xy, 0.0, 1.0);
        }`,
      fragmentShader: `
        uniform sampler2D picture;
        varying vec2 place;
        void main() {
          gl_FragColor = vec4(texture2D(picture, place).rgb, 1.0);
        }`,
      depthTest: false,
      depthWrite: false,
    });
    this.page = fullPage(this.material);
  }

  /** What was drawn. */
  get texture(): THREE.Texture | null {
    return this.target?.texture ?? null;
  }

  /** Where to draw a picture of so many pixels: the lower left corner of what this gives. */
  begin(width: number, height: number): THREE.WebGLRenderTarget {
    const fits = this.target && this.target.width >= width && this.target.height >= height;
    if (!fits) {
      this.target?.dispose();
      this.target = new THREE.WebGLRenderTarget(width, height, { depthBuffer: true, samples: 0 });
    }
    const t = this.target!;
    t.viewport.set(0, 0, width, height);
    t.scissor.set(0, 0, width, height);
    t.scissorTest = true;
    return t;
  }

  /** Draws what is there over the current viewport of the canvas. */
  enlarge(renderer: THREE.WebGLRenderer, camera: THREE.Camera, width: number, height: number): void {
    const t = this.target!;
    this.material.uniforms.picture!.value = t.texture;
    (this.material.uniforms.part!.value as THREE.Vector2).set(width / t.width, height / t.height);
    renderer.setRenderTarget(null);
    camera.layers.set(0);
    renderer.render(this.page, camera);
  }

  dispose(): void {
    this.target?.dispose();
    this.material.dispose();
  }
}
