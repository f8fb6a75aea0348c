import * as core from '../core';
import type { OpenScene } from './openScene';

/** `window.rhombus`: read-only, for technical artists, bug reports and end-to-end tests. See docs/contract.md. */
export function publish(open: () => OpenScene | null): void {
  const box = () => document.querySelector('[data-stage]')?.getBoundingClientRect() ?? { left: 0, top: 0 };
  const rhombus = {
    views: () =>
      core.views().map((v) => {
        const { left, top } = box();
        return { ...v, rect: { ...v.rect, x: v.rect.x + left, y: v.rect.y + top } };
      }),
    project: (view: string, point: number[]) => {
      const p = core.project(view, point);
      const v = core.views().find((each) => each.id === view);
      if (!p || !v) return null;
      const [x, y, depth] = p;
      const r = v.rect;
      const inside = x >= r.x && y >= r.y && x < r.x + r.width && y < r.y + r.height;
      const visible = v.shown && inside && (depth > 0 || v.projection === 'orthographic');
      return { x: x + box().left, y: y + box().top, depth, visible };
    },
    pick: (view: string, x: number, y: number) => core.pick(view, x - box().left, y - box().top),
    scene: () => ({ id: open()?.id ?? null, ...core.scene() }),
    selection: () => core.selection(),
    pivot: (view: string) => core.pivot(view),
    trail: (view: string) => core.trail(view),
    boards: () => {
      const { tabs, borders } = core.boards();
      return { tabs, borders };
    },
    pins: () => core.pins().map(({ id, name, board, picture }) => ({ id, name, board, pictured: !!picture })),
    keymap: () => core.keymap(),
    habits: () => ({ ...core.habits(), theme: document.documentElement.dataset.theme ?? 'dusk' }),
    hints: () => core.hints(),
    stats: () =>
      open()?.stats ?? {
        frames: 0,
        lastFrameMs: 0,
        drawCalls: 0,
        triangles: 0,
        coreMsPerEvent: 0,
        complete: false,
        longestPictureMs: 0,
      },
    idle: () =>
      new Promise<void>((resolve) => {
        const look = () => {
          const o = open();
          if (o && o.idle) resolve();
          else window.setTimeout(look, 25);
        };
        // One frame first, so that what was just done has reached the core.
        requestAnimationFrame(() => requestAnimationFrame(look));
      }),
  };
  Object.defineProperty(window, 'rhombus', { value: Object.freeze(rhombus), configurable: true });
}
