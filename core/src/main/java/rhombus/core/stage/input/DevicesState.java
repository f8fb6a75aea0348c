package rhombus.core.stage.input;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import rhombus.core.device.DeflectionCurve;
import rhombus.core.device.GamepadParts;
import rhombus.core.device.HidReports;
import rhombus.core.device.Mouse3dParts;
import rhombus.core.plain.Maybe;

/**
 * The gamepads and 3D mice that are there, as the device bench shows them.
 *
 * @param devices all of them
 * @param does what they do just now, in words
 */
public record DevicesState(List<SeenDevice> devices, @Maybe String does) {
    private static final int POINTS = 48;

    /**
     * A device.
     *
     * @param number by which it is told from others of its sort
     * @param sort {@code gamepad} or {@code mouse3d}
     * @param name as it calls itself
     * @param problem why nothing of it is used
     * @param axes what its axes report and what is made of it
     * @param buttons those that are down, in words
     * @param plot how an axis is read: points from its one end to the other, across and up, -1 to 1
     */
    public record SeenDevice(
            int number,
            String sort,
            String name,
            @Maybe String problem,
            List<SeenAxis> axes,
            List<String> buttons,
            List<Double> plot) {}

    /**
     * An axis.
     *
     * @param words what a hand does with it
     * @param raw as reported, -1 to 1
     * @param read with dead zone and curve
     */
    public record SeenAxis(String words, double raw, double read) {}

    static DevicesState of(List<SeenDevice> pads, List<SeenDevice> mice, String does) {
        List<SeenDevice> all = new ArrayList<>(pads);
        all.addAll(mice);
        return new DevicesState(all, does);
    }

    static SeenDevice gamepad(
            int number,
            String name,
            boolean standard,
            double[] axes,
            double[] buttons,
            double[] read,
            DeflectionCurve d) {
        List<SeenAxis> seen = new ArrayList<>();
        double[] raw = GamepadParts.axes(axes, buttons);
        for (int i = 0; i < raw.length; i++) {
            seen.add(new SeenAxis(GamepadParts.axisWords(i), raw[i], read[i]));
        }
        List<String> down = new ArrayList<>();
        for (int i = 0; i < GamepadParts.BUTTONS.size(); i++) {
            if (GamepadParts.pressed(buttons, i) > 0) {
                down.add(GamepadParts.buttonWords(i));
            }
        }
        String problem = standard ? null : say("devices-state.the-browser-does-not-know");
        return new SeenDevice(number, "gamepad", name, problem, seen, down, plot(d));
    }

    static SeenDevice mouse3d(int number, String name, HidReports reports, DeflectionCurve d) {
        List<SeenAxis> seen = new ArrayList<>();
        double[] raw = reports.axes();
        for (int i = 0; i < raw.length; i++) {
            seen.add(new SeenAxis(Mouse3dParts.axisWords(i), raw[i], d.of(raw[i])));
        }
        List<String> down = new ArrayList<>();
        for (int i = 0; i < Mouse3dParts.MOST_BUTTONS; i++) {
            if (reports.down(i)) {
                down.add(say("devices-state.button", Mouse3dParts.BUTTONS.get(i)));
            }
        }
        return new SeenDevice(number, "mouse3d", name, null, seen, down, plot(d));
    }

    /** Across and up in turn. */
    private static List<Double> plot(DeflectionCurve d) {
        List<Double> out = new ArrayList<>();
        for (int i = -POINTS; i <= POINTS; i++) {
            double at = i / (double) POINTS;
            out.add(at);
            out.add(d.of(at));
        }
        return out;
    }
}
