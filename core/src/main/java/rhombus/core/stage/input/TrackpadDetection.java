package rhombus.core.stage.input;

/**
 * Tells two fingers on a trackpad from a wheel, as far as what browsers report lets one: a wheel turns by whole notches up and
 * down, fingers move by a few pixels at a time and aside as well (common practice, no source). Wheels without notches look like
 * fingers, so that what is told here is a guess to ask about, not to act upon.
 */
public final class TrackpadDetection {
    /** Events that come so soon after each other are one motion, milliseconds. */
    private static final double TOGETHER_MS = 400;
    /** A motion of so many events that no wheel makes is one of fingers. */
    private static final int SURE = 8;
    /** No notch of a wheel is as short, pixels. */
    private static final double SHORT = 25;

    private int count;
    private double last = Double.NEGATIVE_INFINITY;

    /**
     * An event of the wheel.
     *
     * @param deltaX as in the W3C WheelEvent
     * @param deltaY as in the W3C WheelEvent
     * @param deltaMode as in the W3C WheelEvent
     * @return whether it is certain enough that these are fingers
     */
    public boolean hears(double deltaX, double deltaY, int deltaMode, double timeMs) {
        boolean fingers = deltaMode == 0 && Math.abs(deltaY) < SHORT && Math.abs(deltaX) < SHORT;
        count = fingers ? timeMs - last > TOGETHER_MS ? 1 : count + 1 : 0;
        last = timeMs;
        return count >= SURE;
    }
}
