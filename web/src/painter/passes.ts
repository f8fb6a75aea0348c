import type { DrawPlan } from '../core';
import type { Shade } from './runs';

/** Layers of the painter's scene: which of an object's forms a pass draws. */
export const Form = {
  surface: 1,
  edged: 2,
  wire: 3,
  mask: 4,
  grid: 5,
  outline: 6,
  icons: 7,
  through: 8,
  veil: 9,
} as const;

/** What the painter reads of a plan. */
export type Drawn = { shade: Shade } & Pick<
  DrawPlan,
  | 'surfaces'
  | 'lit'
  | 'backs'
  | 'through'
  | 'opacity'
  | 'lines'
  | 'hidden'
  | 'boxes'
  | 'grid'
  | 'outline'
  | 'background'
  | 'color'
  | 'light'
>;

/** Shaded surfaces and nothing else. */
export const PLAIN: Drawn = {
  surfaces: true,
  lit: false,
  backs: true,
  shade: 'smooth',
  through: false,
  opacity: 1,
  lines: false,
  hidden: false,
  boxes: false,
  grid: false,
  outline: false,
  background: 'gradient',
};

/**
 * The passes of a picture in their order, and what of a plan each answers to. What lies behind everything and the grid
 * are in `ground.ts` and `gridLines.ts`, surfaces with and without edges on them in `surfaces.ts`, those that let
 * through what lies behind them in `through.ts`, lines in `wires.ts`, and
 * the outline of what is selected, which has a picture of its own, in `outline.ts`.
 */
const PASSES: readonly { layer: number; wanted: (plan: Drawn) => boolean }[] = [
  { layer: Form.grid, wanted: () => true },
  { layer: Form.through, wanted: (plan) => plan.through },
  { layer: Form.surface, wanted: (plan) => plan.surfaces && !plan.through },
  { layer: Form.edged, wanted: (plan) => plan.surfaces && !plan.through },
  { layer: Form.wire, wanted: (plan) => plan.boxes || plan.lines },
  { layer: Form.veil, wanted: () => true },
];

/** The layers that are drawn for a plan. */
export function layersOf(plan: Drawn): number[] {
  return PASSES.filter((p) => p.wanted(plan)).map((p) => p.layer);
}
