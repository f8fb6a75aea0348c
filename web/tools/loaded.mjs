// What three's loaders find in a zip, OBJ, STL, PLY or GLB on standard input: objects by name, triangles, bounds, cameras, lights.
import { readFileSync } from 'node:fs';
import * as THREE from 'three';
import { GLTFLoader } from 'three/addons/loaders/GLTFLoader.js';
import { MTLLoader } from 'three/addons/loaders/MTLLoader.js';
import { OBJLoader } from 'three/addons/loaders/OBJLoader.js';
import { PLYLoader } from 'three/addons/loaders/PLYLoader.js';
import { STLLoader } from 'three/addons/loaders/STLLoader.js';
import { unzipSync } from 'three/addons/libs/fflate.module.js';

globalThis.self ??= globalThis;
globalThis.ProgressEvent ??= class {};
const bytes = readFileSync(0);
const buffer = bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength);
const kind = process.argv[2];

const text = (b) => new TextDecoder().decode(b);

async function gltf(data, files) {
  const manager = new THREE.LoadingManager();
  // Images are looked at by the validator; here there is nothing to decode them.
  THREE.ImageLoader.prototype.load = (url, done) => done({ width: 1, height: 1 });
  manager.setURLModifier((url) => {
    const found = files?.[decodeURIComponent(url.split('/').pop())];
    return found ? `data:application/octet-stream;base64,${Buffer.from(found).toString('base64')}` : url;
  });
  const loaded = await new GLTFLoader(manager).parseAsync(data, '');
  return loaded.scene;
}

async function load() {
  if (kind === 'stl') return new THREE.Mesh(new STLLoader().parse(buffer));
  if (kind === 'ply') return new THREE.Mesh(new PLYLoader().parse(buffer));
  if (kind === 'glb') return gltf(buffer);
  if (kind === 'obj') return new OBJLoader().parse(text(bytes));
  const files = unzipSync(new Uint8Array(buffer));
  const main = Object.keys(files).find((n) => /\.(obj|gltf)$/.test(n));
  if (main.endsWith('.gltf')) return gltf(text(files[main]), files);
  const loader = new OBJLoader();
  const paints = new MTLLoader().parse(text(files['materials.mtl']), '');
  // Their colours alone: there is nothing to load images with.
  paints.preload = () => undefined;
  const group = loader.parse(text(files[main]));
  group.userData.paints = Object.keys(paints.materialsInfo);
  return group;
}

const root = await load();
root.updateMatrixWorld(true);
const box = new THREE.Box3();
const out = { names: [], triangles: 0, cameras: 0, lights: 0, paints: root.userData?.paints ?? [] };
root.traverse((o) => {
  if (o.isCamera) out.cameras++;
  if (o.isLight) out.lights++;
  if (o.name) out.names.push(o.name);
  if (!o.isMesh) return;
  for (let p = o; p; p = p.parent) if (!p.visible) return;
  const g = o.geometry;
  out.triangles += (g.index ?? g.attributes.position).count / 3;
  const at = g.attributes.position;
  const v = new THREE.Vector3();
  for (let i = 0; i < at.count; i++) box.expandByPoint(v.fromBufferAttribute(at, i).applyMatrix4(o.matrixWorld));
});
console.log(JSON.stringify({ ...out, min: box.min.toArray(), max: box.max.toArray() }));
