import * as THREE from "three";
import { GLTFLoader } from "three/addons/loaders/GLTFLoader.js";

/** Milliseconds from asking for a GLB to its first picture, by the bare library. */
export async function bareLoad(href: string): Promise<number> {
  const start = performance.now();
  const gltf = await new GLTFLoader().loadAsync(href);
  const canvas = document.createElement("canvas");
  document.body.append(canvas);
  const renderer = new THREE.WebGLRenderer({ canvas });
  renderer.setSize(836, 728);
  const scene = new THREE.Scene();
  scene.add(gltf.scene, new THREE.HemisphereLight(0xffffff, 0x444444, 3));
  const camera = new THREE.PerspectiveCamera(47, 836 / 728, 0.01, 100);
  camera.position.set(3, 2.4, 3.4);
  camera.lookAt(0, 0, 0);
  renderer.render(scene, camera);
  const gl = renderer.getContext();
  gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, new Uint8Array(4));
  return performance.now() - start;
}
