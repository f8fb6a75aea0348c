import type { Plain } from '../../core';

/** An entry of a menu: its words and the command it runs. */
export interface MenuItem {
  label: string;
  note?: string;
  command: string;
  args?: Plain;
  /** Whether a line stands above it. */
  apart?: boolean;
  /** Whether it cannot be chosen now. */
  off?: boolean;
  /** Whether it is on; without it has no mark. */
  on?: boolean;
  /** Two of these share a line. */
  half?: boolean;
}
