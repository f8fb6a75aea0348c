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
  readonly keymapVersion = ref(0);
  private painter: Painter | null = null;
  private left = false;

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
    this.loop.onChange = (bits) => {
      if (bits & Changed.keep && !this.loading.value) this.workspace.changed();
      if (bits & Changed.keymap) this.keymapVersion.value++;
    };
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

  /** Fetches the scene and shows it; edges and picking follow, the first picture does not wait for picking. */
  async load(): Promise<void> {
    const detail = await api.scene(this.id);
    this.detail.value = detail;
    const sizes = [detail.geometry.size, detail.edges.size, detail.hierarchy.size];
    const total = sizes.reduce((a, b) => a + b, 0);
    const parts = [0, 0, 0];
    const fetchFile = (file: SceneDetail['geometry'], i: number) =>
      download(file.href, file.size, (part) => {
        parts[i] = (part * sizes[i]!) / total;
        this.loading.value = { words: 'Loading', part: parts.reduce((a, b) => a + b, 0) };
      });
    const files = [detail.geometry, detail.edges, detail.hierarchy].map(fetchFile);
    const kept = this.keymap.load();
    const geometry = await files[0]!;
    if (this.left) return;
    core.openScene(geometry, detail.name);
    this.painter?.open(geometry);
    await Promise.all([this.workspace.load(), kept]);
    this.loop.redraw();
    core.attachEdges(await files[1]!);
    if (this.left) return;
    this.loop.redraw();
    core.attachHierarchies(await files[2]!);
    this.loading.value = null;
    this.loop.redraw();
  }

  /** The keymap was changed on the Keys page. */
  keepKeymap(): void {
    this.keymap.changed();
    this.loop.wake();
  }

  get idle(): boolean {
    return !this.loading.value && this.loop.idle && this.workspace.settled && this.keymap.settled;
  }

  get stats() {
    const p = this.painter?.stats ?? { frames: 0, lastFrameMs: 0, drawCalls: 0, triangles: 0 };
    return { ...p, coreMsPerEvent: this.loop.coreMsPerEvent };
  }

  async leave(): Promise<void> {
    this.left = true;
    await this.workspace.save().catch(() => undefined);
    this.workspace.stop();
    this.keymap.stop();
    this.loop.stop();
    this.painter?.dispose();
  }
}
