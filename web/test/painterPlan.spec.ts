import * as THREE from 'three';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { BatchForm, BatchReader, MeshReader } from '../src/core';
import { Models } from '../src/painter/models';
import { palettes } from '../src/painter/palette';
import { Form, layersOf, PLAIN, type Drawn } from '../src/painter/passes';
import { Ranges } from '../src/painter/ranges';
import { Run } from '../src/painter/runs';

const corners = 12;
const nothing = {
  opacity: { value: 1 },
  before: { value: null },
  peeling: { value: false },
  lamps: { value: new Float32Array(164) },
  shadow: { value: null },
};

/** What the core would give: a merged batch of four triangles, one mesh by itself, and a crowd of three. */
class FakeCore {
  forms: BatchForm[] = [
    { number: 0, sort: 'merged', mesh: 0, node: -1, layer: 0, generation: 1 },
    { number: 1, sort: 'own', mesh: 0, node: 7, layer: 0, generation: 0 },
    { number: 2, sort: 'crowd', mesh: 0, node: -1, layer: 0, generation: 0 },
  ];
  runs: number[] = [];
  starts: number[] = [];
  counts: number[] = [];
  dirty: number[] = [];
  complete = true;
  at = [0, 0, 0];
  readonly positions = new Float32Array(36);
  readonly lines = vi.fn(() => new Float32Array(24 * 6));

  readonly submit = {
    arrange: vi.fn(),
    batches: () => this.forms,
    count: () => this.forms.length,
    chunks: () => 1,
    nodes: () => Int32Array.from([1, 2, 3]),
    ghosts: () => new Int32Array(0),
    floats: (_: number, name: string) =>
      name.includes('positions')
        ? this.positions
        : name === 'state'
          ? new Float32Array(512)
          : name === 'ends'
            ? this.lines()
            : null,
    shorts: () => new Int16Array(16 * 6),
    marks: () => new Int8Array(corners),
    indices: (_: number, level: number) => new Int32Array(level < 0 ? 36 : corners),
    takeDirty: () => Int32Array.from(this.dirty.splice(0)),
    moved: vi.fn(),
    selected: vi.fn(),
    plan: () => Int32Array.from(this.runs),
    starts: () => Int32Array.from(this.starts),
    counts: () => Int32Array.from(this.counts),
    offsets: () => Float32Array.from({ length: 18 }, (_, i) => i),
    complete: () => this.complete,
  };

  readonly draw = {
    ball: () => Float64Array.from([0, 0, 0, 1]),
    positions: () => Float32Array.from([0, 0, 0, 1, 0, 0, 0, 1, 0]),
    attribute: () => null,
    places: () => null,
    indices: () => Int32Array.from([0, 1, 2]),
    levelIndices: () => Int32Array.from([0, 1, 2]),
    edgeEnds: (_: number, __: number, count: number) => new Float32Array(count * 6),
    boxEnds: () => new Float32Array(72),
    edgeCount: () => 3,
    edgeStrength: (_: number, __: number, count: number) => new Int8Array(count).fill(1),
    sides: () => Int8Array.from([21]),
    material: () => ({ id: 0, color: [1, 1, 1, 1], blend: false, cutoff: 0, emissive: [0, 0, 0] }),
    placement: () => Float64Array.from([1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, ...this.at, 1]),
  };

  /** One run with one range. */
  run(batch: number, form: Run, level: number, start: number, count: number): void {
    this.runs.push(batch, form, level, this.starts.length, 1);
    this.starts.push(start);
    this.counts.push(count);
  }
}

