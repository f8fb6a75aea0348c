// Measures the resolution of keys and finding commands, and writes their part of docs/measurements.md. Called by bin/bench keys.
import { readFile, writeFile } from "node:fs/promises";
import { cpus } from "node:os";
import { bench, browser, page } from "./page.mjs";

const first = await page();
const scenes = await first.evaluate(() =>
  fetch("/api/scenes").then((r) => r.json()),
);
const yard = scenes.find((s) => s.name === "Saltmarsh Boatyard");
const d = await first.evaluate(
  (id) => fetch(`/api/scenes/${id}`).then((r) => r.json()),
  yard.id,
);
await first.context().close();
const files = {
  geometry: d.geometry.href,
  edges: d.edges.href,
  levels: d.levels.href,
  hierarchy: d.hierarchy.href,
};
const r = await bench(async (f) => {
  await window.bench.open(f);
  return window.bench.keys();
}, files);
const yes = (met) => (met ? "yes" : "**no**");
const lines = [
  `| a key that nothing answers, resolved with 2000 bindings; with 100 | ${r.ours.toFixed(2)} µs | ${r.theirs.toFixed(2)} µs | ${r.ratio.toFixed(2)} | at most 1.2 | ${yes(r.ratio <= 1.2)} |`,
  `| opening the list of ${r.commands} commands for the first time | ${r.opens.toFixed(1)} ms | | | told | |`,
  `| finding one of ${r.commands} commands by words, the slowest of six | ${r.find.toFixed(1)} ms | | | under 16 ms | ${yes(r.find < 16)} |`,
];
lines.forEach((l) => console.log(l));
const file = new URL("../docs/measurements.md", import.meta.url);
const was = await readFile(file, "utf8");
const part = `## Keys

Made by \`bin/bench keys\` on ${new Date().toISOString().slice(0, 10)}: ${cpus().length} cores (${cpus()[0].model}).

| what | Rhombus | beside | ratio | bar | met |
|---|---|---|---|---|---|
${lines.join("\n")}

`;
const kept = was.replace(/## Keys[\s\S]*?(?=## )/, "");
await writeFile(file, kept.replace("## Saving", `${part}## Saving`));
await browser.close();
