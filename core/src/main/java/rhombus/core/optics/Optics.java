package rhombus.core.optics;

/**
 * What a camera is made of besides its angle of view.
 *
 * @param back film back
 * @param fit how the picture lies on it
 * @param fNumber focal length over the width of the pupil
 * @param confusion diameter of the circle of confusion, millimetres
 * @param focus distance that is focused, metres; null for that of what is in the middle of the picture
 * @param near nearest depth drawn, metres; null where it follows the scene
 * @param far farthest depth drawn, metres; null where it follows the scene
 */
public record Optics(
        FilmBack back, GateFit fit, double fNumber, double confusion, Double focus, Double near, Double far) {
    /** Of cameras that say nothing about it. */
    public static final Optics USUAL = new Optics(FilmBack.FULL_FRAME, GateFit.VERTICAL, 8, 0.03, null, null, null);

    /**
     * Nothing but what a camera can have.
     *
     * @throws IllegalArgumentException in words
     */
    public Optics {
        check(fNumber >= 0.1 && fNumber <= 1000, "An f-number is between 0.1 and 1000");
        check(confusion >= 1e-4 && confusion <= 10, "A circle of confusion is between 0.0001 and 10 mm");
        check(focus == null || focus > 0 && focus <= 1e9, "A focus distance is more than 0 and at most 1,000,000 km");
        check(near == null || near > 0 && near <= 1e9, "A near plane lies before the camera, at more than 0");
        check(far == null || far > 0 && far <= 1e12, "A far plane lies before the camera, at more than 0");
        check(near == null || far == null || near < far, "The near plane lies before the far one");
    }

    private static void check(boolean holds, String words) {
        if (!holds) {
            throw new IllegalArgumentException(words);
        }
    }
}
