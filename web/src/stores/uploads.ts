import { computed, reactive } from 'vue';
import { api, type SceneDetail } from '../api/api';
import type { Chosen } from '../api/chosen';
import { Failure } from '../api/http';

/** So many are on their way at once; the server takes large ones one after the other. */
const AT_ONCE = 3;
const LOOK_MS = 300;

/** A scene on its way to the server. */
export interface Sending {
  id: string;
  name: string;
  state: 'waiting' | 'sending' | 'reading' | 'done' | 'failed';
  words: string;
  /** How much is done, 0 to 1. */
  part: number;
  scene: SceneDetail | null;
  /** Whether it was the only scene that was chosen. */
  alone: boolean;
}

interface Hidden {
  files: Chosen[];
  abort: () => void;
}

/** Scenes that are sent: several at once, each with its progress, its place in the queue, and a way to stop it. */
export class Uploads {
  readonly list = reactive<Sending[]>([]);
  readonly waiting = computed(() => this.list.filter((s) => s.state === 'waiting'));
  readonly busy = computed(() => this.list.some((s) => ['waiting', 'sending', 'reading'].includes(s.state)));
  private readonly hidden = new Map<string, Hidden>();

  /** @param stored is told of each scene that has come */
  constructor(private readonly stored: (scene: SceneDetail, alone: boolean) => void) {}

  /** Sends what was chosen, each scene with the files beside it. */
  async add(files: Chosen[]): Promise<void> {
    if (!files.length) return;
    const bundles = await api.bundles(files.map((f) => f.path));
    for (const b of bundles) {
      const id = crypto.randomUUID?.() ?? `${Date.now()}-${Math.floor(Math.random() * 1e9)}`;
      this.hidden.set(id, { files: b.files.map((i) => files[i]!), abort: () => undefined });
      this.list.push({
        id,
        name: b.name,
        state: 'waiting',
        words: '',
        part: 0,
        scene: null,
        alone: bundles.length === 1,
      });
    }
    this.next();
  }

  private next() {
    const running = this.list.filter((s) => s.state === 'sending' || s.state === 'reading').length;
    for (const s of this.waiting.value.slice(0, Math.max(0, AT_ONCE - running))) void this.send(s);
  }

  private async send(s: Sending) {
    const { files } = this.hidden.get(s.id)!;
    s.state = 'sending';
    s.words = 'Uploading';
    const timer = window.setInterval(() => void this.look(s), LOOK_MS);
    try {
      s.scene = await api.addScene(
        files,
        s.id,
        (part) => {
          s.part = part / 2;
          if (part === 1) s.state = 'reading';
        },
        (abort) => (this.hidden.get(s.id)!.abort = abort),
      );
      s.state = 'done';
      s.part = 1;
      this.stored(s.scene, s.alone);
    } catch (e) {
      s.state = 'failed';
      s.words = (e as Error).message;
    } finally {
      window.clearInterval(timer);
      this.hidden.delete(s.id);
      this.next();
    }
  }

  /** Once everything is uploaded the server tells how far it is. */
  private async look(s: Sending) {
    if (s.state !== 'reading') return;
    const p = await api.importProgress(s.id).catch(() => null);
    if (p && s.state === 'reading') Object.assign(s, { words: p.words, part: 0.5 + p.part / 2 });
  }

  /** The server decides: it stores nothing from now on, or it has stored the scene already. */
  async cancel(s: Sending): Promise<void> {
    if (s.state === 'waiting') {
      this.hidden.delete(s.id);
      this.forget(s);
      return;
    }
    try {
      await api.cancelImport(s.id);
      this.hidden.get(s.id)?.abort();
    } catch (e) {
      // Too late: the answer to the upload brings the scene. Without any answer nobody knows, so nothing is claimed.
      if (e instanceof Failure && e.status === 409) return;
      s.words = 'The server does not answer, so this could not be cancelled. Look at the list once it is back.';
    }
  }

  /** Takes a line away that has nothing more to tell. */
  forget(s: Sending): void {
    const i = this.list.findIndex((each) => each.id === s.id);
    if (i >= 0) this.list.splice(i, 1);
  }
}
