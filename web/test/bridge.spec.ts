import { beforeEach, describe, expect, it } from 'vitest';
import { newSession, type Core, type Plain, type Readout, type Vec, type ViewportMarks } from '../src/core';

/** An empty scene as a GLB (glTF 2.0, 4.4): header, JSON chunk, binary chunk. */
function emptyScene(): ArrayBuffer {
  const text = JSON.stringify({ asset: { version: '2.0' }, scene: 0, scenes: [{ nodes: [] }], nodes: [], meshes: [] });
  const json = new TextEncoder().encode(text.padEnd(Math.ceil(text.length / 4) * 4));
  const words = [0x46546c67, 2, 20 + json.length + 8, json.length, 0x4e4f534a];
  const file = new Uint8Array(20 + json.length + 8);
  file.set(new Uint8Array(Uint32Array.from(words).buffer));
  file.set(json, 20);
  file.set(new Uint8Array(Uint32Array.from([0, 0x004e4942]).buffer), 20 + json.length);
  return file.buffer;
}

/** The compiled core itself, as the page calls it. */
describe('the bridge to the core', () => {
  let core: Core;

  beforeEach(() => {
    core = newSession();
    core.stage.reduceMotion(true);
    core.stage.resize(800, 600);
    core.openScene(emptyScene(), 'Empty');
  });

  it('gives the same list, and the same objects in it, while nothing changes', () => {
    const { views } = core.stage;
    const before = views.frames();
    expect(views.frames()).toBe(before);
    core.stage.command('display.set', { look: 'ink' }, before[0]!.id, 0);
    const after = views.frames();
    expect(after).not.toBe(before);
    expect(after[0]).not.toEqual(before[0]);
    expect(after[1]).toBe(before[1]);
  });

  it('writes into an object only what has changed', () => {
    const written: string[] = [];
    const target = new Proxy({} as Readout, {
      set: (o, name, value) => {
        written.push(name as string);
        return Reflect.set(o, name, value);
      },
    });
    core.stage.readout.now(target, true);
    expect(written).toContain('title');
    written.length = 0;
    core.stage.readout.now(target, false);
    expect(written).toEqual([]);
    core.stage.command('view.direction', { to: 'left' }, null, 0);
    core.stage.readout.now(target, false);
    expect(written).toContain('fields');
    expect(written).not.toContain('undo');
  });

  it('keeps what it told of each viewport by itself', () => {
    const written: string[] = [];
    const marks = [0, 1].map(
      () =>
        new Proxy({} as ViewportMarks, {
          set: (o, name, value) => {
            written.push(name as string);
            return Reflect.set(o, name, value);
          },
        }),
    );
    marks.forEach((m, n) => core.stage.paint.marks(n, m, true));
    expect(marks[0]).not.toEqual(marks[1]);
    written.length = 0;
    marks.forEach((m, n) => core.stage.paint.marks(n, m, false));
    expect(written).toEqual([]);
  });

  it('shares matrices with the core and makes none anew', () => {
    const { offscreen } = core.stage;
    expect(offscreen.matrices(0)).toBeInstanceOf(Float64Array);
    expect(offscreen.matrices(1).buffer).toBe(offscreen.matrices(0).buffer);
  });

  it('takes plain data in and gives it back', () => {
    const { settings } = core;
    const before = settings.toPlain();
    settings.set({ id: 'report.keep', value: 'off' });
    expect(settings.toPlain()).not.toEqual(before);
    settings.use(JSON.parse(JSON.stringify(before)) as Plain);
    expect(settings.toPlain()).toEqual(before);
    const { documents } = core.stage;
    const boards = JSON.parse(JSON.stringify(documents.boards())) as Plain;
    expect(core.stage.command('board.split', { to: 'right' }, 'v1', 0)).toBe(true);
    expect(documents.boards()).not.toEqual(boards);
    expect(documents.useBoards(boards)).toBeNull();
    expect(documents.boards()).toEqual(boards);
  });

  it('refuses a point that is none, and documents that go on for ever', () => {
    const view = core.stage.views.all()[0]!.id;
    for (const bad of [null, [1], [1, 2, NaN], 'here', { x: 1 }])
      expect(core.stage.viewport.onScreen(view, bad as unknown as Vec)).toBeNull();
    expect(core.stage.viewport.onScreen('no such', [0, 0, 0])).toBeNull();
    const endless: { again?: unknown } = {};
    endless.again = endless;
    expect(() => core.stage.documents.restore(endless as Plain)).not.toThrow();
  });

  it('fills in what the keyboard prints', () => {
    core.stage.knowLayout({ KeyF: 'ö' });
    expect(core.stage.printed()).toMatchObject({ KeyF: 'ö' });
    expect(core.stage.keymaps.triggersOf('view.frame-selection').join(' ')).toContain('Ö');
  });
});
