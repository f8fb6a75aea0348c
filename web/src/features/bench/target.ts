import { useStage } from '../../stage/open/store';

/** The active viewport as what simulated pointers act in: its canvas, and a part of its width or height in pixels of that. */
export function useTarget() {
  const store = useStage();
  return () => {
    const canvas = document.querySelector('[data-stage] canvas');
    const rect = store.views.find((v) => v.active && v.shown)?.rect;
    return canvas && rect
      ? { canvas, x: (part: number) => rect.x + part * rect.width, y: (part: number) => rect.y + part * rect.height }
      : null;
  };
}
