package rhombus.core.stage.show.views;

/**
 * How a picture is cropped.
 *
 * @param scale how many times larger it shows
 * @param x shift, in viewport heights
 * @param y shift, in viewport heights
 */
public record CropState(double scale, double x, double y) {}
