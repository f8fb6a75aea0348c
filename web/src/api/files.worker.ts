import { api, type SceneDetail } from './api';
import { fileKinds, type Asked, type Answer } from './files';
import { download, Failure } from './http';

// Beside the page, so that files come in while it is still being built, and chunks are put together while the hand moves.

const ended = new Map<number, AbortController>();
const scope = self as unknown as { postMessage: (answer: Answer, transfer?: Transferable[]) => void };

/** Between one word on how much has come and the next, as a part of the whole. */
const STEP = 0.02;

async function load(number: number, scene: string, signal: AbortSignal): Promise<void> {
  const detail: SceneDetail = await api.scene(scene);
  scope.postMessage({ number, detail });
  // Whatever comes beside the geometry would only make the first picture wait.
  for (const kind of fileKinds) {
    const { href, size } = detail[kind];
    let told = 0;
    const progress = (part: number) => {
      if (part - told < STEP) return;
      told = part;
      scope.postMessage({ number, kind, part });
    };
    const file = await download(href, size, progress, signal);
    scope.postMessage({ number, kind, file }, [file]);
  }
}

self.onmessage = ({ data }: MessageEvent<Asked>) => {
  const { number, scene } = data;
  if (scene === null) {
    ended.get(number)?.abort();
    ended.delete(number);
    return;
  }
  const stop = new AbortController();
  ended.set(number, stop);
  load(number, scene, stop.signal)
    .catch((e: unknown) => {
      const { status, message } = e instanceof Failure ? e : { status: 0, message: String(e) };
      scope.postMessage({ number, wrong: { status, message } });
    })
    .finally(() => ended.delete(number));
};
