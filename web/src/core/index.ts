import { inject, type InjectionKey } from 'vue';
import { pageModule, useWords, type PageSession } from '#compiled-core';
import { wordsOf } from '../words/language';

// Whatever imports this waits for it: many words of the core are looked up once, when they are first used.
useWords(await wordsOf('core'));

/** The only place that touches the compiled core. What its types and calls are is made in the build. */
export { newSession } from '#compiled-core';
export type * from '#compiled-core';

/** What is asked without a scene. */
export const lists = pageModule();

/** The core of one open scene. */
export type Core = PageSession;

export const coreKey: InjectionKey<Core> = Symbol('core');

/** The core of the scene that the page shows. */
export function useCore(): Core {
  const core = inject(coreKey);
  if (!core) throw new Error('There is no open scene here.');
  return core;
}
