// Reads a GLB given on standard input with three's loader, and prints the matrices of its cameras by the names of their nodes.
import { GLTFLoader } from 'three/addons/loaders/GLTFLoader.js';

globalThis.self ??= globalThis;
const parts = [];
for await (const part of process.stdin) parts.push(part);
const bytes = Buffer.concat(parts);
const file = bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.length);
const gltf = await new GLTFLoader().parseAsync(file, '');
gltf.scene.updateMatrixWorld(true);
const out = {};
gltf.scene.traverse((o) => {
  if (!o.isCamera) return;
  const node = gltf.parser.json.nodes[gltf.parser.associations.get(o.parent)?.nodes] ?? gltf.parser.json.nodes[gltf.parser.associations.get(o)?.nodes];
  out[node.name] = { world: o.matrixWorld.toArray(), projection: o.projectionMatrix.toArray() };
});
console.log(JSON.stringify(out));
