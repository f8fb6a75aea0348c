import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';
import * as core from '../core';
import {
  Changed,
  type Boards,
  type Hint,
  type History,
  type Layer,
  type Marks,
  type Notice,
  type Pin,
  type Readout,
  type Listed,
  type View,
} from '../core';

/** Snapshots of the core's state for panels; refreshed by what the core says has changed. */
export const useStage = defineStore('stage', () => {
  const views = shallowRef<View[]>([]);
  const marks = shallowRef<Marks[]>([]);
  const objects = shallowRef<Listed[]>([]);
  const selection = shallowRef<string[]>([]);
  const readout = shallowRef<Readout>({});
  const hints = shallowRef<Hint[]>([]);
  const boards = shallowRef<Boards>({ tabs: [], borders: [], templates: [] });
  const pins = shallowRef<Pin[]>([]);
  const layers = shallowRef<Layer[]>([]);
  const history = shallowRef<History>({ edits: [], done: 0 });
  /** The viewport that something is dragged over, to be let go there. */
  const target = ref<string | null>(null);
  const notices = shallowRef<(Notice & { key: number })[]>([]);
  let noticeKey = 0;

  function refresh(bits: number) {
    const all = bits & (Changed.layout | Changed.caption | Changed.selection | Changed.habits);
    if (bits & (Changed.views | Changed.layout | Changed.caption)) {
      // What has not changed stays the same object, so that nobody draws it again.
      const before = views.value;
      views.value = core.views().map((v) => (all || bits & (1 << v.number) ? v : (before[v.number] ?? v)));
    }
    if (bits & (Changed.layout | Changed.boards)) boards.value = core.boards();
    if (bits & Changed.pins) pins.value = core.pins();
    if (bits & (Changed.views | Changed.readout) || all) {
      // While a view moves nothing else does but where the pointer is.
      const some = !all && bits & Changed.views;
      const before = marks.value;
      marks.value = views.value.map((v) =>
        !some || bits & (1 << v.number) || v.active ? core.marks(v.number) : (before[v.number] ?? core.marks(v.number)),
      );
    }
    if (bits & Changed.structure || (bits & Changed.scene && objects.value.length === 0)) {
      objects.value = core.objects();
      layers.value = core.layers();
    }
    if (bits & (Changed.structure | Changed.keepEdits)) history.value = core.history();
    if (bits & Changed.selection) selection.value = core.selection();
    if (bits & (Changed.readout | Changed.views | Changed.selection)) {
      readout.value = core.readout();
      hints.value = core.hints();
    }
    if (bits & Changed.notice) core.takeNotices().forEach(tell);
  }

  function tell(notice: Notice) {
    const key = ++noticeKey;
    // The same words again are the same notice, come anew.
    const others = notices.value.filter((n) => n.text !== notice.text || n.command !== notice.command);
    notices.value = [...others.slice(-2), { ...notice, key }];
    window.setTimeout(() => dismiss(key), notice.command ? 9000 : 5000);
  }

  function dismiss(key: number) {
    notices.value = notices.value.filter((n) => n.key !== key);
  }

  function forget() {
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
    boards,
    pins,
    layers,
    history,
    target,
    notices,
    refresh,
    tell,
    dismiss,
    forget,
  };
});
