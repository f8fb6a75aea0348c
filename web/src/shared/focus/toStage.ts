/** Gives the keyboard to the viewports. */
export function toStage(): void {
  document.querySelector<HTMLElement>('[data-stage] canvas')?.focus({ preventScroll: true });
}
