// Measures driving a camera and a long shot list, and writes their part of docs/measurements.md. Called by bin/bench cameras.
import { readFile, writeFile } from "node:fs/promises";
import { cpus } from "node:os";
import { base, browser, leave, page } from "./page.mjs";

const first = await page();
const scenes = await first.evaluate(() =>
  fetch("/api/scenes").then((r) => r.json()),
);
const yard = scenes.find((s) => s.name === "Saltmarsh Boatyard");
await first.context().close();
const lines = [];
function row(what, ours, beside, ratio, bar, met) {
  lines.push(
    `| ${what} | ${ours} | ${beside} | ${ratio} | ${bar} | ${met ? "yes" : "**no**"} |`,
  );
  console.log(lines.at(-1));
}
const middle = (v) => v.sort((a, b) => a - b)[Math.floor(v.length / 2)];
const idle = (p) => p.evaluate(() => window.rhombus.idle());

async function open(p, id) {
  await p.goto(`${base}/scenes/${id}`);
  await p.waitForFunction(
    () => window.rhombus && window.rhombus.scene().objects.length > 0,
  );
  await idle(p);
}

// The same drag with the same camera's view: as a scout view, and driving the camera; in turns, from event to finished picture.
{
  const p = await page();
  await open(p, yard.id);
  const v = (await p.evaluate(() => window.rhombus.views())).find(
    (each) => each.id === "v2",
  );
  const x = Math.round(v.rect.x + v.rect.width / 2);
  const y = Math.round(v.rect.y + v.rect.height / 2);
  /** Milliseconds from a real move of the pointer, as the page hears of it, until the picture it led to is finished. */
  const shown = async (dx) => {
    await p.evaluate(() => {
      const gl = document.querySelector("canvas").getContext("webgl2");
      window.took = new Promise((resolve) => {
        const wait = setTimeout(() => resolve(NaN), 5000);
        window.addEventListener(
          "pointermove",
          () => {
            const frames = window.rhombus.stats().frames;
            const start = performance.now();
            const channel = new MessageChannel();
            channel.port1.onmessage = () => {
              if (window.rhombus.stats().frames === frames) {
                requestAnimationFrame(() => channel.port2.postMessage(0));
                return;
              }
              gl.readPixels(
                0,
                0,
                1,
                1,
                gl.RGBA,
                gl.UNSIGNED_BYTE,
                new Uint8Array(4),
              );
              clearTimeout(wait);
              resolve(performance.now() - start);
            };
            requestAnimationFrame(() => channel.port2.postMessage(0));
          },
          { once: true, capture: true },
        );
      });
    });
    await p.mouse.move(x + dx, y);
    const ms = await p.evaluate(() => window.took);
    if (Number.isNaN(ms))
      throw new Error("A move of the pointer led to no picture.");
    return ms;
  };
  const took = { orbit: [], drive: [] };
  for (let round = 0; round < 8; round++) {
    for (const how of ["orbit", "drive"]) {
      await p.mouse.move(x, y);
      await p.keyboard.press("c");
      await idle(p);
      if (how === "drive") await p.keyboard.press("Shift+C");
      await p.mouse.down({ button: "right" });
      await p.mouse.move(x + 6, y);
      for (let i = 2; i < 14; i++) {
        const t = await shown(6 + 3 * i);
        // The first round warms up the compilers.
        if (round > 0) took[how].push(t);
      }
      await p.keyboard.press("Escape");
      await p.mouse.up({ button: "right" });
      await p.mouse.move(x, y);
      await idle(p);
      // Back to the view from before; Escape has brought the camera back, so nothing was changed.
      if (
        (await p.evaluate(
          () => window.rhombus.views().find((each) => each.id === "v2").camera,
        )) !== null
      ) {
        await p.keyboard.press("c");
        await idle(p);
      }
    }
  }
  const a = middle(took.drive);
  const b = middle(took.orbit);
  row(
    "one event of driving a camera with four viewports open, to the finished picture; the same drag as a plain orbit",
    `${a.toFixed(1)} ms`,
    `${b.toFixed(1)} ms`,
    (a / b).toFixed(2),
    "at most 1.1",
    a / b <= 1.1,
  );
  await leave(p);
}

