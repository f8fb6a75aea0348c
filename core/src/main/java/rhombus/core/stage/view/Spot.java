package rhombus.core.stage.view;

/**
 * A point of a viewport.
 *
 * @param x pixels from its left
 * @param y pixels from its top
 */
public record Spot(double x, double y) {}
