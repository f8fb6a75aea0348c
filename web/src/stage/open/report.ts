import { api } from '../../api/api';
import type { Core, Plain } from '../../core';
import { say } from '../../words/say';

const PATH = '/api/hand-report';
const PAUSE_MS = 3000;
const TRIES = 3;

const today = () => new Date().toISOString().slice(0, 10);

/** Keeps what is counted of the hand: in this browser, or with the account where the user wants that. */
export class ReportKeeper {
  private timer = 0;
  private where = '';
  private busy: Promise<void> | null = null;
  private readonly key: string;

  constructor(
    private readonly core: Core,
    user: string,
  ) {
    this.key = `rhombus:hand-report:${user}`;
  }

  /** Takes up what was counted before. */
  async load(): Promise<void> {
    this.where = this.core.stage.report.where();
    try {
      this.core.stage.report.restore(this.where === 'account' ? await this.ofAccount() : this.ofMachine(), today());
    } catch {
      // Away, it is asked for again before anything is saved.
    }
  }

  private ofMachine(): Plain {
    try {
      return (JSON.parse(localStorage.getItem(this.key) ?? '{}') ?? {}) as Plain;
    } catch {
      return {};
    }
  }

  private async ofAccount(): Promise<Plain> {
    return (await api.kept(PATH)).body ?? {};
  }

  /** Something was counted. */
  changed(): void {
    if (!this.timer) this.timer = window.setTimeout(() => void this.save(), PAUSE_MS);
  }

  /** The user may want it kept elsewhere now: it goes along, and nothing stays behind. */
  habits(): void {
    const now = this.core.stage.report.where();
    if (now === this.where || !this.where) return;
    const before = this.where;
    this.where = now;
    if (now === 'off' || before === 'off') return;
    this.core.stage.report.moved();
    void this.save().then(() => this.clear(before));
  }

  private async clear(where: string): Promise<void> {
    if (where === 'machine') localStorage.removeItem(this.key);
    else if (where === 'account') await this.keep({ format: 'rhombus-hand-report', version: 1 }).catch(() => undefined);
  }

  async save(): Promise<void> {
    window.clearTimeout(this.timer);
    this.timer = 0;
    while (this.busy) await this.busy;
    this.busy = this.write().finally(() => (this.busy = null));
    await this.busy;
  }

  private async write(): Promise<void> {
    const { report } = this.core.stage;
    // Before it was loaded nobody knows where it belongs.
    if (!this.where || this.where === 'off') return;
    if (this.where === 'machine') {
      report.restore(this.ofMachine(), today());
      try {
        localStorage.setItem(this.key, JSON.stringify(report.send()));
        report.sent(true);
      } catch {
        report.sent(false);
      }
      return;
    }
    for (let k = 0; k < TRIES; k++) {
      try {
        const kept = await api.kept(PATH);
        report.restore(kept.body ?? {}, today());
        await api.keep(PATH, kept.version, report.send());
        report.sent(true);
        return;
      } catch {
        // Another window was faster, or the server is away: what was counted waits for the next time.
        report.sent(false);
      }
    }
  }

  private async keep(body: Plain): Promise<void> {
    const kept = await api.kept(PATH);
    await api.keep(PATH, kept.version, body);
  }

  /** Everything that was counted is gone, here and where it is kept. Gives what is wrong, or null. */
  async erase(): Promise<string | null> {
    this.core.stage.report.erase(today());
    localStorage.removeItem(this.key);
    try {
      if ((await api.kept(PATH)).body) await this.keep({ ...this.core.stage.report.send() });
      this.core.stage.report.sent(true);
      return null;
    } catch {
      return say('report.erased-here-what-is-kept-with');
    }
  }

  close(): void {
    void this.save();
  }
}
