// How fast pictures are painted, against bare pages of the library. Called by bin/bench painter.
import { readFile, writeFile } from 'node:fs/promises';
import { cpus } from 'node:os';
import { base, bench, browser, leave, page, uploadHills } from './page.mjs';

const first = await page();
const ask = (path) => first.evaluate((p) => fetch(p).then((r) => r.json()), path);
const scenes = await ask('/api/scenes');
const idOf = (name) => scenes.find((s) => s.name === name).id;
const filesOf = async (id) => {
  const d = await ask(`/api/scenes/${id}`);
  return { geometry: d.geometry.href, edges: d.edges.href, levels: d.levels.href, hierarchy: d.hierarchy.href };
};
const yard = idOf('Saltmarsh Boatyard');
const files = await filesOf(yard);
const middle = (v) => v.sort((a, b) => a - b)[Math.floor(v.length / 2)];
const lines = [];
function row(what, ours, theirs, ratio, bar, met) {
  lines.push(`| ${what} | ${ours} | ${theirs} | ${ratio === null ? '' : ratio.toFixed(2)} | ${bar} | ${met === null ? '' : met ? 'yes' : '**no**'} |`);
  console.log(lines.at(-1));
}
const ms = (v) => `${v.toFixed(v < 10 ? 1 : 0)} ms`;

/** Each look, what the bare page draws beside it, and the bar; lines are told beside line segments, too. */
const looks = [
  ['smooth', 'smooth', 0.95],
  ['unlit', 'smooth', 1],
  ['flat-shading', 'smooth', 1],
  ['hidden-line', 'smooth', 1.4],
  ['smooth-edges', 'smooth', 1.4],
  ['smooth-edges', 'smooth-edges', null],
  ['wire', 'smooth', 0.8],
  ['wire', 'wire', null],
  ['boxes', 'smooth', 1],
  ['translucent', 'smooth', 2.2, 'moving'],
  ['translucent', 'smooth', 5.5, 'at rest'],
  ['scene-light', 'smooth', 2.3],
  ['matte', 'smooth', 1.5],
  ['ink', 'smooth', 2],
];
for (const [mode, beside, bar, when] of looks) {
  const d = await bench(async ([f, m, b, how]) => {
    const file = await window.bench.open(f);
    return window.bench.redraw(file, false, 15, false, m, b, how);
  }, [files, mode, beside, when === 'moving' ? 'moving' : 'still']);
  row(`four viewports of the demo in ${mode}${when ? `, ${when}` : ''} (${d.calls} calls); bare page, mesh by mesh${beside === 'smooth' ? '' : ', with line segments'}`,
    ms(d.ours), ms(d.theirs), d.ratio, bar === null ? 'told' : `at most ${bar}`, bar === null ? null : d.ratio <= bar);
  if (mode === 'smooth') {
    const r = d.script.ours / d.script.theirs;
    row('the script\'s part of that', ms(d.script.ours), ms(d.script.theirs), r, 'at most 0.15', r <= 0.15);
    const b = d.bytes.ours / d.bytes.theirs;
    const mb = (v) => `${(v / 1e6).toFixed(2)} MB`;
    row('memory of buffers for it', mb(d.bytes.ours), mb(d.bytes.theirs), b, 'at most 1.3', b <= 1.3);
  }
}

{
  const alone = (how) => bench(async ([f, h]) => {
    const file = await window.bench.open(f);
    return window.bench.redraw(file, false, 15, true, 'smooth', 'smooth', h);
  }, [files, how]);
  const [plain, hole] = [await alone('still'), await alone('porthole')];
  // Each beside the same bare page, so that a machine whose speed changes counts for both.
  const r = hole.ratio / plain.ratio;
  row('one viewport of the demo in smooth with a Porthole of wire; the same without', ms(hole.ours), ms(plain.ours), r, 'at most 1.9', r <= 1.9);
}

/** Drags for some seconds; gives frames a second of the last part, and script time a frame. */
async function drag(p, rect, frames) {
  const cdp = await p.context().newCDPSession(p);
  await cdp.send('Performance.enable');
  const script = async () => (await cdp.send('Performance.getMetrics')).metrics.find((m) => m.name === 'ScriptDuration').value;
  const [cx, cy] = [rect.x + rect.width / 2, rect.y + rect.height * 0.6];
  await p.mouse.move(cx, cy);
  await p.mouse.down({ button: 'right' });
  let i = 0;
  const go = async (seconds) => {
    const end = Date.now() + seconds * 1000;
    for (; Date.now() < end; i++) await p.mouse.move(cx + 90 * Math.sin(i / 25), cy + 20 * Math.sin(i / 40));
  };
  await go(5);
  const [f, s, t] = [await p.evaluate(frames), await script(), Date.now()];
  await go(6);
  const [f2, s2] = [await p.evaluate(frames), await script()];
  const seconds = (Date.now() - t) / 1000;
  await p.mouse.up({ button: 'right' });
  return { fps: (f2 - f) / seconds, script: ((s2 - s) * 1000) / Math.max(1, f2 - f) };
}
async function stage(id, look = '6') {
  const p = await page();
  await p.goto(`${base}/scenes/${id}`);
  await p.waitForFunction(() => window.rhombus && window.rhombus.scene().objects.length > 0);
  await p.evaluate(() => window.rhombus.idle());
  const rect = await p.evaluate(() => window.rhombus.views()[1].rect);
  await p.mouse.move(rect.x + 100, rect.y + 100);
  await p.keyboard.press('h');
  await p.keyboard.press(look);
  await p.evaluate(() => window.rhombus.idle());
  return { p, rect };
}
const hills = await uploadHills();

