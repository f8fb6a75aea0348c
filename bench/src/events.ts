import * as THREE from "three";
import { OrbitControls } from "three/addons/controls/OrbitControls.js";
import { core } from "./core";
import { paired, time } from "./timing";

interface Inner {
  _rotateLeft(angle: number): void;
  _rotateUp(angle: number): void;
  _pan(x: number, y: number): void;
  _dollyIn(scale: number): void;
}

const EVENTS = 20000;
const BUTTON = { orbit: 2, pan: 4, dolly: 0 } as const;

/** Microseconds of one event through the core, key resolution and matrices included, and of the library's update. */
export async function events(motion: keyof typeof BUTTON) {
  const camera = new THREE.PerspectiveCamera(47, 1.3, 0.1, 1000);
  camera.position.set(20, 12, 30);
  const element = document.createElement("div");
  document.body.append(element);
  const controls = new OrbitControls(camera, element);
  const inner = controls as unknown as Inner;
  let now = 0;
  const views = core.stage.views.all();
  const scout = views[1]!.rect;
  const cx = scout.x + scout.width / 2;
  const cy = scout.y + scout.height / 2;
  const result = await paired(
    9,
    () => {
      core.stage.input.pointer(cx, cy, 0, 0, false, (now += 1000));
      if (motion === "dolly")
        core.stage.input.keyDown("KeyA", 0, false, (now += 8));
      else
        core.stage.input.pointer(cx, cy, BUTTON[motion], 0, false, (now += 8));
      const ms = time(() => {
        for (let i = 0; i < EVENTS; i++) {
          const turn = (i % 400) - 200;
          core.stage.input.pointer(
            cx + turn * 0.5,
            cy + turn * 0.1,
            BUTTON[motion],
            0,
            false,
            (now += 1),
          );
          core.stage.offscreen.matrices(1);
        }
      });
      core.stage.input.keyDown("Escape", 0, false, (now += 8));
      core.stage.input.pointer(cx, cy, 0, 0, false, (now += 8));
      core.stage.input.keyUp("KeyA", 0, (now += 8));
      core.stage.takeChanges();
      return (ms / EVENTS) * 1000;
    },
    () => {
      const ms = time(() => {
        for (let i = 0; i < EVENTS; i++) {
          const back = i % 2 ? 1 : -1;
          if (motion === "orbit") {
            inner._rotateLeft(0.01 * back);
            inner._rotateUp(0.002 * back);
          } else if (motion === "pan") inner._pan(3 * back, back);
          else inner._dollyIn(back > 0 ? 0.98 : 1 / 0.98);
          controls.update();
          camera.updateMatrixWorld();
        }
      });
      return (ms / EVENTS) * 1000;
    },
  );
  controls.dispose();
  return result;
}
