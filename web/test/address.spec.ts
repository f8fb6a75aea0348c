// @vitest-environment node
import { inflateRawSync } from 'node:zlib';
import { describe, expect, it } from 'vitest';
import { fromFragment, holdsKeymap, keymapFromFragment, keymapToFragment, toFragment } from '../src/stage/open/address';

describe('views in an address', () => {
  const board = {
    name: 'Bow & stern ↔ "close"',
    parts: { row: [{ view: 'v1' }, { view: 'v2' }], shares: [0.1 + 0.2, 0.7] },
  };

  it('come back as they were, to the last bit', async () => {
    expect(await fromFragment(`#${await toFragment(board)}`)).toEqual(board);
  });

  it('are deflated JSON in base64url, as another reader sees it (RFC 1951, RFC 4648)', async () => {
    const text = await toFragment(board);
    expect(text).toMatch(/^board=[A-Za-z0-9_-]+$/);
    const bytes = Buffer.from(text.slice('board='.length), 'base64url');
    expect(JSON.parse(inflateRawSync(bytes).toString())).toEqual(board);
  });

  it('are none where the address holds none, and an error where they cannot be read', async () => {
    expect(await fromFragment('')).toBeNull();
    expect(await fromFragment('#elsewhere')).toBeNull();
    const text = await toFragment(board);
    for (const broken of [text.slice(0, -9), 'board=', 'board=%%%', 'board=AAAA'])
      await expect(fromFragment(`#${broken}`)).rejects.toThrow(/address/);
  });

  it('holds a keymap as well, and does not take one for the other', async () => {
    const keymap = { format: 'rhombus-keymap', name: 'Night desk <b>', changes: [{ id: 'home' }] };
    const hash = `#${await keymapToFragment(keymap)}`;
    expect(holdsKeymap(hash)).toBe(true);
    expect(await keymapFromFragment(hash)).toEqual(keymap);
    expect(await fromFragment(hash)).toBeNull();
    expect(holdsKeymap(`#${await toFragment({})}`)).toBe(false);
    await expect(keymapFromFragment(hash.slice(0, -6))).rejects.toThrow(/keymap in it is lost/);
  });
});
