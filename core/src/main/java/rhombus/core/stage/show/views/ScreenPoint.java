package rhombus.core.stage.show.views;

/**
 * Where a point of the world is on the stage.
 *
 * @param x CSS pixels from the stage's left
 * @param y CSS pixels from the stage's top
 * @param depth along the line of sight, metres
 * @param visible whether it lies in its viewport, that is shown, and between the depths that are drawn there
 */
public record ScreenPoint(double x, double y, double depth, boolean visible) {}
