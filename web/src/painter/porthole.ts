import * as THREE from 'three';
import type { ViewportSummary, DrawPlan } from '../core';
import { fullPage } from './page';
import type { Palette } from './palette';
import { Reduced } from './reduced';
import type { Through } from './runs';
import type { PaintedCore, ViewDrawing } from './view';

/** A lozenge of a viewport that is drawn with another look: only the rectangle round it is drawn, aside, and put in its place. */
export class PortholeDrawing {
  private readonly aside = new Reduced();
  private readonly page: THREE.Scene;
  private readonly material: THREE.ShaderMaterial;

  constructor(palette: Palette) {
    this.material = new THREE.ShaderMaterial({
      glslVersion: THREE.GLSL3,
      uniforms: {
        picture: { value: null },
        corner: { value: new THREE.Vector2() },
        middle: { value: new THREE.Vector2() },
        half_: { value: 1 },
        pixel: { value: 1 },
        rim: { value: palette.rim },
      },
      vertexShader: `
        void main() {
          gl_Position = vec4(position.xy, 0.0, 1.0);
        }`,
      fragmentShader: `
        precision highp float;
        uniform sampler2D picture;
        uniform vec2 corner;
        uniform vec2 middle;
        uniform float half_;
        uniform float pixel;
        uniform vec3 rim;
        out vec4 result;
        void main() {
          vec2 d = abs(gl_FragCoord.xy - middle);
          float in_ = (half_ - d.x - d.y) * 0.7071;
          if (in_ < 0.0) discard;
          vec3 c = texelFetch(picture, ivec2(gl_FragCoord.xy - corner), 0).rgb;
          result = vec4(mix(rim, c, clamp(in_ - 1.5 * pixel + 0.5, 0.0, 1.0)), 1.0);
        }`,
      depthTest: false,
      depthWrite: false,
    });
    this.page = fullPage(this.material);
  }

  theme(palette: Palette): void {
    this.material.uniforms.rim!.value = palette.rim;
  }

  /**
   * Draws it over what is there.
   *
   * @param box of the viewport, in pixels of the canvas
   * @returns whether everything of it has come
   */
  draw(
    renderer: THREE.WebGLRenderer,
    view: ViewDrawing,
    core: PaintedCore,
    frame: ViewportSummary,
    { hole }: DrawPlan,
    box: THREE.Vector4,
    through: Through,
  ): boolean {
    if (!hole) return true;
    const k = view.pixel.value;
    const [w, h] = [Math.round(hole.width * k), Math.round(hole.height * k)];
    const complete = view.paint({
      matrices: core.stage.offscreen.partMatrices(frame.number, hole.left, hole.top, hole.width, hole.height),
      plan: { ...core.stage.paint.plan(frame.number, hole.look), outline: false },
      number: frame.number,
      height: frame.rect.height,
      box: new THREE.Vector4(0, 0, w, h),
      into: this.aside.begin(w, h),
      through,
      look: hole.look,
      eased: true,
    });
    const u = this.material.uniforms;
    u.picture!.value = this.aside.texture;
    // Pixels are counted from below here.
    (u.corner!.value as THREE.Vector2).set(
      box.x + Math.round(hole.left * k),
      box.y + box.w - Math.round(hole.top * k) - h,
    );
    (u.middle!.value as THREE.Vector2).set(box.x + hole.x * k, box.y + box.w - hole.y * k);
    u.half_!.value = hole.half * k;
    u.pixel!.value = k;
    renderer.setRenderTarget(null);
    view.camera.layers.set(0);
    renderer.render(this.page, view.camera);
    return complete;
  }

  dispose(): void {
    this.aside.dispose();
    this.material.dispose();
  }
}
