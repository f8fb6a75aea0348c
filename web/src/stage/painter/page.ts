import * as THREE from 'three';

/** A scene that is one triangle over the whole viewport, for what works on pictures. */
export function fullPage(material: THREE.ShaderMaterial): THREE.Scene {
  const triangle = new THREE.BufferGeometry();
  triangle.setAttribute('position', new THREE.BufferAttribute(new Float32Array([-1, -1, 0, 3, -1, 0, -1, 3, 0]), 3));
  const full = new THREE.Mesh(triangle, material);
  full.frustumCulled = false;
  const page = new THREE.Scene();
  page.add(full);
  page.matrixWorldAutoUpdate = false;
  return page;
}
