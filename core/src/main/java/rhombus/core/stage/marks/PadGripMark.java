package rhombus.core.stage.marks;

/**
 * A lozenge of the Pad.
 *
 * @param motion it makes
 * @param words on it
 * @param x its middle
 * @param y its middle
 * @param width half its width
 * @param height half its height
 * @param lit whether the pointer is on it
 */
public record PadGripMark(String motion, String words, double x, double y, double width, double height, boolean lit) {}
