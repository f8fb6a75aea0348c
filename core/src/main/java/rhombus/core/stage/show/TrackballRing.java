package rhombus.core.stage.show;

/**
 * The ring inside which the trackball turns.
 */
public record TrackballRing(double x, double y, double radius) {}
