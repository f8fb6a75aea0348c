package rhombus.core.optics;

/**
 * The opening of a lens, through which each point that is not focused is seen as a disc: a picture is the mean of several, each seen
 * from a place in the opening and turned so that what is focused stays where it is (Haeberli and Akeley 1990). Thin lens.
 *
 * @param radius of the opening, metres
 * @param focus distance that is focused, metres
 */
public record Aperture(double radius, double focus) {
    /** The golden angle, by which places of a sunflower follow each other (Vogel 1979). */
    private static final double GOLDEN = Math.PI * (3 - Math.sqrt(5));

    /**
     * The opening of a lens.
     *
     * @param focal focal length, millimetres
     * @param fNumber focal length over the width of the opening
     * @param focus distance that is focused, metres
     */
    public static Aperture of(double focal, double fNumber, double focus) {
        return new Aperture(focal / 1000 / fNumber / 2, Math.max(focus, 1e-6));
    }

    /**
     * Moves a perspective view to a place in the opening.
     *
     * @param frame 0 to {@code frames} - 1; all together they fill the opening evenly
     * @param frames how many
     * @param m view matrix and projection matrix, column-major, 16 numbers each
     */
    public void look(int frame, int frames, double[] m) {
        double r = radius * Math.sqrt((frame + 0.5) / frames);
        double u = r * Math.cos(frame * GOLDEN);
        double v = r * Math.sin(frame * GOLDEN);
        m[12] -= u;
        m[13] -= v;
        m[24] -= m[16] * u / focus;
        m[25] -= m[21] * v / focus;
    }
}
