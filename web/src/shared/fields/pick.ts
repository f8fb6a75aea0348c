/** What was chosen from a select box; outside of dialogs the box lets go of the keyboard, so that the next key is the stage's. */
export function chosen(e: Event): string {
  const box = e.target as HTMLSelectElement;
  if (!box.closest('[role=dialog]')) box.blur();
  return box.value;
}
