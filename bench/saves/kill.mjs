// Kills the application in the middle of saves, again and again, and looks what is kept afterwards.
import { execFileSync, spawn } from 'node:child_process';
import { User, createAccounts, workspace } from './users.mjs';

const USERS = 8;

/** Starts the application in a folder and waits until it serves. */
export async function start(home, port) {
  const process_ = spawn('bin/start', {
    cwd: new URL('../..', import.meta.url).pathname, env: { ...process.env, PORT: String(port), RHOMBUS_HOME: home }, stdio: ['ignore', 'pipe', 'inherit'],
  });
  const ended = new Promise((r) => process_.once('exit', r));
  await new Promise((resolve, reject) => {
    let text = '';
    process_.stdout.on('data', (d) => (text += d).includes('is ready at') && resolve());
    ended.then(() => reject(new Error(`The application did not start: ${text}`)));
  });
  const kill = (program) => {
    for (const pid of execFileSync('pgrep', ['-P', String(process_.pid)], { encoding: 'utf8' }).trim().split('\n')) {
      const name = execFileSync('ps', ['-o', 'comm=', '-p', pid], { encoding: 'utf8' }).trim();
      if (name.startsWith(program)) process.kill(Number(pid), 'SIGKILL');
    }
  };
  return { kill, ended, stop: () => (process_.kill('SIGTERM'), ended) };
}

/** Kills `times` times; every second time the database dies with the application. */
export async function kills(base, home, port, times) {
  let app = await start(home, port);
  createAccounts(home, USERS);
  const users = [];
  for (let i = 1; i <= USERS; i++) {
    const u = await (await new User(base, `hand ${i}`).signIn()).upload();
    users.push({ u, version: 0, n: 0, acknowledged: 0 });
  }
  let wrong = 0;
  let saves = 0;
  let ahead = 0;
  for (let round = 1; round <= times; round++) {
    let on = true;
    const work = users.map(async (s) => {
      while (on) {
        const r = await s.u.ask('PUT', s.u.path, { version: s.version, body: workspace(++s.n) }).catch(() => null);
        if (!r) return;
        if (r.status !== 200) {
          // Once the database is gone, the application says so and keeps nothing.
          if (r.status < 500) throw new Error(`${r.status} ${JSON.stringify(r.body)}`);
          return;
        }
        s.version = r.body.version;
        s.acknowledged = s.n;
        saves++;
      }
    });
    await new Promise((r) => setTimeout(r, 300 + Math.random() * 1200));
    if (round % 2 === 0) app.kill('mariadbd');
    app.kill('java');
    on = false;
    await Promise.all(work);
    await app.ended;
    app = await start(home, port);
    for (const s of users) {
      await s.u.signIn();
      const kept = (await s.u.ask('GET', s.u.path)).body;
      const n = kept.body?.n ?? 0;
      const whole = JSON.stringify(kept.body) === JSON.stringify(workspace(n));
      // What was acknowledged, or the one that was on its way.
      if ((n !== s.acknowledged && n !== s.n) || !whole) {
        wrong++;
        console.error(`round ${round}: ${s.u.name} has ${n}, acknowledged ${s.acknowledged}, sent ${s.n}, whole ${whole}`);
      }
      if (n > s.acknowledged) ahead++;
      s.version = kept.version;
      s.n = s.acknowledged = n;
    }
    console.log(`kill ${round}: ${saves} saves so far, ${ahead} were kept without having been acknowledged, ${wrong} wrong`);
  }
  await app.stop();
  return { times, saves, ahead, wrong, users: USERS };
}
