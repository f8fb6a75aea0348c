import * as THREE from 'three';
import type { DrawApi, Material } from '../../core';
import { lineMaterial } from './lines';
import type { Palette } from './palette';
import type { Shade } from './runs';
import { maskFragment, maskVertex } from './outlineShaders';
import { pointFragment, pointVertex, surfaceFragment, surfaceVertex } from './shaders';

/** What all materials share with the painter. */
export interface Shared {
  ink: { value: THREE.Vector3 };
  pixel: { value: number };
  halfSize: THREE.Vector2;
}

const WIDTHS = [0, 0.9, 1.1, 0, 0];

/** Materials of surfaces, lines and masks; each call makes one, programs are shared by the library. */
export class Looks {
  private readonly images = new Map<number, THREE.Texture>();
  private readonly paper = { value: [new THREE.Vector3(), new THREE.Vector3()] };
  private readonly rim = { value: new THREE.Vector4() };
  private readonly tints: { wire: { value: THREE.Vector4[] }; picked: { value: THREE.Vector4[] } };

  constructor(
    private readonly core: Pick<DrawApi, 'material' | 'attribute'>,
    private readonly file: ArrayBuffer,
    private readonly shared: Shared,
    palette: Palette,
    private readonly loaded: () => void,
  ) {
    this.tints = { wire: { value: palette.wire }, picked: { value: palette.picked } };
    this.theme(palette);
  }

  theme(palette: Palette): void {
    this.tints.wire.value = palette.wire;
    this.tints.picked.value = palette.picked;
    this.shared.ink.value = palette.ink;
    this.paper.value = palette.ground;
    this.rim.value = palette.wire[2]!;
  }

  surface(mesh: number, edges: boolean, merged: boolean, shade: Shade): THREE.ShaderMaterial {
    const m = this.core.material(mesh);
    const uv = m.image && this.core.attribute(mesh, 'TEXCOORD_0', 2) !== null;
    const defines: Record<string, number> = {};
    if (merged) defines.MERGED = 1;
    if (this.core.attribute(mesh, 'NORMAL', 3)) defines.WITH_NORMAL = 1;
    if (this.core.attribute(mesh, 'COLOR_0', 4)) defines.WITH_COLOR = 1;
    if (uv) defines.WITH_IMAGE = 1;
    if (edges) defines.EDGES = 1;
    if (shade === 'flat') defines.FLAT = 1;
    if (shade === 'unlit') defines.UNLIT = 1;
    if (shade === 'paper') defines.PAPER = 1;
    const [r, g, b, a] = m.color;
    const blend = m.blend && shade !== 'paper';
    return new THREE.ShaderMaterial({
      glslVersion: THREE.GLSL3,
      vertexShader: surfaceVertex,
      fragmentShader: surfaceFragment,
      defines,
      uniforms: {
        base: { value: new THREE.Vector4(r, g, b, m.blend ? a : 1) },
        ink: this.shared.ink,
        paper: this.paper,
        rim: this.rim,
        pixel: this.shared.pixel,
        cutoff: { value: m.cutoff },
        image: { value: uv ? this.image(m.image!) : null },
      },
      side: THREE.DoubleSide,
      // By so much it draws back where lines are to stand before it.
      polygonOffsetFactor: 1.5,
      polygonOffsetUnits: 2,
      transparent: blend,
      depthWrite: !blend,
      blending: blend ? THREE.CustomBlending : THREE.NoBlending,
      blendSrc: THREE.OneFactor,
      blendDst: THREE.OneMinusSrcAlphaFactor,
    });
  }

  line(picked: boolean, merged: boolean): THREE.ShaderMaterial {
    const look = { tints: [], widths: WIDTHS, grid: false, hidden: false };
    const material = lineMaterial(look, this.shared.halfSize, this.shared.pixel);
    material.uniforms.tints = picked ? this.tints.picked : this.tints.wire;
    if (merged) material.defines.MERGED = 1;
    return material;
  }

  /** Squares for what is small: each in the colour of its part, or all in that of a mesh. */
  point(mesh: number, state: boolean): THREE.ShaderMaterial {
    const [r, g, b, a] = this.core.material(mesh).color;
    return new THREE.ShaderMaterial({
      glslVersion: THREE.GLSL3,
      vertexShader: pointVertex,
      fragmentShader: pointFragment,
      defines: state ? { MERGED: 1, STATE: 1 } : { MERGED: 1 },
      uniforms: { halfSize: { value: this.shared.halfSize }, base: { value: new THREE.Vector4(r, g, b, a) } },
      blending: THREE.NoBlending,
    });
  }

  /** Marks what is selected; of a merged batch its state tells what was selected last. */
  mask(last: boolean, merged: boolean): THREE.ShaderMaterial {
    return new THREE.ShaderMaterial({
      glslVersion: THREE.GLSL3,
      vertexShader: maskVertex,
      fragmentShader: maskFragment,
      defines: merged ? { MERGED: 1 } : {},
      uniforms: { last: { value: last ? 1 : 0 } },
      side: THREE.DoubleSide,
      depthTest: false,
      blending: THREE.CustomBlending,
      blendEquation: THREE.MaxEquation,
    });
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
    for (const t of this.images.values()) t.dispose();
  }
}
