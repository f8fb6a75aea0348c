import { Painter } from './Painter';

let painter: Painter | null = null;

/**
 * The painter of this page and its canvas. There is one for all scenes that are opened after each other: a graphics context and its
 * programs take longer to make than many a scene to load.
 */
export function thePainter(): Painter {
  painter ??= new Painter(document.createElement('canvas'));
  return painter;
}

/** Makes ready what the first scene would otherwise wait for. */
export function readyToPaint(): void {
  try {
    thePainter().warm();
  } catch {
    // A browser that cannot draw says so where something is to be drawn.
  }
}
