const KEY = 'rhombus:language';
/** All message files there are: a language is a set of them, and nothing else in the code. */
const FILES = import.meta.glob<string>('#words/*.properties', { query: '?raw', import: 'default' });
const GUIDES = import.meta.glob<string>('#words/guide.*.md', { query: '?raw', import: 'default' });

/** Languages by their BCP 47 tags, each as its own speakers call it. */
export const LANGUAGES = Object.keys(FILES)
  .map((path) => /\/app\.(\w+)\.properties$/.exec(path)?.[1])
  .filter((tag) => tag !== undefined)
  .sort()
  .map((tag) => ({ tag, name: new Intl.DisplayNames([tag], { type: 'language' }).of(tag) ?? tag }));

function initial(): string {
  const kept = window.localStorage.getItem(KEY);
  const wished = [...(kept ? [kept] : []), ...navigator.languages].map((l) => l.split('-')[0]);
  return wished.find((l) => LANGUAGES.some((known) => known.tag === l)) ?? 'en';
}

/** The language of this page: that which was chosen in this browser, or else the first of the browser's own that there is. */
export const language = initial();

/** Chooses the language of this browser. The page is made anew with it. */
export function speak(tag: string): void {
  window.localStorage.setItem(KEY, tag);
  if (tag !== language) window.location.reload();
}

/** The text of a message file in the page's language. */
export function wordsOf(kind: string): Promise<string> {
  return fetched(FILES, `${kind}.${language}.properties`);
}

/** The guide in the page's language. */
export function guideText(): Promise<string> {
  return fetched(GUIDES, `guide.${language}.md`);
}

function fetched(files: Record<string, () => Promise<string>>, name: string): Promise<string> {
  const path = Object.keys(files).find((p) => p.endsWith(`/${name}`));
  if (!path) throw new Error(`There is no file ${name}.`);
  return files[path]!();
}
