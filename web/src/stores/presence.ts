/** What windows of one browser tell each other about a scene. */
type Word = { from: string; says: 'who' | 'here' | 'mine' };

/** Windows with the same scene: the later one learns of the others, and one of them saves. */
export class Presence {
  private readonly channel: BroadcastChannel | null;
  private readonly me = crypto.randomUUID?.() ?? String(Math.random());
  private found = false;

  /** `taken` is called when another window takes the saving over. */
  constructor(
    scene: string,
    private readonly saving: () => boolean,
    taken: () => void,
  ) {
    this.channel = 'BroadcastChannel' in window ? new BroadcastChannel(`rhombus:${scene}`) : null;
    if (!this.channel) return;
    this.channel.onmessage = (e: MessageEvent<Word>) => {
      if (e.data.from === this.me) return;
      if (e.data.says === 'who' && this.saving()) this.say('here');
      if (e.data.says === 'here') this.found = true;
      if (e.data.says === 'mine') taken();
    };
  }

  private say(says: Word['says']) {
    this.channel?.postMessage({ from: this.me, says } satisfies Word);
  }

  /** Whether another window has this scene and saves it. */
  async others(): Promise<boolean> {
    if (!this.channel) return false;
    this.found = false;
    this.say('who');
    // Answers come within a few milliseconds; a window that is busy drawing takes longer.
    for (let i = 0; i < 12 && !this.found; i++) await new Promise((r) => window.setTimeout(r, 50));
    return this.found;
  }

  /** This window saves from now on. */
  take(): void {
    this.say('mine');
  }

  leave(): void {
    this.channel?.close();
  }
}
