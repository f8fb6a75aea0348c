import * as THREE from 'three';

/** One triangle over the whole viewport. */
export function fullTriangle(material: THREE.ShaderMaterial): THREE.Mesh {
  const triangle = new THREE.BufferGeometry();
  triangle.setAttribute('position', new THREE.BufferAttribute(new Float32Array([-1, -1, 1, 3, -1, 1, -1, 3, 1]), 3));
  const full = new THREE.Mesh(triangle, material);
  full.frustumCulled = false;
  full.matrixAutoUpdate = false;
  full.matrixWorldAutoUpdate = false;
  return full;
}

/** A scene that is such a triangle, for what works on pictures. */
export function fullPage(material: THREE.ShaderMaterial): THREE.Scene {
  const page = new THREE.Scene();
  page.add(fullTriangle(material));
  page.matrixWorldAutoUpdate = false;
  return page;
}
