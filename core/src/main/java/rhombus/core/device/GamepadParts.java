package rhombus.core.device;

import static rhombus.core.words.Messages.say;

import java.util.List;

/**
 * The parts of a gamepad in the order of the W3C Gamepad standard mapping, under our names for their places.
 *
 * @see <a href="https://www.w3.org/TR/gamepad/#remapping">W3C Gamepad, Remapping</a>
 */
public final class GamepadParts {
    /** The word by which a browser says that it has brought a gamepad into the standard order. */
    public static final String STANDARD = "standard";

    /** Buttons by their index: the cluster or place first, then where in it. */
    public static final List<String> BUTTONS = List.of(
            "right-bottom",
            "right-right",
            "right-left",
            "right-top",
            "front-left",
            "front-right",
            "low-front-left",
            "low-front-right",
            "middle-left",
            "middle-right",
            "stick-left",
            "stick-right",
            "left-top",
            "left-bottom",
            "left-left",
            "left-right",
            "middle");

    /** Index of the lower front buttons, which tell how far they are pressed. */
    private static final int LOW_LEFT = 6;

    private static final int LOW_RIGHT = 7;
    private static final int STICK_AXES = 4;

    /**
     * Axes: the four of the two sticks by their index, and a fifth that the lower front buttons make together. Positive is
     * to the right, up (away from the user), and the right button.
     */
    public static final List<String> AXES = List.of("left-x", "left-y", "right-x", "right-y", "low-fronts");

    private GamepadParts() {}

    /** A button's place in words. */
    public static String buttonWords(int button) {
        return say("gamepad.button." + BUTTONS.get(button));
    }

    /** What a hand does with an axis. */
    public static String axisWords(int axis) {
        return say("gamepad.axis." + AXES.get(axis));
    }

    /** Whether an axis is one of a stick. */
    public static boolean stick(int axis) {
        return axis < STICK_AXES;
    }

    /**
     * The axes as {@link #AXES} names them, each -1 to 1, before any dead zone.
     *
     * @param axes as the browser reports them: positive to the right and down
     * @param buttons how far each is pressed, 0 to 1
     */
    public static double[] axes(double[] axes, double[] buttons) {
        double[] out = new double[AXES.size()];
        for (int i = 0; i < STICK_AXES && i < axes.length; i++) {
            double v = sane(axes[i], -1);
            out[i] = i % 2 == 0 ? v : 0 - v;
        }
        out[STICK_AXES] = pressed(buttons, LOW_RIGHT) - pressed(buttons, LOW_LEFT);
        return out;
    }

    /** How far a button is pressed, 0 to 1; one that the gamepad does not have is not. */
    public static double pressed(double[] buttons, int index) {
        return index < buttons.length ? sane(buttons[index], 0) : 0;
    }

    private static double sane(double v, double least) {
        return Double.isNaN(v) ? 0 : Math.max(least, Math.min(1, v));
    }
}