// 200 cameras around a box: how long the page is kept from other things while their list fills.
{
  const p = await page();
  const id = await p.evaluate(async () => {
    const nodes = [{ mesh: 0, name: "Box" }];
    for (let i = 0; i < 200; i++) {
      const a = (i / 200) * 2 * Math.PI;
      nodes.push({
        camera: 0,
        name: `Shot ${i + 1}`,
        translation: [6 * Math.sin(a), 1, 6 * Math.cos(a)],
        rotation: [0, Math.sin(a / 2), 0, Math.cos(a / 2)],
      });
    }
    const at = new Float32Array([
      -1, -1, -1, 1, -1, -1, 1, 1, -1, -1, 1, -1, -1, -1, 1, 1, -1, 1, 1, 1, 1,
      -1, 1, 1,
    ]);
    const of = new Uint16Array([
      0, 2, 1, 0, 3, 2, 4, 5, 6, 4, 6, 7, 0, 1, 5, 0, 5, 4, 2, 3, 7, 2, 7, 6, 1,
      2, 6, 1, 6, 5, 0, 4, 7, 0, 7, 3,
    ]);
    const bytes = new Uint8Array(at.byteLength + of.byteLength);
    bytes.set(new Uint8Array(at.buffer));
    bytes.set(new Uint8Array(of.buffer), at.byteLength);
    const gltf = {
      asset: { version: "2.0" },
      scene: 0,
      scenes: [{ nodes: nodes.map((_, i) => i) }],
      nodes,
      cameras: [
        {
          type: "perspective",
          perspective: { yfov: 0.7, znear: 0.1, aspectRatio: 1.5 },
        },
      ],
      meshes: [{ primitives: [{ attributes: { POSITION: 0 }, indices: 1 }] }],
      accessors: [
        {
          bufferView: 0,
          componentType: 5126,
          count: 8,
          type: "VEC3",
          min: [-1, -1, -1],
          max: [1, 1, 1],
        },
        { bufferView: 1, componentType: 5123, count: 36, type: "SCALAR" },
      ],
      bufferViews: [
        { buffer: 0, byteLength: at.byteLength },
        { buffer: 0, byteOffset: at.byteLength, byteLength: of.byteLength },
      ],
      buffers: [
        {
          byteLength: bytes.byteLength,
          uri: `data:application/octet-stream;base64,${btoa(String.fromCharCode(...bytes))}`,
        },
      ],
    };
    const form = new FormData();
    form.append(
      "file",
      new Blob([JSON.stringify(gltf)]),
      "Two hundred shots.gltf",
    );
    const token = decodeURIComponent(
      /XSRF-TOKEN=([^;]*)/.exec(document.cookie)[1],
    );
    const r = await fetch("/api/scenes", {
      method: "POST",
      body: form,
      headers: { "X-XSRF-TOKEN": token },
    });
    return (await r.json()).id;
  });
  await p.goto(`${base}/scenes`);
  await p.waitForSelector(`a[href="/scenes/${id}"]`);
  await open(p, id);
  const cdp = await p.context().newCDPSession(p);
  const heap = async () => {
    await cdp.send("HeapProfiler.collectGarbage");
    return (await cdp.send("Runtime.getHeapUsage")).usedSize / 1e6;
  };
  const before = await heap();
  await p.evaluate(() => {
    window.longest = 0;
    window.steps = [];
    // Between frames: as long as each step of filling the list takes, other things wait.
    const now = () => performance.now();
    const frame = window.requestAnimationFrame.bind(window);
    window.requestAnimationFrame = (step) =>
      frame((t) => {
        const start = now();
        step(t);
        window.steps.push(now() - start);
      });
  });
  const start = Date.now();
  await p.click('[data-command="app.shots"]');
  await p.waitForFunction(
    () => document.querySelectorAll("[data-shots] tbody .name").length === 200,
  );
  const rows = Date.now() - start;
  await p.waitForFunction(
    () => document.querySelectorAll("[data-shots] img").length === 200,
  );
  const pictures = Date.now() - start;
  const steps = await p.evaluate(() => window.steps.sort((a, b) => a - b));
  const longest = steps.at(-1);
  row(
    `shot list of 200 cameras: longest step of its script (median ${middle(steps).toFixed(1)} ms), all rows after ${(rows / 1000).toFixed(1)} s, all pictures after ${(pictures / 1000).toFixed(1)} s, heap ${before.toFixed(0)} MB before and ${(await heap()).toFixed(0)} MB after`,
    `${longest.toFixed(1)} ms`,
    "",
    "",
    "at most 16 ms",
    longest <= 16,
  );
  await leave(p);
}

const file = new URL("../docs/measurements.md", import.meta.url);
const was = await readFile(file, "utf8");
const part = `## Cameras

Made by \`bin/bench cameras\` on ${new Date().toISOString().slice(0, 10)}: ${cpus().length} cores (${cpus()[0].model}), drawing in software.

| what | Rhombus | beside | ratio | bar | met |
|---|---|---|---|---|---|
${lines.join("\n")}

`;
const kept = was.replace(/## Cameras[\s\S]*?(?=## )/, "");
await writeFile(file, kept.replace("## Saving", `${part}## Saving`));
await browser.close();
