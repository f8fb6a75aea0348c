import type { DeviceInput } from '../../../core';
import { say } from '../../../words/say';

/** What is used of a WebHID device: a real one, or one that is simulated in its shape. */
export interface HidLike extends EventTarget {
  readonly productName: string;
  readonly collections: readonly unknown[];
  readonly opened: boolean;
  open(): Promise<void>;
  close(): Promise<void>;
}

export interface HidReport extends Event {
  readonly reportId: number;
  readonly data: DataView;
}

interface Hid extends EventTarget {
  getDevices(): Promise<HidLike[]>;
  requestDevice(options: { filters: { usagePage: number; usage: number }[] }): Promise<HidLike[]>;
}

/** Generic Desktop, Multi-axis Controller: the usage by which 3D mice tell what they are (USB HID Usage Tables). */
const SIX_AXES = { usagePage: 1, usage: 8 };

/** The 3D mice that are open. */
export class HidMice {
  private readonly numbers = new Map<HidLike, number>();
  private next = 1;
  private readonly ends = new AbortController();
  private readonly hid = (navigator as { hid?: Hid }).hid;

  constructor(
    private readonly devices: DeviceInput,
    private readonly after: () => void,
  ) {
    this.hid?.addEventListener('disconnect', (e) => this.close((e as Event & { device: HidLike }).device), {
      signal: this.ends.signal,
    });
  }

  /** Whether the browser lets pages talk to such devices. */
  get offered(): boolean {
    return this.hid !== undefined;
  }

  /** Opens those that the user has let this page use before. */
  async granted(): Promise<void> {
    // One that another program holds is not there for this page.
    for (const d of (await this.hid?.getDevices().catch(() => [])) ?? []) await this.start(d).catch(() => null);
  }

  /** Asks the user for one; gives what is to be told, or null. */
  async choose(): Promise<string | null> {
    if (!this.hid) return say('hid-mice.this-browser-does-not-let-pages');
    try {
      const chosen = await this.hid.requestDevice({ filters: [SIX_AXES] });
      if (!chosen.length) return say('hid-mice.no-device-was-chosen');
      for (const d of chosen) {
        const wrong = await this.start(d);
        if (wrong) return wrong;
      }
      return null;
    } catch (e) {
      return say('hid-mice.the-device-could-not-be-opened', (e as Error).message);
    }
  }

  private async start(d: HidLike): Promise<string | null> {
    if (!d.opened) await d.open();
    return this.open(d);
  }

  /** Reads an opened device from now on; gives why it cannot be used, or null. */
  open(d: HidLike): string | null {
    if (this.numbers.has(d)) return null;
    const number = this.next++;
    const collections = JSON.parse(JSON.stringify(d.collections)) as unknown[];
    const wrong = this.devices.hidOpened(number, d.productName, collections);
    if (wrong) return wrong;
    this.numbers.set(d, number);
    d.addEventListener('inputreport', (e) => this.report(number, e as HidReport), { signal: this.ends.signal });
    this.after();
    return null;
  }

  private report(number: number, e: HidReport): void {
    const { buffer, byteOffset, byteLength } = e.data;
    const bytes = new Int8Array((buffer as ArrayBuffer).slice(byteOffset, byteOffset + byteLength));
    this.devices.hidReport(number, e.reportId, bytes, performance.now());
    this.after();
  }

  /** A device is gone. */
  close(d: HidLike): void {
    const number = this.numbers.get(d);
    if (number === undefined) return;
    this.numbers.delete(d);
    this.devices.hidGone(number, performance.now());
    this.after();
  }

  stop(): void {
    this.ends.abort();
    for (const d of this.numbers.keys()) void d.close();
  }
}
