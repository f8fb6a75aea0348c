package rhombus.core.keymap;

/**
 * One event of the wheel, or of two fingers on a trackpad.
 *
 * @param steps notches, positive away from the user; fractions from wheels and trackpads that report them
 * @param pinch notches by which the fingers have spread, should this be a pinch: browsers report one as a wheel with Ctrl
 * @param slideX pixels by which the fingers have moved to the right, should this be a slide
 * @param slideY pixels by which they have moved down
 */
public record WheelInput(double steps, double pinch, double slideX, double slideY) {
    /** Plain notches. */
    public static WheelInput notches(double steps) {
        return new WheelInput(steps, 0, 0, 0);
    }
}
