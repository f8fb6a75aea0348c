package rhombus.core.display;

import rhombus.core.view.Crop;

/** Smooth edges as the mean of several frames, each of which looks a part of a pixel aside. */
public final class AntialiasingFrames {
    /** Frames of which a picture is made. */
    public static final int FRAMES = 16;

    /** The same where a lens is looked through whose depth of field shows: so many that discs are filled. */
    public static final int LENS_FRAMES = 64;

    private AntialiasingFrames() {}

    /**
     * How the picture of a frame is shifted: by a place of the Halton sequence (J. H. Halton, 1960), which spreads places evenly, from
     * the middle of a pixel.
     *
     * @param frame 0 to {@link #LENS_FRAMES} - 1
     * @param height of the picture, in the pixels that are drawn
     */
    public static Crop shift(int frame, double height) {
        return new Crop(1, (inverse(frame + 1, 2) - 0.5) / height, (inverse(frame + 1, 3) - 0.5) / height);
    }

    /** The digits of a number in some base, mirrored at the point. */
    private static double inverse(int n, int base) {
        double out = 0;
        double place = 1.0 / base;
        for (int i = n; i > 0; i /= base) {
            out += place * (i % base);
            place /= base;
        }
        return out;
    }
}
