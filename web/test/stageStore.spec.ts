import { createPinia, setActivePinia } from 'pinia';
import { watch } from 'vue';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { StageChanges, Core, ViewportSummary, ViewportMarks, Readout } from '../src/core';
import { useStage } from '../src/stage/open/store';

/** A core with two viewports that counts what it is asked for. */
function fakeCore() {
  const frames = [
    { id: 'v1', number: 0, active: false },
    { id: 'v2', number: 1, active: true },
  ] as ViewportSummary[];
  const core = {
    stage: {
      takeNotices: vi.fn(() => [{ text: 'Something happened.' }]),
      hints: vi.fn(() => []),
      firstSteps: () => [],
      tips: () => [],
      views: { frames: vi.fn(() => frames) },
      boards: { boards: vi.fn(() => ({ tabs: [], borders: [], templates: [] })), pins: vi.fn(() => []) },
      contents: {
        objects: vi.fn(() => [{ id: 'n1' }]),
        layers: vi.fn(() => []),
        history: vi.fn(() => ({ edits: [], done: 0 })),
        selection: vi.fn(() => ['n1']),
      },
      readout: { now: vi.fn((target: Partial<Readout>) => Object.assign(target, { view: 'v2', title: 'Scout' })) },
      paint: { marks: vi.fn((n: number, target: Partial<ViewportMarks>) => Object.assign(target, { parts: [n] })) },
    },
  };
  return core;
}

const changed = (views: number[], ...topics: StageChanges['topics']): StageChanges => ({ views, marks: false, topics });

describe('what panels show', () => {
  let core: ReturnType<typeof fakeCore>;
  let store: ReturnType<typeof useStage>;

  beforeEach(() => {
    setActivePinia(createPinia());
    store = useStage();
    core = fakeCore();
    store.show(core as unknown as Core);
    store.refresh(changed([0, 1], 'layout', 'readout'));
    vi.clearAllMocks();
  });

  it('asks only for what has changed', () => {
    store.refresh(changed([], 'pins'));
    expect(core.stage.boards.pins).toHaveBeenCalledOnce();
    expect(core.stage.views.frames).not.toHaveBeenCalled();
    expect(core.stage.paint.marks).not.toHaveBeenCalled();
    expect(core.stage.readout.now).not.toHaveBeenCalled();
    store.refresh(changed([], 'selection'));
    expect(core.stage.contents.selection).toHaveBeenCalledOnce();
    expect(core.stage.contents.objects).not.toHaveBeenCalled();
  });

  it('asks for the marks of the viewports that moved, and of the one the pointer is in', () => {
    store.refresh(changed([0], 'readout'));
    expect(core.stage.paint.marks.mock.calls.map((c) => c[0])).toEqual([0, 1]);
    vi.clearAllMocks();
    store.refresh(changed([1], 'readout'));
    expect(core.stage.paint.marks.mock.calls.map((c) => c[0])).toEqual([1]);
  });

  it('asks for the marks of all viewports where a camera moved that none of them draws anew', () => {
    store.refresh({ views: [1], marks: true, topics: ['readout'] });
    expect(core.stage.paint.marks.mock.calls.map((c) => c[0])).toEqual([0, 1]);
    vi.clearAllMocks();
    store.refresh({ views: [], marks: true, topics: ['readout'] });
    expect(core.stage.paint.marks.mock.calls.map((c) => c[0])).toEqual([0, 1]);
  });

  it('changes marks part by part, so that who looks at one part hears nothing of another', () => {
    const lines = vi.fn();
    const parts = vi.fn();
    watch(() => store.marks[0]!.lines, lines, { flush: 'sync' });
    watch(() => store.marks[0]!.parts, parts, { flush: 'sync' });
    store.refresh(changed([0], 'readout'));
    expect(parts).toHaveBeenCalledOnce();
    expect(lines).not.toHaveBeenCalled();
  });

  it('asks for all marks as fresh ones after the viewports were arranged anew', () => {
    store.refresh(changed([], 'layout'));
    expect(core.stage.paint.marks.mock.calls.map((c) => [c[0], (c as unknown[])[2]])).toEqual([
      [0, true],
      [1, true],
    ]);
  });

  it('shows the same notice once, however often it comes', () => {
    store.refresh(changed([], 'notice'));
    store.refresh(changed([], 'notice'));
    expect(store.notices.map((n) => n.text)).toEqual(['Something happened.']);
  });

  it('replaces what was told of a viewport by what is told of it now, and takes it back when told so', () => {
    const told = (text: string, view?: string) => [{ text, args: {}, ...(view ? { view } : {}) }];
    const say = (list: unknown) => {
      core.stage.takeNotices.mockReturnValueOnce(list as { text: string }[]);
      store.refresh(changed([], 'notice'));
    };
    say(told('The camera is guarded.', 'v2'));
    say(told('Something of v1.', 'v1'));
    say(told('The camera is driven.', 'v2'));
    expect(store.notices.map((n) => n.text)).toEqual(['Something of v1.', 'The camera is driven.']);
    say(told('', 'v2'));
    expect(store.notices.map((n) => n.text)).toEqual(['Something of v1.']);
  });

  it('shows nothing of a scene any more when another one comes', () => {
    store.refresh(changed([], 'selection', 'structure'));
    const other = fakeCore();
    store.show(other as unknown as Core);
    expect(store.objects).toEqual([]);
    expect(store.selection).toEqual([]);
    expect(store.readout.title).toBeUndefined();
    store.refresh(changed([0, 1], 'layout'));
    expect(core.stage.views.frames).not.toHaveBeenCalledTimes(2);
    expect(other.stage.views.frames).toHaveBeenCalledOnce();
  });
});
