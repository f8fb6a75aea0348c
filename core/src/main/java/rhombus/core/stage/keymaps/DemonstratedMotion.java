package rhombus.core.stage.keymaps;

import rhombus.core.keymap.Trigger;
import rhombus.core.keymap.TriggerCapture;

/**
 * What a hand has shown for a motion.
 *
 * @param trigger what it did
 * @param modifiers that were down
 * @param way the whole way it went
 */
record DemonstratedMotion(Trigger trigger, int modifiers, TriggerCapture.Way way) {}
