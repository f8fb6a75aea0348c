import { describe, expect, it, vi } from 'vitest';
import { Quads } from '../src/painter/lines';
import { Slices } from '../src/painter/slices';

describe('making what takes long', () => {
  const lines = 1000;
  const ends = Float32Array.from({ length: lines * 6 }, (_, i) => Math.sin(i));
  const sort = Int8Array.from({ length: lines }, (_, i) => (i < 300 ? 2 : 1));
  const fill = (quads: Quads) => (from: number, to: number) =>
    quads.write(from, ends.subarray(from * 6, to * 6), sort.subarray(from, to));

  it('gives the same in pieces as at once, and tells when it has come', async () => {
    const came = vi.fn();
    const slices = new Slices(came);
    const [whole, parts] = [new Quads(lines), new Quads(lines)];
    expect(slices.make('whole', lines, lines, fill(whole), () => true)).toBe(true);
    expect(came).not.toHaveBeenCalled();
    const done = vi.fn();
    expect(slices.make('parts', lines, 7, fill(parts), done)).toBeNull();
    expect(slices.waiting).toBe(true);
    expect(done).not.toHaveBeenCalled();
    await vi.waitFor(() => expect(came).toHaveBeenCalledOnce());
    expect(done).toHaveBeenCalledOnce();
    const arrays = (q: Quads) => {
      const { ends: e, corners, geometry } = q.buffers();
      return [e.array, corners.array, geometry.index!.array];
    };
    expect(arrays(parts)).toEqual(arrays(whole));
    // Each corner of a line knows both ends of that very line.
    const both = arrays(whole)[0]!;
    expect([...both.subarray(24 * 500 + 18, 24 * 500 + 24)]).toEqual([...ends.subarray(3000, 3006)]);
  });

  it('is asked twice and works once, or at once where nothing comes later', async () => {
    const came = vi.fn();
    const slices = new Slices(came);
    const work = vi.fn();
    slices.make('a', 10, 1, work, vi.fn());
    slices.make('a', 10, 1, work, vi.fn());
    slices.waiting = false;
    expect(slices.pending('a')).toBe(true);
    expect(slices.waiting).toBe(true);
    expect(slices.pending('b')).toBe(false);
    slices.atOnce = true;
    expect(slices.pending('a')).toBe(false);
    const all = vi.fn();
    expect(slices.make('c', 10, 1, all, () => 'made')).toBe('made');
    expect(all.mock.calls).toEqual([[0, 10]]);
    await vi.waitFor(() => expect(came).toHaveBeenCalledOnce());
    expect(work).toHaveBeenCalledTimes(10);
  });

  it('ends with the scene', async () => {
    const [came, done, work] = [vi.fn(), vi.fn(), vi.fn()];
    const slices = new Slices(came);
    slices.make('a', 1e9, 1, work, done);
    slices.dispose();
    const before = work.mock.calls.length;
    await new Promise((r) => setTimeout(r, 30));
    expect(work.mock.calls.length).toBe(before);
    expect(done).not.toHaveBeenCalled();
    expect(came).not.toHaveBeenCalled();
  });
});
