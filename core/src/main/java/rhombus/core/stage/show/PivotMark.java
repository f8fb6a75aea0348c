package rhombus.core.stage.show;

/**
 * The point that is turned about, in a viewport.
 */
public record PivotMark(double x, double y, boolean pinned) {}
