import { ref } from 'vue';

/** What the viewports were told last of a pen or of a finger. */
export interface Reading {
  sort: 'pen' | 'fingers';
  type: string;
  x: number;
  y: number;
  pressure: number;
  tiltX: number;
  tiltY: number;
  buttons: number;
  fingers: number;
}

/** Looks at what pens and fingers tell the viewports, until it is stopped. */
export function watchPointers() {
  const reading = ref<Reading | null>(null);
  const down = new Set<number>();
  const ends = new AbortController();
  const canvas = document.querySelector('[data-stage] canvas');
  const look = (event: Event) => {
    const e = event as PointerEvent;
    if (e.pointerType !== 'pen' && e.pointerType !== 'touch') return;
    const touch = e.pointerType === 'touch';
    if (touch && e.type === 'pointerdown') down.add(e.pointerId);
    if (touch && /up|cancel/.test(e.type)) down.delete(e.pointerId);
    reading.value = {
      sort: touch ? 'fingers' : 'pen',
      type: e.type.replace('pointer', ''),
      x: Math.round(e.offsetX),
      y: Math.round(e.offsetY),
      pressure: e.pressure,
      tiltX: e.tiltX,
      tiltY: e.tiltY,
      buttons: e.buttons,
      fingers: down.size,
    };
  };
  for (const type of ['pointerdown', 'pointermove', 'pointerup', 'pointercancel'])
    canvas?.addEventListener(type, look, { signal: ends.signal });
  return { reading, stop: () => ends.abort() };
}
