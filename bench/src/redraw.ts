import * as THREE from "three";
import { core } from "./core";
import { newPainter } from "./newPainter";
import { bareScene } from "./bareScene";
import { paired, time } from "./timing";

const WIDTH = 836;
const HEIGHT = 728;

function canvas(): HTMLCanvasElement {
  const c = document.createElement("canvas");
  c.style.cssText = `width:${WIDTH}px;height:${HEIGHT}px;display:block`;
  document.body.append(c);
  return c;
}

/** Waits until the picture is there: reading one pixel cannot be answered before. */
function finish(gl: WebGL2RenderingContext) {
  gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, new Uint8Array(4));
}

/** Counts the bytes that buffers take on the side of the graphics card. */
function counted(gl: WebGL2RenderingContext): () => number {
  let sum = 0;
  const put = gl.bufferData.bind(gl) as (...a: unknown[]) => void;
  gl.bufferData = ((target: number, data: unknown, ...rest: unknown[]) => {
    sum +=
      typeof data === "number" ? data : (data as ArrayBufferView).byteLength;
    put(target, data, ...rest);
  }) as typeof gl.bufferData;
  return () => sum;
}

const middle = (v: number[]) =>
  v.sort((a, b) => a - b)[Math.floor(v.length / 2)]!;

/**
 * Milliseconds to draw the open scene in four viewports or eight, and the same meshes by the bare library: smooth, with edges, or in
 * wire, where the library draws line segments. `beside` is which of these the library draws. Beside that the script's part of it, and the memory of buffers.
 */
export async function redraw(
  file: ArrayBuffer,
  eight: boolean,
  rounds = 15,
  alone = false,
  mode = "smooth",
  beside = "smooth",
  how: "still" | "moving" | "porthole" = "still",
) {
  const halves = eight ? ["v1", "v2", "v3", "v4"] : [];
  for (const v of halves)
    core.stage.command("board.split", { to: "right" }, v, 0);
  const ours = canvas();
  const painter = newPainter(ours, WIDTH, HEIGHT);
  const ourBytes = counted(ours.getContext("webgl2")!);
  painter.open(file);
  if (alone) core.stage.command("board.solo", {}, "v2", 0);
  for (const v of core.stage.views.all())
    core.stage.command("display.set", { look: mode }, v.id, 0);
  if (how === "moving") {
    // A drag in the active viewport: what is drawn then is drawn as it moves.
    const { x, y, width, height } = core.stage.views.all()[1]!.rect;
    const [cx, cy] = [x + width / 2, y + height / 2];
    core.stage.input.pointer(cx, cy, 0, 0, false, 1000);
    core.stage.input.pointer(cx, cy, 2, 0, false, 1010);
    core.stage.input.pointer(cx + 30, cy, 2, 0, false, 1020);
    core.batches.frame(1030, 1030);
    if (!core.batches.quick()) throw new Error("Nothing moves.");
  }
  const views = core.stage.views.all().filter((v) => v.shown);
  if (how === "porthole") {
    // A lozenge whose rectangle is a quarter of a viewport, with Wire in it.
    core.stage.command("display.set", { look: "wire" }, "v2", 0);
    core.stage.command("display.set", { look: mode }, "v2", 0);
    core.stage.command("display.porthole-keep", {}, "v2", 0);
  }
  const gl = ours.getContext("webgl2")!;

  const bare = canvas();
  const renderer = new THREE.WebGLRenderer({
    canvas: bare,
    antialias: false,
    preserveDrawingBuffer: true,
  });
  renderer.setSize(WIDTH, HEIGHT, false);
  renderer.setScissorTest(true);
  const scene = bareScene(beside);
  const camera = new THREE.Camera();
  camera.matrixWorldAutoUpdate = false;
  const bareGl = renderer.getContext() as WebGL2RenderingContext;
  const theirBytes = counted(bareGl);
  const script = { ours: [] as number[], theirs: [] as number[] };
  const result = await paired(
    rounds,
    () =>
      time(() => {
        const start = performance.now();
        painter.draw(views);
        script.ours.push(performance.now() - start);
        finish(gl);
      }),
    () =>
      time(() => {
        const start = performance.now();
        for (const v of views) {
          const { x, y, width, height } = v.rect;
          renderer.setViewport(x, HEIGHT - y - height, width, height);
          renderer.setScissor(x, HEIGHT - y - height, width, height);
          const m = core.stage.offscreen.matrices(v.number);
          camera.matrixWorldInverse.fromArray(m, 0);
          camera.matrixWorld.copy(camera.matrixWorldInverse).invert();
          camera.projectionMatrix.fromArray(m, 16);
          renderer.render(scene, camera);
        }
        script.theirs.push(performance.now() - start);
        finish(bareGl);
      }),
  );
  painter.dispose();
  renderer.dispose();
  return {
    ...result,
    script: { ours: middle(script.ours), theirs: middle(script.theirs) },
    bytes: { ours: ourBytes(), theirs: theirBytes() },
    calls: painter.stats.drawCalls,
    triangles: painter.stats.triangles,
  };
}
