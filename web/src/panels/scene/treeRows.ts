import type { SceneObject } from '../../core';

export interface Row {
  object: SceneObject;
  depth: number;
  children: number;
  open: boolean;
}

/** The rows of a tree that show, given which nodes are open. Parents come before their children. */
export function treeRows(objects: SceneObject[], open: ReadonlySet<string>): Row[] {
  const children = new Map<string | null, SceneObject[]>();
  const known = new Set(objects.map((o) => o.id));
  for (const o of objects) {
    const parent = o.parent && known.has(o.parent) ? o.parent : null;
    const list = children.get(parent);
    if (list) list.push(o);
    else children.set(parent, [o]);
  }
  const rows: Row[] = [];
  const stack = (children.get(null) ?? []).map((object) => ({ object, depth: 0 })).reverse();
  while (stack.length) {
    const { object, depth } = stack.pop()!;
    const below = children.get(object.id) ?? [];
    const isOpen = open.has(object.id);
    rows.push({ object, depth, children: below.length, open: isOpen });
    if (isOpen) for (let i = below.length - 1; i >= 0; i--) stack.push({ object: below[i]!, depth: depth + 1 });
  }
  return rows;
}
