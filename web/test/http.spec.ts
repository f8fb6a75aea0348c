import { afterEach, describe, expect, it, vi } from 'vitest';
import { download, Failure } from '../src/api/http';
import { address, answer, client } from '../src/api/request';

afterEach(() => vi.unstubAllGlobals());

describe('asking the server', () => {
  it('turns a problem detail into words', async () => {
    vi.stubGlobal('fetch', async () => new Response('{"detail":"There is no such scene."}', { status: 404 }));
    const e = (await answer(client.GET('/api/scenes/{id}', { params: { path: { id: 'x' } } })).catch(
      (x: unknown) => x,
    )) as Failure;
    expect(e).toBeInstanceOf(Failure);
    expect(e.status).toBe(404);
    expect(e.message).toBe('There is no such scene.');
    expect(e.offline).toBe(false);
  });

  it('tells a lost connection from an answer', async () => {
    vi.stubGlobal('fetch', async () => {
      throw new TypeError('failed');
    });
    const e = (await answer(client.GET('/api/scenes')).catch((x: unknown) => x)) as Failure;
    expect(e.offline).toBe(true);
    expect(e.message).toContain('saved when it is back');
  });

  it('fills a path with its parameters, whatever they hold', () => {
    expect(address('/api/scenes/{id}/versions/{seq}', { id: 'a/b?', seq: 3 })).toBe('/api/scenes/a%2Fb%3F/versions/3');
    expect(address('/api/scenes/{id}/export', { id: 'a' }, { what: 'selection', ids: ['b', 'c d'] })).toBe(
      '/api/scenes/a/export?what=selection&ids=b,c%20d',
    );
  });

  it('asks for a new token and then once more where the token was lost, and sends the same', async () => {
    document.cookie = 'XSRF-TOKEN=old';
    const sent: string[] = [];
    vi.stubGlobal('fetch', async (request: Request) => {
      const { pathname } = new URL(request.url);
      sent.push(`${request.method} ${pathname} ${request.headers.get('X-XSRF-TOKEN')} ${await request.text()}`);
      if (pathname === '/api/start') document.cookie = 'XSRF-TOKEN=new';
      const lost = request.headers.get('X-XSRF-TOKEN') === 'old';
      return new Response(lost ? '{}' : '{"files":[]}', { status: lost ? 403 : 200 });
    });
    await answer(client.POST('/api/scenes/bundles', { body: { files: ['a.obj'] } }));
    expect(sent).toEqual([
      'POST /api/scenes/bundles old {"files":["a.obj"]}',
      'GET /api/start null ',
      'POST /api/scenes/bundles new {"files":["a.obj"]}',
    ]);
  });

  it('notices a file that came incomplete', async () => {
    vi.stubGlobal('fetch', async () => new Response(new Uint8Array(10)));
    const parts: number[] = [];
    await expect(download('/file', 20, (p) => parts.push(p))).rejects.toThrow('incomplete');
    expect(parts.at(-1)).toBe(0.5);
    expect((await download('/file', 10, () => undefined)).byteLength).toBe(10);
  });
});
