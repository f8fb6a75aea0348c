import { api } from './api';
import { Failure } from './http';
import { say } from '../words/say';

const LOOK_MS = 300;

/** Sends files: under an id, telling how much has gone up, with a way to stop it. */
type Send<T> = (id: string, gone: (part: number) => void, stop: (abort: () => void) => void) => Promise<T>;

/** An upload and what the server makes of it: half of the way each, and the server says whether it could be stopped. */
export class Job {
  readonly id = crypto.randomUUID?.() ?? `${Date.now()}-${Math.floor(Math.random() * 1e9)}`;
  private abort = () => {};
  private state: 'sending' | 'reading' | 'over' = 'sending';

  /** @param told is told in words what is done, and how much, 0 to 1 */
  constructor(private readonly told: (words: string, part: number) => void) {}

  /** Whether everything is uploaded, so that the server is at work. */
  get reading(): boolean {
    return this.state === 'reading';
  }

  async run<T>(send: Send<T>): Promise<T> {
    this.told(say('job.uploading'), 0);
    const timer = window.setInterval(() => void this.look(), LOOK_MS);
    try {
      return await send(
        this.id,
        (part) => {
          if (part === 1) this.state = 'reading';
          this.told(say('job.uploading'), part / 2);
        },
        (abort) => (this.abort = abort),
      );
    } finally {
      window.clearInterval(timer);
      this.state = 'over';
    }
  }

  /** Once everything is uploaded the server tells how far it is. */
  private async look() {
    if (!this.reading) return;
    const p = await api.importProgress(this.id).catch(() => null);
    if (p && this.reading) this.told(p.words, 0.5 + p.part / 2);
  }

  /** The server decides: it stores nothing from now on, or it has stored it already. Gives what nobody can tell, in words. */
  async cancel(): Promise<string> {
    try {
      await api.cancelImport(this.id);
      this.abort();
      return '';
    } catch (e) {
      // Too late: the answer to the upload tells so. Without any answer nobody knows, so nothing is claimed.
      return e instanceof Failure && e.status === 409 ? '' : say('job.the-server-does-not-answer-so');
    }
  }
}
