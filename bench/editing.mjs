// Measures selecting, framing and very many objects, and writes their part of docs/measurements.md. Called by bin/bench editing.
import { readFile, writeFile } from 'node:fs/promises';
import { cpus } from 'node:os';
import { base, bench, browser, leave, page } from './page.mjs';

const first = await page();
const scenes = await first.evaluate(() => fetch('/api/scenes').then((r) => r.json()));
const pier = scenes.find((s) => s.name === 'Long Pier');
const detail = await first.evaluate((id) => fetch(`/api/scenes/${id}`).then((r) => r.json()), pier.id);
const files = { geometry: detail.geometry.href, edges: detail.edges.href, levels: detail.levels.href, hierarchy: detail.hierarchy.href };
await first.context().close();
const lines = [];
function row(what, ours, theirs, ratio, bar, met) {
  lines.push(`| ${what} | ${ours} | ${theirs} | ${ratio} | ${bar} | ${met === null ? 'told' : met ? 'yes' : '**no**'} |`);
  console.log(lines.at(-1));
}

const NAMES = { bunny: 'the Stanford bunny', teapot: 'the Utah teapot', sheet: 'a sheet of hills' };
for (const name of Object.keys(NAMES)) {
  const r = await bench((n) => window.bench.modelPicks(n), name);
  row(`${r.rays} random rays at ${NAMES[name]} (${r.triangles} triangles, ${r.hits} hit): ${r.missed} that only one of both hits, ${r.other} at another distance; three-mesh-bvh raycastFirst; ratio of rays a second`,
    `${r.ours.toFixed(0)} ms`, `${r.theirs.toFixed(0)} ms`, r.times.toFixed(2), 'at least 2, the same hits', r.times >= 2 && r.missed + r.other === 0);
}

const f = await bench(() => window.bench.framing());
row(`framing ${f.triangles} triangles from any side, eyes at most ${f.far.toExponential(1)} m apart; one plain pass over the vertices`,
  `${(f.ours * 1000).toFixed(0)} µs`, `${f.theirs.toFixed(1)} ms`, f.ratio.toFixed(4), 'at most 0.1', f.ratio <= 0.1 && f.far < 1e-6);

const m = await bench(async (files) => {
  await window.bench.open(files);
  return window.bench.marquee();
}, files);
row(`an event of a marquee over ${detail.objects} objects, core time in the browser, median and p95 (up to ${m.most} taken)`,
  `${m.median.toFixed(1)} ms, ${m.p95.toFixed(1)} ms`, '', '', 'p95 under 16 ms', m.p95 < 16);

const d = await bench(async (files) => {
  const file = await window.bench.open(files);
  return window.bench.redraw(file, false, 5, true);
}, files);
row(`Long Pier in one viewport, Smooth (${d.triangles} triangles, ${d.calls} calls); bare three.js page with the same instances`,
  `${d.ours.toFixed(0)} ms`, `${d.theirs.toFixed(0)} ms`, d.ratio.toFixed(2), 'at most 1.25', d.ratio <= 1.25);

{
  const p = await page();
  const start = Date.now();
  await p.goto(`${base}/scenes/${pier.id}`);
  await p.waitForFunction(() => window.rhombus?.stats().complete);
  const opened = Date.now() - start;
  const cdp = await p.context().newCDPSession(p);
  await cdp.send('HeapProfiler.collectGarbage');
  const { usedSize } = await cdp.send('Runtime.getHeapUsage');
  row('Long Pier: from its address to the first complete picture of four viewports; heap after a forced collection',
    `${(opened / 1000).toFixed(1)} s, ${(usedSize / 1e6).toFixed(0)} MB`, '', '', '', null);
  await leave(p);
}

const file = new URL('../docs/measurements.md', import.meta.url);
const before = await readFile(file, 'utf8');
const part = `## Selecting, framing, very many objects

Made by \`bin/bench editing\` on ${new Date().toISOString().slice(0, 10)}: ${cpus().length} cores (${cpus()[0].model}), drawing in software.

| what | Rhombus | beside | ratio | bar | met |
|---|---|---|---|---|---|
${lines.join('\n')}

`;
const kept = before.replace(/## Selecting, framing, very many objects[\s\S]*?(?=## )/, '');
await writeFile(file, kept.replace('## Saving', `${part}## Saving`));
await browser.close();
