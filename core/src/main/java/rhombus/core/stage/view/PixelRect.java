package rhombus.core.stage.view;

/**
 * A rectangle on the stage or in a viewport, pixels.
 */
public record PixelRect(double x, double y, double width, double height) {}
