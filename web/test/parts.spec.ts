import { describe, expect, it } from 'vitest';
import { part } from '../src/shared/parts';

describe('a part of the program that is fetched later', () => {
  it('is fetched once, however many ask', async () => {
    let asked = 0;
    const words = part(async () => ++asked);
    expect(asked).toBe(0);
    expect(await Promise.all([words(), words()])).toEqual([1, 1]);
    expect(await words()).toBe(1);
  });

  it('is asked for anew where it could not be had, and tells so in words', async () => {
    let away = true;
    const words = part(async () => {
      if (away) throw new TypeError('Failed to fetch dynamically imported module');
      return 'words';
    });
    await expect(words()).rejects.toThrow('the server does not answer, or has a newer program');
    away = false;
    expect(await words()).toBe('words');
  });
});
