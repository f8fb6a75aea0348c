import * as THREE from 'three';
import { fullTriangle } from './page';
import type { Palette } from './palette';
import { Form } from './passes';

/** What lies behind everything: a gradient over the viewport. Drawn here, since a see-through canvas costs a blend a pixel. */
export class Ground {
  readonly mesh: THREE.Mesh;
  private readonly material: THREE.ShaderMaterial;

  constructor(palette: Palette) {
    this.material = new THREE.ShaderMaterial({
      uniforms: { high: { value: palette.ground[0] }, low: { value: palette.ground[1] } },
      vertexShader: `
        varying float up;
        void main() {
          up = position.y * 0.5 + 0.5;
          gl_Position = vec4(position.xy, 1.0, 1.0);
        }`,
      fragmentShader: `
        uniform vec3 high;
        uniform vec3 low;
        varying float up;
        void main() {
          gl_FragColor = vec4(mix(low, high, up), 1.0);
        }`,
      depthWrite: false,
    });
    this.mesh = fullTriangle(this.material);
    this.mesh.layers.set(Form.grid);
  }

  /** Where nothing lies between it and surfaces it is drawn after these, only where none of them is. */
  under(pictures: boolean): void {
    this.material.depthTest = !pictures;
    this.mesh.renderOrder = pictures ? -10 : 10;
  }

  theme(palette: Palette): void {
    this.material.uniforms.high!.value = palette.ground[0];
    this.material.uniforms.low!.value = palette.ground[1];
  }

  dispose(): void {
    this.mesh.geometry.dispose();
    this.material.dispose();
  }
}
