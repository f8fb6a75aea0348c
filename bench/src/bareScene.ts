import * as THREE from "three";
import { core } from "./core";

/** Modelled edges of a mesh as line segments. */
function segments(mesh: number): THREE.BufferGeometry {
  const count = Math.max(0, core.meshes.edgeCount(mesh));
  const g = new THREE.BufferGeometry();
  g.setAttribute(
    "position",
    new THREE.BufferAttribute(core.meshes.edgeEnds(mesh, 0, count), 3),
  );
  return g;
}

/** The meshes of the open scene in a scene of the library's own, lit by two plain lights; with their edges, or these alone. */
export function bareScene(mode = "smooth"): THREE.Scene {
  const lines = new Map<number, THREE.BufferGeometry>();
  const ink = new THREE.LineBasicMaterial({ color: 0x10242f });
  const scene = new THREE.Scene();
  const sun = new THREE.DirectionalLight(0xffffff, 2.5);
  sun.position.set(0.3, 1, 0.6);
  scene.add(sun, new THREE.AmbientLight(0xffffff, 0.6));
  const geometries = new Map<number, THREE.BufferGeometry>();
  const materials = new Map<number, THREE.Material>();
  const drawn = core.meshes.drawn();
  const uses = new Map<number, number>();
  for (let i = 1; i < drawn.length; i += 2)
    uses.set(drawn[i]!, (uses.get(drawn[i]!) ?? 0) + 1);
  const crowds = new Map<number, THREE.InstancedMesh>();
  for (let i = 0; i < drawn.length; i += 2) {
    const node = drawn[i]!;
    const mesh = drawn[i + 1]!;
    let g = geometries.get(mesh);
    if (!g) {
      g = new THREE.BufferGeometry();
      g.setAttribute(
        "position",
        new THREE.BufferAttribute(core.meshes.positions(mesh), 3),
      );
      g.setAttribute(
        "normal",
        new THREE.BufferAttribute(core.meshes.attribute(mesh, "NORMAL", 3)!, 3),
      );
      g.setIndex(
        new THREE.BufferAttribute(
          new Uint32Array(core.meshes.indices(mesh)),
          1,
        ),
      );
      geometries.set(mesh, g);
    }
    const look = core.meshes.material(mesh);
    let m = materials.get(look.id);
    if (!m) {
      m = new THREE.MeshLambertMaterial({
        color: new THREE.Color(...look.color.slice(0, 3)),
        side: THREE.DoubleSide,
      });
      materials.set(look.id, m);
    }
    const many = uses.get(mesh)!;
    if (many >= 256) {
      // As the library's own page would draw very many of a kind.
      let crowd = crowds.get(mesh);
      if (!crowd) {
        crowd = new THREE.InstancedMesh(g, m, many);
        crowd.count = 0;
        crowd.frustumCulled = false;
        crowds.set(mesh, crowd);
        scene.add(crowd);
      }
      crowd.setMatrixAt(
        crowd.count++,
        new THREE.Matrix4().fromArray(core.meshes.placement(node, mesh)),
      );
      continue;
    }
    if (mode !== "smooth" && !lines.has(mesh)) lines.set(mesh, segments(mesh));
    const objects: THREE.Object3D[] = [];
    if (mode !== "wire") objects.push(new THREE.Mesh(g, m));
    if (mode !== "smooth")
      objects.push(new THREE.LineSegments(lines.get(mesh), ink));
    for (const object of objects) {
      object.matrixAutoUpdate = false;
      object.matrix.fromArray(core.meshes.placement(node, mesh));
      scene.add(object);
    }
  }
  scene.updateMatrixWorld();
  scene.matrixWorldAutoUpdate = false;
  return scene;
}
