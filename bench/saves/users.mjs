// Accounts for measuring, straight into the private database of a bin/start, and their sessions.
import { execFileSync } from 'node:child_process';
import { readFileSync, readdirSync } from 'node:fs';

/** A few boxes as glTF 2.0: a scene that is uploaded in no time. */
function smallScene() {
  const p = new Float32Array([0, 0, 0, 1, 0, 0, 0, 1, 0]);
  return JSON.stringify({
    asset: { version: '2.0' },
    scene: 0,
    scenes: [{ nodes: [0] }],
    nodes: [{ name: 'Sail', mesh: 0 }],
    meshes: [{ primitives: [{ attributes: { POSITION: 0 } }] }],
    accessors: [{ bufferView: 0, componentType: 5126, count: 3, type: 'VEC3', min: [0, 0, 0], max: [1, 1, 0] }],
    bufferViews: [{ buffer: 0, byteLength: 36 }],
    buffers: [{ byteLength: 36, uri: `data:application/octet-stream;base64,${Buffer.from(p.buffer).toString('base64')}` }],
  });
}

/** Creates accounts "hand 1" to "hand n" with the demo account's password. */
export function createAccounts(home, n) {
  const names = Array.from({ length: n }, (_, i) => `('hand ${i + 1}')`).join(',');
  const sql = `INSERT IGNORE INTO account (name, password_hash)
    SELECT t.name, a.password_hash FROM account a JOIN (SELECT NULL AS name UNION ALL VALUES ${names}) t
    WHERE a.name = 'demo' AND t.name IS NOT NULL`;
  // The database listens on a port of its own choice; it stands in the command line of the server that uses this folder.
  const line = readdirSync('/proc')
    .filter((p) => /^\d+$/.test(p))
    .map((p) => {
      try {
        return readFileSync(`/proc/${p}/cmdline`, 'utf8');
      } catch {
        return '';
      }
    })
    .find((c) => c.includes('mariadbd') && c.includes(`--datadir=${home}/data`));
  const port = /--port=(\d+)/.exec(line)[1];
  execFileSync('mariadb', ['--no-defaults', '-h127.0.0.1', `-P${port}`, '-urhombus', 'rhombus', '-e', sql], {
    env: { ...process.env, MYSQL_PWD: readFileSync(`${home}/secret`, 'utf8').trim() },
  });
}

/** Somebody who is signed in, with a scene of their own. */
export class User {
  cookies = new Map();

  constructor(base, name) {
    this.base = base;
    this.name = name;
  }

  async ask(method, path, body) {
    const headers = { cookie: [...this.cookies].map(([k, v]) => `${k}=${v}`).join('; ') };
    if (this.cookies.has('XSRF-TOKEN')) headers['x-xsrf-token'] = this.cookies.get('XSRF-TOKEN');
    if (body && !(body instanceof FormData)) headers['content-type'] = 'application/json';
    const r = await fetch(this.base + path, { method, headers, body: body && !(body instanceof FormData) ? JSON.stringify(body) : body });
    for (const c of r.headers.getSetCookie()) {
      const [, name, value] = /^([^=]+)=([^;]*)/.exec(c);
      this.cookies.set(name, value);
    }
    const text = await r.text();
    return { status: r.status, body: text ? JSON.parse(text) : null };
  }

  async signIn() {
    this.cookies.clear();
    await this.ask('GET', '/api/first-account');
    const r = await this.ask('POST', '/api/session', { name: this.name, password: 'saltmarsh' });
    if (r.status >= 300) throw new Error(`${this.name} cannot sign in: ${r.status} ${JSON.stringify(r.body)}`);
    await this.ask('GET', '/api/session');
    return this;
  }

  async upload() {
    const form = new FormData();
    form.append('file', new Blob([smallScene()]), 'sail.gltf');
    const r = await this.ask('POST', '/api/scenes', form);
    if (r.status >= 300) throw new Error(`The scene was not taken: ${r.status} ${JSON.stringify(r.body)}`);
    this.path = `/api/scenes/${r.body.id}/workspace`;
    return this;
  }
}

/** What a user keeps after an hour of work: four viewports with a hundred views each in their Trails. */
export function workspace(n) {
  const pose = (i) => [3.1 + i, -2.25, 7.5 + i / 7, 0.1825, 0.3651, 0.5477, 0.7302, 11.5, 0.8726];
  const view = (id) => ({ id, pose: pose(n), trail: Array.from({ length: 100 }, (_, i) => pose(i)), at: 99 });
  return { format: 'rhombus-workspace', version: 2, n, boards: { four: ['v1', 'v2', 'v3', 'v4'].map(view) } };
}
