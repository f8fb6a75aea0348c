import type { ObjectRow } from '../../core';

export interface Row {
  object: ObjectRow;
  depth: number;
  children: number;
  open: boolean;
}

/** The rows of a tree that show, given which nodes are open. With a search, what is found and everything above it. */
export function treeRows(objects: ObjectRow[], open: ReadonlySet<string>, search = ''): Row[] {
  const wanted = search.trim().toLowerCase();
  const known = new Map(objects.map((o) => [o.id, o]));
  const parentOf = (o: ObjectRow) => (o.parent ? (known.get(o.parent) ?? null) : null);
  let found: Set<string> | null = null;
  if (wanted) {
    found = new Set();
    for (const o of objects) {
      if (!o.name.toLowerCase().includes(wanted)) continue;
      for (let a: ObjectRow | null = o; a && !found.has(a.id); a = parentOf(a)) found.add(a.id);
    }
  }
  const children = new Map<string | null, ObjectRow[]>();
  for (const o of objects) {
    if (found && !found.has(o.id)) continue;
    const parent = parentOf(o)?.id ?? null;
    const list = children.get(parent);
    if (list) list.push(o);
    else children.set(parent, [o]);
  }
  const rows: Row[] = [];
  const stack = (children.get(null) ?? []).map((object) => ({ object, depth: 0 })).reverse();
  while (stack.length) {
    const { object, depth } = stack.pop()!;
    const below = children.get(object.id) ?? [];
    const isOpen = found !== null || open.has(object.id);
    rows.push({ object, depth, children: below.length, open: isOpen });
    if (isOpen) for (let i = below.length - 1; i >= 0; i--) stack.push({ object: below[i]!, depth: depth + 1 });
  }
  return rows;
}
