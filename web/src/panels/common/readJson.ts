import type { Plain } from '../../core';

/** What a JSON file holds; an error in words where it is too large or no JSON. */
export async function readJson(file: File, most: number, what: string): Promise<Plain> {
  if (file.size > most) throw new Error(`${what} has at most ${most >> 20} MB; this one is larger`);
  const text = await file.text();
  try {
    return JSON.parse(text) as Plain;
  } catch (e) {
    throw new Error(`This is no JSON: ${(e as Error).message}`, { cause: e });
  }
}
