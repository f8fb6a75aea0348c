import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { SceneDetail } from '../src/api/api';
import type { Answer, Asked } from '../src/api/files';
import { Failure } from '../src/api/http';

/** A worker that does nothing but what the test says. */
class FakeWorker {
  static made: FakeWorker[] = [];
  onmessage: (e: { data: Answer }) => void = () => undefined;
  onerror: () => void = () => undefined;
  asked: Exclude<Asked, { texts: string }>[] = [];
  texts: string[] = [];
  constructor() {
    FakeWorker.made.push(this);
  }
  postMessage(asked: Asked) {
    if ('texts' in asked) this.texts.push(asked.texts);
    else this.asked.push(asked);
  }
}

const entry = (size: number) => ({ href: '/x', size });
const detail = {
  id: 's',
  name: 'A',
  geometry: entry(600),
  edges: entry(200),
  levels: entry(100),
  hierarchy: entry(100),
} as unknown as SceneDetail;

describe('the files of a scene', () => {
  let SceneFiles: typeof import('../src/api/files').SceneFiles;
  beforeEach(async () => {
    vi.resetModules();
    FakeWorker.made = [];
    vi.stubGlobal('Worker', FakeWorker);
    ({ SceneFiles } = await import('../src/api/files'));
  });
  afterEach(() => vi.unstubAllGlobals());

  it('come from one worker, each to the scene that asked', async () => {
    const told: [string, number][] = [];
    const one = new SceneFiles('one', (kind, part) => told.push([kind, part]));
    const two = new SceneFiles('two', () => expect.unreachable());
    expect(FakeWorker.made).toHaveLength(1);
    const worker = FakeWorker.made[0]!;
    expect(worker.texts).toHaveLength(1);
    const [a, b] = worker.asked.map((x) => x.number) as [number, number];
    expect(worker.asked.map((x) => 'scene' in x && x.scene)).toEqual(['one', 'two']);
    worker.onmessage({ data: { number: a, detail } });
    worker.onmessage({ data: { number: a, kind: 'geometry', part: 0.5 } });
    worker.onmessage({ data: { number: a, kind: 'edges', part: 0.5 } });
    const file = new ArrayBuffer(4);
    worker.onmessage({ data: { number: a, kind: 'geometry', file } });
    worker.onmessage({ data: { number: b, wrong: { status: 404, message: 'There is no such scene.' } } });
    expect(await one.detail).toBe(detail);
    expect(await one.get('geometry')).toBe(file);
    expect(told).toEqual([
      ['geometry', 0.3],
      ['edges', 0.7],
    ]);
    const e = await two.get('levels').catch((x: unknown) => x);
    expect((e as Failure).status).toBe(404);
    expect((e as Failure).message).toBe('There is no such scene.');
  });

  it('are not wanted any more by a scene that was left', () => {
    const one = new SceneFiles('one', () => expect.unreachable());
    const worker = FakeWorker.made[0]!;
    const { number } = worker.asked[0]!;
    one.goOn();
    one.stop();
    expect(worker.asked.slice(1)).toEqual([
      { number, goOn: true },
      { number, goOn: false },
    ]);
    worker.onmessage({ data: { number, kind: 'geometry', part: 0.5 } });
  });

  it('are not waited for where what fetches them could not be had, and whoever asks next has another', async () => {
    const one = new SceneFiles('one', () => expect.unreachable());
    FakeWorker.made[0]!.onerror();
    const e = await one.detail.catch((x: unknown) => x);
    expect((e as Failure).offline).toBe(true);
    const two = new SceneFiles('two', () => undefined);
    expect(FakeWorker.made).toHaveLength(2);
    const worker = FakeWorker.made[1]!;
    worker.onmessage({ data: { number: worker.asked[0]!.number, detail } });
    expect(await two.detail).toBe(detail);
  });
});
