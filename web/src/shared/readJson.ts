import type { Plain } from '../core';
import { say } from '../words/say';

/** What a JSON file holds; an error in words where it is too large or no JSON. */
export async function readJson(file: File, most: number, what: string): Promise<Plain> {
  if (file.size > most) throw new Error(say('read-json.has-at-most-mb-this-one', what, most >> 20));
  const text = await file.text();
  try {
    return JSON.parse(text) as Plain;
  } catch (e) {
    throw new Error(say('read-json.this-is-no-json', (e as Error).message), { cause: e });
  }
}
