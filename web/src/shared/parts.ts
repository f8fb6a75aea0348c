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

/** Style sheets that did not come. Vite asks for each only once, however often the part that needs it is asked for. */
const lost = new Set<HTMLLinkElement>();
window.addEventListener(
  'error',
  ({ target }) => {
    if (target instanceof HTMLLinkElement && target.rel === 'stylesheet') lost.add(target);
  },
  true,
);

/** A part of the program with its style sheets: those that did not come before are asked for again. */
export async function styled<T>(fetched: Promise<T>): Promise<T> {
  const part = await fetched;
  await Promise.all([...lost].map(askAgain));
  return part;
}

function askAgain(link: HTMLLinkElement): Promise<void> {
  return new Promise((done, fail) => {
    const again = link.cloneNode() as HTMLLinkElement;
    again.onload = () => {
      lost.delete(link);
      link.remove();
      done();
    };
    again.onerror = () => {
      lost.delete(again);
      again.remove();
      fail(new Error(again.href));
    };
    link.after(again);
  });
}
