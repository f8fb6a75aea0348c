import type { GamepadLike } from '../../stage/input/devices/reader';
import type { HidLike } from '../../stage/input/devices/hidMice';

/** Numbers of simulated pointers and gamepads: none that a browser would give. */
const POINTER = 90_001;
export const PAD = 90;

export interface PenState {
  pressure: number;
  tiltX: number;
  tiltY: number;
  buttons: number;
}

/** Events of a pen or of fingers, sent to the viewports as the browser would send them. */
export function sendPointer(
  canvas: Element,
  type: string,
  pointerType: 'pen' | 'touch',
  x: number,
  y: number,
  more: Partial<PenState> & { finger?: number } = {},
): void {
  const box = canvas.getBoundingClientRect();
  canvas.dispatchEvent(
    new PointerEvent(type, {
      pointerType,
      pointerId: POINTER + (more.finger ?? 0),
      isPrimary: !more.finger,
      clientX: box.left + x,
      clientY: box.top + y,
      buttons: more.buttons ?? 0,
      pressure: more.pressure ?? 0,
      tiltX: more.tiltX ?? 0,
      tiltY: more.tiltY ?? 0,
      bubbles: true,
      cancelable: true,
    }),
  );
}

/** A gamepad in the standard order that nobody holds: what it reports is set. */
export class SimulatedPad implements GamepadLike {
  readonly index = PAD;
  readonly id = 'Simulated gamepad';
  readonly mapping = 'standard' as const;
  axes = [0, 0, 0, 0];
  buttons = Array.from({ length: 17 }, () => ({ value: 0 }));
}

const DESKTOP_X = 0x10030;
const BUTTON_1 = 0x90001;
/** What an axis reports at its end. */
const END = 350;
const AXES = 6;

/** A 3D mouse that describes itself and reports as its kind does; what it reports is set. */
export class SimulatedMouse extends EventTarget implements HidLike {
  readonly productName = 'Simulated 3D mouse';
  opened = true;
  readonly collections = [
    {
      usagePage: 1,
      usage: 8,
      inputReports: [
        {
          reportId: 1,
          items: [
            {
              isRange: true,
              usageMinimum: DESKTOP_X,
              usageMaximum: DESKTOP_X + AXES - 1,
              reportSize: 16,
              reportCount: AXES,
              logicalMinimum: -END,
              logicalMaximum: END,
            },
          ],
        },
        {
          reportId: 3,
          items: [{ isRange: true, usageMinimum: BUTTON_1, usageMaximum: BUTTON_1 + 7, reportSize: 1, reportCount: 8 }],
        },
      ],
    },
  ];

  async open(): Promise<void> {
    this.opened = true;
  }

  async close(): Promise<void> {
    this.opened = false;
  }

  /** Reports all six axes, each -1 to 1. */
  push(axes: readonly number[]): void {
    const data = new DataView(new ArrayBuffer(AXES * 2));
    axes.forEach((a, i) => data.setInt16(i * 2, Math.round(a * END), true));
    this.report(1, data);
  }

  /** Reports the buttons, a bit each. */
  press(mask: number): void {
    const data = new DataView(new ArrayBuffer(1));
    data.setUint8(0, mask);
    this.report(3, data);
  }

  private report(reportId: number, data: DataView): void {
    this.dispatchEvent(Object.assign(new Event('inputreport'), { reportId, data }));
  }
}
