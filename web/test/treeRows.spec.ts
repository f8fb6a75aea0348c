import { describe, expect, it } from 'vitest';
import type { ObjectRow } from '../src/core';
import { treeRows } from '../src/features/scene/treeRows';

const object = (id: string, parent: string | null): ObjectRow =>
  ({
    id,
    parent,
    name: id,
    kind: 'mesh',
    visible: true,
    locked: false,
    triangles: 1,
    layer: null,
    bounds: null,
  }) as never;

describe('rows of the tree', () => {
  const objects = [object('a', null), object('b', 'a'), object('c', 'b'), object('d', null)];

  it('shows children only of what is open, parents first', () => {
    expect(treeRows(objects, new Set()).map((r) => r.object.id)).toEqual(['a', 'd']);
    expect(treeRows(objects, new Set(['a'])).map((r) => r.object.id)).toEqual(['a', 'b', 'd']);
    expect(treeRows(objects, new Set(['a', 'b'])).map((r) => [r.object.id, r.depth])).toEqual([
      ['a', 0],
      ['b', 1],
      ['c', 2],
      ['d', 0],
    ]);
  });
});
