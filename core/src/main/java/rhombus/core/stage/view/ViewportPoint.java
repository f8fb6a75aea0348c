package rhombus.core.stage.view;

/**
 * A point of a viewport.
 *
 * @param x pixels from its left
 * @param y pixels from its top
 */
public record ViewportPoint(double x, double y) {}
