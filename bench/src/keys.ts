import { core } from "./core";
import { paired, time } from "./timing";

const CODES = [..."ABCDEFGHIJKLMNOPQRSTUVWXYZ"].map((c) => `Key${c}`);
const MODIFIERS = ["Shift", "Ctrl", "Alt", "Meta"];
const CONTEXTS = ["rose", "walk", "tool", "axis", "free-flat", "perspective"];
const EVENTS = 20000;

interface Stored {
  [key: string]: unknown;
}

/** The standard keymap with so many bindings that have a trigger. */
function keymap(count: number): Stored {
  core.stage.keymaps.preset("rhombus");
  const rows = core.stage.keys.page({}).rows;
  const ids = rows
    .flatMap((r) => r.triggers)
    .filter((b) => b.trigger)
    .map((b) => b.id);
  const changes = ids
    .slice(count)
    .map((id) => ({ id, trigger: null, modifiers: [] }));
  const added: Stored[] = [];
  for (let i = 0; ids.length + i < count; i++) {
    const mods = Math.floor(i / CODES.length) % 16;
    added.push({
      id: `own-${i + 1}`,
      command: "view.home",
      context: CONTEXTS[Math.floor(i / CODES.length / 16)],
      trigger: { kind: "key", code: CODES[i % CODES.length] },
      modifiers: MODIFIERS.filter((_, bit) => mods & (1 << bit)),
    });
  }
  return { ...core.stage.keymaps.current(), changes, added };
}

/** Microseconds in which a key is resolved that nothing answers, with 2 000 bindings and with 100. */
export async function keys() {
  let now = 0;
  const run = (stored: Stored) => {
    const wrong = core.stage.keymaps.useKept(stored);
    if (wrong) throw new Error(wrong);
    return (
      (time(() => {
        for (let i = 0; i < EVENTS; i++) {
          core.stage.input.keyDown("Pause", i % 8, false, (now += 1));
          core.stage.input.keyUp("Pause", i % 8, (now += 1));
        }
      }) *
        1000) /
      EVENTS
    );
  };
  const many = keymap(2000);
  const few = keymap(100);
  const r = await paired(
    9,
    () => run(many),
    () => run(few),
  );
  core.stage.keymaps.useKept(keymap(260));
  // The list shows every command as it opens, before a word is typed.
  const opens = time(() => core.stage.search.find(""));
  const finds: number[] = [];
  for (const words of ["o", "frm", "ortbit", "look along", "camera view", "zz"])
    finds.push(time(() => core.stage.search.find(words)));
  return {
    ...r,
    opens,
    find: Math.max(...finds),
    commands: core.stage.keys.page({}).rows.length,
  };
}
