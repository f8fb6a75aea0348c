// Runs every measurement against a running application and writes docs/measurements.md. Called by bin/bench.
import { readFile, writeFile } from 'node:fs/promises';
import { cpus } from 'node:os';
import { latency } from './latency.mjs';
import { base, bench, browser, leave, page } from './page.mjs';

const first = await page();
const scenes = await first.evaluate(() => fetch('/api/scenes').then((r) => r.json()));
const yard = scenes.find((s) => s.name === 'Saltmarsh Boatyard');
const detail = await first.evaluate((id) => fetch(`/api/scenes/${id}`).then((r) => r.json()), yard.id);
const files = { geometry: detail.geometry.href, edges: detail.edges.href, levels: detail.levels.href, hierarchy: detail.hierarchy.href };

const lines = [];
function row(what, ours, theirs, ratio, bar, met) {
  lines.push(`| ${what} | ${ours} | ${theirs} | ${ratio.toFixed(2)} | ${bar} | ${met ? 'yes' : '**no**'} |`);
  console.log(what, ours, theirs, ratio.toFixed(2), bar, met ? 'met' : 'MISSED');
}
const us = (v) => `${v.toFixed(2)} µs`;
const ms = (v) => `${v.toFixed(0)} ms`;

for (const motion of ['orbit', 'pan', 'dolly']) {
  const r = await bench(async ([f, m]) => {
    await window.bench.open(f);
    return window.bench.events(m);
  }, [files, motion]);
  row(`one ${motion} event through the core, key resolution and matrices included; three's OrbitControls.update() with matrices`,
    us(r.ours), us(r.theirs), r.ratio, 'at most 1', r.ratio <= 1);
}

const p = await bench(() => window.bench.picks());
row(`${p.rays} closest hits on ${p.triangles} triangles (${p.hits} hit, ${p.different} differ); three-mesh-bvh raycastFirst; ratio of rays a second`,
  ms(p.cast.ours), ms(p.cast.theirs), p.timesTheRays, 'at least 2', p.timesTheRays >= 2 && p.different === 0);
row('hierarchy built in the browser; three-mesh-bvh default build', ms(p.build.ours), ms(p.build.theirs), p.build.ratio, 'at most 1.8', p.build.ratio <= 1.8);

// From the key that goes to another board to its finished picture, beside a wheel notch that moves all viewports of that board.
{
  const p = await page();
  await p.emulateMedia({ reducedMotion: 'reduce' });
  await p.goto(`${base}/scenes/${yard.id}`);
  await p.waitForFunction(() => window.rhombus && window.rhombus.scene().objects.length > 0);
  await p.evaluate(() => window.rhombus.idle());
  await p.mouse.move(500, 300);
  /** Milliseconds from an event until the picture it led to is finished. */
  const shown = (type, init) =>
    p.evaluate(async ([t, i]) => {
      await new Promise((r) => setTimeout(r, 500));
      await window.rhombus.idle();
      const canvas = document.querySelector('canvas');
      const gl = canvas.getContext('webgl2');
      const before = window.rhombus.stats().frames;
      const all = { ...i, bubbles: true, cancelable: true };
      const start = performance.now();
      canvas.dispatchEvent(t === 'wheel' ? new WheelEvent(t, all) : new KeyboardEvent(t, all));
      const channel = new MessageChannel();
      await new Promise((resolve) => {
        channel.port1.onmessage = () =>
          window.rhombus.stats().frames !== before ? resolve() : requestAnimationFrame(() => channel.port2.postMessage(0));
        requestAnimationFrame(() => channel.port2.postMessage(0));
      });
      gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, new Uint8Array(4));
      const took = performance.now() - start;
      if (t === 'keydown') canvas.dispatchEvent(new KeyboardEvent('keyup', all));
      return took;
    }, [type, init]);
  const poses = () => p.evaluate(() => JSON.stringify(window.rhombus.views().map((v) => [v.id, v.eye, v.forward, v.up, v.extent, v.fovY])));
  const middle = (v) => v.sort((a, b) => a - b)[Math.floor(v.length / 2)];
  const to = { four: [], single: [] };
  const frame = { four: [], single: [] };
  let exact = true;
  for (let i = 0; i < 12; i++) {
    const before = await poses();
    for (const [board, shift] of [['single', true], ['four', false]]) {
      const t = await shown('keydown', { code: 'KeyB', key: 'b', shiftKey: shift });
      if (board === 'four') exact = exact && (await poses()) === before;
      const f = await shown('wheel', { deltaY: i % 2 ? 100 : -100, shiftKey: true, clientX: 500, clientY: 300 });
      // The first rounds warm up the compilers.
      if (i >= 2) {
        to[board].push(t);
        frame[board].push(f);
      }
    }
  }
  for (const board of ['four', 'single']) {
    const a = middle(to[board]);
    const b = middle(frame[board]);
    row(`key to the finished picture of another board of the demo, "${board}", poses ${exact ? 'the same to the bit' : 'CHANGED'}; a frame of all its viewports, event to picture`,
      ms(a), ms(b), a / b, 'under 2', a / b < 2 && exact);
  }
  // Small pictures for the Trail, made of what was drawn while nothing else happens.
  for (let i = 0; i < 20; i++) {
    await p.mouse.move(500, 300);
    await p.mouse.down({ button: 'right' });
    await p.mouse.move(500 + 15 * (i % 5) + 20, 300 + 7 * (i % 3), { steps: 3 });
    await p.mouse.up({ button: 'right' });
    await p.waitForTimeout(900);
  }
  const longest = await p.evaluate(() => window.rhombus.stats().longestPictureMs);
  lines.push(`| longest that a step of making a Trail's picture kept the page, over 20 gestures and the opening of the demo | ${longest.toFixed(1)} ms | | | at most 5 ms | ${longest <= 5 ? 'yes' : '**no**'} |`);
  console.log('longest picture step', longest);
  await leave(p);
}

const { heap } = await latency(yard.id, files, row, ms);
lines.push(heap);

await browser.close();

const text = `# Measurements

Made by \`bin/bench\` on ${new Date().toISOString().slice(0, 10)}: ${cpus().length} cores (${cpus()[0].model.trim()}), no graphics
card, Chromium ${browser.version()} drawing in software. Each row compares with a general-purpose library in the same run,
the two sides in turn, medians; what counts is the ratio.

| what | Rhombus | library | ratio | bar | met |
|---|---|---|---|---|---|
${lines.join('\n')}
`;
const path = new URL('../docs/measurements.md', import.meta.url);
const before = await readFile(path, 'utf8').catch(() => '');
const remarks = before.includes('\n## ') ? before.slice(before.indexOf('\n## ')) : '';
await writeFile(path, text + remarks);
