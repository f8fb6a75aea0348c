import * as THREE from "three";
import { OrbitControls } from "three/addons/controls/OrbitControls.js";
import { core } from "./core";
import { bareScene } from "./bareScene";

/** The library's own page: the open scene's meshes, smooth, orbited by OrbitControls on a canvas at the given place. */
export function bareOrbit(rect: {
  x: number;
  y: number;
  width: number;
  height: number;
}) {
  const canvas = document.createElement("canvas");
  canvas.style.cssText = `position:fixed;left:${rect.x}px;top:${rect.y}px;width:${rect.width}px;height:${rect.height}px`;
  document.body.append(canvas);
  const renderer = new THREE.WebGLRenderer({ canvas, antialias: false });
  renderer.setSize(rect.width, rect.height, false);
  const scene = bareScene();
  const camera = new THREE.PerspectiveCamera(
    47,
    rect.width / rect.height,
    0.5,
    1500,
  );
  const view = core.stage.views.all()[1]!;
  camera.position.set(...view.eye);
  const controls = new OrbitControls(camera, canvas);
  controls.target
    .set(...view.eye)
    .addScaledVector(new THREE.Vector3(...view.forward), view.focusDistance);
  controls.mouseButtons = {
    LEFT: null,
    MIDDLE: null,
    RIGHT: THREE.MOUSE.ROTATE,
  };
  let asked = false;
  const draw = () => {
    asked = false;
    renderer.render(scene, camera);
  };
  controls.addEventListener("change", () => {
    if (!asked) requestAnimationFrame(draw);
    asked = true;
  });
  controls.update();
  draw();
  Object.assign(window, { frames: () => renderer.info.render.frame });
}
