import { inject, type InjectionKey } from 'vue';
import type { DeviceReader } from './reader';

export const devicesKey: InjectionKey<() => DeviceReader | null> = Symbol('devices');

/** What reads gamepads and 3D mice while the scene is open. */
export function useDevices(): DeviceReader | null {
  return inject(devicesKey, () => null)();
}
