package rhombus.core.keymap;

/** Two fingers sliding over a trackpad: wheel events that follow each other closely are one motion. */
final class TwoFingerSlide {
    /** A slide is over when nothing has come for so long, milliseconds. */
    private static final double QUIET_MS = 160;

    private boolean on;
    /** The motion was taken back: what still comes, such as the pad's own run-out, is passed over. */
    private boolean over;

    private double x;
    private double y;
    private double last;

    boolean on() {
        return on;
    }

    boolean over() {
        return over;
    }

    double x() {
        return x;
    }

    double y() {
        return y;
    }

    void begin(double px, double py, double timeMs) {
        on = true;
        last = timeMs;
        over = false;
        x = px;
        y = py;
    }

    void by(double dx, double dy, double timeMs) {
        x += dx;
        y += dy;
        last = timeMs;
    }

    void end() {
        on = false;
    }

    void takenBack() {
        over = on;
        on = false;
    }

    /** Whether the fingers have rested for so long that what they did is over. */
    boolean quiet(double timeMs) {
        return timeMs - last > QUIET_MS;
    }

    void rested() {
        over = false;
    }
}
