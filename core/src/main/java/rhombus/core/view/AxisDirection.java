package rhombus.core.view;

import static rhombus.core.words.Messages.say;

import rhombus.core.geometry.Quat;
import rhombus.core.scene.UpAxis;

/** The six axis views. */
public enum AxisDirection {
    /** The front, looking back along the front axis. */
    FRONT(0, 0),
    /** The back. */
    BACK(Math.PI, 0),
    /** From the left side. */
    LEFT(-Math.PI / 2, 0),
    /** From the right side. */
    RIGHT(Math.PI / 2, 0),
    /** From above; up on the screen is away from the front. */
    TOP(0, -Math.PI / 2),
    /** From below; up on the screen is towards the front. */
    BOTTOM(0, Math.PI / 2);

    private static final double SAME = 1e-7;
    private final Heading heading;

    AxisDirection(double yaw, double pitch) {
        heading = new Heading(yaw, pitch, 0);
    }

    /** Orientation of a camera that looks this way. */
    public Quat orientation(UpAxis up) {
        return heading.orientation(up);
    }

    /** Its name on the screen. */
    public String words() {
        return say("direction." + word());
    }

    /** The word used in files and in the browser. */
    public String word() {
        return name().toLowerCase();
    }

    /** The direction a camera looks, whatever its roll in quarter turns; null where it is none of the six. */
    public static AxisDirection of(Quat q, UpAxis up) {
        for (AxisDirection d : values()) {
            if (d.orientation(up).forward().distance(q.forward()) < SAME) {
                return d;
            }
        }
        return null;
    }

    /** The direction with this word, or null. */
    public static AxisDirection named(String word) {
        for (AxisDirection d : values()) {
            if (d.word().equals(word)) {
                return d;
            }
        }
        return null;
    }
}
