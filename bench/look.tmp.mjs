import { readFile, access } from 'node:fs/promises';
import { extname, join } from 'node:path';
import { page, base, browser } from './page.mjs';
const p = await page();
const types = { '.html': 'text/html', '.js': 'text/javascript', '.css': 'text/css', '.woff2':'font/woff2', '.woff':'font/woff', '.svg':'image/svg+xml' };
if (process.env.DIST) await p.route(base + '/**', async (route) => {
  const u = new URL(route.request().url());
  if (u.pathname.startsWith('/api') || u.pathname.startsWith('/bench')) return route.continue();
  let f = join(process.env.DIST, u.pathname); 
  try { await access(f); if (!extname(f)) throw 0; } catch { f = join(process.env.DIST, 'index.html'); }
  await route.fulfill({ body: await readFile(f), contentType: types[extname(f)] ?? 'application/octet-stream' });
});
if (process.env.SCENE) { await p.goto(base + '/scenes'); await p.click(`a:has-text("${process.env.SCENE}")`); await p.waitForFunction(() => window.rhombus); await p.evaluate(() => window.rhombus.idle()); }
else { await p.goto(base + '/scenes'); await p.waitForTimeout(600); }
const [, , out, ...steps] = process.argv;
for (const s of steps) {
  const [k, ...r] = s.split('='); const v = r.join('=');
  if (k === 'click') await p.click(v);
  if (k === 'hover') await p.hover(v);
  if (k === 'key') await p.keyboard.press(v);
  if (k === 'type') await p.keyboard.type(v);
  if (k === 'fill') { const [a, b] = v.split('::'); await p.fill(a, b); }
  if (k === 'files') { const [a, b] = v.split('::'); await p.setInputFiles(a, b.split(',')); }
  if (k === 'wait') await p.waitForTimeout(+v);
  if (k === 'for') await p.waitForSelector(v);
  if (k === 'goto') await p.goto(base + v);
  if (k === 'size') { const [w, h] = v.split('x'); await p.setViewportSize({ width: +w, height: +h }); }
  if (k === 'eval') console.log(JSON.stringify(await p.evaluate(v)));
  if (k === 'over') { const [id, fx, fy] = v.split(','); const view = (await p.evaluate(() => window.rhombus.views())).find((x) => x.id === id) ; await p.mouse.move(view.rect.x + view.rect.width * fx, view.rect.y + view.rect.height * fy); }
  if (k === 'shot') await p.screenshot({ path: v });
}
await p.screenshot({ path: out });
await browser.close();
