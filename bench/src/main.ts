import { core } from "./core";
import { events } from "./events";
import { bareOrbit } from "./latency";
import { bareLoad } from "./load";
import { modelPicks } from "./openModels";
import { picks } from "./picks";
import { pixels } from "./pixels";
import { framing, marquee } from "./editing";
import { keys } from "./keys";
import { redraw } from "./redraw";
import { sheetAsGlb } from "./shapes";

async function open(files: {
  geometry: string;
  edges: string;
  levels: string;
  hierarchy: string;
}): Promise<ArrayBuffer> {
  const get = (href: string) => fetch(href).then((r) => r.arrayBuffer());
  const geometry = await get(files.geometry);
  core.stage.resize(836, 728);
  core.openScene(geometry, "Measured");
  core.meshes.attachEdges(await get(files.edges));
  core.meshes.attachLevels(await get(files.levels));
  core.meshes.attachHierarchies(await get(files.hierarchy));
  while (core.meshes.moreHierarchies());
  return geometry;
}

Object.assign(window, {
  bench: {
    open,
    events,
    picks,
    pixels,
    keys,
    redraw,
    framing,
    marquee,
    modelPicks,
    bareLoad,
    bareOrbit,
    sheetAsGlb,
  },
});
