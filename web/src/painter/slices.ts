/** Milliseconds of work after which a hand is let through. */
const TURN_MS = 6;

/** Makes what takes long a piece at a time, beside what the hand does. */
export class Slices {
  /** Whether something was asked for that is still being made. */
  waiting = false;
  /** Whether everything is made at once: for pictures that are not drawn a second time. */
  atOnce = false;
  private readonly making = new Set<string>();
  private ended = false;

  constructor(private readonly came: () => void) {}

  /** Whether something is being made that one has to wait for. */
  pending(name: string): boolean {
    const pending = !this.atOnce && this.making.has(name);
    this.waiting ||= pending;
    return pending;
  }

  /**
   * Has something made of so many parts, once at a time.
   *
   * @param work makes parts from one to before another
   * @param done is called when all are made; what it gives is given back where that happens at once
   */
  make<T>(
    name: string,
    count: number,
    piece: number,
    work: (from: number, to: number) => void,
    done: () => T,
  ): T | null {
    if (this.atOnce || count <= piece) {
      work(0, count);
      return done();
    }
    this.waiting = true;
    if (!this.making.has(name)) {
      this.making.add(name);
      void this.run(count, piece, work).then(() => {
        this.making.delete(name);
        if (this.ended) return;
        done();
        this.came();
      });
    }
    return null;
  }

  private async run(count: number, piece: number, work: (from: number, to: number) => void): Promise<void> {
    for (let at = 0; at < count && !this.ended;) {
      const end = performance.now() + TURN_MS;
      for (; at < count && performance.now() < end; at += piece) work(at, Math.min(count, at + piece));
      await turn();
    }
  }

  dispose(): void {
    this.ended = true;
  }
}

const channel = new MessageChannel();
const turns: (() => void)[] = [];
channel.port1.onmessage = () => turns.shift()?.();

/** Lets whatever waits have its turn; timers would wait longer than that. */
export function turn(): Promise<void> {
  return new Promise((go) => {
    turns.push(go);
    channel.port2.postMessage(null);
  });
}
