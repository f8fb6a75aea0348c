import * as THREE from 'three';
import { lineBuffers } from './lines';
import { Looks } from './looks';
import type { Palette } from './palette';
import { PointRanges, Ranges } from './ranges';

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

/**
 * Compiles the programs that most scenes need and draws each once, so that no scene waits for that. The materials stay: with the last
 * material of a program the library would let go of it.
 *
 * @param idle whether nothing is drawn yet that this would be in the way of
 */
export async function warm(renderer: THREE.WebGLRenderer, palette: Palette, idle: () => boolean): Promise<void> {
  const pixel = { value: 1 };
  const shared = { ink: { value: palette.ink }, pixel, halfSize: new THREE.Vector2(1, 1), ...NOTHING };
  const looks = new Looks(ANY, new ArrayBuffer(0), shared, palette, () => undefined);
  const state = new THREE.DataTexture(new Float32Array(512), 128, 1, THREE.RGBAFormat, THREE.FloatType);
  state.needsUpdate = true;
  const own = (m: THREE.ShaderMaterial) => {
    const place = {
      high: { value: new THREE.Vector3() },
      low: { value: new THREE.Vector3() },
      state: { value: state },
    };
    m.uniforms = { ...m.uniforms, ...place };
    return m;
  };
  const scene = new THREE.Scene();
  const ranges = (g: THREE.BufferGeometry, m: THREE.ShaderMaterial) => {
    const r = new Ranges(g, own(m), 0);
    r.set(Int32Array.of(0), Int32Array.of(3));
    scene.add(r);
  };
  for (const edges of [false, true]) {
    ranges(triangle(true, edges), looks.surface(0, edges, true, STYLE));
    scene.add(new THREE.Mesh(triangle(false, edges), looks.surface(0, edges, false, STYLE)));
    scene.add(new THREE.InstancedMesh(triangle(false, edges), looks.surface(0, edges, false, STYLE), 1));
  }
  ranges(triangle(true, false), looks.mask(false, true));
  scene.add(new THREE.Mesh(triangle(false, false), looks.mask(false, false)));
  ranges(line(new Int16Array(16)), looks.line(false, true));
  scene.add(new THREE.Mesh(line(new Int8Array(16)), looks.line(false, false)));
  const point = new THREE.BufferAttribute(new Float32Array(4), 4);
  const points = new THREE.BufferGeometry().setAttribute('position', point).setAttribute('point', point);
  const squares = new PointRanges(points, own(looks.point(0, true, 'smooth')), 0);
  squares.set(Int32Array.of(0), Int32Array.of(1));
  scene.add(squares);
  const camera = new THREE.Camera();
  renderer.compile(scene, camera);
  // The graphics process compiles while the page goes on; who asks too early would wait for it.
  await new Promise((done) => setTimeout(done, COMPILED_MS));
  if (!idle()) return;
  renderer.setViewport(0, 0, 1, 1);
  renderer.setScissor(0, 0, 1, 1);
  renderer.render(scene, camera);
}
