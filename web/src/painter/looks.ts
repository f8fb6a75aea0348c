import * as THREE from 'three';
import { OVER } from './blending';
import type { MeshReader, Material } from '../core';
import { lineMaterial } from './lines';
import type { Palette } from './palette';
import { defineOf, wordsOf, type Style, type Tint } from './runs';
import { sampled } from './samplers';
import { maskFragment, maskVertex } from './outlineShaders';
import { pointFragment, pointVertex, surfaceVertex } from './shaders';
import { surfaceFragment } from './surfaceShader';

/** What all materials share with the painter. */
export interface Shared {
  ink: { value: THREE.Vector3 };
  pixel: { value: number };
  halfSize: THREE.Vector2;
  /** How much of what lies behind surfaces they cover, where they let it through. */
  opacity: { value: number };
  /** How far away the layer before is that is peeled off, and whether there is one. */
  before: { value: THREE.Texture | null };
  peeling: { value: boolean };
  /** What lights materials, in the core's rows, and what the light sees that casts shadows. */
  lamps: { value: Float32Array };
  shadow: { value: THREE.Texture | null };
}

const PLAIN = { transparent: false, depthWrite: true, blending: THREE.NoBlending } as const;
/** Colours and weights are added up, what shines through all is multiplied. */
const WEIGHTED = {
  transparent: false,
  depthWrite: false,
  blending: THREE.CustomBlending,
  blendSrc: THREE.OneFactor,
  blendDst: THREE.OneFactor,
  blendSrcAlpha: THREE.ZeroFactor,
  blendDstAlpha: THREE.OneMinusSrcAlphaFactor,
} as const;

/** How much of what lies behind a veiled surface it covers, and a ghost. */
const VEILED = 0.3;
const GHOST = 0.1;

/** How much of a line is left that is drawn faintly. */
const FAINT = 0.28;

const WIDTHS = [0, 0.9, 1.1, 0, 0];

/** Materials of surfaces, lines and masks; each call makes one, programs are shared by the library. */
export class Looks {
  private readonly images = new Map<number, THREE.Texture>();
  private readonly paper = { value: [new THREE.Vector3(), new THREE.Vector3()] };
  private readonly rim = { value: new THREE.Vector4() };
  private readonly tints: Record<Tint, { value: THREE.Vector4[] }>;

  constructor(
    private readonly core: Pick<MeshReader, 'material' | 'attribute'>,
    private readonly file: ArrayBuffer,
    private readonly shared: Shared,
    palette: Palette,
    private readonly loaded: () => void,
  ) {
    this.tints = { wire: { value: palette.wire }, picked: { value: palette.picked }, faint: { value: palette.wire } };
    this.theme(palette);
  }

  theme(palette: Palette): void {
    this.tints.wire.value = palette.wire;
    this.tints.picked.value = palette.picked;
    this.tints.faint.value = palette.wire.map((t) => t.clone().setW(t.w * FAINT));
    this.shared.ink.value = palette.ink;
    this.paper.value = palette.ground;
    this.rim.value = palette.wire[2]!;
  }

