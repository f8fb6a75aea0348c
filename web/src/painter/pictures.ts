import * as THREE from 'three';
import type { PictureLook } from '../core';
import { Form } from './passes';

/** Behind everything but the ground, or over everything. */
const ORDER = { behind: -5, front: 100 };

/** Pictures behind views and before them: rectangles without depth, in the colours of their files. */
export class PicturePlanes {
  readonly root = new THREE.Group();
  /** Whether any lies behind what is shown. */
  behind = false;
  private readonly textures = new Map<string, THREE.Texture>();
  private readonly meshes: THREE.Mesh[] = [];
  private readonly loader = new THREE.TextureLoader();

  constructor(
    private readonly address: (image: string) => string,
    private readonly loaded: () => void,
  ) {
    this.root.matrixWorldAutoUpdate = false;
  }

  /** Makes ready what a viewport shows; what is not loaded yet is drawn once it is. */
  show(looks: readonly PictureLook[]): void {
    this.behind = looks.some((look) => !look.front);
    looks.forEach((look, k) => this.place(this.mesh(k), look));
    for (let k = looks.length; k < this.meshes.length; k++) this.meshes[k]!.visible = false;
  }

  private place(mesh: THREE.Mesh, look: PictureLook): void {
    const material = mesh.material as THREE.ShaderMaterial;
    const picture = this.texture(look.image);
    mesh.visible = picture.image !== null;
    material.uniforms.picture!.value = picture;
    material.uniforms.opacity!.value = look.opacity;
    // What lies behind is drawn with the solid things, before them, and blends all the same.
    material.transparent = look.front;
    mesh.renderOrder = look.front ? ORDER.front : ORDER.behind;
    const [x, y, z] = look.corners as [number, number, number];
    mesh.matrixWorld.makeTranslation(x, y, z);
    const corners = mesh.geometry.getAttribute('position') as THREE.BufferAttribute;
    for (let i = 0; i < 4; i++) {
      corners.setXYZ(i, look.corners[3 * i]! - x, look.corners[3 * i + 1]! - y, look.corners[3 * i + 2]! - z);
    }
    corners.needsUpdate = true;
  }

  private mesh(k: number): THREE.Mesh {
    const have = this.meshes[k];
    if (have) return have;
    const geometry = new THREE.BufferGeometry();
    geometry.setAttribute('position', new THREE.BufferAttribute(new Float32Array(12), 3));
    geometry.setAttribute('uv', new THREE.BufferAttribute(new Float32Array([0, 1, 1, 1, 1, 0, 0, 0]), 2));
    geometry.setIndex([0, 3, 2, 0, 2, 1]);
    const material = new THREE.ShaderMaterial({
      uniforms: { picture: { value: null }, opacity: { value: 1 } },
      // It has no depth of its own, so that no clip plane cuts it.
      vertexShader: `
        varying vec2 place;
        void main() {
          place = uv;
          gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0);
          gl_Position.z = 0.0;
        }`,
      fragmentShader: `
        uniform sampler2D picture;
        uniform float opacity;
        varying vec2 place;
        void main() {
          gl_FragColor = texture2D(picture, place);
          gl_FragColor.a *= opacity;
        }`,
      blending: THREE.CustomBlending,
      depthTest: false,
      depthWrite: false,
      side: THREE.DoubleSide,
    });
    const mesh = new THREE.Mesh(geometry, material);
    mesh.frustumCulled = false;
    mesh.matrixWorldAutoUpdate = false;
    mesh.layers.set(Form.grid);
    this.meshes.push(mesh);
    this.root.add(mesh);
    return mesh;
  }

  private texture(image: string): THREE.Texture {
    const have = this.textures.get(image);
    if (have) return have;
    const texture = this.loader.load(this.address(image), () => this.loaded());
    texture.generateMipmaps = true;
    texture.minFilter = THREE.LinearMipmapLinearFilter;
    this.textures.set(image, texture);
    return texture;
  }

  dispose(): void {
    this.textures.forEach((t) => t.dispose());
    for (const m of this.meshes) {
      m.geometry.dispose();
      (m.material as THREE.Material).dispose();
    }
  }
}
