import { ref, shallowRef } from 'vue';
import { api, type SceneDetail } from '../api/api';
import { download } from '../api/http';
import * as core from '../core';
import { Changed } from '../core';
import { Keeper } from '../stores/keeper';
import { useStage } from '../stores/stage';
import { Loop } from './loop';
import { Painter, type Theme } from './painter/Painter';

/** A scene on the stage from opening to leaving: files, painter, loop, and what is kept for the user. */
export class OpenScene {
  readonly store = useStage();
  readonly loop = new Loop(this.store);
  readonly loading = ref<{ words: string; part: number } | null>({ words: 'Opening', part: 0 });
  readonly detail = shallowRef<SceneDetail | null>(null);
  readonly workspace: Keeper;
  readonly keymap: Keeper;
  readonly habits: Keeper;
  readonly habitsVersion = ref(0);
  readonly keymapVersion = ref(0);
  private painter: Painter | null = null;
  private left = false;
  private first: ReturnType<OpenScene['fetchFirst']> | null;

  constructor(readonly id: string) {
    core.reset();
    this.store.forget();
    this.workspace = new Keeper(`/api/scenes/${encodeURIComponent(id)}/workspace`, core.workspace, (body) => {
      core.restore(body);
      this.loop.wake();
    });
    this.keymap = new Keeper('/api/keymaps/active', core.keymap, (body) => {
      const wrong = core.useKeymap(body);
      if (wrong) this.store.tell({ text: `Your keymap could not be used (${wrong}); the preset is on instead.` });
      this.loop.wake();
    });
    this.habits = new Keeper('/api/habits', core.habits, (body) => {
      core.useHabits(body);
      this.loop.wake();
    });
    this.loop.onChange = (bits) => {
      if (bits & Changed.keep && !this.loading.value) this.workspace.changed();
      if (bits & Changed.keymap) this.keymapVersion.value++;
      if (bits & Changed.habits) this.habitsVersion.value++;
    };
    this.first = this.fetchFirst();
    this.first.catch(() => undefined);
  }

  /** The canvas is there and has a size. */
  attach(canvas: HTMLCanvasElement, theme: Theme): void {
    this.painter = new Painter(canvas, () => this.loop.redraw());
    this.painter.theme(theme);
    this.loop.attach(this.painter);
  }

  theme(theme: Theme): void {
    this.painter?.theme(theme);
    this.loop.redraw();
  }

  resize(width: number, height: number, ratio: number): void {
    if (width < 1 || height < 1) return;
    core.resize(width, height);
    this.painter?.resize(width, height, ratio);
    this.loop.redraw();
  }

  /** Asks for the scene and its first two files, before the page that shows them is even there. */
  private async fetchFirst() {
    const detail = await api.scene(this.id);
    this.detail.value = detail;
    const total = detail.geometry.size + detail.edges.size + detail.hierarchy.size;
    const came = new Map<string, number>();
    const file = (f: SceneDetail['geometry']) =>
      download(f.href, f.size, (part) => {
        came.set(f.href, part * f.size);
        const sum = [...came.values()].reduce((x, y) => x + y, 0);
        this.loading.value = { words: 'Loading', part: sum / total };
      });
    const first = {
      geometry: file(detail.geometry),
      edges: file(detail.edges),
      kept: Promise.all([this.keymap.load(), this.habits.load()]),
    };
    // Whoever awaits them tells what went wrong; until then nothing may count as unhandled.
    for (const p of Object.values(first)) p.catch(() => undefined);
    return { detail, ...first, hierarchy: () => file(detail.hierarchy) };
  }

  /** Shows the scene; the first picture does not wait for what only picking needs. */
  async load(): Promise<void> {
    // Taken once: a second try asks anew.
    const asked = this.first ?? this.fetchFirst();
    this.first = null;
    const { detail, geometry, edges, kept, hierarchy } = await asked;
    const file = await geometry;
    if (this.left) return;
    core.openScene(file, detail.name);
    this.painter?.open(file);
    await Promise.all([this.workspace.load(), kept]);
    if (this.left) return;
    core.attachEdges(await edges);
    this.loop.redraw();
    const picking = await hierarchy();
    if (this.left) return;
    core.attachHierarchies(picking);
    this.loading.value = null;
    this.loop.redraw();
  }

  /** The keymap was changed on the Keys page. */
  keepKeymap(): void {
    this.keymap.changed();
    this.loop.wake();
  }

  /** A setting was changed. */
  keepHabits(): void {
    this.habits.changed();
    this.loop.wake();
  }

  get idle(): boolean {
    return (
      !this.loading.value && this.loop.idle && this.workspace.settled && this.keymap.settled && this.habits.settled
    );
  }

  get stats() {
    const p = this.painter?.stats ?? { frames: 0, lastFrameMs: 0, drawCalls: 0, triangles: 0 };
    return { ...p, coreMsPerEvent: this.loop.coreMsPerEvent, complete: this.loop.complete };
  }

  async leave(): Promise<void> {
    this.left = true;
    await this.workspace.save().catch(() => undefined);
    this.workspace.stop();
    this.keymap.stop();
    this.habits.stop();
    this.loop.stop();
    this.painter?.dispose();
  }
}