  surface(mesh: number, edges: boolean, merged: boolean, { shade, through }: Style): THREE.ShaderMaterial {
    const m = this.core.material(mesh);
    const uv = this.core.attribute(mesh, 'TEXCOORD_0', 2) !== null;
    const defines: Record<string, number | string> = {};
    if (merged) defines.MERGED = 1;
    if (this.core.attribute(mesh, 'NORMAL', 3)) defines.WITH_NORMAL = 1;
    if (this.core.attribute(mesh, 'COLOR_0', 4)) defines.WITH_COLOR = 1;
    const pictures: Record<string, { value: unknown }> = {};
    const picture = (name: string, what: string, of: Material['image']) => {
      if (!of || !uv) return;
      defines.WITH_UV = defines[`WITH_${what}`] = 1;
      if (of.second || !defines.PLACES) defines.PLACES = of.second ? 'vec4' : 'vec2';
      defines[`${what}_AT`] = of.second ? 'vPlaces.zw' : 'vPlaces.xy';
      pictures[name] = { value: this.image(of) };
    };
    picture('image', 'IMAGE', m.image);
    const words = wordsOf(shade);
    if (words.includes('material')) {
      picture('metalImage', 'METAL', m.metalRough);
      picture('normalImage', 'NORMALS', m.normals);
      picture('occlusionImage', 'OCCLUSION', m.occlusion);
      picture('emissionImage', 'EMISSION', m.emission);
      if (m.unlit) defines.PLAINLY = 1;
    }
    if (edges) defines.EDGES = 1;
    for (const w of words) defines[defineOf(w)] = 1;
    if (through !== 'none') defines[through.toUpperCase()] = 1;
    const [r, g, b, a] = m.color;
    const wire = words.includes('wire');
    const veiled = through === 'veiled';
    const blend = wire || veiled || (m.blend && through === 'none' && !words.includes('paper'));
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
        opacity: through === 'veiled' ? { value: shade === 'smooth neutral' ? GHOST : VEILED } : this.shared.opacity,
        before: this.shared.before,
        peeling: this.shared.peeling,
        lamps: this.shared.lamps,
        shadow: this.shared.shadow,
        metal: { value: new THREE.Vector2(m.metallic, m.roughness) },
        emissive: { value: new THREE.Vector3(...m.emissive) },
        bumps: { value: m.bumps },
        occluding: { value: m.occluding },
        ...pictures,
      },
      side: THREE.DoubleSide,
      // By so much it draws back where lines are to stand before it.
      polygonOffsetFactor: 1.5,
      polygonOffsetUnits: 2,
      // What light shines through casts no shadow.
      visible: shade !== 'depth' || !m.blend,
      ...(through === 'weighted' ? WEIGHTED : blend ? OVER : PLAIN),
      // One sees through to what lies behind, too.
      ...(wire ? { depthTest: false } : veiled ? { depthWrite: false } : {}),
    });
  }

  line(tint: Tint, merged: boolean): THREE.ShaderMaterial {
    const look = { tints: [], widths: WIDTHS, grid: false, hidden: false };
    const material = lineMaterial(look, this.shared.halfSize, this.shared.pixel);
    material.uniforms.tints = this.tints[tint];
    material.uniforms.own = { value: { wire: 1, picked: 0, faint: FAINT }[tint] };
    if (merged) material.defines.MERGED = 1;
    return material;
  }

  /** Squares for what is small: each in the colour of its part, or all in that of a mesh. */
  point(mesh: number, state: boolean, { shade, through }: Style): THREE.ShaderMaterial {
    const [r, g, b, a] = this.core.material(mesh).color;
    return new THREE.ShaderMaterial({
      glslVersion: THREE.GLSL3,
      vertexShader: pointVertex,
      fragmentShader: pointFragment,
      defines: {
        ...Object.fromEntries(wordsOf(shade).map((w) => [defineOf(w), 1])),
        MERGED: 1,
        [through.toUpperCase()]: 1,
        ...(state ? { STATE: 1 } : {}),
      },
      uniforms: {
        paper: this.paper,
        opacity: this.shared.opacity,
        halfSize: { value: this.shared.halfSize },
        base: { value: new THREE.Vector4(r, g, b, a) },
      },
      ...(through === 'weighted' ? WEIGHTED : PLAIN),
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
      sampled(made, image);
      made.flipY = false;
      this.images.set(image.id, made);
      const blob = new Blob([new Uint8Array(this.file, image.start, image.length)], { type: image.type });
      createImageBitmap(blob, { premultiplyAlpha: 'none', colorSpaceConversion: 'none' })
        .then((bitmap) => {
          made.image = bitmap;
          made.needsUpdate = true;
        })
        // What this browser cannot open is drawn without it; scenes that were stored before were not looked into.
        .catch(() => undefined)
        .finally(() => this.loaded());
    }
    return texture;
  }

  dispose(): void {
    for (const t of this.images.values()) t.dispose();
  }
}
