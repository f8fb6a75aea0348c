import type { Plain } from '../core';

const MARK = 'board=';

async function through(bytes: Uint8Array<ArrayBuffer>, by: CompressionStream | DecompressionStream) {
  return new Uint8Array(await new Response(new Blob([bytes]).stream().pipeThrough(by)).arrayBuffer());
}

/** What a board shows as the last part of an address, which no server sees: deflated JSON in base64url (RFC 1951, RFC 4648). */
export async function toFragment(address: Plain): Promise<string> {
  const bytes = new TextEncoder().encode(JSON.stringify(address));
  const packed = await through(bytes, new CompressionStream('deflate-raw'));
  const text = btoa(String.fromCharCode(...packed));
  return MARK + text.replaceAll('+', '-').replaceAll('/', '_').replaceAll('=', '');
}

/** The same back; null where the address holds no board, and an error where it cannot be read. */
export async function fromFragment(hash: string): Promise<Plain | null> {
  const text = hash.replace(/^#/, '');
  if (!text.startsWith(MARK)) return null;
  try {
    const packed = atob(text.slice(MARK.length).replaceAll('-', '+').replaceAll('_', '/'));
    const bytes = await through(
      Uint8Array.from(packed, (c) => c.charCodeAt(0)),
      new DecompressionStream('deflate-raw'),
    );
    return JSON.parse(new TextDecoder().decode(bytes)) as Plain;
  } catch {
    throw new Error(
      'The end of this address is incomplete, so its views are lost. Ask for it again; your own boards are open instead.',
    );
  }
}
