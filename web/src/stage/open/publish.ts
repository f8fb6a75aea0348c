import type { Core, Vec } from '../../core';
import type { OpenScene } from './openScene';

/** `window.rhombus`: read-only, for technical artists, bug reports and end-to-end tests. See docs/contract.md. */
export function publish(open: () => OpenScene | null): void {
  const core = (): Core => {
    const o = open();
    if (!o) throw new Error('No scene is open.');
    return o.core;
  };
  const box = () => document.querySelector('[data-stage]')?.getBoundingClientRect() ?? { left: 0, top: 0 };
  const rhombus = {
    views: () =>
      core()
        .stage.views.all()
        .map((v) => {
          const { left, top } = box();
          return { ...v, rect: { ...v.rect, x: v.rect.x + left, y: v.rect.y + top } };
        }),
    project: (view: string, point: Vec) => {
      const p = core().stage.viewport.onScreen(view, point);
      return p ? { ...p, x: p.x + box().left, y: p.y + box().top } : null;
    },
    pick: (view: string, x: number, y: number) => core().stage.viewport.pick(view, x - box().left, y - box().top),
    scene: () => ({ id: open()?.id ?? null, ...core().stage.contents.scene() }),
    selection: () => core().stage.contents.selection(),
    cameras: () => core().stage.contents.cameras(),
    pivot: (view: string) => core().stage.viewport.pivot(view),
    trail: (view: string) => core().stage.viewport.trail(view),
    boards: () => {
      const { tabs, borders } = core().stage.boards.boards();
      return { tabs, borders };
    },
    pins: () =>
      core()
        .stage.boards.pins()
        .map(({ id, name, board, picture }) => ({ id, name, board, pictured: !!picture })),
    rulers: () => core().stage.contents.rulers(),
    keymap: () => core().stage.keymaps.current(),
    habits: () => ({ ...core().settings.toPlain(), theme: document.documentElement.dataset.theme ?? 'dusk' }),
    hints: () => core().stage.hints(),
    stats: () =>
      open()?.stats ?? {
        frames: 0,
        lastFrameMs: 0,
        drawCalls: 0,
        triangles: 0,
        coreMsPerEvent: 0,
        complete: false,
        firstView: false,
        smooth: 0,
        longestPictureMs: 0,
      },
    idle: () =>
      new Promise<void>((resolve) => {
        const look = () => {
          const o = open();
          // Somebody waits: what is to be saved soon is saved now.
          if (o?.ready.value && o.loop.idle) o.keepers.forEach((k) => k.hurry());
          if (o?.idle) resolve();
          else window.setTimeout(look, 25);
        };
        // One frame first, so that what was just done has reached the core.
        requestAnimationFrame(() => requestAnimationFrame(look));
      }),
  };
  Object.defineProperty(window, 'rhombus', { value: Object.freeze(rhombus), configurable: true });
}
