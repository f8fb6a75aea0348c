package rhombus.core.stage.show.paint;

/**
 * The ring inside which the trackball turns.
 */
public record TrackballRing(double x, double y, double radius) {}
