package rhombus.core.optics;

import static rhombus.core.words.Messages.say;

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
        check(fNumber >= 0.1 && fNumber <= 1000, say("optics.an-f-number-is-between"));
        check(confusion >= 1e-4 && confusion <= 10, say("optics.a-circle-of-confusion-is"));
        check(focus == null || focus > 0 && focus <= 1e9, say("optics.a-focus-distance-is-more"));
        check(near == null || near > 0 && near <= 1e9, say("optics.a-near-plane-lies-before"));
        check(far == null || far > 0 && far <= 1e12, say("optics.a-far-plane-lies-before"));
        check(near == null || far == null || near < far, say("optics.the-near-plane-lies-before"));
    }

    private static void check(boolean holds, String words) {
        if (!holds) {
            throw new IllegalArgumentException(words);
        }
    }
}
