const ARROWS: Record<string, string> = { ArrowLeft: 'left', ArrowRight: 'right', ArrowUp: 'up', ArrowDown: 'down' };

/** Which way an arrow key points; undefined for any other key. */
export function arrow(e: KeyboardEvent): string | undefined {
  return ARROWS[e.key];
}
