import type { Core } from '.';

/** Tells the core which system this is, and what the user's own keyboard prints on its keys where the browser knows. */
export async function tellMachine(core: Core): Promise<void> {
  core.stage.bindings.runsOn(navigator.platform);
  const keyboard = (navigator as { keyboard?: { getLayoutMap(): Promise<Map<string, string>> } }).keyboard;
  const map = await keyboard?.getLayoutMap().catch(() => undefined);
  if (map) core.stage.knowLayout(Object.fromEntries(map));
}
