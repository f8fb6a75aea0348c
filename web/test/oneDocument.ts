import { afterEach, beforeEach, vi } from 'vitest';
import { Keeper } from '../src/stage/open/keeper';

export type Answer = { status: number; body: unknown };

/** A server of one document with a version. */
export function server() {
  const state = {
    version: 0,
    body: null as unknown,
    down: false,
    saves: 0,
    refusal: null as Answer | null,
    slow: null as Promise<void> | null,
    asked: [] as string[],
  };
  const answer = (a: Answer) => new Response(JSON.stringify(a.body), { status: a.status });
  vi.stubGlobal('fetch', async (request: Request) => {
    state.asked.push(`${request.method} ${new URL(request.url).pathname}`);
    if (state.down) throw new TypeError('no network');
    if (request.method === 'GET') return answer({ status: 200, body: { version: state.version, body: state.body } });
    if (state.slow) await state.slow;
    if (state.refusal) return answer(state.refusal);
    const save = (await request.json()) as { version: number; body: unknown };
    if (save.version !== state.version)
      return answer({ status: 409, body: { detail: 'Another window has saved since.' } });
    state.version++;
    state.saves++;
    state.body = save.body;
    return answer({ status: 200, body: { version: state.version } });
  });
  return state;
}

/** What a page holds of the document, and keepers of it: anew for each test, with a clock that stands still. */
export function page() {
  const now = { n: 1 };
  const shown: unknown[] = [];
  const keeper = () =>
    new Keeper(
      '/api/x',
      () => ({ ...now }),
      (b) => shown.push(b),
    );
  beforeEach(() => {
    vi.useFakeTimers();
    localStorage.clear();
    now.n = 1;
    shown.length = 0;
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });
  return { now, shown, keeper };
}
