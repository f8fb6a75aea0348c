import type { ViewportSummary } from '../../core';

/** What a viewport is called in a list: those that look the same way are told apart by their order. */
export function nameOf(v: ViewportSummary, all: ViewportSummary[]): string {
  const same = all.filter((each) => each.title === v.title);
  return same.length > 1 ? `${v.title} ${same.indexOf(v) + 1}` : v.title;
}
