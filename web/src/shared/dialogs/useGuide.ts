import { inject, type InjectionKey } from 'vue';

/** Opens the guide at a page. */
export type OpenGuide = (page: string) => void;
export const guideKey: InjectionKey<OpenGuide> = Symbol('guide');

export function useGuide(): OpenGuide {
  return inject(guideKey, () => undefined);
}
