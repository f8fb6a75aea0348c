import { computed, reactive } from 'vue';
import { api, type SceneDetail } from '../../api/api';
import type { Chosen } from '../../api/chosen';
import { Job } from '../../api/job';
import { say } from '../../words/say';

/** So many are on their way at once; the server takes large ones one after the other. */
const AT_ONCE = 3;

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
  job: Job;
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
      const job = new Job((words, part) => {
        const s = this.list.find((each) => each.id === job.id);
        if (s) Object.assign(s, { words, part, state: job.reading ? 'reading' : 'sending' });
      });
      this.hidden.set(job.id, { files: b.files.map((i) => files[i]!), job });
      this.list.push({
        id: job.id,
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
    const { files, job } = this.hidden.get(s.id)!;
    s.state = 'sending';
    try {
      s.scene = await job.run((...how) => api.addScene(files, ...how));
      s.state = 'done';
      s.part = 1;
      this.stored(s.scene, s.alone);
    } catch (e) {
      s.state = 'failed';
      s.words = (e as Error).message;
    } finally {
      this.hidden.delete(s.id);
      this.next();
    }
  }

  /** The server decides: it stores nothing from now on, or it has stored the scene already. */
  async cancel(s: Sending): Promise<void> {
    if (s.state === 'waiting') {
      this.hidden.delete(s.id);
      this.forget(s);
      return;
    }
    const unknown = await this.hidden.get(s.id)?.job.cancel();
    if (unknown) s.words = say('uploads.look-at-the-list-once-it', unknown);
  }

  /** Takes a line away that has nothing more to tell. */
  forget(s: Sending): void {
    const i = this.list.findIndex((each) => each.id === s.id);
    if (i >= 0) this.list.splice(i, 1);
  }
}
