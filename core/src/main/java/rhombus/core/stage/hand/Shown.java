package rhombus.core.stage.hand;

import rhombus.core.keymap.Capture;
import rhombus.core.keymap.Trigger;

/**
 * What a hand has shown for a motion.
 *
 * @param trigger what it did
 * @param modifiers that were down
 * @param way the whole way it went
 */
record Shown(Trigger trigger, int modifiers, Capture.Way way) {}
