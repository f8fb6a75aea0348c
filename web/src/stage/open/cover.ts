import { api } from '../../api/api';
import type { OpenScene } from './openScene';

/** Size of the picture of a scene in the list, pixels. */
const SIZE = { width: 320, height: 200 };

/** The active view as the picture of the scene in the list: made when the scene is left, so that it shows the last view. */
export function keepCover(open: OpenScene): void {
  const view = open.core.stage.views.all().find((v) => v.active && v.shown);
  // What is not all there yet would take the place of a whole picture.
  if (!view || !open.ready.value) return;
  const matrices = open.core.stage.offscreen.wholeMatrices(view.number, SIZE.width / SIZE.height);
  const pixels = open.draw({ matrices, number: view.number, overlays: false }, SIZE.width, SIZE.height, 1);
  const canvas = document.createElement('canvas');
  canvas.width = SIZE.width;
  canvas.height = SIZE.height;
  canvas.getContext('2d')!.putImageData(pixels, 0, 0);
  // At once: a page that is being closed does not wait for anything that comes later.
  const text = window.atob(canvas.toDataURL('image/jpeg', 0.8).split(',')[1]!);
  const bytes = Uint8Array.from(text, (c) => c.charCodeAt(0));
  void api.keepCover(open.id, new Blob([bytes], { type: 'image/jpeg' }));
}
