package rhombus.core.view;

/**
 * Pan and zoom of the finished picture, after projection: the camera is untouched to the last bit.
 *
 * @param scale how much larger the picture is shown; 1 as it is
 * @param x shift to the right, in viewport heights
 * @param y shift down, in viewport heights
 */
public record Crop(double scale, double x, double y) {
    /** The picture as it is. */
    public static final Crop NONE = new Crop(1, 0, 0);

    private static final double SMALLEST = 0.05;
    private static final double LARGEST = 200;

    /** Whether the picture is shown as it is. */
    public boolean none() {
        return scale == 1 && x == 0 && y == 0;
    }

    /** Shifted by so many viewport heights. */
    public Crop shifted(double dx, double dy) {
        return new Crop(scale, x + dx, y + dy);
    }

    /**
     * Larger by a factor about a point that keeps its place.
     *
     * @param factor positive; the scale stays between 0.05 and 200
     * @param atX the point, to the right of the viewport's middle, in viewport heights
     * @param atY the point, below the viewport's middle, in viewport heights
     */
    public Crop scaled(double factor, double atX, double atY) {
        double to = Math.max(SMALLEST, Math.min(LARGEST, scale * factor));
        double k = to / scale;
        return new Crop(to, atX + (x - atX) * k, atY + (y - atY) * k);
    }
}
