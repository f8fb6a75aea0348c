package rhombus.core.optics;

/** A lens that keeps straight lines straight, focused at infinity: w = 2f · tan(a/2), the textbook formula. */
public final class Rectilinear {
    private Rectilinear() {}

    /**
     * Angle of view across a film back of some size behind a focal length.
     *
     * @param sizeMm size of the film back in the direction of the angle, millimetres
     * @param focalMm focal length, millimetres
     * @return radians
     */
    public static double fieldOfView(double sizeMm, double focalMm) {
        return 2 * Math.atan(sizeMm / (2 * focalMm));
    }

    /** Focal length in millimetres that gives an angle of view, radians, across a film back of some size. */
    public static double focalLength(double sizeMm, double fieldOfView) {
        return sizeMm / (2 * Math.tan(fieldOfView / 2));
    }
}
