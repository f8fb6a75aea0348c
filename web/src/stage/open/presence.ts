import { api } from '../../api/api';

/** How often a window tells the server that it has the scene, milliseconds. */
const BEAT_MS = 5000;
/** A page that is closed is hidden right before: only one that is hidden and still there after so long, milliseconds, says so. */
const HIDDEN_MS = 100;

/** A name of this window that outlives a reload: the page before it is not another window. */
function ownName(): string {
  const key = 'rhombus:window';
  try {
    const name = sessionStorage.getItem(key) ?? crypto.randomUUID?.() ?? `w${Math.floor(Math.random() * 1e15)}`;
    sessionStorage.setItem(key, name);
    return name;
  } catch {
    return `w${Math.floor(Math.random() * 1e15)}`;
  }
}

/** What windows of one browser tell each other about a scene. */
type Word = { from: string; says: 'who' | 'here' | 'mine' };

/**
 * Windows with the same scene, in this browser and on other machines: the later one learns of the others when it opens,
 * and one of them saves.
 */
export class Presence {
  private readonly channel: BroadcastChannel | null;
  private readonly me = crypto.randomUUID?.() ?? String(Math.random());
  private readonly name = ownName();
  private found = false;
  private beat = 0;
  private hiding = 0;
  /** What is being said to the server: nothing said later may come before it. */
  private saying: Promise<unknown> | null = null;

  /** `taken` is called when another window takes the saving over, `alone` when the server knows of no other one any more. */
  constructor(
    private readonly scene: string,
    private readonly saving: () => boolean,
    taken: () => void,
    alone: () => void = () => undefined,
  ) {
    this.channel = 'BroadcastChannel' in window ? new BroadcastChannel(`rhombus:${scene}`) : null;
    this.beat = window.setInterval(() => void this.here().then((others) => others === 0 && alone()), BEAT_MS);
    document.addEventListener('visibilitychange', this.shown);
    window.addEventListener('pagehide', this.gone);
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

  private readonly shown = () => {
    window.clearTimeout(this.hiding);
    if (document.hidden) this.hiding = window.setTimeout(() => void this.here(), HIDDEN_MS);
    else void this.here();
  };
  private readonly gone = () => {
    window.clearTimeout(this.hiding);
    api.windowGone(this.scene, this.name);
  };

  /** Tells the server that the scene is open here; how many other windows have it, null where it does not answer. */
  private async here(): Promise<number | null> {
    const answer = api.windowHere(this.scene, this.name, document.hidden).then(
      (a) => a.others,
      () => null,
    );
    this.saying = answer;
    const others = await answer;
    if (this.saying === answer) this.saying = null;
    return others;
  }

  /** Whether another window has this scene and saves it. */
  async others(): Promise<boolean> {
    let known: number | null = null;
    const elsewhere = this.here().then((n) => (known = n));
    const here = await this.inThisBrowser(() => known);
    return here || ((await elsewhere) ?? 0) > 0;
  }

  /** What windows of this browser say. The server knows of them too: once it has answered, they are not waited for long. */
  private async inThisBrowser(known: () => number | null): Promise<boolean> {
    if (!this.channel) return false;
    this.found = false;
    this.say('who');
    // Answers come within a few milliseconds; a window that is busy drawing takes longer.
    for (let i = 0; i < 12 && !this.found; i++) {
      await new Promise((r) => window.setTimeout(r, 50));
      if (known() !== null && i >= 2) break;
    }
    return this.found;
  }

  /** This window saves from now on. */
  take(): void {
    this.say('mine');
  }

  leave(): void {
    window.clearInterval(this.beat);
    document.removeEventListener('visibilitychange', this.shown);
    window.removeEventListener('pagehide', this.gone);
    if (this.saying) void this.saying.then(this.gone);
    else this.gone();
    this.channel?.close();
  }
}
