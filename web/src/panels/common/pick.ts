/** What was chosen from a select box; the box lets go of the keyboard, so that the next key is the stage's. */
export function chosen(e: Event): string {
  const box = e.target as HTMLSelectElement;
  box.blur();
  return box.value;
}
