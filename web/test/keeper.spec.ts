import { describe, expect, it, vi } from 'vitest';
import { page, server } from './oneDocument';

describe('keeping a document', () => {
  const { now, shown, keeper } = page();

  it('saves what changed, once for a burst', async () => {
    const s = server();
    const k = keeper();
    await k.load();
    for (now.n = 2; now.n < 6; now.n++) k.changed();
    expect(k.state.value).toBe('saving');
    await vi.advanceTimersByTimeAsync(1000);
    expect(s.saves).toBe(1);
    expect(s.body).toEqual({ n: 6 });
    expect(k.state.value).toBe('saved');
    expect(k.settled).toBe(true);
  });

  it('saves at once what somebody waits for, and nothing that is saved', async () => {
    const s = server();
    const k = keeper();
    await k.load();
    k.hurry();
    expect(s.saves).toBe(0);
    now.n = 3;
    k.changed();
    k.hurry();
    await vi.advanceTimersByTimeAsync(20);
    expect(s.body).toEqual({ n: 3 });
    expect(k.settled).toBe(true);
    await vi.advanceTimersByTimeAsync(1000);
    expect(s.saves).toBe(1);
  });

  it('is not sure of what is saved while something changes, and then saves that too', async () => {
    const s = server();
    const k = keeper();
    await k.load();
    now.n = 4;
    k.changed();
    const sure = k.surely('not saved');
    now.n = 5;
    k.changed();
    await vi.advanceTimersByTimeAsync(50);
    await expect(sure).resolves.toBeUndefined();
    expect(s.body).toEqual({ n: 5 });
    s.down = true;
    now.n = 6;
    k.changed();
    const unsure = expect(k.surely('not saved')).rejects.toThrow('not saved');
    await vi.advanceTimersByTimeAsync(50);
    await unsure;
  });

  it('shows what was asked for early only when it is loaded, and asks anew the next time', async () => {
    const s = server();
    s.version = 1;
    s.body = { n: 10 };
    const k = keeper();
    k.ask();
    s.body = { n: 11 };
    await vi.advanceTimersByTimeAsync(10);
    expect(shown).toEqual([]);
    await k.load();
    await k.load();
    expect(shown).toEqual([{ n: 10 }, { n: 11 }]);
  });

  it('holds on while the server is away and saves when it is back', async () => {
    const s = server();
    const k = keeper();
    await k.load();
    s.down = true;
    now.n = 7;
    k.changed();
    await vi.advanceTimersByTimeAsync(6000);
    expect(k.state.value).toBe('offline');
    expect(k.settled).toBe(true);
    expect(k.unsaved).toBe(true);
    s.down = false;
    await vi.advanceTimersByTimeAsync(3000);
    expect(s.body).toEqual({ n: 7 });
    expect(k.state.value).toBe('saved');
  });

  it('brings back what a closed page could not save', async () => {
    const s = server();
    const first = keeper();
    await first.load();
    s.down = true;
    now.n = 9;
    first.changed();
    await vi.advanceTimersByTimeAsync(1000);
    await first.close();
    s.down = false;
    const second = keeper();
    await second.load();
    expect(shown).toEqual([{ n: 9 }]);
    await vi.advanceTimersByTimeAsync(1000);
    expect(s.body).toEqual({ n: 9 });
  });

  it('never overwrites what another window saved', async () => {
    const s = server();
    const k = keeper();
    await k.load();
    s.version = 5;
    s.body = { n: 100 };
    now.n = 3;
    k.changed();
    await vi.advanceTimersByTimeAsync(2000);
    expect(k.state.value).toBe('conflict');
    expect(s.body).toEqual({ n: 100 });
    await k.settle(false);
    expect(shown).toEqual([{ n: 100 }]);
    expect(s.body).toEqual({ n: 100 });
    s.version = 8;
    now.n = 4;
    k.changed();
    await vi.advanceTimersByTimeAsync(2000);
    await k.settle(true);
    expect(s.body).toEqual({ n: 4 });
    expect(k.state.value).toBe('saved');
  });

  it('saves nothing while it goes on apart, and what was done here once it takes over', async () => {
    const s = server();
    const k = keeper();
    await k.load();
    k.apart();
    now.n = 5;
    k.changed();
    await vi.advanceTimersByTimeAsync(5000);
    expect(s.saves).toBe(0);
    expect(k.state.value).toBe('apart');
    expect(k.settled).toBe(true);
    s.version = 3;
    s.body = { n: 50 };
    await k.takeOver();
    expect(s.body).toEqual({ n: 5 });
    expect(k.state.value).toBe('saved');
  });

  it('shows what the other window saved when it takes over without having done anything', async () => {
    const s = server();
    const k = keeper();
    await k.load();
    k.apart();
    s.version = 3;
    s.body = { n: 50 };
    await k.takeOver();
    expect(shown).toEqual([{ n: 50 }]);
    expect(s.body).toEqual({ n: 50 });
  });

  it('stays apart when the server cannot be asked', async () => {
    const s = server();
    const k = keeper();
    await k.load();
    k.apart();
    s.down = true;
    await expect(k.takeOver()).rejects.toThrow();
    expect(k.state.value).toBe('apart');
    expect(k.settled).toBe(true);
  });

  it('takes over what was saved elsewhere only where nothing here waits', async () => {
    const s = server();
    const k = keeper();
    await k.load();
    s.version = 2;
    s.body = { n: 20 };
    await k.refresh();
    expect(shown).toEqual([{ n: 20 }]);
    s.version = 4;
    s.body = { n: 40 };
    k.changed();
    await k.refresh();
    expect(shown).toEqual([{ n: 20 }]);
  });
});
