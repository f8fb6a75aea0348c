import * as THREE from "three";
import { MeshBVH } from "three-mesh-bvh";
import { hierarchy } from "./core";
import { bumpySheet } from "./shapes";
import { paired, time } from "./timing";

const RAYS = 40000;

/** Hierarchies over a million triangles: time to build, rays a second, and whether the hits are the same. */
export async function picks() {
  const { positions, index } = bumpySheet(708);
  const geometry = new THREE.BufferGeometry();
  geometry.setAttribute("position", new THREE.BufferAttribute(positions, 3));
  geometry.setIndex(new THREE.BufferAttribute(new Uint32Array(index), 1));
  const fresh = () => {
    const g = geometry.clone();
    return new MeshBVH(g);
  };
  const build = await paired(
    3,
    () => time(() => hierarchy.buildHierarchy(positions, index)),
    () => {
      const g = geometry.clone();
      return time(() => void new MeshBVH(g));
    },
  );
  const bvh = fresh();
  let seed = 9;
  const random = () =>
    (seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0) / 2 ** 32;
  const rays = new Float64Array(RAYS * 6);
  for (let i = 0; i < RAYS; i++) {
    const a = random() * 2 * Math.PI;
    const from = [
      Math.cos(a) * 3 * random(),
      0.5 + 2 * random(),
      Math.sin(a) * 3 * random(),
    ];
    const to = [random() * 4 - 2, 0, random() * 4 - 2];
    const d = to.map((v, k) => v - from[k]!);
    const l = Math.hypot(...d);
    rays.set([...from, ...d.map((v) => v / l)], i * 6);
  }
  let out = new Float64Array(RAYS * 2);
  const theirs = new Float64Array(RAYS * 2);
  const ray = new THREE.Ray();
  const cast = await paired(
    5,
    () => time(() => (out = hierarchy.castRays(rays))),
    () =>
      time(() => {
        for (let i = 0; i < RAYS; i++) {
          ray.origin.fromArray(rays, i * 6);
          ray.direction.fromArray(rays, i * 6 + 3);
          const hit = bvh.raycastFirst(ray, THREE.DoubleSide);
          theirs[i * 2] = hit ? hit.distance : -1;
        }
      }),
  );
  let hits = 0;
  let different = 0;
  for (let i = 0; i < RAYS; i++) {
    if (out[i * 2]! >= 0) hits++;
    if (Math.abs(out[i * 2]! - theirs[i * 2]!) > 1e-4) different++;
  }
  return {
    triangles: index.length / 3,
    build,
    cast,
    timesTheRays: cast.theirs / cast.ours,
    rays: RAYS,
    hits,
    different,
  };
}
