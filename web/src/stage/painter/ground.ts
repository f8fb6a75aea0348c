import * as THREE from 'three';
import type { Palette } from './palette';

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
      depthTest: false,
      depthWrite: false,
    });
    const corners = new THREE.BufferAttribute(new Float32Array([-1, -1, 0, 3, -1, 0, -1, 3, 0]), 3);
    this.mesh = new THREE.Mesh(new THREE.BufferGeometry().setAttribute('position', corners), this.material);
    this.mesh.frustumCulled = false;
    this.mesh.matrixWorldAutoUpdate = false;
    this.mesh.renderOrder = -10;
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
