import type { DeviceInput } from '../../../core';
import { HidMice, type HidLike } from './hidMice';

/** What is used of the W3C Gamepad interface: a real one, or one that is simulated in its shape. */
export type GamepadLike = Pick<Gamepad, 'index' | 'id' | 'mapping' | 'axes'> & {
  readonly buttons: readonly Pick<GamepadButton, 'value'>[];
};

/** Forwards what gamepads and 3D mice report to the core. Nothing is decided here; `after` draws what came of it. */
export class DeviceReader {
  readonly mice: HidMice;
  private readonly simulated = new Map<number, GamepadLike>();
  private known = new Set<number>();
  private readonly ends = new AbortController();
  private frame = 0;

  constructor(
    private readonly devices: DeviceInput,
    private readonly after: () => void,
  ) {
    this.mice = new HidMice(devices, after);
    const on = { signal: this.ends.signal };
    window.addEventListener('gamepadconnected', () => this.look(), on);
    window.addEventListener(
      'blur',
      () => {
        devices.blur();
        after();
      },
      on,
    );
    window.addEventListener('gamepaddisconnected', () => this.read(), on);
    this.look();
    void this.mice.granted();
  }

  /** A gamepad that somebody plays; null takes it away. */
  simulate(index: number, pad: GamepadLike | null): void {
    if (pad) this.simulated.set(index, pad);
    else this.simulated.delete(index);
    this.look();
  }

  /** A simulated 3D mouse is read like one that was connected. */
  plug(device: HidLike): string | null {
    return this.mice.open(device);
  }

  private all(): GamepadLike[] {
    const real = navigator.getGamepads?.() ?? [];
    return [...real, ...this.simulated.values()].filter((p): p is GamepadLike => p !== null);
  }

  /** Gamepads tell nothing by themselves: they are asked once a picture as long as there are any. */
  private look(): void {
    cancelAnimationFrame(this.frame);
    if (this.read()) this.frame = requestAnimationFrame(() => this.look());
  }

  private read(): boolean {
    const now = performance.now();
    const pads = this.all();
    let changed = false;
    for (const p of pads) {
      const axes = Float64Array.from(p.axes);
      const buttons = Float64Array.from(p.buttons, (b) => b.value);
      if (this.devices.gamepad(p.index, p.id, p.mapping, axes, buttons, now)) changed = true;
    }
    const there = new Set(pads.map((p) => p.index));
    for (const index of this.known) {
      if (there.has(index)) continue;
      this.devices.gamepadGone(index, now);
      changed = true;
    }
    // A gamepad that lies still keeps nothing awake.
    if (changed) this.after();
    this.known = there;
    return there.size > 0;
  }

  stop(): void {
    cancelAnimationFrame(this.frame);
    this.ends.abort();
    this.mice.stop();
  }
}
