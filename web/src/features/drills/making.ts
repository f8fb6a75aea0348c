import { ref, shallowRef } from 'vue';
import { api } from '../../api/api';
import type { Plain } from '../../core';
import type { OpenScene } from '../../stage/open/openScene';
import { say } from '../../words/say';

/** Size of the picture of a goal, pixels: large enough to be matched by eye. */
const GOAL = { width: 264, height: 176 };
const GONE = say('making.the-picture-of-the-goal-could');

/** A drill that is being made: first where it begins, then what is to be reached, then its name. */
export class Making {
  readonly step = ref<'start' | 'goal' | 'name' | null>(null);
  readonly wrong = ref('');
  readonly picture = shallowRef('');
  private start: Plain = {};
  private made: Plain = {};

  constructor(private readonly open: OpenScene) {}

  begin(): void {
    this.wrong.value = '';
    this.step.value = 'start';
  }

  setStart(): void {
    this.start = this.open.core.drills.here();
    this.wrong.value = '';
    this.step.value = 'goal';
  }

  async setGoal(): Promise<void> {
    const made = { start: this.start, goal: this.open.core.drills.here() };
    this.wrong.value = this.open.core.drills.against(made) ?? '';
    if (this.wrong.value) return;
    const active = this.open.core.stage.views.all().find((v) => v.active);
    const picture = active && (await this.open.pictures.now(active.rect, GOAL));
    if (!picture) {
      this.wrong.value = GONE;
      return;
    }
    this.made = made;
    this.picture.value = picture;
    this.step.value = 'name';
  }

  async keep(name: string): Promise<void> {
    try {
      await api.addDrill(this.open.id, { name, made: this.made, picture: this.picture.value });
      this.step.value = null;
    } catch (e) {
      this.wrong.value = (e as Error).message;
    }
  }

  stop(): void {
    this.step.value = null;
  }
}

const all = new WeakMap<OpenScene, Making>();

/** What is being made in an open scene. */
export function making(open: OpenScene): Making {
  const there = all.get(open) ?? new Making(open);
  all.set(open, there);
  return there;
}
