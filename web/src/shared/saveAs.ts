/** Gives the browser a file to save. */
export function saveAs(blob: Blob, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  // What file systems refuse in names.
  link.download = name.replaceAll(/[\\/:*?"<>|\p{Cc}]+/gu, '-');
  link.click();
  window.setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}

export function saveJson(value: unknown, name: string): void {
  saveAs(new Blob([JSON.stringify(value, null, 2)], { type: 'application/json' }), name);
}
