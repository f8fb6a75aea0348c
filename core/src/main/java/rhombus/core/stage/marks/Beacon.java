package rhombus.core.stage.marks;

/**
 * Where a selection is that no viewport shows a part of.
 *
 * @param x its place
 * @param y its place
 * @param angle of the way there, degrees clockwise
 * @param name of the selection
 * @param distance in words
 */
public record Beacon(double x, double y, double angle, String name, String distance) {}
