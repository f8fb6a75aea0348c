// What a newcomer waits for: the first page, the first picture, and a long run of a drill that is done again on the server.
import { readFile, writeFile } from 'node:fs/promises';
import { cpus } from 'node:os';
import { gzipSync } from 'node:zlib';
import { base, browser, page } from './page.mjs';

const RUNS = 5;
const MINUTES = 10;

function median(of) {
  return [...of].sort((a, b) => a - b)[of.length >> 1];
}

/** A page in a browser that has fetched nothing before. */
async function cold(state) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, storageState: state });
  const p = await context.newPage();
  p.setDefaultTimeout(120000);
  return p;
}

async function pictured(p) {
  await p.waitForFunction(() => window.rhombus?.stats().firstView, null, { polling: 10 });
}

// The first page: scripts and styles as they go over the wire when they are packed.
const first = await cold();
const files = [];
first.on('response', (r) => /\.(js|css)$/.test(new URL(r.url()).pathname) && files.push(r.body()));
await first.goto(`${base}/sign-in`, { waitUntil: 'networkidle' });
const bundle = (await Promise.all(files)).reduce((sum, body) => sum + gzipSync(body).length, 0) / 1000;
await first.context().close();

// The first picture, from the button of the form over the list; beside it the page of the scene for itself.
const known = await page();
await known.locator('li a:has-text("Saltmarsh")').first().waitFor();
const address = await known.locator('li a:has-text("Saltmarsh")').first().getAttribute('href');
const state = await known.context().storageState();
const [whole, alone] = [[], []];
for (let i = 0; i < RUNS; i++) {
  const p = await cold();
  await p.goto(`${base}/sign-in`);
  await p.fill('#name', 'demo');
  await p.fill('#password', 'saltmarsh');
  const from = performance.now();
  await p.click('button[type=submit]');
  await p.click('li a:has-text("Saltmarsh")');
  await pictured(p);
  whole.push(performance.now() - from);
  await p.context().close();
  const q = await cold(state);
  const then = performance.now();
  await q.goto(base + address);
  await pictured(q);
  alone.push(performance.now() - then);
  await q.context().close();
}

// A run of ten minutes: a short one, before whose end a hand turns the view this way and that for as long as that.
const p = known;
let claim = null;
p.on('request', (r) => {
  if (r.method() === 'POST' && r.url().endsWith('/api/drills/level/runs')) claim = r.postDataJSON();
});
await p.click('li a:has-text("Saltmarsh")');
await p.waitForFunction(() => window.rhombus?.scene().objects.length);
await p.evaluate(() => window.rhombus.idle());
await p.click('[data-help-menu]');
await p.click('.el-dropdown-menu:visible [data-command="app.drills"]');
await p.click('[data-drill=level] button');
await p.waitForSelector('[data-drill-bar=level]');
await p.waitForTimeout(1000);
await p.mouse.move(700, 300);
await p.keyboard.press('n');
await p.waitForSelector('[data-drill-done=true]');
const { recording } = claim.log;
const events = recording.events;
const pointer = events.find((e) => e[1] === 'pointer' || e.includes?.('pointer'));
const last = events.findIndex((e) => JSON.stringify(e).includes('KeyN'));
const shift = MINUTES * 60_000;
const turns = [];
for (let t = 50; t < shift; t += 50) {
  const e = structuredClone(pointer);
  e[0] = events[last][0] + t;
  e[2] = 700 + 150 * Math.sin(t / 700);
  e[3] = 250 + 60 * Math.sin(t / 1100);
  turns.push(e);
}
const late = events.slice(last).map((e) => [e[0] + shift, ...e.slice(1)]);
recording.events = [...events.slice(0, last), ...turns, ...late];
claim.seconds += shift / 1000;
const token = (await p.context().cookies(base)).find((c) => c.name === 'XSRF-TOKEN').value;
const replays = [];
for (let i = 0; i < RUNS; i++) {
  const from = performance.now();
  const r = await p.request.post(`${base}/api/drills/level/runs`, { data: claim, headers: { 'X-XSRF-TOKEN': token } });
  replays.push(performance.now() - from);
  if (r.status() !== 201) throw new Error(await r.text());
}

const yes = (met) => (met ? 'yes' : '**no**');
const s = (ms) => `${(ms / 1000).toFixed(2)} s`;
const ratio = median(whole) / median(alone);
const lines = [
  `| a run of ${MINUTES} minutes with ${recording.events.length} events, sent, the scene read, done again and answered | ${s(median(replays))} | | | under 1 s | ${yes(median(replays) < 1000)} |`,
  `| from the button of the sign-in form to the first picture of a scene, nothing fetched before; beside it the page of that scene opened by its address | ${s(median(whole))} | ${s(median(alone))} | ${ratio.toFixed(2)} | at most 1.3 | ${yes(ratio <= 1.3)} |`,
  `| scripts and styles of the first page, packed by gzip | ${bundle.toFixed(0)} kB | | | under 250 kB | ${yes(bundle < 250)} |`,
];
lines.forEach((l) => console.log(l));
const file = new URL('../docs/measurements.md', import.meta.url);
const was = await readFile(file, 'utf8');
const chapter = `## The first hour

Made by \`bin/bench hour\` on ${new Date().toISOString().slice(0, 10)}: ${cpus().length} cores (${cpus()[0].model}); medians of ${RUNS} runs.

| what | Rhombus | beside | ratio | bar | met |
|---|---|---|---|---|---|
${lines.join('\n')}

`;
await writeFile(file, was.replace(/## The first hour[\s\S]*?(?=## )/, '').replace('## Saving', `${chapter}## Saving`));
await browser.close();
