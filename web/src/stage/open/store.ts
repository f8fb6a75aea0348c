import { defineStore } from 'pinia';
import { ref, shallowReactive, shallowRef } from 'vue';
import type {
  BoardsState,
  StageChanges,
  Core,
  FirstStep,
  Tip,
  Hint,
  HistoryState,
  LayerRow,
  ObjectRow,
  ViewportMarks,
  Notice,
  PinRow,
  Readout,
  ViewportSummary,
} from '../../core';

/** While views move, milliseconds between one look at their numbers and the next. */
const READ_MS = 100;

/** Snapshots of the core's state for panels; refreshed by what the core says has changed. */
export const useStage = defineStore('stage', () => {
  const views = shallowRef<ViewportSummary[]>([]);
  /** What lies over each viewport. Each part is told of by itself: one that moves draws nothing else anew. */
  const marks = shallowRef<ViewportMarks[]>([]);
  const objects = shallowRef<ObjectRow[]>([]);
  const selection = shallowRef<string[]>([]);
  const readout = shallowReactive<Partial<Readout>>({});
  const hints = shallowRef<Hint[]>([]);
  const firstStep = shallowRef<FirstStep | null>(null);
  const tip = shallowRef<Tip | null>(null);
  const boards = shallowRef<BoardsState>({ tabs: [], borders: [], templates: [] });
  const pins = shallowRef<PinRow[]>([]);
  const layers = shallowRef<LayerRow[]>([]);
  const history = shallowRef<HistoryState>({ edits: [], done: 0 });
  /** The viewport that something is dragged over, to be let go there. */
  const target = ref<string | null>(null);
  /** What detail is left out while views move, in words; empty for none. */
  const eased = ref('');
  /** Counts the changes of the keymap, and of settings that switch triggers on and off. */
  const keymapVersion = ref(0);
  const notices = shallowRef<(Notice & { key: number })[]>([]);
  let noticeKey = 0;

  let core: Core | null = null;

  /** Whether the readout and the hints are behind what is shown. */
  let behind = false;
  let lastRead = 0;

  function read() {
    if (!core) return;
    behind = false;
    lastRead = performance.now();
    core.stage.readout.now(readout as Readout, !('view' in readout));
    hints.value = core.stage.hints();
    firstStep.value = core.stage.firstSteps()[0] ?? null;
    tip.value = core.stage.tips()[0] ?? null;
  }

  /** Takes over what {@link refresh} has left out while a view moved; gives false if that was nothing. */
  function catchUp(): boolean {
    if (!behind) return false;
    read();
    return true;
  }

  /** Takes over what has changed; what has not stays the same object, so that nobody draws it again. */
  function refresh(changed: StageChanges) {
    if (!core) return;
    const { views: viewports, boards: boardList, contents, paint } = core.stage;
    const has = (topic: StageChanges['topics'][number]) => changed.topics.includes(topic);
    const moved = (number: number) => changed.views.includes(number);
    const all = has('layout') || has('caption') || has('selection') || has('habits');
    if (changed.views.length || has('layout') || has('caption') || has('habits')) views.value = viewports.frames();
    if (has('layout') || has('boards')) boards.value = boardList.boards();
    if (has('pins')) pins.value = boardList.pins();
    if (changed.views.length || changed.marks || has('readout') || all) {
      const fresh = marks.value.length !== views.value.length || has('layout');
      if (fresh) marks.value = views.value.map(() => shallowReactive({} as ViewportMarks));
      // While a view moves nothing else does but where the pointer is.
      const some = !fresh && !all && !changed.marks && changed.views.length > 0;
      for (const v of views.value) {
        if (!some || moved(v.number) || v.active) paint.marks(v.number, marks.value[v.number]!, fresh);
      }
    }
    if (has('structure') || (has('scene') && objects.value.length === 0)) {
      objects.value = contents.objects();
      layers.value = contents.layers();
    }
    if (has('structure') || has('keep-edits')) history.value = contents.history();
    if (has('selection')) selection.value = contents.selection();
    if (has('readout') || changed.views.length || has('selection')) {
      // Nobody reads numbers that change with every frame: while only views move they follow some times a second.
      const moving = changed.views.length > 0 && changed.topics.every((t) => t === 'readout' || t === 'keep');
      if (moving && performance.now() - lastRead < READ_MS) behind = true;
      else read();
    }
    if (has('keymap') || has('habits')) keymapVersion.value++;
    if (has('notice')) core.stage.takeNotices().forEach(tell);
  }

  /** Tells something; what the page itself has to say has no arguments. */
  function tell(told: Omit<Notice, 'args'> & Partial<Notice>) {
    const notice: Notice = { args: {}, ...told };
    const key = ++noticeKey;
    // The same words again are the same notice, come anew; what is new of a viewport replaces what was.
    const others = notices.value.filter((n) => n.text !== notice.text && (!n.view || n.view !== notice.view));
    if (!notice.text) {
      notices.value = others;
      return;
    }
    notices.value = [...others.slice(-2), { ...notice, key }];
    window.setTimeout(() => dismiss(key), notice.command ? 9000 : 5000);
  }

  function dismiss(key: number) {
    notices.value = notices.value.filter((n) => n.key !== key);
  }

  /** Shows what another core holds; nothing of the one before is left. */
  function show(other: Core) {
    core = other;
    views.value = [];
    marks.value = [];
    for (const part of Object.keys(readout)) delete readout[part as keyof Readout];
    hints.value = [];
    firstStep.value = null;
    tip.value = null;
    boards.value = { tabs: [], borders: [], templates: [] };
    objects.value = [];
    notices.value = [];
    selection.value = [];
    pins.value = [];
    layers.value = [];
    history.value = { edits: [], done: 0 };
  }

  return {
    views,
    marks,
    objects,
    selection,
    readout,
    hints,
    firstStep,
    tip,
    boards,
    pins,
    layers,
    history,
    target,
    eased,
    keymapVersion,
    notices,
    refresh,
    catchUp,
    behind: () => behind,
    tell,
    dismiss,
    show,
  };
});
