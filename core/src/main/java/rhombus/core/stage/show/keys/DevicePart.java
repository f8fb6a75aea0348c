package rhombus.core.stage.show.keys;

import rhombus.core.plain.Maybe;

/**
 * Something that a mouse, a trackpad, fingers or a pen can do, in the picture of the keymap.
 *
 * @param trigger its name
 * @param device whose it is
 * @param label what it is called
 * @param family place among the families of what it does, or -1
 * @param does what it does
 */
public record DevicePart(String trigger, String device, String label, int family, @Maybe String does) {}
