/** A sheet of hills, 4 m square, with 2 n² triangles. */
export function bumpySheet(n: number): {
  positions: Float32Array<ArrayBuffer>;
  index: Int32Array<ArrayBuffer>;
} {
  const positions = new Float32Array((n + 1) * (n + 1) * 3);
  const index = new Int32Array(n * n * 6);
  for (let j = 0; j <= n; j++) {
    for (let i = 0; i <= n; i++) {
      const x = (i / n) * 4 - 2;
      const z = (j / n) * 4 - 2;
      const y =
        0.3 * Math.sin(x * 5) * Math.cos(z * 4) +
        0.02 * Math.sin(x * 90) * Math.sin(z * 80);
      positions.set([x, y, z], (j * (n + 1) + i) * 3);
    }
  }
  for (let j = 0; j < n; j++) {
    for (let i = 0; i < n; i++) {
      const a = j * (n + 1) + i;
      const b = a + n + 1;
      index.set([a, b, a + 1, a + 1, b, b + 1], (j * n + i) * 6);
    }
  }
  return { positions, index };
}

/** The sheet as a GLB, for uploading. */
export function sheetAsGlb(n: number): Uint8Array<ArrayBuffer> {
  const { positions, index } = bumpySheet(n);
  const json = JSON.stringify({
    asset: { version: "2.0" },
    scene: 0,
    scenes: [{ nodes: [0] }],
    nodes: [{ mesh: 0, name: "Hills" }],
    meshes: [{ primitives: [{ attributes: { POSITION: 0 }, indices: 1 }] }],
    accessors: [
      {
        bufferView: 0,
        componentType: 5126,
        count: positions.length / 3,
        type: "VEC3",
        min: [-2, -0.33, -2],
        max: [2, 0.33, 2],
      },
      {
        bufferView: 1,
        componentType: 5125,
        count: index.length,
        type: "SCALAR",
      },
    ],
    bufferViews: [
      { buffer: 0, byteLength: positions.byteLength },
      {
        buffer: 0,
        byteOffset: positions.byteLength,
        byteLength: index.byteLength,
      },
    ],
    buffers: [{ byteLength: positions.byteLength + index.byteLength }],
  });
  const text = new TextEncoder().encode(
    json.padEnd(Math.ceil(json.length / 4) * 4),
  );
  const size = 28 + text.length + positions.byteLength + index.byteLength;
  const out = new Uint8Array(size);
  const head = new DataView(out.buffer);
  head.setUint32(0, 0x46546c67, true);
  head.setUint32(4, 2, true);
  head.setUint32(8, size, true);
  head.setUint32(12, text.length, true);
  head.setUint32(16, 0x4e4f534a, true);
  out.set(text, 20);
  head.setUint32(
    20 + text.length,
    positions.byteLength + index.byteLength,
    true,
  );
  head.setUint32(24 + text.length, 0x004e4942, true);
  out.set(new Uint8Array(positions.buffer), 28 + text.length);
  out.set(
    new Uint8Array(index.buffer),
    28 + text.length + positions.byteLength,
  );
  return out;
}
