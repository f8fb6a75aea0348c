import bunny from "bunny";
import teapot from "teapot";
import * as THREE from "three";
import { MeshBVH } from "three-mesh-bvh";
import { hierarchy } from "./core";
import { bumpySheet } from "./shapes";
import { paired, time } from "./timing";

const RAYS = 100000;

function model(name: string): { positions: Float32Array; index: Int32Array } {
  if (name === "sheet") return bumpySheet(708);
  const m = name === "bunny" ? bunny : teapot;
  return {
    positions: new Float32Array(m.positions.flat()),
    index: new Int32Array(m.cells.flat()),
  };
}

/** Random rays at the Stanford bunny, the Utah teapot or a million triangles: whether hits are the same, and rays a second. */
export async function modelPicks(name: string) {
  const { positions, index } = model(name);
  const geometry = new THREE.BufferGeometry();
  geometry.setAttribute("position", new THREE.BufferAttribute(positions, 3));
  geometry.setIndex(new THREE.BufferAttribute(new Uint32Array(index), 1));
  geometry.computeBoundingSphere();
  const { center, radius } = geometry.boundingSphere!;
  const bvh = new MeshBVH(geometry);
  hierarchy.buildHierarchy(positions, index);
  let seed = 17;
  const random = () =>
    (seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0) / 2 ** 32;
  const point = (r: number) => {
    const z = random() * 2 - 1;
    const a = random() * 2 * Math.PI;
    const s = Math.sqrt(1 - z * z) * r;
    return [
      center.x + s * Math.cos(a),
      center.y + s * Math.sin(a),
      center.z + z * r,
    ];
  };
  const rays = new Float64Array(RAYS * 6);
  for (let i = 0; i < RAYS; i++) {
    const from = point(radius * 2);
    const to = point(radius * random());
    const d = to.map((v, k) => v - from[k]!);
    const l = Math.hypot(...d);
    rays.set([...from, ...d.map((v) => v / l)], i * 6);
  }
  let ours = new Float64Array(RAYS * 2);
  const theirs = new Float64Array(RAYS * 2);
  const ray = new THREE.Ray();
  const cast = await paired(
    3,
    () => time(() => (ours = hierarchy.castRays(rays))),
    () =>
      time(() => {
        for (let i = 0; i < RAYS; i++) {
          ray.origin.fromArray(rays, i * 6);
          ray.direction.fromArray(rays, i * 6 + 3);
          const hit = bvh.raycastFirst(ray, THREE.DoubleSide);
          theirs[i * 2] = hit ? hit.distance : -1;
          theirs[i * 2 + 1] = hit ? hit.faceIndex! : -1;
        }
      }),
  );
  let hits = 0;
  let missed = 0;
  let other = 0;
  for (let i = 0; i < RAYS; i++) {
    const [a, b] = [ours[i * 2]!, theirs[i * 2]!];
    if (a >= 0) hits++;
    if (a < 0 !== b < 0) missed++;
    else if (Math.abs(a - b) > 1e-6 * radius) other++;
  }
  return {
    rays: RAYS,
    triangles: index.length / 3,
    hits,
    missed,
    other,
    times: 1 / cast.ratio,
    ...cast,
  };
}
