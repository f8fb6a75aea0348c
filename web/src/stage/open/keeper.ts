import { ref, type Ref } from 'vue';
import { api, type Kept } from '../../api/api';
import { Failure } from '../../api/http';
import type { Plain } from '../../core';

/**
 * `apart`: another window saves; what is done here stays in this page until this one takes over. `refused`: the server
 * has said why it does not take this state; it is not sent again before it has changed.
 */
export type KeepState = 'saved' | 'saving' | 'offline' | 'conflict' | 'apart' | 'signed-out' | 'refused';

/** States that last until somebody or something else does something. */
const WAITS: readonly KeepState[] = ['conflict', 'apart', 'refused', 'offline', 'signed-out'];

const PAUSE_MS = 500;
const RETRY_MS = 2500;
/** How soon it is asked again whether the hand is at rest. */
const BUSY_MS = 200;

/** Which of two windows decides where both changed the same. */
export type Prefers = 'neither' | 'mine' | 'theirs';

/**
 * Takes what another window has saved beside what was changed here since both had `base`. Not taken and nothing changed
 * twice: the hand is busy, and it is to be tried again.
 */
export type Merge = (base: Plain, theirs: Plain, prefers: Prefers) => { taken: boolean; twice: readonly string[] };

/** What waits in this browser: a state, and that on which it is based. */
type Unsaved = Kept & { base?: Plain };

/** A local copy under a name, so that closing the page while the server is away loses nothing. */
function pending(name: string) {
  const key = `rhombus:unsaved:${name}`;
  return {
    read: (): Unsaved | null => {
      try {
        return JSON.parse(localStorage.getItem(key) ?? 'null') as Unsaved | null;
      } catch {
        return null;
      }
    },
    write: (kept: Unsaved) => {
      try {
        localStorage.setItem(key, JSON.stringify(kept));
      } catch {
        // A full or forbidden storage: the page itself still holds the state.
      }
    },
    clear: () => localStorage.removeItem(key),
  };
}

/** Keeps one document on the server: saves as it changes, holds on while offline, and never overwrites in silence. */
export class Keeper {
  readonly state: Ref<KeepState> = ref('saved');
  /** Why the server does not take the state, in words for a person; empty unless it is refused. */
  readonly why: Ref<string> = ref('');
  /** What this window and another have both changed, where a person has to choose; empty where it is the whole document. */
  readonly twice: Ref<readonly string[]> = ref([]);
  /** The newest state that is known to be on the server. */
  private base: Plain = {};
  private version = 0;
  private timer = 0;
  private busy: Promise<void> | null = null;
  private dirty = false;
  /** The newest state that was asked to be saved while another save is on its way. */
  private next: Plain | null = null;
  private closed = false;
  private settling = false;
  private asked: Promise<Kept> | null = null;
  private readonly local;

  constructor(
    private readonly path: string,
    private readonly read: () => Plain,
    private readonly write: (body: Plain) => void,
    private readonly merge: Merge | null = null,
  ) {
    this.local = pending(path);
  }

  /** Asks for what is kept before it can be shown: the answer waits for {@link load}. */
  ask(): void {
    this.asked = api.kept(this.path);
    // Whoever loads learns what went wrong.
    this.asked.catch(() => undefined);
  }

  /** Loads what is kept and shows it. What could not be saved last time goes on from there. */
  async load(): Promise<void> {
    const asked = this.asked ?? api.kept(this.path);
    this.asked = null;
    const kept = await asked;
    if (this.closed) return;
    this.version = kept.version;
    const unsaved = this.local.read();
    if (unsaved?.body && (unsaved.version === kept.version || this.merge)) {
      this.write(unsaved.body);
      // Where another window has saved since, the server says so, and both are brought together.
      this.version = unsaved.version;
      this.base = unsaved.base ?? {};
      this.changed();
    } else if (unsaved?.body) {
      this.write(unsaved.body);
      this.state.value = 'conflict';
    } else if (kept.body) {
      this.show(kept.body);
    }
  }

  /** Shows what is on the server. */
  private show(body: Plain) {
    this.write(body);
    // As it is written here, so that only what a person does is a change.
    if (this.merge) this.base = this.read();
  }

  /** Something changed: it is saved soon. */
  changed(): void {
    if (this.closed) return;
    this.dirty = true;
    if (this.held) return;
    if (this.state.value === 'saved' || this.state.value === 'refused') this.state.value = 'saving';
    this.later(PAUSE_MS);
  }

  /** Somebody waits for everything to be saved: no more changes are waited for. */
  hurry(): void {
    if (this.dirty && !this.busy && this.state.value === 'saving') void this.save();
  }

  private later(ms: number) {
    window.clearTimeout(this.timer);
    this.timer = window.setTimeout(() => void this.save(), ms);
  }

  /** Saves now what has changed. What is saved is what there is at this moment, however long a save before it takes. */
  async save(): Promise<void> {
    window.clearTimeout(this.timer);
    if (this.dirty && !this.held && !this.closed) {
      this.next = this.read();
      this.dirty = false;
    }
    if (this.next && !this.busy) this.busy = this.drain().finally(() => (this.busy = null));
    if (this.busy) await this.busy;
  }

