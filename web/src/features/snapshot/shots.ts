import type { OpenScene } from '../../stage/open/openScene';

export interface Wish {
  sort: 'view' | 'board' | 'sheet' | 'cameras';
  width: number;
  height: number;
  overlays: boolean;
}
/** Largest side of a picture, pixels: what WebGL 2 devices draw. */
export const LARGEST = 8192;

/**
 * Draws a snapshot, one viewport after the other so that the page stays alive.
 *
 * @param part is told how much is done, and answers whether to go on
 * @returns null if it was given up
 */
export async function shoot(
  open: OpenScene,
  wish: Wish,
  colors: { ground: string; text: string; words: string },
  part: (done: number) => boolean,
): Promise<Blob | null> {
  const places = open.core.stage.offscreen.places(wish.sort, wish.width, wish.height);
  const out = document.createElement('canvas');
  out.width = wish.width;
  out.height = wish.height;
  const c = out.getContext('2d')!;
  c.fillStyle = colors.ground;
  c.fillRect(0, 0, wish.width, wish.height);
  c.textBaseline = 'middle';
  for (const [i, p] of places.entries()) {
    if (!part(i / places.length)) return null;
    await new Promise((r) => window.setTimeout(r, 20));
    const what = p.camera
      ? { matrices: open.core.stage.offscreen.cameraMatrices(p.camera), number: null, overlays: false }
      : {
          matrices: open.core.stage.offscreen.wholeMatrices(p.number, p.width / p.height),
          number: p.number,
          overlays: wish.overlays,
        };
    // A camera that was deleted meanwhile has no picture.
    if (!what.matrices) continue;
    c.putImageData(open.draw({ ...what, matrices: what.matrices }, p.width, p.height, p.ratio), p.x, p.y);
    if (!p.below && !wish.overlays) continue;
    const top = p.below ? p.y + p.height : p.y + p.height - p.line;
    const indent = p.below ? 0 : p.line / 2;
    c.font = `${Math.round(p.line / 2)}px ${colors.words}`;
    if (!p.below) {
      c.fillStyle = colors.ground;
      c.fillRect(p.x, top, c.measureText(p.caption).width + 2 * indent, p.line);
    }
    c.fillStyle = colors.text;
    c.fillText(p.caption, p.x + indent, top + p.line / 2, p.width - 2 * indent);
  }
  return part(1) ? await new Promise<Blob | null>((r) => out.toBlob(r, 'image/png')) : null;
}
