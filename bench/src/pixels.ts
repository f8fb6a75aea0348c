import * as THREE from "three";
import { core } from "./core";
import { Looks } from "../../web/src/painter/looks";
import { newPainter } from "./newPainter";
import { palettes } from "../../web/src/painter/palette";
import { Slices } from "../../web/src/painter/slices";
import { Surfaces } from "../../web/src/painter/surfaces";

const WIDTH = 640;
const HEIGHT = 480;
/** A step of colour between neighbours that counts as an edge. */
const EDGE = 24;

/** Waits until so many have come. */
function counted(count: number) {
  let left = count;
  let done = () => undefined as void;
  const all = new Promise<void>((resolve) => (done = resolve));
  if (count === 0) done();
  return { all, one: () => (--left === 0 ? done() : undefined) };
}

/**
 * The open scene in Smooth as the painter draws it, and each mesh by itself by the library with the same shading: how many pixels
 * were compared, how many of them differ by more than one step of 255, and by how much at most.
 */
export async function pixels(file: ArrayBuffer) {
  const canvas = document.createElement("canvas");
  document.body.append(canvas);
  const drawn = core.meshes.drawn();
  const images = new Set<number>();
  for (let i = 1; i < drawn.length; i += 2) {
    const { image } = core.meshes.material(drawn[i]!);
    if (image) images.add(image.id);
  }
  const [ourImages, theirImages] = [counted(images.size), counted(images.size)];
  const painter = newPainter(canvas, WIDTH, HEIGHT, ourImages.one);
  painter.open(file);
  let compared = 0;
  let differ = 0;
  let most = 0;
  const shared = {
    ink: { value: palettes.dusk.ink },
    pixel: { value: 1 },
    halfSize: new THREE.Vector2(WIDTH / 2, HEIGHT / 2),
    opacity: { value: 1 },
    before: { value: null },
    peeling: { value: false },
    lamps: { value: new Float32Array(164) },
    shadow: { value: null },
  };
  const looks = new Looks(
    core.meshes,
    file,
    shared,
    palettes.dusk,
    theirImages.one,
  );
  const surfaces = new Surfaces(core.meshes, new Slices(() => undefined));
  const renderer = new THREE.WebGLRenderer({ antialias: false, alpha: true });
  const scene = new THREE.Scene();
  const materials = new Map<number, THREE.Material>();
  for (let i = 0; i < drawn.length; i += 2) {
    const [node, mesh] = [drawn[i]!, drawn[i + 1]!];
    const id = core.meshes.material(mesh).id;
    if (!materials.has(id))
      materials.set(
        id,
        looks.surface(mesh, false, false, { shade: "smooth", through: "none" }),
      );
    const object = new THREE.Mesh(surfaces.geometry(mesh), materials.get(id));
    object.matrixAutoUpdate = false;
    object.matrix.fromArray(core.meshes.placement(node, mesh));
    scene.add(object);
  }
  const camera = new THREE.Camera();
  camera.matrixWorldAutoUpdate = false;
  const target = new THREE.WebGLRenderTarget(WIDTH, HEIGHT);
  // Images are asked for with what shows them, and come later.
  const first = core.stage.offscreen.wholeMatrices(0, WIDTH / HEIGHT).slice();
  painter.image(
    { matrices: first, number: null, overlays: false },
    WIDTH,
    HEIGHT,
    1,
  );
  await Promise.all([ourImages.all, theirImages.all]);
  for (const view of core.stage.views.all()) {
    const matrices = core.stage.offscreen
      .wholeMatrices(view.number, WIDTH / HEIGHT)
      .slice();
    const what = { matrices, number: null, overlays: false };
    const ours = painter.image(what, WIDTH, HEIGHT, 1).data;
    camera.matrixWorldInverse.fromArray(matrices, 0);
    camera.matrixWorld.copy(camera.matrixWorldInverse).invert();
    camera.projectionMatrix.fromArray(matrices, 16);
    renderer.setRenderTarget(target);
    renderer.setClearColor(0x000000, 0);
    renderer.clear();
    renderer.render(scene, camera);
    const theirs = new Uint8Array(WIDTH * HEIGHT * 4);
    renderer.readRenderTargetPixels(target, 0, 0, WIDTH, HEIGHT, theirs);
    const at = (x: number, y: number) => ((HEIGHT - 1 - y) * WIDTH + x) * 4;
    for (let y = 1; y < HEIGHT - 1; y++) {
      for (let x = 1; x < WIDTH - 1; x++) {
        const here = at(x, y);
        if (theirs[here + 3] !== 255) continue;
        let edge = false;
        for (let dy = -1; dy <= 1; dy++)
          for (let dx = -1; dx <= 1; dx++)
            for (let k = 0; k < 4; k++)
              edge ||=
                Math.abs(theirs[at(x + dx, y + dy) + k]! - theirs[here + k]!) >
                EDGE;
        if (edge) continue;
        compared++;
        let d = 0;
        for (let k = 0; k < 3; k++)
          d = Math.max(
            d,
            Math.abs(ours[(y * WIDTH + x) * 4 + k]! - theirs[here + k]!),
          );
        most = Math.max(most, d);
        if (d > 1) differ++;
      }
    }
  }
  painter.dispose();
  renderer.dispose();
  return { compared, differ, most };
}
