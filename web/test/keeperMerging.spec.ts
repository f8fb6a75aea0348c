import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Plain } from '../src/core';
import { Keeper, type Merge } from '../src/stage/open/keeper';
import { server } from './oneDocument';

describe('a document that two windows save', () => {
  let now: Plain = {};
  let busy = false;
  /** As the core does it, for settings. */
  const merge: Merge = (base, theirs, prefers) => {
    if (busy) return { taken: false, twice: [] };
    const twice: string[] = [];
    const out: Plain = { ...now };
    for (const key of new Set([...Object.keys(base), ...Object.keys(theirs)])) {
      if (theirs[key] === base[key] || theirs[key] === now[key]) continue;
      if (now[key] === base[key] || prefers === 'theirs') out[key] = theirs[key];
      else if (prefers === 'neither') twice.push(key);
    }
    if (!twice.length) now = out;
    return { taken: !twice.length, twice };
  };
  const keeper = () =>
    new Keeper(
      '/api/x',
      () => ({ ...now }),
      (b) => (now = { ...b }),
      merge,
    );
  beforeEach(() => {
    vi.useFakeTimers();
    localStorage.clear();
    now = {};
    busy = false;
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });
  /** A server that has something, a window that has read it, and another that has saved since. */
  async function after(theirs: Plain) {
    const s = server();
    s.version = 1;
    s.body = { speed: 1, step: 15 };
    const k = keeper();
    await k.load();
    s.version = 4;
    s.body = theirs;
    return { s, k };
  }

  it('has what each of them changed, and asks nobody', async () => {
    const { s, k } = await after({ speed: 1, step: 30 });
    now.speed = 2;
    k.changed();
    await vi.advanceTimersByTimeAsync(1000);
    expect(k.state.value).toBe('saved');
    expect(s.body).toEqual({ speed: 2, step: 30 });
    expect(now).toEqual({ speed: 2, step: 30 });
    now.speed = 3;
    k.changed();
    await vi.advanceTimersByTimeAsync(1000);
    expect(s.version).toBe(6);
  });

  it('asks only where both changed the same, and either answer keeps what else they did', async () => {
    for (const mine of [true, false]) {
      const { s, k } = await after({ speed: 5, step: 30 });
      now.speed = 2;
      now.home = 'here';
      k.changed();
      await vi.advanceTimersByTimeAsync(1000);
      expect(k.state.value).toBe('conflict');
      expect(k.twice.value).toEqual(['speed']);
      expect(k.settled).toBe(true);
      await k.settle(mine);
      expect(s.body).toEqual({ speed: mine ? 2 : 5, step: 30, home: 'here' });
      expect(k.state.value).toBe('saved');
    }
  });

  it('waits for a busy hand and then saves both', async () => {
    const { s, k } = await after({ speed: 1, step: 30 });
    busy = true;
    now.speed = 2;
    k.changed();
    await vi.advanceTimersByTimeAsync(3000);
    expect(k.state.value).toBe('saving');
    expect(s.body).toEqual({ speed: 1, step: 30 });
    busy = false;
    await vi.advanceTimersByTimeAsync(1000);
    expect(s.body).toEqual({ speed: 2, step: 30 });
    expect(k.state.value).toBe('saved');
  });

  it('brings what a closed page could not save together with what was saved since', async () => {
    const { s, k } = await after({ speed: 1, step: 15 });
    s.version = 1;
    s.down = true;
    now.speed = 2;
    k.changed();
    await vi.advanceTimersByTimeAsync(600);
    await k.close();
    s.down = false;
    s.version = 7;
    s.body = { speed: 1, step: 45 };
    const next = keeper();
    await next.load();
    await vi.advanceTimersByTimeAsync(1000);
    expect(s.body).toEqual({ speed: 2, step: 45 });
    expect(next.state.value).toBe('saved');
  });

  it('is offline where the server goes away in the middle of it', async () => {
    const { s, k } = await after({ speed: 1, step: 30 });
    now.speed = 2;
    k.changed();
    s.refusal = { status: 409, body: { detail: 'Another window has saved since.' } };
    const get = globalThis.fetch;
    vi.stubGlobal('fetch', async (request: Request) => {
      if (request.method === 'GET') throw new TypeError('no network');
      return get(request);
    });
    await vi.advanceTimersByTimeAsync(1000);
    expect(k.state.value).toBe('offline');
    vi.stubGlobal('fetch', get);
    s.refusal = null;
    await vi.advanceTimersByTimeAsync(4000);
    expect(s.body).toEqual({ speed: 2, step: 30 });
  });
});
