import type { Plain } from '../../core';
import { say } from '../../words/say';

const BOARD = 'board=';
const KEYMAP = 'keymap=';

async function through(bytes: Uint8Array<ArrayBuffer>, by: CompressionStream | DecompressionStream) {
  return new Uint8Array(await new Response(new Blob([bytes]).stream().pipeThrough(by)).arrayBuffer());
}

/** What a board shows as the last part of an address, which no server sees: deflated JSON in base64url (RFC 1951, RFC 4648). */
export const toFragment = (board: Plain): Promise<string> => packed(BOARD, board);

/** A keymap in the same way. */
export const keymapToFragment = (keymap: Plain): Promise<string> => packed(KEYMAP, keymap);

async function packed(mark: string, address: Plain): Promise<string> {
  const bytes = new TextEncoder().encode(JSON.stringify(address));
  const small = await through(bytes, new CompressionStream('deflate-raw'));
  const text = btoa(String.fromCharCode(...small));
  return mark + text.replaceAll('+', '-').replaceAll('/', '_').replaceAll('=', '');
}

/** The same back; null where the address holds no board, and an error where it cannot be read. */
export const fromFragment = (hash: string): Promise<Plain | null> =>
  unpacked(BOARD, hash, say('address.its-views-are-lost-ask-for'));

/** The keymap of an address. */
export const keymapFromFragment = (hash: string): Promise<Plain | null> =>
  unpacked(KEYMAP, hash, say('address.the-keymap-in-it-is-lost'));

/** Whether an address holds a keymap. */
export const holdsKeymap = (hash: string): boolean => hash.startsWith(`#${KEYMAP}`);

async function unpacked(mark: string, hash: string, lost: string): Promise<Plain | null> {
  const text = hash.replace(/^#/, '');
  if (!text.startsWith(mark)) return null;
  try {
    const small = atob(text.slice(mark.length).replaceAll('-', '+').replaceAll('_', '/'));
    const bytes = await through(
      Uint8Array.from(small, (c) => c.charCodeAt(0)),
      new DecompressionStream('deflate-raw'),
    );
    return JSON.parse(new TextDecoder().decode(bytes)) as Plain;
  } catch {
    throw new Error(say('address.the-end-of-this-address-is', lost));
  }
}
