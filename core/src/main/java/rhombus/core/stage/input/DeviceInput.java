package rhombus.core.stage.input;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.DoubleConsumer;
import rhombus.core.device.DeflectionCurve;
import rhombus.core.device.GamepadParts;
import rhombus.core.device.HidReports;
import rhombus.core.device.Mouse3dParts;
import rhombus.core.habits.AllHabits;
import rhombus.core.habits.Habit;
import rhombus.core.habits.Habits;
import rhombus.core.keymap.ControllerInput;
import rhombus.core.keymap.InputResolver;
import rhombus.core.keymap.Trigger;
import rhombus.core.plain.PageCall;
import rhombus.core.plain.PlainData;
import rhombus.core.stage.view.ChangeTopic;
import rhombus.core.stage.view.PointingDevice;
import rhombus.core.stage.view.StageContext;

/** Gamepads and 3D mice on their way to the keymap: what they report, read with the user's dead zones and curves. */
public final class DeviceInput {
    /** A button is down from here on (common practice, no source). */
    private static final double PRESSED = 0.5;
    /** An axis is meant, where the hand shows a trigger, from here on. */
    private static final double MEANT = 0.6;

    private final StageContext ground;
    private final InputReceiver input;
    private final ControllerInput controllers;
    private final InputResolver resolver;
    private final DoubleConsumer tick;
    private InputListener watch = (sort, timeMs, what) -> true;
    private final Map<Integer, Pad> pads = new LinkedHashMap<>();
    private final Map<Integer, Hid> hids = new LinkedHashMap<>();

    private Set<Trigger> lastDown = Set.of();
    private Map<Trigger, Double> lastOut = Map.of();

    /** A gamepad with what it reported last. */
    private record Pad(String name, boolean standard, double[] axes, double[] buttons) {}

    private record Hid(String name, List<Object> collections, HidReports reports) {}

    /**
     * Devices of a hand.
     *
     * @param tick told the time, in milliseconds, before each report that changes something
     */
    public DeviceInput(StageContext ground, InputReceiver input, InputResolver resolver, DoubleConsumer tick) {
        this.ground = ground;
        this.input = input;
        this.resolver = resolver;
        this.controllers = new ControllerInput(resolver);
        this.tick = tick;
    }

    /** Somebody hears of every event first. */
    public void watchedBy(InputListener who) {
        watch = who;
    }

    // ---- gamepads --------------------------------------------------------------------------------------------------

    /**
     * What a gamepad reports now, in the form of the W3C Gamepad interface.
     *
     * @param index of the gamepad
     * @param id its name
     * @param mapping {@link GamepadParts#STANDARD} where its parts are in the standard order; else nothing of it is used
     * @param axes -1 to 1 each, positive to the right and down
     * @param buttons how far each is pressed, 0 to 1
     * @return whether that means something else than before: what trembles within a dead zone does not
     */
    @PageCall
    public boolean gamepad(int index, String id, String mapping, double[] axes, double[] buttons, double timeMs) {
        Pad was = pads.get(index);
        if (was != null && Arrays.equals(was.axes, axes) && Arrays.equals(was.buttons, buttons)) {
            return false;
        }
        if (!watch.hears("gamepad", timeMs, index, id, mapping, PlainData.list(axes), PlainData.list(buttons))) {
            return false;
        }
        pads.put(index, new Pad(id, mapping.equals(GamepadParts.STANDARD), axes.clone(), buttons.clone()));
        return changed(was == null ? null : PointingDevice.GAMEPAD, timeMs);
    }

    /** A gamepad is gone: what was held on it is let go. */
    @PageCall
    public void gamepadGone(int index, double timeMs) {
        if (pads.containsKey(index) && watch.hears("gamepad-gone", timeMs, index)) {
            pads.remove(index);
            changed(null, timeMs);
        }
    }

    // ---- 3D mice ---------------------------------------------------------------------------------------------------

    /**
     * A device was opened that may be a 3D mouse.
     *
     * @param collections what it says of itself; see {@link HidReports}
     * @return why it cannot be used, or null
     */
    @PageCall
    public String hidOpened(int number, String name, List<Object> collections) {
        try {
            hids.put(number, new Hid(name, collections, new HidReports(collections)));
            watch.hears("hid-open", ground.now(), number, name, collections);
            ground.changes().add(ChangeTopic.READOUT);
            return null;
        } catch (IllegalArgumentException e) {
            return e.getMessage() + ".";
        }
    }

    /** A report came; one of a device that is not open is passed over. */
    @PageCall
    public void hidReport(int number, int report, byte[] bytes, double timeMs) {
        Hid h = hids.get(number);
        if (h == null || !watch.hears("hid", timeMs, number, report, numbers(bytes))) {
            return;
        }
        if (h.reports.came(report, bytes)) {
            changed(PointingDevice.MOUSE3D, timeMs);
        }
    }

    /** A device is gone: what was held on it is let go. */
    @PageCall
    public void hidGone(int number, double timeMs) {
        if (hids.containsKey(number) && watch.hears("hid-gone", timeMs, number)) {
            hids.remove(number);
            changed(null, timeMs);
        }
    }

    private static List<Object> numbers(byte[] bytes) {
        List<Object> out = new ArrayList<>();
        for (byte b : bytes) {
            out.add((double) b);
        }
        return out;
    }

    /** What is told of each 3D mouse as it is opened, in the form of {@link RecordedEvent}. */
    public List<List<Object>> open() {
        List<List<Object>> out = new ArrayList<>();
        hids.forEach((number, h) -> out.add(List.of(number, h.name, h.collections)));
        return out;
    }

