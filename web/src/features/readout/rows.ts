import type { ReadoutField } from '../../core';

export interface FieldsOfRow {
  label: string;
  fields: ReadoutField[];
}

/** Fields that stand in one row under the label of the first. */
export function rowsOf(fields: readonly ReadoutField[]): FieldsOfRow[] {
  const out: FieldsOfRow[] = [];
  for (const f of fields) {
    if (f.label || !out.length) out.push({ label: f.label, fields: [f] });
    else out.at(-1)!.fields.push(f);
  }
  return out;
}

/** What a field is called by those who do not see where it stands: its label, its axis, or what it is named for. */
export function nameOf(row: FieldsOfRow, f: ReadoutField): string {
  if (f.axis) return `${row.label} ${f.axis}`.trim();
  if (f.label) return f.label;
  return f.name ?? f.key;
}
