// Loads and kills, and writes the section "Saving" of docs/measurements.md. Called by bin/bench-saves.
import { readFile, writeFile } from 'node:fs/promises';
import { cpus } from 'node:os';
import { load } from './load.mjs';
import { kills, start } from './kill.mjs';

const port = process.env.PORT;
const home = process.env.RHOMBUS_HOME;
const base = `http://127.0.0.1:${port}`;
const app = await start(home, port);
const l = await load(base, home);
console.log(l);
await app.stop();
const k = await kills(base, home, port, Number(process.env.TIMES ?? 20));

const ms = (v) => `${v.toFixed(1)} ms`;
const text = `## Saving

Made by \`bin/bench-saves\` on ${new Date().toISOString().slice(0, 10)}: ${cpus().length} cores (${cpus()[0].model.trim()}) that the load tool, one server and
its MariaDB share, on loopback.

| what | result | wanted |
|---|---|---|
| ${l.requests} saves of ${l.kB.toFixed(0)} kB from 50 users, each based on the one before; wrk | ${l.rate.toFixed(0)} a second | 200 a second |
| errors, refusals and wrong answers | ${l.errors} | 0 |
| users whose kept state is not the last one acknowledged or the one on its way | ${l.lost} | 0 |
| time of a save: median, p95, p99, longest | ${ms(l.p50)}, ${ms(l.p95)}, ${ms(l.p99)}, ${ms(l.max)} | told |
| states of ${k.users} users after ${k.times} kills (SIGKILL, every second time with the database) in the middle of ${k.saves} saves that are not one of the last two, or not whole | ${k.wrong} of ${k.times * k.users} | 0 |
`;
const path = new URL('../../docs/measurements.md', import.meta.url);
const before = await readFile(path, 'utf8');
const own = /\n## Saving\n[\s\S]*?(?=\n## |$)/;
await writeFile(path, own.test(before) ? before.replace(own, () => `\n${text}`) : before.replace('\n## Remarks', () => `\n${text}\n## Remarks`));
if (l.errors || l.lost || k.wrong) process.exit(1);
