import type { SceneDetail } from './api';
import { Failure } from './http';
import { say, textsInUse } from '../words/say';

/** The files of a scene in the order in which pictures need them. */
export const fileKinds = ['geometry', 'edges', 'levels', 'hierarchy'] as const;
export type FileKind = (typeof fileKinds)[number];

/** What is told while each of them comes. */
export const fileWords: Record<FileKind, string> = {
  geometry: say('files.loading'),
  edges: say('files.loading-the-edges-of'),
  levels: say('files.loading-coarser-triangles-of'),
  hierarchy: say('files.loading-what-picking-needs-of'),
};

/** What to speak with; or asks for the files of a scene: what is shown first, then the others once that is shown; or gives that up. */
export type Asked = { texts: string } | ({ number: number } & ({ scene: string } | { goOn: boolean }));
/** What is answered: what the scene has, how much of a file has come, a file, or what went wrong. */
export type Answer = { number: number } & (
  | { detail: SceneDetail }
  | { kind: FileKind; part: number }
  | { kind: FileKind; file: ArrayBuffer }
  | { wrong: { status: number; message: string } }
);

let worker: Worker | null = null;
let count = 0;
const open = new Map<number, (answer: Answer) => void>();

/** Has files come from now on; asked for early, the first scene need not wait for it. */
export function readyForFiles(): Worker {
  if (!worker) {
    worker = new Worker(new URL('./files.worker.ts', import.meta.url), { type: 'module' });
    worker.postMessage({ texts: textsInUse() } satisfies Asked);
    worker.onmessage = ({ data }: MessageEvent<Answer>) => open.get(data.number)?.(data);
    worker.onerror = () => {
      // It could not be had or has broken: nothing comes from it any more, and who asks next has another.
      worker = null;
      const wrong = { status: 0, message: say('parts.could-not-be-fetched') };
      for (const [number, told] of [...open]) told({ number, wrong });
    };
  }
  return worker;
}

interface Coming<T> {
  promise: Promise<T>;
  resolve: (value: T) => void;
  reject: (e: Failure) => void;
}

function coming<T>(): Coming<T> {
  let resolve!: Coming<T>['resolve'];
  let reject!: Coming<T>['reject'];
  const promise = new Promise<T>((yes, no) => {
    resolve = yes;
    reject = no;
  });
  // Whoever awaits it tells what went wrong; until then nothing may count as unhandled.
  promise.catch(() => undefined);
  return { promise, resolve, reject };
}

/** The files of one scene on their way. */
export class SceneFiles {
  private readonly number = ++count;
  private readonly told = coming<SceneDetail>();
  private readonly files = Object.fromEntries(fileKinds.map((k) => [k, coming<ArrayBuffer>()])) as Record<
    FileKind,
    Coming<ArrayBuffer>
  >;
  /** What the scene has. */
  readonly detail = this.told.promise;

  /** Asks for them. Told is which file comes, and which part of all of them has. */
  constructor(scene: string, progress: (kind: FileKind, part: number) => void) {
    let sizes: number[] = [];
    const bytes = (files: number[]) => files.reduce((a, b) => a + b, 0);
    open.set(this.number, (answer) => {
      if ('detail' in answer) {
        sizes = fileKinds.map((k) => answer.detail[k].size);
        this.told.resolve(answer.detail);
      } else if ('part' in answer) {
        const k = fileKinds.indexOf(answer.kind);
        progress(answer.kind, (bytes(sizes.slice(0, k)) + answer.part * sizes[k]!) / bytes(sizes));
      } else if ('file' in answer) this.files[answer.kind].resolve(answer.file);
      else {
        const e = new Failure(answer.wrong.status, answer.wrong.message);
        for (const c of [this.told, ...Object.values(this.files)]) c.reject(e);
        open.delete(this.number);
      }
    });
    readyForFiles().postMessage({ number: this.number, scene } satisfies Asked);
  }

  get(kind: FileKind): Promise<ArrayBuffer> {
    return this.files[kind].promise;
  }

  /** What was waited for is shown: the others may come. */
  goOn(): void {
    readyForFiles().postMessage({ number: this.number, goOn: true } satisfies Asked);
  }

  /** Whatever has not come is not wanted any more. */
  stop(): void {
    open.delete(this.number);
    readyForFiles().postMessage({ number: this.number, goOn: false } satisfies Asked);
  }
}
