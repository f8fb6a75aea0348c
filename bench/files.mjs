// Measures files in and out, and writes their part of docs/measurements.md. Called by bin/bench files.
import { execFile } from 'node:child_process';
import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { cpus, tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { base, bench, browser, page } from './page.mjs';

const run = promisify(execFile);
const SIDE = 708;
const RUNS = 12;
const folder = await mkdtemp(join(tmpdir(), 'rhombus-files-'));

/** The shortest of some runs, seconds. */
async function fastest(what) {
  let best = Infinity;
  for (let i = 0; i < RUNS; i++) {
    const start = performance.now();
    await what();
    best = Math.min(best, (performance.now() - start) / 1000);
  }
  return best;
}

const text = await bench((side) => {
  const bytes = new Uint8Array(window.bench.sheetAsGlb(side));
  let s = '';
  for (let i = 0; i < bytes.length; i += 32768) s += String.fromCharCode(...bytes.subarray(i, i + 32768));
  return btoa(s);
}, SIDE);
const glb = Buffer.from(text, 'base64');
const glbFile = join(folder, 'hills.glb');
await writeFile(glbFile, glb);

/** The same hills as text. */
function obj() {
  const lines = ['o Hills'];
  const n = SIDE + 1;
  for (let y = 0; y < n; y++)
    for (let x = 0; x < n; x++)
      lines.push(`v ${x / 10} ${(Math.sin(x / 17) * Math.cos(y / 13) * 3).toFixed(5)} ${y / 10}`);
  for (let y = 0; y < SIDE; y++)
    for (let x = 0; x < SIDE; x++) {
      const a = y * n + x + 1;
      lines.push(`f ${a} ${a + n} ${a + 1}`, `f ${a + 1} ${a + n} ${a + n + 1}`);
    }
  return lines.join('\n') + '\n';
}
const objText = obj();
const objFile = join(folder, 'hills.obj');
await writeFile(objFile, objText);

// A session of the server without a browser between.
const p = await page();
const cookies = (await p.context().cookies()).map((c) => `${c.name}=${c.value}`).join('; ');
const token = decodeURIComponent(/XSRF-TOKEN=([^;]*)/.exec(cookies)[1]);
const headers = { Cookie: cookies, 'X-XSRF-TOKEN': token };
const ids = [];
async function send(bytes, name) {
  const form = new FormData();
  form.append('file', new Blob([bytes]), name);
  const r = await fetch(`${base}/api/scenes`, {
    method: 'POST',
    body: form,
    headers,
  });
  if (r.status !== 201) throw new Error(await r.text());
  const { id } = await r.json();
  ids.push(id);
  return id;
}
/** Sends a file by curl, whose own work is little beside the server's; gives the answer's Server-Timing as seconds. */
async function sendFile(path) {
  const { stdout } = await run('curl', [
    ...['-sS', '-f', '-D', '-', '-H', 'Expect:', '-H', `Cookie: ${cookies}`, '-H', `X-XSRF-TOKEN: ${token}`],
    ...['-F', `file=@${path}`, `${base}/api/scenes`],
  ]);
  ids.push(JSON.parse(stdout.slice(stdout.lastIndexOf('\r\n\r\n'))).id);
  const timing = /server-timing: (.*)/i.exec(stdout)[1];
  return (name) => Number(new RegExp(`${name};dur=([0-9.]+)`).exec(timing)[1]) / 1000;
}
const drop = (id) => fetch(`${base}/api/scenes/${id}`, { method: 'DELETE', headers });

// What the library does not do is told apart: edges, coarser triangles and hierarchy, and opening it all once more.
let made = 0;
let opened = 0;
let plain = Infinity;
const ours = await fastest(async () => {
  const began = performance.now();
  const part = await sendFile(glbFile);
  const [edges, again] = [part('working-out[a-z-]*') + part('storing-what-lies-beside'), part('checking[a-z-]*')];
  const rest = (performance.now() - began) / 1000 - edges - again;
  if (rest < plain) [plain, made, opened] = [rest, edges, again];
});
const script = `import { NodeIO } from '@gltf-transform/core';
const io = new NodeIO(); await io.write(process.argv[2], await io.read(process.argv[1]));`;
const theirs = await fastest(() =>
  run('node', ['--input-type=module', '-e', script, glbFile, join(folder, 'out.glb')], { cwd: import.meta.dirname }),
);
const oursObj = await fastest(() => sendFile(objFile));
const theirsObj = await fastest(() => run('assimp', ['export', objFile, join(folder, 'out2.glb')]));

const out = [];
for (const format of ['glb', 'gltf', 'obj', 'stl', 'ply']) {
  let bytes = 0;
  const seconds = await fastest(async () => {
    const r = await fetch(`${base}/api/scenes/${ids[0]}/export?format=${format}`, { headers });
    bytes = (await r.arrayBuffer()).byteLength;
  });
  // What a zip holds is counted as it is before it is packed.
  if (format === 'gltf') bytes = glb.length;
  out.push({ format, speed: bytes / 1e6 / seconds, bytes });
}

// What the heap holds alive while an export is on its way, beyond what it held before: counted by the machine itself.
const java = (await run('jcmd', ['-l'])).stdout
  .split('\n')
  .find((l) => l.includes('rhombus'))
  .split(' ')[0];
async function alive() {
  const { stdout } = await run('jcmd', [java, 'GC.class_histogram'], {
    maxBuffer: 1 << 28,
  });
  return Number(/Total +\d+ +(\d+)/.exec(stdout)[1]) / 1e6;
}
let heap = 0;
for (const { format, bytes } of out) {
  const before = await alive();
  const reader = (
    await fetch(`${base}/api/scenes/${ids[0]}/export?format=${format}`, {
      headers,
    })
  ).body.getReader();
  let read = 0;
  let next = 0;
  for (let r = await reader.read(); !r.done; r = await reader.read()) {
    read += r.value.byteLength;
    if (read > next) {
      heap = Math.max(heap, (await alive()) - before);
      next += bytes / 5;
    }
  }
}
for (const id of ids) await drop(id);

const small = 'v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 3\n';
for (let i = 0; i < 500; i++) await send(small, `tile ${i}.obj`);
// What else the machine does shows in single openings. Each has a browser that has signed in and fetched nothing else.
let usable = Infinity;
for (let i = 0; i < 5; i++) {
  const list = await page();
  // While requests are routed a browser keeps nothing.
  await list.unrouteAll();
  const start = performance.now();
  await list.goto(`${base}/scenes`);
  await list.waitForSelector('[data-scene]');
  await list.fill('[type=search]', 'tile 499');
  await list.waitForFunction(() => document.querySelectorAll('[data-scene]').length === 1);
  usable = Math.min(usable, (performance.now() - start) / 1000);
  await list.context().close();
}

const yes = (met) => (met ? 'yes' : '**no**');
const lines = [
  `| a GLB of a million triangles in: sent, read, written in the normal form and stored; beside it @gltf-transform/core in a node of its own, reading and writing it | ${plain.toFixed(2)} s | ${theirs.toFixed(2)} s | ${(plain / theirs).toFixed(2)} | at most 1.5 | ${yes(plain / theirs <= 1.5)} |`,
  `| of the same, edges, coarser triangles and hierarchy, made and stored | ${made.toFixed(2)} s | | | told | |`,
  `| of the same, opening it once more and its picture | ${opened.toFixed(2)} s | | | told | |`,
  `| all of it | ${ours.toFixed(2)} s | | | told | |`,
  `| an OBJ of a million triangles in; beside it \`assimp export\` of it to GLB | ${oursObj.toFixed(2)} s | ${theirsObj.toFixed(2)} s | ${(oursObj / theirsObj).toFixed(2)} | at most 2 | ${yes(oursObj / theirsObj <= 2)} |`,
  ...out.map(
    (o) =>
      `| a million triangles out as ${o.format} over loopback, ${(o.bytes / 1e6).toFixed(0)} MB${o.format === 'gltf' ? ' before they are packed in a zip' : ''} | ${o.speed.toFixed(0)} MB/s | | | at least 50 | ${yes(o.speed >= 50)} |`,
  ),
  `| heap alive while any of these is on its way, beyond what it was before | ${heap.toFixed(0)} MB | | | under 100 MB | ${yes(heap < 100)} |`,
  `| the page of 500 scenes, from its address to one found among them | ${usable.toFixed(2)} s | | | 1 s on a quiet machine | ${yes(usable <= 1)} |`,
];
lines.forEach((l) => console.log(l));
const file = new URL('../docs/measurements.md', import.meta.url);
const was = await readFile(file, 'utf8');
const chapter = `## Files

Made by \`bin/bench files\` on ${new Date().toISOString().slice(0, 10)}: ${cpus().length} cores (${cpus()[0].model}); the shortest of ${RUNS} runs each.

| what | Rhombus | beside | ratio | bar | met |
|---|---|---|---|---|---|
${lines.join('\n')}

`;
await writeFile(file, was.replace(/## Files[\s\S]*?(?=## )/, '').replace('## Saving', `${chapter}## Saving`));
await rm(folder, { recursive: true });
await browser.close();
