import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Presence } from '../src/stage/open/presence';

/** Channels of one browser: what one says, all others of the name hear. */
class Channel {
  static all: Channel[] = [];
  onmessage: ((e: { data: unknown }) => void) | null = null;
  constructor(readonly name: string) {
    Channel.all.push(this);
  }
  postMessage(data: unknown) {
    for (const c of Channel.all) if (c !== this && c.name === this.name) c.onmessage?.({ data });
  }
  close() {
    Channel.all = Channel.all.filter((c) => c !== this);
  }
}

describe('windows with the same scene', () => {
  let others = 0;
  let asked: string[] = [];
  beforeEach(() => {
    Channel.all = [];
    others = 0;
    asked = [];
    sessionStorage.clear();
    vi.stubGlobal('fetch', async (asking: Request | string, init?: RequestInit) => {
      const { method, url } = new Request(asking, init);
      asked.push(`${method} ${new URL(url).pathname}`);
      return new Response(JSON.stringify({ others }), { status: 200 });
    });
    vi.stubGlobal('BroadcastChannel', Channel);
    (window as unknown as Record<string, unknown>).BroadcastChannel = Channel;
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.restoreAllMocks();
    vi.unstubAllGlobals();
  });
  const nothing = () => undefined;

  it('the later one finds the earlier one, and nobody else does', async () => {
    const first = new Presence('boat', () => true, nothing);
    expect(await first.others()).toBe(false);
    const other = new Presence('crane', () => true, nothing);
    expect(await other.others()).toBe(false);
    const second = new Presence('boat', () => true, nothing);
    expect(await second.others()).toBe(true);
  });

  it('a window that does not save, or was left, is no hindrance', async () => {
    const apart = new Presence('boat', () => false, nothing);
    const left = new Presence('boat', () => true, nothing);
    left.leave();
    expect(await new Presence('boat', () => true, nothing).others()).toBe(false);
    apart.leave();
  });

  it('whoever takes over tells the others and not itself', () => {
    const told = vi.fn();
    const own = vi.fn();
    new Presence('boat', () => true, told);
    const second = new Presence('boat', () => true, own);
    second.take();
    expect(told).toHaveBeenCalledOnce();
    expect(own).not.toHaveBeenCalled();
  });

  it('learns of a window on another machine from the server, and says when it is gone', async () => {
    others = 1;
    const here = new Presence('boat', () => true, nothing);
    expect(await here.others()).toBe(true);
    expect(asked[0]).toMatch(/^PUT \/api\/scenes\/boat\/windows\/[\w-]+$/);
    here.leave();
    expect(asked.at(-1)).toBe(asked[0]!.replace('PUT', 'DELETE'));
  });

  it('learns that the other window is gone, and not from a server that does not answer', async () => {
    vi.useFakeTimers();
    const alone = vi.fn();
    others = 1;
    const here = new Presence('boat', () => true, nothing, alone);
    await vi.advanceTimersByTimeAsync(11_000);
    expect(alone).not.toHaveBeenCalled();
    const answering = globalThis.fetch;
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')));
    await vi.advanceTimersByTimeAsync(11_000);
    expect(alone).not.toHaveBeenCalled();
    vi.stubGlobal('fetch', answering);
    others = 0;
    await vi.advanceTimersByTimeAsync(6_000);
    expect(alone).toHaveBeenCalled();
    here.leave();
  });

  it('says that it is gone after everything else, however long that is on its way', async () => {
    let answer: () => void = nothing;
    vi.stubGlobal('fetch', (asking: Request | string, init?: RequestInit) => {
      asked.push(new Request(asking, init).method);
      return new Promise((done) => (answer = () => done(new Response('{"others":0}', { status: 200 }))));
    });
    const here = new Presence('boat', () => true, nothing);
    const found = here.others();
    here.leave();
    expect(asked).toEqual(['PUT']);
    answer();
    await found;
    expect(asked).toEqual(['PUT', 'DELETE']);
  });

  it('that is closed does not say that it lies behind others', async () => {
    const said = () => asked.filter((a) => a.includes('/pier/')).map((a) => a.split(' ')[0]);
    vi.useFakeTimers();
    vi.spyOn(document, 'hidden', 'get').mockReturnValue(true);
    const here = new Presence('pier', () => true, nothing);
    document.dispatchEvent(new Event('visibilitychange'));
    window.dispatchEvent(new Event('pagehide'));
    await vi.advanceTimersByTimeAsync(200);
    expect(said()).toEqual(['DELETE']);
    // One that stays says so.
    document.dispatchEvent(new Event('visibilitychange'));
    await vi.advanceTimersByTimeAsync(200);
    expect(said()).toEqual(['DELETE', 'PUT']);
    here.leave();
  });

  it('is the same window after it was loaded again', async () => {
    const before = new Presence('boat', () => true, nothing);
    await before.others();
    before.leave();
    const after = new Presence('boat', () => true, nothing);
    await after.others();
    after.leave();
    expect(new Set(asked.map((a) => a.split('/').at(-1))).size).toBe(1);
  });
});
