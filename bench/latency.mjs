// From a pointer event to the frame that shows it, and what orbiting leaves behind. Alone: bin/bench latency
import { base, browser, leave, page } from './page.mjs';

/** Measures and tells its rows; gives the line about the heap. */
export async function latency(scene, files, row, ms) {
  const watch = () => {
    // Runs in the page: an event counts until the task after the first frame that was drawn since, with the picture finished.
    const waiting = [];
    window.latencies = [];
    addEventListener('pointermove', (e) => e.buttons && waiting.push(e.timeStamp), { capture: true });
    const gl = document.querySelector('canvas').getContext('webgl2');
    const channel = new MessageChannel();
    let drawn = window.frames();
    channel.port1.onmessage = () => {
      const now = window.frames();
      if (now !== drawn) {
        drawn = now;
        gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, new Uint8Array(4));
        const shown = performance.now();
        for (const t of waiting.splice(0)) window.latencies.push(shown - t);
      }
    };
    const loop = () => {
      channel.port2.postMessage(0);
      requestAnimationFrame(loop);
    };
    loop();
  };
  const orbit = async (page, rect, seconds) => {
    const cx = rect.x + rect.width / 2;
    const cy = rect.y + rect.height * 0.6;
    await page.mouse.move(cx, cy);
    await page.mouse.down({ button: 'right' });
    const end = Date.now() + seconds * 1000;
    for (let i = 0; Date.now() < end; i++) await page.mouse.move(cx + 90 * Math.sin(i / 25), cy + 20 * Math.sin(i / 40));
    await page.mouse.up({ button: 'right' });
  };
  const p95 = (v) => v.sort((a, b) => a - b)[Math.floor(v.length * 0.95)];
  const stage = async () => {
    const mine = await page();
    await mine.goto(`${base}/scenes/${scene}`);
    await mine.waitForFunction(() => window.rhombus && window.rhombus.scene().objects.length > 0);
    await mine.evaluate(() => window.rhombus.idle());
    const rect = await mine.evaluate(() => window.rhombus.views()[1].rect);
    await mine.mouse.move(rect.x + 100, rect.y + 100);
    await mine.keyboard.press('h');
    await mine.keyboard.press('6');
    await mine.evaluate(() => window.rhombus.idle());
    return { mine, rect };
  };
  const ours = [];
  const theirs = [];
  const first = { ours: [], theirs: [] };
  for (let round = 0; round < 5; round++) {
    const { mine, rect } = await stage();
    await mine.evaluate(() => (window.frames = () => window.rhombus.stats().frames));
    await mine.evaluate(watch);
    await orbit(mine, rect, 3);
    first.ours.push(...(await mine.evaluate(() => window.latencies.splice(0))));
    await orbit(mine, rect, 10);
    ours.push(...(await mine.evaluate(() => window.latencies)));
    await leave(mine);
    const bare = await page();
    await bare.goto(`${base}/bench/`);
    await bare.waitForFunction(() => window.bench);
    await bare.evaluate(async ([f, r]) => {
      await window.bench.open(f);
      window.bench.bareOrbit(r);
    }, [files, rect]);
    await bare.evaluate(watch);
    await orbit(bare, rect, 3);
    first.theirs.push(...(await bare.evaluate(() => window.latencies.splice(0))));
    await orbit(bare, rect, 10);
    theirs.push(...(await bare.evaluate(() => window.latencies)));
    await leave(bare);
  }
  const a = p95(ours);
  const b = p95(theirs);
  row(`pointer event to the frame that shows it, p95 while orbiting the demo (${ours.length} and ${theirs.length} events); bare three.js page with OrbitControls`,
    ms(a), ms(b), a / b, 'at most 1', a / b <= 1);
  const [fa, fb] = [p95(first.ours), p95(first.theirs)];
  row(`the same in the first three seconds of the first drag after opening (${first.ours.length} and ${first.theirs.length} events)`,
    ms(fa), ms(fb), fa / fb, 'at most 1', fa / fb <= 1);

  const { mine, rect } = await stage();
  const cdp = await mine.context().newCDPSession(mine);
  const heap = async () => {
    for (let i = 0; i < 3; i++) await cdp.send('HeapProfiler.collectGarbage');
    return (await cdp.send('Runtime.getHeapUsage')).usedSize / 1e6;
  };
  await orbit(mine, rect, 5);
  const before = await heap();
  await orbit(mine, rect, 60);
  await mine.evaluate(() => window.rhombus.idle());
  const after = await heap();
  const told = (`| heap after a minute of orbiting, after a forced collection; before it | ${after.toFixed(1)} MB | ${before.toFixed(1)} MB | ${(after / before).toFixed(2)} | at most 5 MB more | ${after - before < 5 ? 'yes' : '**no**'} |`);
  console.log('heap', before, after);
  await leave(mine);
  return { heap: told };
}

if (process.argv[1]?.endsWith('latency.mjs')) {
  const first = await page();
  const scenes = await first.evaluate(() => fetch('/api/scenes').then((r) => r.json()));
  const yard = scenes.find((s) => s.name === 'Saltmarsh Boatyard');
  const detail = await first.evaluate((id) => fetch(`/api/scenes/${id}`).then((r) => r.json()), yard.id);
  const files = { geometry: detail.geometry.href, edges: detail.edges.href, levels: detail.levels.href, hierarchy: detail.hierarchy.href };
  const row = (what, ours, theirs, ratio, bar, met) => console.log(what, ours, theirs, ratio.toFixed(2), bar, met ? 'met' : 'MISSED');
  const { heap } = await latency(yard.id, files, row, (v) => `${v.toFixed(0)} ms`);
  console.log(heap);
  await browser.close();
}
