import { inject, type InjectionKey } from 'vue';
import type { StageApi } from '#compiled-core';

/** The only place that touches the compiled core. What its types and calls are is made in the build. */
export { newStage, shapes, standardDirections } from '#compiled-core';
export type * from '#compiled-core';

/** The core of one open scene. */
export type Core = StageApi;

export const coreKey: InjectionKey<Core> = Symbol('core');

/** The core of the scene that the page shows. */
export function useCore(): Core {
  const core = inject(coreKey);
  if (!core) throw new Error('There is no open scene here.');
  return core;
}
