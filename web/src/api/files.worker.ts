import { api, type SceneDetail } from './api';
import { fileKinds, type Asked, type Answer } from './files';
import { useTexts } from '../words/say';
import { download, Failure } from './http';

// Beside the page, so that files come in while it is still being built, and chunks are put together while the hand moves.

/** Of each scene what ends it, and what lets it go on after the first file. */
const open = new Map<number, { stop: AbortController; go: () => void }>();
const scope = self as unknown as { postMessage: (answer: Answer, transfer?: Transferable[]) => void };

/** Between one word on how much has come and the next, as a part of the whole. */
const STEP = 0.02;

async function load(number: number, scene: string, signal: AbortSignal, shown: Promise<void>): Promise<void> {
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
    await shown;
  }
}

self.onmessage = ({ data }: MessageEvent<Asked>) => {
  if ('texts' in data) return useTexts(data.texts);
  const { number } = data;
  if ('goOn' in data) {
    if (!data.goOn) open.get(number)?.stop.abort();
    // Whoever waits to go on ends there when it is not wanted any more.
    open.get(number)?.go();
    return;
  }
  const stop = new AbortController();
  const shown = new Promise<void>((go) => open.set(number, { stop, go }));
  load(number, data.scene, stop.signal, shown)
    .catch((e: unknown) => {
      const { status, message } = e instanceof Failure ? e : { status: 0, message: String(e) };
      scope.postMessage({ number, wrong: { status, message } });
    })
    .finally(() => open.delete(number));
};
