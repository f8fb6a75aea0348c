import { core } from "./core";
import { Painter } from "../../web/src/painter/Painter";

/** A painter of the open scene that leaves nothing for later. */
export function newPainter(
  canvas: HTMLCanvasElement,
  width: number,
  height: number,
  imageLoaded: () => void = () => undefined,
): Painter {
  const painter = new Painter(canvas);
  const nothing = () => undefined;
  painter.enter({
    core,
    picture: String,
    imageLoaded,
    restored: nothing,
    came: nothing,
  });
  painter.resize(width, height, 1);
  painter.atOnce = true;
  return painter;
}
