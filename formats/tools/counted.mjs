// What glTF-Transform finds in glTF files, whose names come on standard input: for each a line with the objects, triangles and
// bounds of its default scene, or why it does not read it.
import { readFileSync } from 'node:fs';
import { Logger, NodeIO, Verbosity } from '@gltf-transform/core';

const io = new NodeIO().setLogger(new Logger(Verbosity.SILENT));

function triangles(primitive) {
  const corners = (primitive.getIndices() ?? primitive.getAttribute('POSITION')).getCount();
  if (primitive.getMode() === 4) return Math.floor(corners / 3);
  return primitive.getMode() > 4 ? Math.max(0, corners - 2) : 0;
}

async function counted(file) {
  const root = (await io.read(file)).getRoot();
  const scene = root.getDefaultScene() ?? root.listScenes()[0];
  const out = { scenes: root.listScenes().length, objects: 0, triangles: 0, min: [1e30, 1e30, 1e30], max: [-1e30, -1e30, -1e30] };
  scene?.traverse((node) => {
    out.objects++;
    const m = node.getWorldMatrix();
    for (const primitive of node.getMesh()?.listPrimitives() ?? []) {
      const at = primitive.getAttribute('POSITION');
      if (!at) continue;
      out.triangles += triangles(primitive);
      const p = [0, 0, 0];
      // Vertices that no triangle uses are not there for others.
      const used = primitive.getIndices()?.getArray() ?? Array.from({ length: at.getCount() }, (_, i) => i);
      for (const i of new Set(used)) {
        at.getElement(i, p);
        for (let k = 0; k < 3; k++) {
          const world = m[k] * p[0] + m[4 + k] * p[1] + m[8 + k] * p[2] + m[12 + k];
          out.min[k] = Math.min(out.min[k], world);
          out.max[k] = Math.max(out.max[k], world);
        }
      }
    }
  });
  return out;
}

for (const file of readFileSync(0, 'utf8').split('\n').filter(Boolean)) {
  let found;
  try {
    found = await counted(file);
  } catch (e) {
    found = { refused: String(e.message).slice(0, 200) };
  }
  console.log(JSON.stringify(found));
}
