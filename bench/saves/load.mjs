// 200 saves a second from 50 users for a minute with wrk, then looks whether each user's last acknowledged save is what is kept.
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { User, createAccounts, workspace } from './users.mjs';

const USERS = 50;
const RATE = 200;
const SECONDS = Number(process.env.SECONDS ?? 60);

/** Runs it against an application; gives the row of its results. */
export async function load(base, home) {
  createAccounts(home, USERS);
  const users = [];
  for (let i = 1; i <= USERS; i++) users.push(await (await new User(base, `hand ${i}`).signIn()).upload());
  const folder = mkdtempSync(`${tmpdir()}/saves`);
  const file = (name, text) => {
    writeFileSync(`${folder}/${name}`, text);
    return `${folder}/${name}`;
  };
  const body = JSON.stringify(workspace(0));
  const cookies = (u) => [...u.cookies].map(([k, v]) => `${k}=${v}`).join('; ');
  const lines = () => users.map((u) => `${cookies(u)}\t${u.cookies.get('XSRF-TOKEN')}\t${u.path}\n`).join('');
  const env = {
    ...process.env,
    USERS: file('users', lines()),
    BODY: file('body', body),
    RESULT: `${folder}/result`,
  };
  const script = new URL('load.lua', import.meta.url).pathname;
  const run = (seconds, rate) =>
    execFileSync('wrk', [`-t${USERS}`, `-c${USERS}`, `-d${seconds}s`, '--timeout', '20s', '-s', script, base, '--', String((USERS / rate) * 1000)],
      { env, stdio: 'inherit' });
  // A server that has just started is still compiling itself: it gets a while at half the rate, on scenes of its own.
  run(30, RATE / 2);
  for (const u of users) await u.upload();
  writeFileSync(env.USERS, lines());
  run(SECONDS, RATE);
  const result = readFileSync(env.RESULT, 'utf8').trim().split('\n').map((l) => l.split('\t'));
  const [, requests, micros, p50, p95, p99, max] = result.find((l) => l[0] === 'all').map(Number);
  const errors = Number(result.find((l) => l[0] === 'errors')[1]);
  let lost = 0;
  let bad = 0;
  let late = 0;
  for (const [number, version, sent, wrong, behind] of result.slice(0, USERS).map((l) => l.map(Number))) {
    bad += wrong;
    late += behind;
    const kept = (await users[number - 1].ask('GET', users[number - 1].path)).body;
    // One more than was acknowledged may have come in when the time was over.
    const n = kept.body.n;
    if (kept.version !== n || n < version || n > sent || n > version + 1) {
      console.error(`user ${number}: ${n} in version ${kept.version} is kept, ${version} was acknowledged, ${sent} were sent`);
      lost++;
    }
  }
  return {
    rate: requests / (micros / 1e6), kB: body.length / 1000, requests, p50, p95, p99, max, errors: errors + bad, lost, late,
  };
}
