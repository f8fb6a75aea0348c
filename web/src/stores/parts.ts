import { shallowRef } from 'vue';
import { say } from '../words/say';

/** What tries again where a part of the program was asked for and could not be had; null where nothing is missing. */
export const missing = shallowRef<(() => void) | null>(null);

/** A part of the program that is fetched when it is first asked for: asked for anew where it could not be had, which is told in words. */
export function part<T>(fetched: () => Promise<T>): () => Promise<T> {
  let asked: Promise<T> | null = null;
  return () =>
    (asked ??= fetched().catch((cause: unknown) => {
      asked = null;
      throw new Error(say('parts.could-not-be-fetched'), { cause });
    }));
}
