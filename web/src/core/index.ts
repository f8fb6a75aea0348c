/** The only place that touches the compiled core. */
export * from '#compiled-core';
export type * from '#compiled-core';

/** Bits of `takeChanges`. */
export const Changed = {
  views: 0xffff,
  layout: 1 << 16,
  selection: 1 << 17,
  scene: 1 << 18,
  readout: 1 << 19,
  notice: 1 << 20,
  keep: 1 << 21,
  keymap: 1 << 22,
  application: 1 << 23,
  caption: 1 << 24,
  habits: 1 << 25,
  boards: 1 << 26,
  pins: 1 << 27,
  keepPins: 1 << 28,
  structure: 1 << 29,
  keepEdits: 1 << 30,
} as const;
