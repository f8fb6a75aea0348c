import * as THREE from 'three';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { DrawApi } from '../src/core';
import { CROWD } from '../src/stage/painter/crowds';
import { Models } from '../src/stage/painter/models';
import { palettes } from '../src/stage/painter/palette';
import { Form, layersOf } from '../src/stage/painter/passes';

/** What the core would give of one triangle that some nodes use. */
class FakeScene {
  nodes = [0, 1];
  hidden = new Set<number>();
  edges = true;
  at = (node: number): number[] => [node * 10, 0, 0];

  readonly api = {
    drawn: () => Int32Array.from(this.nodes.flatMap((n) => [n, 0])),
    shown: () => Int8Array.from(this.nodes.map((n) => (this.hidden.has(n) ? 0 : 1))),
    ball: () => Float64Array.from([0, 0, 0, 1]),
    positions: () => Float32Array.from([0, 0, 0, 1, 0, 0, 0, 1, 0]),
    attribute: () => null,
    indices: () => Int32Array.from([0, 1, 2]),
    edgeVertices: () => (this.edges ? Int32Array.from([0, 1, 1, 2, 2, 0]) : null),
    edgeStrength: () => (this.edges ? Int8Array.from([1, 1, 1]) : null),
    sides: () => (this.edges ? Int8Array.from([1, 1, 1]) : null),
    material: () => ({ id: 0, color: [1, 1, 1, 1], blend: false, cutoff: 0 }),
    placement: (node: number) => Float64Array.from([1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, ...this.at(node), 1]),
  };
}

const EDGES = Int32Array.from({ length: CROWD + 2 }, () => 3);

describe('what the painter draws for a plan', () => {
  let scene: FakeScene;
  let models: Models;
  const make = () =>
    new Models(
      scene.api as unknown as DrawApi,
      new ArrayBuffer(0),
      palettes.dusk,
      new THREE.Vector2(1, 1),
      { value: palettes.dusk.ink },
      { value: 1 },
      vi.fn(),
    );
  /** How many visible things lie on each layer. */
  function drawn() {
    const out: Record<string, number> = {};
    models.root.traverse((o) => {
      if (!(o instanceof THREE.Mesh) || !o.visible) return;
      for (const [name, layer] of Object.entries(Form)) {
        if (o.layers.isEnabled(layer)) out[name] = (out[name] ?? 0) + (o instanceof THREE.InstancedMesh ? o.count : 1);
      }
    });
    return out;
  }

  beforeEach(() => {
    scene = new FakeScene();
    models = make();
  });

  it('names the layers of a plan: surfaces, lines, and the ground always', () => {
    const plain = { surfaces: false, edges: 'none', grid: true, outline: true } as const;
    expect(layersOf(plain)).toEqual([Form.grid]);
    expect(layersOf({ ...plain, surfaces: true })).toEqual([Form.grid, Form.surface, Form.edged]);
    expect(layersOf({ ...plain, edges: 'lines' })).toEqual([Form.grid, Form.wire]);
  });

  it('makes a form only when a plan first asks for it', () => {
    expect(models.root.children).toEqual([]);
    models.prepare({ surfaces: true, edges: 'none' }, EDGES);
    expect(drawn()).toEqual({ surface: 2 });
    models.prepare({ surfaces: false, edges: 'lines' }, EDGES);
    expect(drawn()).toEqual({ wire: 2 });
  });

  it('draws edges on surfaces in the pass of the surfaces, and plain ones where the core wants none', () => {
    expect(models.prepare({ surfaces: true, edges: 'on_surface' }, Int32Array.from([1, 0]))).toBe(true);
    expect(drawn()).toEqual({ edged: 1, surface: 1 });
  });

  it('is not complete while the edges have not come, and shows plain surfaces meanwhile', () => {
    scene.edges = false;
    expect(models.prepare({ surfaces: true, edges: 'on_surface' }, EDGES)).toBe(false);
    expect(drawn()).toEqual({ surface: 2 });
    expect(models.prepare({ surfaces: false, edges: 'lines' }, EDGES)).toBe(false);
    scene.edges = true;
    expect(models.prepare({ surfaces: true, edges: 'on_surface' }, EDGES)).toBe(true);
  });

  it('shows nothing of what is hidden, and brings it back', () => {
    scene.hidden.add(1);
    models.sync();
    models.prepare({ surfaces: true, edges: 'none' }, EDGES);
    expect(drawn()).toEqual({ surface: 1 });
    scene.hidden.clear();
    models.sync();
    models.prepare({ surfaces: true, edges: 'none' }, EDGES);
    expect(drawn()).toEqual({ surface: 2 });
  });

  it('moves an object by its placement alone', () => {
    models.prepare({ surfaces: true, edges: 'none' }, EDGES);
    scene.at = () => [1, 2, 3];
    models.moved(Int32Array.from([1]));
    const places = models.root.children.map((o) => o.matrixWorld.elements.slice(12, 15));
    expect(places).toEqual([
      [0, 0, 0],
      [1, 2, 3],
    ]);
  });

  it('draws a mesh that very many use as instances of one', () => {
    scene.nodes = Array.from({ length: CROWD }, (_, i) => i);
    models = make();
    models.prepare({ surfaces: true, edges: 'none' }, EDGES);
    expect(drawn()).toEqual({ surface: CROWD });
    expect(models.root.children.length).toBe(1);
  });
});
