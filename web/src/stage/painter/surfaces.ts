import * as THREE from 'three';
import type { DrawApi, Material } from '../../core';
import { surfaceFragment, surfaceVertex } from './shaders';

/** Surfaces of one mesh, as they are or with the sides of triangles marked for drawing edges on them. */
export class Surfaces {
  private readonly plain = new Map<number, THREE.BufferGeometry>();
  private readonly edged = new Map<number, THREE.BufferGeometry>();
  private readonly materials = new Map<string, THREE.ShaderMaterial>();
  private readonly images = new Map<number, THREE.Texture>();

  constructor(
    private readonly core: DrawApi,
    private readonly file: ArrayBuffer,
    private readonly ink: { value: THREE.Vector3 },
    private readonly pixel: { value: number },
    private readonly loaded: () => void,
  ) {}

  private sphere(mesh: number): THREE.Sphere {
    const [x, y, z, r] = this.core.ball(mesh);
    return new THREE.Sphere(new THREE.Vector3(x, y, z), r);
  }

  geometry(mesh: number): THREE.BufferGeometry {
    let g = this.plain.get(mesh);
    if (!g) {
      g = new THREE.BufferGeometry();
      g.setAttribute('position', new THREE.BufferAttribute(this.core.positions(mesh), 3));
      const normal = this.core.attribute(mesh, 'NORMAL', 3);
      const uv = this.core.attribute(mesh, 'TEXCOORD_0', 2);
      const color = this.core.attribute(mesh, 'COLOR_0', 4);
      if (normal) g.setAttribute('normal', new THREE.BufferAttribute(normal, 3));
      if (uv) g.setAttribute('uv', new THREE.BufferAttribute(uv, 2));
      if (color) g.setAttribute('color', new THREE.BufferAttribute(color, 4));
      const index = this.core.indices(mesh);
      const small = g.getAttribute('position')!.count < 65536;
      g.setIndex(
        new THREE.BufferAttribute(
          small ? new Uint16Array(index) : new Uint32Array(index.buffer, index.byteOffset, index.length),
          1,
        ),
      );
      g.boundingSphere = this.sphere(mesh);
      this.plain.set(mesh, g);
    }
    return g;
  }

  /** Corners by themselves, each triangle with a byte that says which of its sides are edges; null until those came. */
  edgedGeometry(mesh: number): THREE.BufferGeometry | null {
    let g = this.edged.get(mesh);
    if (!g) {
      const sides = this.core.sides(mesh);
      if (!sides) return null;
      const indexed = this.geometry(mesh);
      g = new THREE.BufferGeometry();
      const index = this.core.indices(mesh);
      for (const name of Object.keys(indexed.attributes)) {
        const from = indexed.attributes[name] as THREE.BufferAttribute;
        const n = from.itemSize;
        const source = from.array;
        const out = new Float32Array(index.length * n);
        for (let i = 0; i < index.length; i++) {
          for (let k = 0; k < n; k++) out[i * n + k] = source[index[i]! * n + k]!;
        }
        g.setAttribute(name, new THREE.BufferAttribute(out, n));
      }
      const marks = new Uint8Array(index.length);
      for (let i = 0; i < index.length; i += 3) {
        marks.fill(sides[i]! | (sides[i + 1]! << 2) | (sides[i + 2]! << 4), i, i + 3);
      }
      g.setAttribute('sides', new THREE.BufferAttribute(marks, 1));
      g.boundingSphere = indexed.boundingSphere;
      this.edged.set(mesh, g);
    }
    return g;
  }

  material(mesh: number, edges: boolean): THREE.ShaderMaterial {
    const m = this.core.material(mesh);
    const g = this.geometry(mesh);
    const has = { normal: !!g.getAttribute('normal'), color: !!g.getAttribute('color'), uv: !!g.getAttribute('uv') };
    const key = [m.id, edges, has.normal, has.color, has.uv].join();
    let material = this.materials.get(key);
    if (!material) {
      const defines: Record<string, number> = {};
      if (has.normal) defines.WITH_NORMAL = 1;
      if (has.color) defines.WITH_COLOR = 1;
      if (m.image && has.uv) defines.WITH_IMAGE = 1;
      if (edges) defines.EDGES = 1;
      const [r, gr, b, a] = m.color;
      material = new THREE.ShaderMaterial({
        glslVersion: THREE.GLSL3,
        vertexShader: surfaceVertex,
        fragmentShader: surfaceFragment,
        defines,
        uniforms: {
          base: { value: new THREE.Vector4(r, gr, b, m.blend ? a : 1) },
          ink: this.ink,
          pixel: this.pixel,
          cutoff: { value: m.cutoff },
          image: { value: m.image && has.uv ? this.image(m.image) : null },
        },
        side: THREE.DoubleSide,
        transparent: m.blend,
        depthWrite: !m.blend,
        blending: m.blend ? THREE.CustomBlending : THREE.NoBlending,
        blendSrc: THREE.OneFactor,
        blendDst: THREE.OneMinusSrcAlphaFactor,
      });
      this.materials.set(key, material);
    }
    return material;
  }

  private image(image: NonNullable<Material['image']>): THREE.Texture {
    let texture = this.images.get(image.id);
    if (!texture) {
      const made = new THREE.Texture();
      texture = made;
      made.wrapS = made.wrapT = THREE.RepeatWrapping;
      made.flipY = false;
      this.images.set(image.id, made);
      const blob = new Blob([new Uint8Array(this.file, image.start, image.length)], { type: image.type });
      void createImageBitmap(blob, { premultiplyAlpha: 'none', colorSpaceConversion: 'none' }).then((bitmap) => {
        made.image = bitmap;
        made.needsUpdate = true;
        this.loaded();
      });
    }
    return texture;
  }

  dispose(): void {
    for (const g of [...this.plain.values(), ...this.edged.values()]) g.dispose();
    for (const m of this.materials.values()) m.dispose();
    for (const t of this.images.values()) t.dispose();
  }
}
