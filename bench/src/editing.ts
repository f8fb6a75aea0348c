import { core, hierarchy } from "./core";
import { bumpySheet } from "./shapes";
import { paired, time } from "./timing";

/** Milliseconds to frame a million triangles from many sides by the hierarchy, and by looking at every vertex. */
export async function framing() {
  const { positions, index } = bumpySheet(708);
  hierarchy.buildHierarchy(positions, index);
  let far = 0;
  for (let i = 0; i < 12; i++) {
    const a = hierarchy.frameHierarchy(false, i * 0.5, 0.3 * i - 1.5);
    const b = hierarchy.frameHierarchy(true, i * 0.5, 0.3 * i - 1.5);
    far = Math.max(far, Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]));
  }
  let turn = 0;
  const many = 40;
  const result = await paired(
    7,
    () =>
      time(() => {
        for (let i = 0; i < many; i++)
          hierarchy.frameHierarchy(false, (turn += 0.37), Math.sin(turn) * 1.4);
      }) / many,
    () =>
      time(
        () =>
          void hierarchy.frameHierarchy(
            true,
            (turn += 0.37),
            Math.sin(turn) * 1.4,
          ),
      ),
  );
  return { ...result, far, triangles: index.length / 3 };
}

/** Milliseconds of core time for each event of marquees over the open scene, and how much the largest took. */
export function marquee() {
  const times: number[] = [];
  let most = 0;
  let now = 0;
  const v = core.stage.views.all()[1]!;
  const r = v.rect;
  core.stage.command("view.frame-all", {}, v.id, (now += 1000));
  core.tick((now += 1000));
  for (let round = 0; round < 24; round++) {
    const right = round % 2 === 0;
    const [x0, x1] = right
      ? [r.x + 4, r.x + r.width - 90]
      : [r.x + r.width - 90, r.x + 4];
    core.stage.input.pointer(x0, r.y + 6, 0, 0, false, (now += 10));
    core.stage.input.pointer(x0, r.y + 6, 1, 0, false, (now += 10));
    for (let i = 1; i <= 12; i++) {
      const part = i / 12;
      const at = () =>
        core.stage.input.pointer(
          x0 + (x1 - x0) * part,
          r.y + 6 + (r.height - 60) * part,
          1,
          0,
          false,
          (now += 16),
        );
      const took = time(at);
      if (round > 3) times.push(took);
      most = Math.max(most, core.stage.contents.selectedNodes(false).length);
    }
    core.stage.input.pointer(x1, r.y + r.height - 54, 0, 0, false, (now += 10));
    core.tick((now += 1000));
    core.stage.takeChanges();
  }
  times.sort((a, b) => a - b);
  return {
    p95: times[Math.floor(times.length * 0.95)]!,
    median: times[times.length >> 1]!,
    most,
  };
}