const ours = () => window.rhombus.stats().frames;
let script = 0;
let place = null;
for (const [what, id, bar] of [['the demo', yard, 10], ['a million triangles', hills, 5], ['Long Pier', idOf('Long Pier'), 5]]) {
  const { p, rect } = await stage(id);
  const r = await drag(p, rect, ours);
  const eased = await p.evaluate(() => document.querySelector('[data-eased]')?.textContent ?? '');
  if (id === yard) [script, place] = [r.script, rect];
  row(`moving view of ${what} in Smooth with easing, frames a second${eased ? ` (${eased})` : ''}`,
    r.fps.toFixed(1), '', null, `at least ${bar}`, r.fps >= bar);
  await leave(p);
}
for (const [what, key] of [['Wire', '1'], ['Hidden line', '2'], ['Unlit', '4'], ['Smooth + edges', '7'], ['Translucent', '8'], ['Scene light', '9']]) {
  const { p, rect } = await stage(yard, key);
  const r = await drag(p, rect, ours);
  row(`moving view of the demo in ${what} with easing, frames a second`, r.fps.toFixed(1), '', null, 'at least 10', r.fps >= 10);
  await leave(p);
}
{
  const p = await page();
  await p.goto(`${base}/bench/`);
  await p.waitForFunction(() => window.bench);
  await p.evaluate(async ([f, r]) => {
    await window.bench.open(f);
    window.bench.bareOrbit(r);
  }, [files, place]);
  const r = await drag(p, place, () => window.frames());
  row('script time of a frame while orbiting the demo, the whole page; bare page with OrbitControls',
    ms(script), ms(r.script), script / r.script, 'at most 1', script / r.script <= 1);
  await leave(p);
}

const loads = { first: [], all: [], theirs: [] };
const geometry = (await filesOf(hills)).geometry;
for (let i = 0; i < 5; i++) {
  const p = await page();
  await p.goto(`${base}/scenes/${yard}`);
  await p.waitForFunction(() => window.rhombus && window.rhombus.scene().objects.length > 0);
  await p.evaluate(() => window.rhombus.idle());
  await p.click('header a');
  await p.waitForSelector(`a[href="/scenes/${hills}"]`);
  // The list is at rest, as the bare page is when it begins.
  await p.waitForTimeout(500);
  const [one, all] = await p.evaluate(async (scene) => {
    const start = performance.now();
    let shown = 0;
    document.querySelector(`a[href="/scenes/${scene}"]`).click();
    const finish = () => {
      const gl = document.querySelector('canvas').getContext('webgl2');
      gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, new Uint8Array(4));
      return performance.now() - start;
    };
    for (;;) {
      await new Promise((r) => requestAnimationFrame(r));
      if (!location.pathname.endsWith(scene) || window.rhombus?.scene().id !== scene) continue;
      const s = window.rhombus.stats();
      if (!shown && s.firstView) shown = finish();
      if (s.complete) return [shown, finish()];
    }
  }, hills);
  loads.first.push(one);
  loads.all.push(all);
  await leave(p);
  loads.theirs.push(await bench((href) => window.bench.bareLoad(href), geometry));
}
const [one, all, bare] = [middle(loads.first), middle(loads.all), middle(loads.theirs)];
row('click on a scene of a million triangles to the first whole picture of the active viewport; bare page, GLTFLoader, one picture',
  ms(one), ms(bare), one / bare, 'at most 1', one <= bare);
row('the same to whole pictures of all four', ms(all), ms(bare), all / bare, 'at most 1.4', all / bare <= 1.4);
await first.evaluate(async (scene) => {
  const token = decodeURIComponent(/XSRF-TOKEN=([^;]*)/.exec(document.cookie)[1]);
  await fetch(`/api/scenes/${scene}`, { method: 'DELETE', headers: { 'X-XSRF-TOKEN': token } });
}, hills);

const file = new URL('../docs/measurements.md', import.meta.url);
const was = await readFile(file, 'utf8');
const part = `## Painter

Made by \`bin/bench painter\` on ${new Date().toISOString().slice(0, 10)}: ${cpus().length} cores (${cpus()[0].model.trim()}), drawing in software.

| what | Rhombus | beside | ratio | bar | met |
|---|---|---|---|---|---|
${lines.join('\n')}

`;
await writeFile(file, was.replace(/## Painter[\s\S]*?(?=## )/, '').replace('## Selecting', `${part}## Selecting`));
await browser.close();
