import { inject, type InjectionKey } from 'vue';
import type { Plain } from '../../core';

export type Run = (command: string, args?: Plain, view?: string | null) => void;
export const runKey: InjectionKey<Run> = Symbol('run');

/** Runs commands of the core from anywhere on the stage page. */
export function useRun(): Run {
  return inject(runKey, () => undefined);
}
