import * as THREE from 'three';
import { fullPage } from './page';
import { Form } from './passes';
import { outlineFragment, outlineVertex } from './outlineShaders';

/** The heather line round what is selected, drawn from an image of it. */
export class Outline {
  private readonly target = new THREE.WebGLRenderTarget(1, 1, { depthBuffer: true, samples: 0 });
  private readonly page: THREE.Scene;
  private readonly lines: THREE.ShaderMaterial;

  constructor(pixel: { value: number }, tint: THREE.Vector3) {
    this.lines = new THREE.ShaderMaterial({
      glslVersion: THREE.GLSL3,
      vertexShader: outlineVertex,
      fragmentShader: outlineFragment,
      uniforms: {
        mask: { value: this.target.texture },
        box: { value: new THREE.Vector4() },
        pixel,
        tint: { value: tint },
      },
      depthTest: false,
      depthWrite: false,
      transparent: true,
      blending: THREE.CustomBlending,
      blendSrc: THREE.OneFactor,
      blendDst: THREE.OneMinusSrcAlphaFactor,
    });
    this.target.texture.minFilter = this.target.texture.magFilter = THREE.NearestFilter;
    this.page = fullPage(this.lines);
  }

  tint(color: THREE.Vector3): void {
    this.lines.uniforms.tint!.value = color;
  }

  resize(width: number, height: number): void {
    this.target.setSize(width, height);
  }

  /** Draws into the canvas, or into an image of the size of {@link resize}. */
  draw(
    renderer: THREE.WebGLRenderer,
    masks: THREE.Scene,
    camera: THREE.Camera,
    box: THREE.Vector4,
    within: Float64Array,
    into: THREE.WebGLRenderTarget | null = null,
  ): void {
    const part = this.part(box, within);
    this.target.viewport.copy(box);
    // What lies outside of this was not cleared: it belongs to other pictures.
    (this.lines.uniforms.box!.value as THREE.Vector4).copy(part);
    this.target.scissor.copy(part);
    this.target.scissorTest = true;
    renderer.setRenderTarget(this.target);
    renderer.setClearColor(0x000000, 0);
    renderer.clear(true, true, false);
    camera.layers.set(Form.mask);
    renderer.render(masks, camera);
    camera.layers.set(0);
    renderer.setRenderTarget(into);
    renderer.render(this.page, camera);
  }

  /** The part of a viewport in which the outline lies: what is selected, with room for the line. */
  private part(box: THREE.Vector4, [left, low, right, high]: Float64Array): THREE.Vector4 {
    const room = Math.ceil(8 * (this.lines.uniforms.pixel!.value as number));
    const x = Math.max(0, Math.floor(((left! + 1) / 2) * box.z) - room);
    const y = Math.max(0, Math.floor(((low! + 1) / 2) * box.w) - room);
    const w = Math.min(box.z, Math.ceil(((right! + 1) / 2) * box.z) + room) - x;
    const h = Math.min(box.w, Math.ceil(((high! + 1) / 2) * box.w) + room) - y;
    return new THREE.Vector4(box.x + x, box.y + y, Math.max(0, w), Math.max(0, h));
  }

  dispose(): void {
    this.target.dispose();
    this.lines.dispose();
  }
}
