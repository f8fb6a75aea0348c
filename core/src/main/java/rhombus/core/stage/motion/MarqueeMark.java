package rhombus.core.stage.motion;

/**
 * A rectangle that is drawn over a viewport.
 */
public record MarqueeMark(double x, double y, double width, double height, boolean inside, String words) {}
