import * as THREE from 'three';
import { OrbitControls } from 'three/addons/controls/OrbitControls.js';
import * as core from '#compiled-core';

/** The library's own page: the open scene's meshes, smooth, orbited by OrbitControls on a canvas at the given place. */
export function bareOrbit(rect: { x: number; y: number; width: number; height: number }) {
  const canvas = document.createElement('canvas');
  canvas.style.cssText = `position:fixed;left:${rect.x}px;top:${rect.y}px;width:${rect.width}px;height:${rect.height}px`;
  document.body.append(canvas);
  const renderer = new THREE.WebGLRenderer({ canvas, antialias: false });
  renderer.setSize(rect.width, rect.height, false);
  const scene = new THREE.Scene();
  scene.add(new THREE.DirectionalLight(0xffffff, 2.5), new THREE.AmbientLight(0xffffff, 0.6));
  const drawn = core.drawn();
  const geometries = new Map<number, THREE.BufferGeometry>();
  for (let i = 0; i < drawn.length; i += 2) {
    const mesh = drawn[i + 1]!;
    let g = geometries.get(mesh);
    if (!g) {
      g = new THREE.BufferGeometry();
      g.setAttribute('position', new THREE.BufferAttribute(core.positions(mesh), 3));
      g.setAttribute('normal', new THREE.BufferAttribute(core.attribute(mesh, 'NORMAL', 3)!, 3));
      g.setIndex(new THREE.BufferAttribute(new Uint32Array(core.indices(mesh)), 1));
      geometries.set(mesh, g);
    }
    const look = core.material(mesh);
    const color = new THREE.Color(...(look.color.slice(0, 3) as [number, number, number]));
    const object = new THREE.Mesh(g, new THREE.MeshLambertMaterial({ color, side: THREE.DoubleSide }));
    object.matrixAutoUpdate = false;
    object.matrix.fromArray(core.placement(drawn[i]!, mesh));
    scene.add(object);
  }
  const camera = new THREE.PerspectiveCamera(47, rect.width / rect.height, 0.5, 1500);
  const view = core.views()[1]!;
  camera.position.set(...view.eye);
  const controls = new OrbitControls(camera, canvas);
  controls.target.set(...view.eye).addScaledVector(new THREE.Vector3(...view.forward), view.focusDistance);
  controls.mouseButtons = { LEFT: null, MIDDLE: null, RIGHT: THREE.MOUSE.ROTATE };
  let asked = false;
  const draw = () => {
    asked = false;
    renderer.render(scene, camera);
  };
  controls.addEventListener('change', () => {
    if (!asked) requestAnimationFrame(draw);
    asked = true;
  });
  controls.update();
  draw();
  Object.assign(window, { frames: () => renderer.info.render.frame });
}
