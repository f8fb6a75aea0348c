import { afterEach, describe, expect, it, vi } from 'vitest';
import { ask, download, Failure } from '../src/api/http';
import { address } from '../src/api/request';

afterEach(() => vi.unstubAllGlobals());

describe('asking the server', () => {
  it('turns a problem detail into words', async () => {
    vi.stubGlobal('fetch', async () => new Response('{"detail":"There is no such scene."}', { status: 404 }));
    const e = (await ask('GET', '/api/scenes/x').catch((x: unknown) => x)) as Failure;
    expect(e).toBeInstanceOf(Failure);
    expect(e.status).toBe(404);
    expect(e.message).toBe('There is no such scene.');
    expect(e.offline).toBe(false);
  });

  it('tells a lost connection from an answer', async () => {
    vi.stubGlobal('fetch', async () => {
      throw new TypeError('failed');
    });
    const e = (await ask('GET', '/api/scenes').catch((x: unknown) => x)) as Failure;
    expect(e.offline).toBe(true);
    expect(e.message).toContain('saved when it is back');
  });

  it('fills a path with its parameters, whatever they hold', () => {
    expect(address('get', '/api/scenes/{id}/versions/{seq}', { id: 'a/b?', seq: 3 })).toBe(
      '/api/scenes/a%2Fb%3F/versions/3',
    );
  });

  it('notices a file that came incomplete', async () => {
    vi.stubGlobal('fetch', async () => new Response(new Uint8Array(10)));
    const parts: number[] = [];
    await expect(download('/file', 20, (p) => parts.push(p))).rejects.toThrow('incomplete');
    expect(parts.at(-1)).toBe(0.5);
    expect((await download('/file', 10, () => undefined)).byteLength).toBe(10);
  });
});