describe('what the painter draws for a plan', () => {
  let core: FakeCore;
  let models: Models;
  const smooth: Drawn = { ...PLAIN, grid: true, outline: true };
  const prepare = (plan: Drawn = smooth) =>
    models.prepare(new Float64Array(32), 0, 600, plan, false, plan.through ? 'peeled' : 'none');
  /** How many visible things lie on each layer. */
  function drawn() {
    const out: Record<string, number> = {};
    const look = (o: THREE.Object3D) => {
      if (!(o instanceof THREE.Mesh) || !o.visible) return;
      for (const [name, layer] of Object.entries(Form)) {
        if (o.layers.isEnabled(layer)) out[name] = (out[name] ?? 0) + (o instanceof THREE.InstancedMesh ? o.count : 1);
      }
    };
    models.root.traverse(look);
    models.masks.traverse(look);
    return out;
  }
  const ranges = () => {
    const out: Ranges[] = [];
    models.root.traverse((o) => o instanceof Ranges && o.visible && out.push(o));
    return out;
  };

  beforeEach(() => {
    core = new FakeCore();
    models = new Models(
      core.draw as unknown as MeshReader,
      core.submit as unknown as BatchReader,
      new ArrayBuffer(0),
      { ink: { value: palettes.dusk.ink }, pixel: { value: 1 }, halfSize: new THREE.Vector2(1, 1), ...nothing },
      palettes.dusk,
      vi.fn(),
      vi.fn(),
    );
  });

  it('names the layers of a plan: surfaces, lines, and the ground always', () => {
    const plain: Drawn = { ...smooth, surfaces: false, shade: 'none' };
    expect(layersOf(plain)).toEqual([Form.grid, Form.veil]);
    expect(layersOf({ ...plain, surfaces: true })).toEqual([Form.grid, Form.surface, Form.edged, Form.veil]);
    expect(layersOf({ ...plain, lines: true })).toEqual([Form.grid, Form.wire, Form.veil]);
    expect(layersOf({ ...plain, boxes: true })).toEqual([Form.grid, Form.wire, Form.veil]);
    // Surfaces that let others through have a picture of their own.
    expect(layersOf({ ...smooth, through: true, opacity: 0.5 })).toEqual([Form.grid, Form.through, Form.veil]);
  });

  it('draws what the runs say and nothing else, each form made when it is first asked for', () => {
    prepare();
    expect(drawn()).toEqual({});
    core.run(0, Run.surface, 0, 0, 6);
    core.run(1, Run.surface, 1, 0, 3);
    core.run(2, Run.surface, 0, 0, 3);
    expect(prepare()).toBe(true);
    expect(drawn()).toEqual({ surface: 5 });
    core.runs = [];
    core.run(0, Run.edged, 0, 3, 3);
    core.run(1, Run.lines, 0, 0, 6);
    prepare();
    expect(drawn()).toEqual({ edged: 1, wire: 1 });
  });

  it('keeps the buffers of the full surface when coarser ones are made anew', () => {
    core.run(0, Run.surface, 0, 0, 3);
    core.run(0, Run.surface, 1, 0, 3);
    prepare();
    const [full, coarse] = ranges().map((r) => r.geometry);
    const shared = full!.getAttribute('position');
    expect(coarse!.getAttribute('position')).toBe(shared);
    let left: string[] | null = null;
    coarse!.addEventListener('dispose', () => (left = Object.keys(coarse!.attributes)));
    full!.addEventListener('dispose', () => expect.unreachable());
    core.forms = core.forms.map((f) => ({ ...f, layer: 0, generation: f.generation + 1 }));
    models.sync();
    expect(left).toEqual([]);
    expect(full!.getAttribute('position')).toBe(shared);
  });

  it('lets surfaces hide lines where the plan says so, selected ones and those of crowds too, and not in the next view', () => {
    models.select(new Set([2]), new Set());
    core.run(0, Run.surface, 0, 0, 3);
    for (const batch of [0, 1, 2]) core.run(batch, Run.lines, 0, 0, 6);
    core.run(0, Run.picked, 0, 0, 6);
    const tests = () => {
      const out: boolean[] = [];
      models.root.traverse((o) => {
        const mesh = o as THREE.Mesh;
        if (mesh.isMesh && mesh.visible && mesh.layers.isEnabled(Form.wire))
          out.push((mesh.material as THREE.Material).depthTest);
      });
      return out;
    };
    prepare({ ...smooth, shade: 'paper', lines: true, hidden: true });
    expect(tests()).toEqual([true, true, true, true, true]);
    prepare({ ...smooth, lines: true });
    expect(tests()).toEqual([false, false, false, false, false]);
  });

  it('gives the ranges of a merged batch to one call', () => {
    core.run(0, Run.surface, 0, 0, 3);
    core.starts.push(24);
    core.counts.push(3);
    core.runs[4] = 2;
    prepare();
    const [r] = ranges();
    expect([...r!._multiDrawStarts]).toEqual([0, 24]);
    expect([...r!._multiDrawCounts]).toEqual([3, 3]);
    expect(r!._multiDrawCount).toBe(2);
    const { high, low } = (r!.material as THREE.ShaderMaterial).uniforms;
    expect([high!.value.toArray(), low!.value.toArray()]).toEqual([
      [0, 1, 2],
      [3, 4, 5],
    ]);
  });

  it('is not complete while the core says so', () => {
    core.complete = false;
    expect(prepare()).toBe(false);
  });

  it('sends again only what the core has written', () => {
    core.run(0, Run.surface, 0, 0, 6);
    prepare();
    const g = ranges()[0]!.geometry;
    const position = g.getAttribute('position') as THREE.BufferAttribute;
    const before = [position.version, g.index!.version];
    core.dirty = [0, 2, 5, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0];
    models.moved(Int32Array.from([4]));
    expect(core.submit.moved).toHaveBeenCalledOnce();
    expect(position.updateRanges).toEqual([{ start: 6, count: 9 }]);
    expect([position.version, g.index!.version]).toEqual([before[0]! + 1, before[1]]);
  });

  it('takes lines anew once the core has others', () => {
    core.run(0, Run.lines, 0, 0, 6);
    prepare();
    prepare();
    expect(core.lines).toHaveBeenCalledOnce();
    core.forms = core.forms.map((f) => ({ ...f, layer: 0, generation: f.generation + 1 }));
    models.sync();
    prepare();
    expect(core.lines).toHaveBeenCalledTimes(2);
  });

  it('moves what is drawn by itself by its placement alone', () => {
    core.run(1, Run.surface, 0, 0, 3);
    prepare();
    core.at = [1, 2, 3];
    models.moved(Int32Array.from([7]));
    const places: number[][] = [];
    models.root.traverse((o) => o instanceof THREE.Mesh && places.push(o.matrixWorld.elements.slice(12, 15)));
    expect(places).toEqual([[1, 2, 3]]);
  });

  it('masks what is selected for the outline, in a crowd only those', () => {
    models.select(new Set([2]), new Set([2]));
    core.run(1, Run.mask, 0, 0, 3);
    core.run(2, Run.mask, 0, 0, 3);
    prepare();
    expect(models.outlined).toBe(true);
    expect(drawn()).toEqual({ mask: 2 });
  });
});