  /** Saves now; throws, with these words, where not all is saved after that. */
  async surely(words: string): Promise<void> {
    // What changed while it was being saved is saved as well.
    do await this.save();
    while (this.dirty && this.state.value === 'saving');
    if (this.state.value !== 'saved') throw new Error(words);
  }

  private async drain(): Promise<void> {
    while (this.next && !this.held) {
      const body = this.next;
      this.next = null;
      if (!(await this.send(body))) return;
    }
  }

  /** Sends a state; false where it could not be saved now. */
  private async send(body: Plain): Promise<boolean> {
    this.local.write(this.localCopy(body));
    try {
      this.version = (await api.keep(this.path, this.version, body)).version;
      this.base = body;
      this.local.clear();
      this.state.value = this.dirty || this.next ? 'saving' : 'saved';
      return true;
    } catch (e) {
      if (this.merge && !this.closed && e instanceof Failure && e.status === 409)
        return (await this.bring('neither')) === 'taken';
      this.failed(e instanceof Failure ? e : new Failure(0, String(e)));
      return false;
    }
  }

  private localCopy(body: Plain): Unsaved {
    return this.merge ? { version: this.version, body, base: this.base } : { version: this.version, body };
  }

  /** Brings what another window has saved together with what was changed here; what comes of it is to be saved next. */
  private async bring(prefers: Prefers): Promise<'taken' | 'twice' | 'busy' | 'failed'> {
    const kept = await api
      .kept(this.path)
      .catch((e: unknown) => (e instanceof Failure ? e : new Failure(0, String(e))));
    if (this.closed || kept instanceof Failure) {
      this.failed(kept instanceof Failure ? kept : new Failure(409, ''));
      return 'failed';
    }
    const { taken, twice } = this.merge!(this.base, kept.body ?? {}, prefers);
    this.dirty = !taken;
    this.next = null;
    this.twice.value = twice;
    if (taken) {
      this.version = kept.version;
      this.base = kept.body ?? {};
      this.next = this.read();
      this.state.value = 'saving';
    } else if (twice.length) {
      this.state.value = 'conflict';
    } else {
      this.state.value = 'saving';
      this.later(BUSY_MS);
    }
    return taken ? 'taken' : twice.length ? 'twice' : 'busy';
  }

  private failed(e: Failure): void {
    if (this.closed) {
      // Nothing is tried again from here; the newest state waits in this browser for the next opening.
      if (this.next) this.local.write(this.localCopy(this.next));
      this.next = null;
      return;
    }
    // What is there later holds all that this state did.
    this.next = null;
    this.dirty = true;
    if (e.status === 409) this.state.value = 'conflict';
    else if (e.status === 401) this.state.value = 'signed-out';
    else if (e.refused) {
      this.why.value = e.message;
      this.state.value = 'refused';
      return;
    } else this.state.value = 'offline';
    if (e.status !== 409) this.later(RETRY_MS);
  }

  /** Whether a person has to choose before anything is saved. */
  private get held(): boolean {
    return this.state.value === 'conflict' || this.state.value === 'apart';
  }

  /** Another window saves: this one goes on by itself. */
  apart(): void {
    window.clearTimeout(this.timer);
    this.local.clear();
    this.state.value = 'apart';
  }

  /** Looks whether another window has saved; taken over where nothing here waits to be saved. */
  async refresh(): Promise<void> {
    if (this.busy || this.dirty || this.closed || this.state.value !== 'saved') return;
    const kept = await api.kept(this.path).catch(() => null);
    if (!kept?.body || this.closed || this.busy || this.dirty || kept.version <= this.version) return;
    this.version = kept.version;
    this.show(kept.body);
  }

  /** This window saves from now on: what was done here goes on, and where nothing was, what is saved. */
  async takeOver(): Promise<void> {
    await this.settle(this.dirty);
  }

  /** Settles a conflict: with this window's state or with the one that was saved elsewhere. */
  async settle(mine: boolean): Promise<void> {
    this.settling = true;
    try {
      let brought = this.merge ? await this.bring(mine ? 'mine' : 'theirs') : 'twice';
      while (brought === 'busy') {
        await new Promise((r) => window.setTimeout(r, BUSY_MS));
        brought = await this.bring(mine ? 'mine' : 'theirs');
      }
      if (brought === 'taken') await this.save();
      else if (brought === 'twice') await this.whole(mine);
    } finally {
      this.settling = false;
    }
  }

  /** One of the two states as a whole. */
  private async whole(mine: boolean): Promise<void> {
    const kept = await api.kept(this.path);
    if (this.closed) return;
    this.version = kept.version;
    this.state.value = 'saved';
    this.twice.value = [];
    if (mine) {
      this.changed();
      await this.save();
    } else {
      this.dirty = false;
      this.local.clear();
      if (kept.body) this.show(kept.body);
    }
  }

  /** Whether the server does not have all yet. */
  get unsaved(): boolean {
    return this.dirty || !!this.busy;
  }

  /** Whether nothing is about to be saved: all is, or it waits for a person, or for the server to be there again. */
  get settled(): boolean {
    return !this.busy && !this.settling && (!this.dirty || WAITS.includes(this.state.value));
  }

  /**
   * The document is left: what there is now is saved, and nothing is read or shown any more. What comes next on the stage
   * is another document.
   */
  async close(): Promise<void> {
    const saved = this.save();
    this.closed = true;
    await saved.catch(() => undefined);
    window.clearTimeout(this.timer);
  }
}
