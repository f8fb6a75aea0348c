import { messages } from './messages';

let texts = new Map<string, string>();
let spoken = '';

/** Speaks with a message file from now on; whatever has words of its own is to be fetched after this. */
export function useTexts(file: string): void {
  texts = messages(file);
  spoken = file;
}

/** Words that stand alone with a capital letter, as they stand within a sentence of the page's language. */
export function within(words: string): string {
  return texts.has('words.small-within-a-sentence') ? words.toLowerCase() : words;
}

/** The message file in use, for a worker beside the page. */
export function textsInUse(): string {
  return spoken;
}

/**
 * A message with values in it: `{0}` stands for the first, and `{0|object|objects}` for the first form where the first
 * value is 1, and for the second where it is not. The name itself where there is no such message.
 */
export function say(name: string, ...values: unknown[]): string {
  const text = texts.get(name);
  if (text === undefined) return name;
  return text.replace(/\{(\d)(?:\|([^|}]*)\|([^}]*))?\}/g, (whole, at: string, one?: string, more?: string) => {
    const value = values[Number(at)];
    if (value === undefined) return whole;
    return one === undefined ? String(value) : String(value) === '1' ? one : (more ?? '');
  });
}
