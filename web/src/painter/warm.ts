import * as THREE from 'three';
import { lineBuffers } from './lines';
import { Looks } from './looks';
import type { Palette } from './palette';
import { PointRanges, Ranges } from './ranges';
import type { Style } from './runs';

/** So long, milliseconds, compiling takes at most on a slow machine. */
const COMPILED_MS = 500;

const STYLE = { shade: 'smooth', through: 'none' } as const;
const NOTHING = {
  opacity: { value: 1 },
  before: { value: null },
  peeling: { value: false },
  lamps: { value: new Float32Array(164) },
  shadow: { value: null },
};

/** A mesh of one triangle with normals, in the place of those that scenes have. */
const ANY = {
  material: () => ({ id: 0, color: [1, 1, 1, 1], blend: false, cutoff: 0, image: null, emissive: [0, 0, 0] }),
  attribute: (_: number, name: string) => (name === 'NORMAL' ? new Float32Array(9) : null),
} as unknown as ConstructorParameters<typeof Looks>[0];

/** The same buffers that a scene's would be: what is compiled holds for how vertices are read, too. */
function triangle(merged: boolean, corners: boolean): THREE.BufferGeometry {
  const g = new THREE.BufferGeometry();
  g.setAttribute('position', new THREE.BufferAttribute(new Float32Array([0, 0, 0, 1, 0, 0, 0, 1, 0]), 3));
  if (merged) g.setAttribute('extra', new THREE.BufferAttribute(new Int16Array(12), 4));
  else g.setAttribute('normal', new THREE.BufferAttribute(new Float32Array(9), 3));
  if (corners) g.setAttribute('sides', new THREE.BufferAttribute(new Uint8Array(3), 1));
  else g.setIndex(new THREE.BufferAttribute(new Uint32Array([0, 1, 2]), 1));
  return g;
}

function line(corner: Int8Array | Int16Array): THREE.BufferGeometry {
  return lineBuffers(new Float32Array(24), corner, new Uint32Array([0, 1, 2, 0, 2, 3])).geometry;
}

/** Styles of the usual looks beside that of most scenes, and whether they are drawn with edges on surfaces. */
const LOOKS: [Style, boolean][] = [
  [{ shade: 'paper', through: 'none' }, false],
  [{ shade: 'unlit', through: 'none' }, false],
  [{ shade: 'flat', through: 'none' }, false],
  [{ shade: 'smooth', through: 'peeled' }, true],
  [{ shade: 'smooth', through: 'weighted' }, true],
  [{ shade: 'smooth', through: 'weighted' }, false],
  [{ shade: 'depth', through: 'none' }, false],
  [{ shade: 'material lamps', through: 'none' }, false],
  [{ shade: 'smooth studio neutral', through: 'none' }, false],
  [{ shade: 'paper hatched', through: 'none' }, false],
];

/** Has programs made before they are needed. The materials stay: with the last material of a program the library would let go of it. */
export class Warmth {
  private readonly looks: Looks;
  private readonly state = new THREE.DataTexture(new Float32Array(512), 128, 1, THREE.RGBAFormat, THREE.FloatType);
  private readonly camera = new THREE.Camera();
  private readonly left = [true, false].flatMap((merged) => LOOKS.map((l) => [...l, merged] as const));
  constructor(
    private readonly renderer: THREE.WebGLRenderer,
    palette: Palette,
  ) {
    const shared = { ink: { value: palette.ink }, pixel: { value: 1 }, halfSize: new THREE.Vector2(1, 1), ...NOTHING };
    this.looks = new Looks(ANY, new ArrayBuffer(0), shared, palette, () => undefined);
    this.state.needsUpdate = true;
  }

  private own(m: THREE.ShaderMaterial): THREE.ShaderMaterial {
    const place = {
      high: { value: new THREE.Vector3() },
      low: { value: new THREE.Vector3() },
      state: { value: this.state },
    };
    m.uniforms = { ...m.uniforms, ...place };
    return m;
  }

  private ranges(scene: THREE.Scene, g: THREE.BufferGeometry, m: THREE.ShaderMaterial): void {
    const r = new Ranges(g, this.own(m), 0);
    r.set(Int32Array.of(0), Int32Array.of(3));
    scene.add(r);
  }

  private surfaces(scene: THREE.Scene, style: Style, edges: boolean): void {
    this.ranges(scene, triangle(true, edges), this.looks.surface(0, edges, true, style));
    scene.add(new THREE.Mesh(triangle(false, edges), this.looks.surface(0, edges, false, style)));
    scene.add(new THREE.InstancedMesh(triangle(false, edges), this.looks.surface(0, edges, false, style), 1));
  }

  /**
   * Those that most scenes need, before the first one.
   *
   * @param idle whether nothing is drawn yet that this would be in the way of
   */
  async first(idle: () => boolean): Promise<void> {
    const { looks } = this;
    const scene = new THREE.Scene();
    for (const edges of [false, true]) this.surfaces(scene, STYLE, edges);
    this.ranges(scene, triangle(true, false), looks.mask(false, true));
    scene.add(new THREE.Mesh(triangle(false, false), looks.mask(false, false)));
    this.ranges(scene, line(new Int16Array(16)), looks.line('wire', true));
    scene.add(new THREE.Mesh(line(new Int8Array(16)), looks.line('wire', false)));
    const point = new THREE.BufferAttribute(new Float32Array(4), 4);
    const points = new THREE.BufferGeometry().setAttribute('position', point).setAttribute('point', point);
    const squares = new PointRanges(points, this.own(looks.point(0, true, STYLE)), 0);
    squares.set(Int32Array.of(0), Int32Array.of(1));
    scene.add(squares);
    this.renderer.compile(scene, this.camera);
    // The graphics process compiles while the page goes on; who asks too early would wait for it.
    await new Promise((done) => setTimeout(done, COMPILED_MS));
    if (!idle()) return;
    // What the first use of each takes is done too, where nobody sees it.
    const nowhere = new THREE.WebGLRenderTarget(1, 1);
    this.renderer.setRenderTarget(nowhere);
    this.renderer.render(scene, this.camera);
    this.renderer.setRenderTarget(null);
    nowhere.dispose();
  }

  /** One program more towards all looks; gives false when there is nothing left. */
  more(): boolean {
    const next = this.left.shift();
    if (!next) return false;
    const [style, edges, merged] = next;
    const scene = new THREE.Scene();
    const look = this.looks.surface(0, edges, merged, style);
    if (merged) this.ranges(scene, triangle(true, edges), look);
    else scene.add(new THREE.Mesh(triangle(false, edges), look));
    // The graphics process compiles while the page goes on.
    this.renderer.compile(scene, this.camera);
    return true;
  }
}
