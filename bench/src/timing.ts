/** Runs two things in turn, so that whatever else the machine does falls on both, and gives the median of each. */
export async function paired(
  rounds: number,
  ours: () => number | Promise<number>,
  theirs: () => number | Promise<number>,
): Promise<{ ours: number; theirs: number; ratio: number }> {
  const a: number[] = [];
  const b: number[] = [];
  for (let i = 0; i < rounds + 2; i++) {
    const first = await ours();
    const second = await theirs();
    // The first two rounds warm up the compilers.
    if (i >= 2) {
      a.push(first);
      b.push(second);
    }
  }
  const median = (v: number[]) =>
    v.sort((x, y) => x - y)[Math.floor(v.length / 2)]!;
  const o = median(a);
  const t = median(b);
  return { ours: o, theirs: t, ratio: o / t };
}

/** Milliseconds that something takes. */
export function time(what: () => void): number {
  const start = performance.now();
  what();
  return performance.now() - start;
}
