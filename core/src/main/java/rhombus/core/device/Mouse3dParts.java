package rhombus.core.device;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;

/**
 * The parts of a device with six axes, as the USB HID Usage Tables name them (Generic Desktop page; from memory): slides
 * x to the right, y towards the user and z down, turns rx, ry and rz by the right-hand rule about these.
 */
public final class Mouse3dParts {
    /** Axes in the order of their usages. */
    public static final List<String> AXES = List.of("x", "y", "z", "rx", "ry", "rz");
    /** The largest number of buttons that are told apart. */
    public static final int MOST_BUTTONS = 32;
    /** Buttons by their number, from 1. */
    public static final List<String> BUTTONS = numbers();

    /** What a hand does with an axis. */
    public static String axisWords(int axis) {
        return say("mouse3d." + AXES.get(axis));
    }

    private Mouse3dParts() {}

    private static List<String> numbers() {
        List<String> out = new ArrayList<>();
        for (int i = 1; i <= MOST_BUTTONS; i++) {
            out.add(String.valueOf(i));
        }
        return List.copyOf(out);
    }
}
