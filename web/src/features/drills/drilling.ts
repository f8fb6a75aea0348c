import { shallowRef, ref } from 'vue';
import { api, type DrillListed, type DrillScore, type OwnDrill } from '../../api/api';
import type { DrillState } from '../../core';
import type { OpenScene } from '../../stage/open/openScene';
import { say } from '../../words/say';

/** The clock is read so often, milliseconds. */
const READ_MS = 100;
/** Height of the picture of the view to come to, pixels: twice as large as it is shown. */
const GOAL = 176;
const OFF: DrillState = {
  drill: null,
  seconds: 0,
  part: 0,
  ghost: null,
  done: false,
  lost: 0,
  goal: null,
  aspect: 1,
};

/** One of the ten, or one of one's own. */
export type Task = DrillListed | OwnDrill;

/** A drill on an open scene: its clock, and what the server says of a run that is done. */
export class Drilling {
  readonly state = shallowRef<DrillState>(OFF);
  readonly score = shallowRef<DrillScore | null>(null);
  readonly wrong = ref('');
  readonly busy = ref(false);
  /** What the view to come to looks like, where the drill shows it. */
  readonly goal = ref('');
  /** What is done now, or was last. */
  readonly task = shallowRef<Task | null>(null);
  private timer = 0;
  /** Counts the runs. */
  private run = 0;

  constructor(private readonly open: OpenScene) {}

  /** Begins a drill. What is changed in the scene for it is not kept, and what was changed before it must be. */
  async start(drill: Task): Promise<void> {
    if (this.open.kept.edits.unsaved) await this.open.kept.edits.save();
    const course = new Float64Array(drill.best?.course ?? []);
    const path = new Float64Array(drill.best?.path ?? []);
    const { drills } = this.open.core;
    const now = performance.now();
    const against =
      'made' in drill
        ? drills.startOwn(drill.id, drill.made, course, path, now)
        : drills.start(drill.id, course, path, now);
    if (against) throw new Error(against);
    this.task.value = drill;
    this.goal.value = 'made' in drill ? drill.picture : this.picture(drills.stateAt(now));
    this.open.practising = true;
    this.score.value = null;
    this.wrong.value = '';
    this.busy.value = false;
    this.run++;
    this.open.wake();
    this.state.value = OFF;
    this.read();
    window.clearInterval(this.timer);
    this.timer = window.setInterval(() => this.read(), READ_MS);
  }

  /** Begins the same once more, against the best run there is by now. */
  async again(): Promise<void> {
    const last = this.task.value;
    if (!last) return;
    const all: Task[] = 'made' in last ? await api.ownDrills(this.open.id) : await api.drills();
    const listed = all.find((d) => d.id === last.id);
    if (!listed) throw new Error(say('drilling.this-drill-is-not-there-any'));
    await this.start(listed);
  }

  /** What a camera sees, as the address of a picture; empty without a camera. */
  private picture({ goal, aspect }: DrillState): string {
    const matrices = goal && this.open.core.stage.offscreen.cameraMatrices(goal);
    if (!matrices) return '';
    const canvas = document.createElement('canvas');
    canvas.width = Math.round(GOAL * aspect);
    canvas.height = GOAL;
    const pixels = this.open.draw({ matrices, number: null, overlays: false }, canvas.width, GOAL, 1);
    canvas.getContext('2d')!.putImageData(pixels, 0, 0);
    return canvas.toDataURL();
  }

  private read(): void {
    const now = this.open.core.drills.stateAt(performance.now());
    this.state.value = now;
    // What one races with goes on while the hand rests.
    if (now.ghost !== null && !now.done) this.open.wake();
    if (now.drill && now.done) void this.claim(now);
  }

  private async claim(done: DrillState): Promise<void> {
    window.clearInterval(this.timer);
    this.busy.value = true;
    const mine = this.run;
    let [score, wrong] = [null as DrillScore | null, ''];
    try {
      score = await api.drillRun(done.drill!, this.open.id, done.seconds, this.open.core.drills.log());
    } catch (e) {
      wrong = (e as Error).message;
    }
    // Meanwhile another run may have begun.
    if (mine !== this.run) return;
    this.busy.value = false;
    this.score.value = score;
    this.wrong.value = wrong;
  }

  /** Leaves the drill: everything is as it was before. */
  leave(): void {
    this.run++;
    this.busy.value = false;
    window.clearInterval(this.timer);
    this.open.core.drills.end(performance.now());
    this.open.practising = false;
    this.state.value = OFF;
    this.wrong.value = '';
    this.open.wake();
  }
}

const all = new WeakMap<OpenScene, Drilling>();

/** The drill of an open scene. */
export function drilling(open: OpenScene): Drilling {
  const there = all.get(open) ?? new Drilling(open);
  all.set(open, there);
  return there;
}
