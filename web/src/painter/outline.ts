import * as THREE from 'three';
import { OVER } from './blending';
import type { BatchReader } from '../core';
import { fullTriangle } from './page';
import { Form } from './passes';
import { outlineFragment, outlineVertex } from './outlineShaders';

/** The heather line round what is selected, drawn from an image of it. */
export class Outline {
  private readonly target = new THREE.WebGLRenderTarget(1, 1, { depthBuffer: true, samples: 0 });
  /** The line itself, drawn with the scene. */
  readonly page: THREE.Mesh;
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
      ...OVER,
      depthTest: false,
    });
    this.target.texture.minFilter = this.target.texture.magFilter = THREE.NearestFilter;
    this.page = fullTriangle(this.lines);
    this.page.layers.set(Form.outline);
    // Over everything but marks.
    this.page.renderOrder = 200;
  }

  tint(color: THREE.Vector3): void {
    this.lines.uniforms.tint!.value = color;
  }

  resize(width: number, height: number): void {
    this.target.setSize(width, height);
  }

  /** Makes the image for a view that is drawn next into this part of the canvas, or of an image of the size of {@link resize}. */
  prepare(
    renderer: THREE.WebGLRenderer,
    masks: THREE.Scene,
    camera: THREE.Camera,
    box: THREE.Vector4,
    submit: BatchReader,
  ): void {
    // The line has room about what is selected.
    const room = Math.ceil(8 * (this.lines.uniforms.pixel!.value as number));
    const [x, y, w, h] = submit.masked(box.z, box.w, room) as unknown as [number, number, number, number];
    // What lies outside of this was not cleared: it belongs to other pictures.
    const part = (this.lines.uniforms.box!.value as THREE.Vector4).set(box.x + x, box.y + y, w, h);
    this.target.viewport.copy(box);
    this.target.scissor.copy(part);
    this.target.scissorTest = true;
    renderer.setRenderTarget(this.target);
    renderer.setClearColor(0x000000, 0);
    renderer.clear(true, true, false);
    camera.layers.set(Form.mask);
    renderer.render(masks, camera);
  }

  dispose(): void {
    this.target.dispose();
    this.lines.dispose();
  }
}
