package rhombus.core.stage.show.paint;

/**
 * The point that is turned about, in a viewport.
 */
public record PivotMark(double x, double y, boolean pinned) {}
