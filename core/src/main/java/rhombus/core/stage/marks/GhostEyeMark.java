package rhombus.core.stage.marks;

import rhombus.core.plain.Maybe;

/**
 * The eye of a run that one races with.
 *
 * @param x pixels from the left of the viewport
 * @param y pixels from its top
 * @param angle where it looks, degrees clockwise from the right; nothing where that is straight at or away from the viewer
 */
public record GhostEyeMark(double x, double y, @Maybe Double angle) {}
