import { ref } from 'vue';
import type { Core } from '../../core';
import type { Keeper } from './keeper';
import { Presence } from './presence';
import { say } from '../../words/say';
import { kept, type Kept } from './kept';

/** What the saving of a scene needs of the page that shows it. */
interface PageOfScene {
  wake: () => void;
  tell: (text: string) => void;
  /** Whether the first picture has come, so that a person may have done something. */
  begun: () => boolean;
}

/** The documents of an open scene: which have changed, and whether this window is the one that saves them. */
export class Saving {
  readonly kept: Kept;
  /** Whether another window had this scene open first and nobody has chosen yet. */
  readonly later = ref(false);
  private readonly presence: Presence;
  /** Whether another window has the scene and saves it, asked for as early as can be. */
  private readonly elsewhere: Promise<boolean>;
  /** What was changed since the first picture and before all of the scene had come. */
  private readonly early = new Set<Keeper>();
  private all = false;
  private left = false;

  constructor(
    core: Core,
    id: string,
    private readonly page: PageOfScene,
  ) {
    this.kept = kept(core, id, page.wake, page.tell);
    this.presence = new Presence(
      id,
      () => !this.left && this.kept.workspace.state.value !== 'apart',
      () => this.goApart(say('open-scene.another-window-took-over-what-you')),
      () => this.goOn(),
    );
    this.elsewhere = this.presence.others();
    window.addEventListener('focus', this.lookAround);
    document.addEventListener('visibilitychange', this.lookAround);
  }

  /** Something has changed; while a drill is on, what is changed in the scene is not kept. */
  changed(topics: readonly string[], practising: boolean): void {
    const { workspace, boards, pins, edits, keymap } = this.kept;
    if (topics.includes('keep')) this.keep(workspace);
    if (topics.includes('boards')) this.keep(boards);
    if (topics.includes('keep-pins')) this.keep(pins);
    if (topics.includes('keep-edits') && !practising) this.keep(edits);
    if (topics.includes('keep-keymap')) this.keep(keymap);
  }

  private keep(document: Keeper) {
    if (this.all) document.changed();
    else if (this.page.begun()) this.early.add(document);
  }

  /** Before the first picture: whether what is done here is saved is said with it, not after something was done. */
  async decided(): Promise<void> {
    if (!(await this.elsewhere) || this.left) return;
    this.goApart(null);
    this.later.value = true;
  }

  /** All of the scene is there: what changes is saved from now on, and what has changed since its first picture. */
  begin(): void {
    this.all = true;
    this.early.forEach((k) => k.changed());
    this.early.clear();
  }

  /** The window that had the scene first is gone, as after a crash: nobody has to be asked any more. */
  private goOn(): void {
    if (this.later.value && this.all && !this.left) void this.takeOver();
  }

  private goApart(words: string | null): void {
    for (const k of [this.kept.workspace, this.kept.edits, this.kept.boards]) k.apart();
    if (words) this.page.tell(words);
  }

  /** This window saves from now on; others that have the scene go on by themselves. */
  async takeOver(): Promise<void> {
    this.later.value = false;
    const apart = Object.values(this.kept).filter((k: Keeper) => k.state.value === 'apart');
    try {
      await Promise.all(apart.map((k: Keeper) => k.takeOver()));
      // Only now: had the server not answered, nobody would save.
      this.presence.take();
    } catch {
      this.page.tell(say('open-scene.the-server-does-not-answer-so'));
    }
  }

  /** Whoever comes back to this window finds what was saved in others meanwhile. */
  private readonly lookAround = () => {
    if (!this.all || document.hidden) return;
    for (const k of [this.kept.boards, this.kept.keymap, this.kept.habits]) void k.refresh();
  };

  /** The scene is left: each document takes its state now, before the stage holds another scene. */
  async leave(): Promise<void> {
    this.left = true;
    window.removeEventListener('focus', this.lookAround);
    document.removeEventListener('visibilitychange', this.lookAround);
    this.presence.leave();
    await Promise.all(Object.values(this.kept).map((k: Keeper) => k.close()));
  }
}
