import { ref, shallowRef } from 'vue';
import type { SceneDetail } from '../../api/api';
import { fileWords, SceneFiles } from '../../api/files';
import { newSession } from '../../core';
import type { Keeper } from './keeper';
import { ReportKeeper } from './report';
import { useSession } from '../../shared/session';
import { toldLater } from './toldLater';
import { useStage } from './store';
import type { Axes } from '../../shared/theme/axes';
import { fromFragment } from './address';
import { tellBrought } from './broughtKeymap';
import type { Kept } from './kept';
import { Loop } from './loop';
import type { Painter } from '../../painter/Painter';
import type { Theme } from '../../shared/theme/theme';
import type { Subject } from '../../painter/view';
import { turn } from '../../painter/slices';
import { Pictures } from './pictures';
import { Saving } from './saving';
import { say } from '../../words/say';

/** Small pictures wait until nothing has been drawn for so long: a hand that pauses in a drag is not at rest. */
const REST_MS = 500;

/** A scene on the stage from opening to leaving: files, painter, loop, and what is kept for the user. */
export class OpenScene {
  /** The core of this scene and of no other: what is left behind cannot write into what comes next. */
  readonly core = newSession();
  readonly store = useStage();
  readonly loop = new Loop(this.core, this.store);
  readonly loading = ref<{ words: string; part: number } | null>({ words: say('open-scene.opening'), part: 0 });
  /** Whether the whole scene is there. Before, and where it could not be opened, nothing of it is kept or said to be. */
  readonly ready = ref(false);
  readonly detail = shallowRef<SceneDetail | null>(null);
  /** What is kept of this scene and for the user, and whether this window is the one that saves it. */
  readonly saving: Saving;
  /** What is counted of the hand. */
  readonly report: ReportKeeper;
  readonly pictures = new Pictures(
    this.core,
    () => this.painter,
    () => this.idle && !this.painter?.waiting && performance.now() - this.loop.lastDrawn > REST_MS,
  );
  /** Whether the graphics card does not answer. */
  readonly away = ref(false);
  readonly habitsVersion = ref(0);
  practising = false; // While a drill is on, what is changed in the scene is not kept.
  private painter: Painter | null = null;
  private readonly subject: Subject = {
    core: this.core,
    picture: (image) => `/api/scenes/${encodeURIComponent(this.id)}/pictures/${encodeURIComponent(image)}`,
    imageLoaded: () => this.loop.redraw(),
    lost: () => (this.away.value = true),
    restored: () => {
      this.away.value = false;
      this.loop.redraw();
    },
    came: () => this.loop.came(),
  };
  private left = false;
  private first: SceneFiles | null;
  private files: SceneFiles | null = null;

  constructor(readonly id: string) {
    this.store.show(this.core);
    this.saving = new Saving(this.core, id, {
      wake: () => this.loop.wake(),
      tell: (text) => this.store.tell({ text }),
      begun: () => this.loop.begun,
    });
    this.report = new ReportKeeper(this.core, useSession().name ?? '');
    window.addEventListener('hashchange', this.followHere);
    this.loop.onRest = () => {
      if (this.ready.value) this.pictures.rest(this.store.views);
    };
    this.loop.onChange = ({ topics }) => {
      this.saving.changed(topics, this.practising);
      if (topics.includes('keep-report')) this.report.changed();
      if (topics.includes('habits')) {
        this.habitsVersion.value++;
        this.report.habits();
      }
    };
    this.first = this.fetchFirst();
  }

  /** The canvas is there and has a size. */
  attach(painter: Painter, theme: Theme, axes: Axes): void {
    this.painter = painter;
    painter.enter(this.subject);
    painter.theme(theme, axes);
    this.loop.attach(this.painter);
  }

  /** Draws a view into an image of its own. */
  draw(...what: Parameters<Painter['image']>): ImageData {
    if (!this.painter) throw new Error(say('open-scene.there-is-nothing-to-draw-yet'));
    return this.painter.image(...what);
  }

  /** A Pin has no picture yet: it gets one of what is on the screen now. */
  async pictureOf(pin: string, view: string | null): Promise<void> {
    const shown = this.core.stage.views.all().filter((v) => v.shown && (view === null || v.id === view));
    const right = Math.max(...shown.map((v) => v.rect.x + v.rect.width));
    const low = Math.max(...shown.map((v) => v.rect.y + v.rect.height));
    const x = Math.min(...shown.map((v) => v.rect.x));
    const y = Math.min(...shown.map((v) => v.rect.y));
    const picture = shown.length && (await this.pictures.now({ x, y, width: right - x, height: low - y }));
    if (picture && !this.left) this.core.stage.documents.pinPicture(pin, picture);
    this.loop.wake();
  }

  theme(theme: Theme, axes: Axes): void {
    this.painter?.theme(theme, axes);
    this.loop.redraw();
  }

  resize(width: number, height: number, ratio: number): void {
    if (width < 1 || height < 1) return;
    this.core.stage.resize(width, height);
    this.painter?.resize(width, height, ratio);
    this.loop.redraw();
  }

