// A browser and signed-in pages of it for measuring.
import { readFile } from 'node:fs/promises';
import { extname } from 'node:path';
import { chromium } from 'playwright-core';

export const base = process.env.BASE;
const types = { '.html': 'text/html', '.js': 'text/javascript', '.css': 'text/css' };
export const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--use-angle=swiftshader', '--enable-unsafe-swiftshader', '--ignore-gpu-blocklist', '--disable-quic',
    '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--disable-dev-shm-usage'],
});

/** A signed-in page of its own that can also load the measuring page under /bench/. */
export async function page() {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const p = await context.newPage();
  p.setDefaultTimeout(300000);
  p.on('pageerror', (e) => console.error(e.message));
  await p.route('**/bench/**', async (route) => {
    const name = new URL(route.request().url()).pathname.replace('/bench/', '') || 'index.html';
    await route.fulfill({ body: await readFile(new URL(`dist/${name}`, import.meta.url)), contentType: types[extname(name)] });
  });
  await p.goto(`${base}/sign-in`);
  await p.fill('#name', 'demo');
  await p.fill('#password', 'saltmarsh');
  await p.click('button[type=submit]');
  await p.waitForURL('**/scenes');
  return p;
}

/** Ends a page so that its scene is known to be closed: the next one to open it is alone with it. */
export async function leave(p) {
  await p.goto('about:blank');
  await p.context().close();
}

export async function bench(what, ...args) {
  const p = await page();
  await p.goto(`${base}/bench/`);
  await p.waitForFunction(() => window.bench);
  const result = await p.evaluate(what, ...args);
  await leave(p);
  return result;
}

/** Uploads a scene of a million triangles, and gives its id. */
export async function uploadHills() {
  const p = await page();
  await p.goto(`${base}/bench/`);
  await p.waitForFunction(() => window.bench);
  const id = await p.evaluate(async () => {
    const form = new FormData();
    form.append('file', new Blob([window.bench.sheetAsGlb(708)]), 'Hills.glb');
    const token = decodeURIComponent(/XSRF-TOKEN=([^;]*)/.exec(document.cookie)[1]);
    const r = await fetch('/api/scenes', { method: 'POST', body: form, headers: { 'X-XSRF-TOKEN': token } });
    return (await r.json()).id;
  });
  await leave(p);
  return id;
}