    // ---- what they do ----------------------------------------------------------------------------------------------

    private boolean changed(PointingDevice used, double timeMs) {
        Set<Trigger> down = down();
        Map<Trigger, Double> out = deflected();
        if (down.equals(lastDown) && out.equals(lastOut)) {
            return false;
        }
        lastDown = down;
        lastOut = out;
        tick.accept(timeMs);
        if (input.capture() != null) {
            shown(down, out);
            return true;
        }
        if (used != null && (!down.isEmpty() || !out.isEmpty())) {
            ground.pointer().by(used);
        }
        controllers.buttons(down, timeMs);
        controllers.axes(out);
        ground.changes().add(ChangeTopic.READOUT);
        return true;
    }

    /** Time has gone by: keys, habits and keymaps may mean another thing for axes that are held where they are. */
    public void tick() {
        if (!lastOut.isEmpty() && input.capture() == null) {
            lastOut = deflected();
            controllers.axes(lastOut);
        }
    }

    /** The hand shows what it means; nothing moves. */
    private void shown(Set<Trigger> down, Map<Trigger, Double> out) {
        down.forEach(t -> input.capture().part(t, resolver.modifiers()));
        out.forEach((t, amount) -> {
            if (Math.abs(amount) >= MEANT) {
                input.capture().part(t, resolver.modifiers());
            }
        });
    }

    /** The motion that ran has been ended; see {@link ControllerInput#settled}. */
    public void settled() {
        controllers.settled();
    }

    /** The window lost the hand: whatever was held counts as let go. */
    @PageCall
    public void blur() {
        controllers.blur();
    }

    private Set<Trigger> down() {
        Set<Trigger> out = new LinkedHashSet<>();
        for (Pad p : pads.values()) {
            for (int i = 0; p.standard && i < GamepadParts.BUTTONS.size(); i++) {
                if (GamepadParts.pressed(p.buttons, i) >= PRESSED) {
                    out.add(Trigger.part(Trigger.Kind.GAMEPAD, i));
                }
            }
        }
        for (Hid h : hids.values()) {
            for (int i = 0; i < Mouse3dParts.MOST_BUTTONS; i++) {
                if (h.reports.down(i)) {
                    out.add(Trigger.part(Trigger.Kind.MOUSE3D, i));
                }
            }
        }
        return out;
    }

    /** How far each axis is out of its middle, as the user wants it read; of two devices the farther one counts. */
    private Map<Trigger, Double> deflected() {
        Map<Trigger, Double> out = new LinkedHashMap<>();
        for (Pad p : pads.values()) {
            double[] read = p.standard ? read(p) : new double[0];
            for (int i = 0; i < read.length; i++) {
                farther(out, Trigger.part(Trigger.Kind.GAMEPAD_AXIS, i), read[i]);
            }
        }
        DeflectionCurve d = mouse3d(ground.habits());
        for (Hid h : hids.values()) {
            double[] axes = h.reports.axes();
            for (int i = 0; i < axes.length; i++) {
                farther(out, Trigger.part(Trigger.Kind.MOUSE3D_AXIS, i), d.of(axes[i]));
            }
        }
        return out;
    }

    private static void farther(Map<Trigger, Double> out, Trigger t, double amount) {
        if (amount != 0 && Math.abs(amount) > Math.abs(out.getOrDefault(t, 0.0))) {
            out.put(t, amount);
        }
    }

    /** A gamepad's axes as the user wants them read: the two of a stick together. */
    private double[] read(Pad p) {
        DeflectionCurve d = gamepad(ground.habits());
        double[] axes = GamepadParts.axes(p.axes, p.buttons);
        for (int i = 0; i < axes.length; i++) {
            if (GamepadParts.stick(i) && i % 2 == 0) {
                double k = d.factor(axes[i], axes[i + 1]);
                axes[i] *= k;
                axes[i + 1] *= k;
            } else if (!GamepadParts.stick(i)) {
                axes[i] = d.of(axes[i]);
            }
        }
        return axes;
    }

    private static DeflectionCurve gamepad(Habits h) {
        return deflection(h, AllHabits.GAMEPAD_DEAD, AllHabits.GAMEPAD_CURVE);
    }

    private static DeflectionCurve mouse3d(Habits h) {
        return deflection(h, AllHabits.MOUSE3D_DEAD, AllHabits.MOUSE3D_CURVE);
    }

    private static DeflectionCurve deflection(Habits h, Habit dead, Habit curve) {
        return new DeflectionCurve(h.number(dead), h.number(curve));
    }

    // ---- what is shown of them -------------------------------------------------------------------------------------

    /** All devices with what they report and what is made of it. */
    @PageCall
    public DevicesState state() {
        return DevicesState.of(
                pads.entrySet().stream()
                        .map(e -> DevicesState.gamepad(
                                e.getKey(),
                                e.getValue().name,
                                e.getValue().standard,
                                e.getValue().axes,
                                e.getValue().buttons,
                                read(e.getValue()),
                                gamepad(ground.habits())))
                        .toList(),
                hids.entrySet().stream()
                        .map(e -> DevicesState.mouse3d(
                                e.getKey(), e.getValue().name, e.getValue().reports, mouse3d(ground.habits())))
                        .toList(),
                resolver.moving() && resolver.active() != null
                        ? resolver.active().words()
                        : null);
    }
}