  /** Asks for the scene and its files, before the page that shows them is even there. */
  private fetchFirst(): SceneFiles {
    for (const k of [this.kept.edits, this.kept.boards, this.kept.workspace, this.kept.pins]) k.ask();
    const files = new SceneFiles(this.id, (kind, part) => {
      if (this.loading.value) this.loading.value = { words: fileWords[kind], part };
    });
    void files.detail.then((d) => (this.detail.value = d)).catch(() => undefined);
    return files;
  }

  /** Shows the scene; the first picture does not wait for what only picking needs. */
  async load(): Promise<void> {
    if (!this.painter) throw new Error(say('studio.no-painter'));
    // Taken once: a second try asks anew.
    const files = this.first ?? this.fetchFirst();
    this.first = null;
    this.files?.stop();
    this.files = files;
    const own = Promise.all([this.kept.keymap.load(), this.kept.habits.load()]);
    own.catch(() => undefined);
    const detail = await files.detail;
    const file = await files.get('geometry');
    if (this.left) return;
    this.loop.oneByOne = true;
    this.show(file, detail.name);
    // What was changed comes first, since views may look through a camera that was moved; an arrangement before what its views show.
    for (const next of [
      () => this.kept.edits.load(),
      () => Promise.all([own, this.kept.boards.load()]),
      () => Promise.all([this.kept.workspace.load(), this.kept.pins.load()]),
      () => this.follow(window.location.hash),
    ]) {
      await next();
      if (this.left) return;
    }
    await this.saving.decided();
    if (this.left) return;
    // What is there already is shown, and not before it stands as it was left; what is missing in it comes as it arrives.
    this.loop.begun = true;
    this.loop.redraw();
    await this.loop.afterDrawing();
    files.goOn();
    const sides = await files.get('edges');
    if (this.left) return;
    this.core.meshes.attachEdges(sides);
    this.painter?.geometryCame();
    this.loop.came();
    const coarser = await files.get('levels');
    if (this.left) return;
    this.core.meshes.attachLevels(coarser);
    this.painter?.geometryCame();
    const picking = await files.get('hierarchy');
    if (this.left) return;
    this.core.meshes.attachHierarchies(picking);
    while (this.core.meshes.moreHierarchies()) {
      await turn();
      if (this.left) return;
    }
    this.ready.value = true;
    this.saving.begin();
    this.loop.oneByOne = false;
    this.painter?.warm();
    void this.report.load();
    this.loading.value = null;
    await tellBrought(this.core, (text) => this.store.tell({ text }));
    const later = toldLater();
    if (later) this.store.tell({ text: later });
    this.loop.wake();
  }

  private show(file: ArrayBuffer, name: string): void {
    try {
      this.core.openScene(file, name);
      this.painter?.open(file);
    } catch (e) {
      throw new Error(say('open-scene.what-is-stored-of-it-cannot', (e as Error).message), { cause: e });
    }
  }

  /** Another address of this scene was entered while it is open. */
  private readonly followHere = () => {
    if (this.ready.value) void this.follow(window.location.hash).then(() => this.loop.redraw());
  };

  /** Shows the views of an address, if it holds any. */
  private async follow(hash: string): Promise<void> {
    try {
      const address = await fromFragment(hash);
      if (this.left) return;
      const wrong = address && this.core.stage.documents.openAddress(address);
      if (wrong) this.store.tell({ text: say('open-scene.the-views-of-this-address-cannot', wrong) });
    } catch (e) {
      this.store.tell({ text: (e as Error).message });
    }
  }

  /** Something was changed past the viewports. */
  wake(): void {
    this.loop.wake();
  }

  /** The keymap was changed on the Keys page. */
  keepKeymap(): void {
    this.kept.keymap.changed();
    this.loop.wake();
  }

  /** A setting was changed. */
  keepHabits(): void {
    this.kept.habits.changed();
    this.loop.wake();
  }

  get kept(): Kept {
    return this.saving.kept;
  }

  /** Everything that is kept for the user. */
  get keepers(): Keeper[] {
    return Object.values(this.kept);
  }

  get idle(): boolean {
    return this.ready.value && this.loop.idle && this.keepers.every((k) => k.settled);
  }

  get stats() {
    const p = this.painter?.stats ?? { frames: 0, lastFrameMs: 0, drawCalls: 0, triangles: 0 };
    return {
      ...p,
      coreMsPerEvent: this.loop.coreMsPerEvent,
      complete: this.loop.complete,
      firstView: this.loop.any,
      smooth: this.loop.smoothing.count,
      longestPictureMs: this.pictures.longest,
    };
  }

  async leave(): Promise<void> {
    this.left = true;
    (this.files ?? this.first)?.stop();
    window.removeEventListener('hashchange', this.followHere);
    this.report.close();
    this.loop.stop();
    // Each takes its state now: the stage may hold another scene before the first of these saves has returned.
    const saved = this.saving.leave();
    // The painter draws other scenes from now on: what comes late asks it for nothing more.
    this.painter?.leave(this.subject);
    this.painter = null;
    await saved;
  }
}
