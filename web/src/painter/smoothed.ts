import * as THREE from 'three';
import { fullPage } from './page';

/** A picture whose edges are smooth: the mean of several frames, each moved by a part of a pixel. */
export class Smoothed {
  private frame: THREE.WebGLRenderTarget | null = null;
  private sum: THREE.WebGLRenderTarget | null = null;
  private readonly page: THREE.Scene;
  private readonly material: THREE.ShaderMaterial;

  constructor() {
    this.material = new THREE.ShaderMaterial({
      uniforms: { picture: { value: null }, weight: { value: 1 } },
      vertexShader: `
        varying vec2 place;
        void main() {
          place = position.xy * 0.5 + 0.5;
          gl_Position = vec4(position.xy, 0.0, 1.0);
        }`,
      fragmentShader: `
        uniform sampler2D picture;
        uniform float weight;
        varying vec2 place;
        void main() {
          gl_FragColor = vec4(texture2D(picture, place).rgb * weight, 1.0);
        }`,
      depthTest: false,
      depthWrite: false,
      transparent: true,
      blending: THREE.CustomBlending,
      blendSrc: THREE.OneFactor,
    });
    this.page = fullPage(this.material);
  }

  /** Where to draw the next frame of a picture of so many pixels. */
  begin(width: number, height: number): THREE.WebGLRenderTarget {
    if (this.frame?.width !== width || this.frame.height !== height) {
      this.release();
      const small = { minFilter: THREE.NearestFilter, magFilter: THREE.NearestFilter, samples: 0 } as const;
      this.frame = new THREE.WebGLRenderTarget(width, height, { ...small, depthBuffer: true });
      this.sum = new THREE.WebGLRenderTarget(width, height, {
        ...small,
        depthBuffer: false,
        type: THREE.HalfFloatType,
      });
      for (const t of [this.frame, this.sum]) {
        t.scissor.set(0, 0, width, height);
        t.scissorTest = true;
      }
    }
    return this.frame!;
  }

  /** Adds the frame that was drawn. */
  add(renderer: THREE.WebGLRenderer, camera: THREE.Camera, first: boolean, frames: number): void {
    renderer.setRenderTarget(this.sum);
    if (first) {
      renderer.setClearColor(0x000000, 0);
      renderer.clear(true, false, false);
    }
    this.material.blendDst = THREE.OneFactor;
    this.draw(renderer, camera, this.frame!, 1 / frames);
  }

  /** Draws the mean over the current viewport of the canvas; `share` is how many frames there will be for each that there is. */
  show(renderer: THREE.WebGLRenderer, camera: THREE.Camera, share: number): void {
    renderer.setRenderTarget(null);
    this.material.blendDst = THREE.ZeroFactor;
    this.draw(renderer, camera, this.sum!, share);
  }

  private draw(renderer: THREE.WebGLRenderer, camera: THREE.Camera, from: THREE.WebGLRenderTarget, weight: number) {
    this.material.uniforms.picture!.value = from.texture;
    this.material.uniforms.weight!.value = weight;
    camera.layers.set(0);
    renderer.render(this.page, camera);
  }

  /** Gives back what a picture takes while it is made. */
  release(): void {
    this.frame?.dispose();
    this.sum?.dispose();
    this.frame = this.sum = null;
  }

  dispose(): void {
    this.release();
    this.material.dispose();
  }
}
