import { describe, expect, it, vi } from 'vitest';
import { page, server } from './oneDocument';

describe('leaving a document, and what the server does not take', () => {
  const { now, shown, keeper } = page();

  it('saves what there was when it was asked to, and nothing of what comes after the document is closed', async () => {
    const s = server();
    let slow = () => {};
    const k = keeper();
    await k.load();
    s.slow = new Promise((r) => (slow = r));
    now.n = 2;
    k.changed();
    await vi.advanceTimersByTimeAsync(600);
    // The first save is on its way; something changes, and in this moment the scene is left.
    now.n = 3;
    k.changed();
    const closed = k.close();
    // Another scene is on the stage now.
    now.n = 999;
    k.changed();
    slow();
    await vi.advanceTimersByTimeAsync(5000);
    await closed;
    expect(s.body).toEqual({ n: 3 });
    expect(s.saves).toBe(2);
  });

  it('neither shows nor sends anything once it is closed, even while it is still loading', async () => {
    const s = server();
    s.version = 1;
    s.body = { n: 50 };
    const k = keeper();
    const loading = k.load();
    await k.close();
    await loading;
    expect(shown).toEqual([]);
    k.changed();
    await vi.advanceTimersByTimeAsync(5000);
    expect(s.saves).toBe(0);
  });

  it('leaves the newest state for the next opening where a closed one cannot be saved', async () => {
    const s = server();
    const k = keeper();
    await k.load();
    s.down = true;
    now.n = 4;
    k.changed();
    await vi.advanceTimersByTimeAsync(600);
    now.n = 5;
    k.changed();
    await k.close();
    s.down = false;
    now.n = 999;
    await keeper().load();
    expect(shown).toEqual([{ n: 5 }]);
  });

  it.each([413, 422, 400, 404])(
    'tells a refusal of %s in the words of the server and does not repeat itself',
    async (status) => {
      const s = server();
      const k = keeper();
      await k.load();
      s.refusal = { status, body: { detail: 'This takes at most 16 MB.' } };
      k.changed();
      await vi.advanceTimersByTimeAsync(600);
      expect(k.state.value).toBe('refused');
      expect(k.why.value).toBe('This takes at most 16 MB.');
      const asked = s.asked.length;
      await vi.advanceTimersByTimeAsync(60_000);
      expect(s.asked.length).toBe(asked);
      expect(k.settled).toBe(true);
      s.refusal = null;
      now.n = 6;
      k.changed();
      await vi.advanceTimersByTimeAsync(600);
      expect(k.state.value).toBe('saved');
      expect(s.body).toEqual({ n: 6 });
    },
  );

  it('gets a new token where the page has lost its own, and says so where that does not help', async () => {
    const s = server();
    const k = keeper();
    await k.load();
    s.refusal = { status: 403, body: { detail: 'The request did not carry the token of this page.' } };
    k.changed();
    await vi.advanceTimersByTimeAsync(600);
    expect(s.asked.slice(-3)).toEqual(['PUT /api/x', 'GET /api/start', 'PUT /api/x']);
    expect(k.state.value).toBe('refused');
  });

  it.each([500, 503, 429])('tries again after %s', async (status) => {
    const s = server();
    const k = keeper();
    await k.load();
    s.refusal = { status, body: {} };
    k.changed();
    await vi.advanceTimersByTimeAsync(600);
    expect(k.state.value).toBe('offline');
    s.refusal = null;
    await vi.advanceTimersByTimeAsync(3000);
    expect(k.state.value).toBe('saved');
  });
});
