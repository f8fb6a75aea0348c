const KEY = 'rhombus:told-later';

/** Has something told once a scene is open again: the page is about to be made anew. */
export function tellLater(words: string): void {
  sessionStorage.setItem(KEY, words);
}

/** What was to be told, once. */
export function toldLater(): string | null {
  const words = sessionStorage.getItem(KEY);
  sessionStorage.removeItem(KEY);
  return words;
}
