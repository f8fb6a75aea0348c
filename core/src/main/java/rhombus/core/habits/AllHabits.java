package rhombus.core.habits;

import static rhombus.core.words.Messages.say;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Every setting there is, in the order in which they are listed. */
public final class AllHabits {
    private static final Map<String, Habit> ALL = new LinkedHashMap<>();
    private static final List<String> LADDER_RUNGS =
            List.of("pinned", "surface", "components", "selection", "last", "focus", "scene", "origin");
    private static final List<String> ALL_TIPS =
            List.of("rose", "frame", "trail", "solo", "pivot", "looks", "find", "what", "pin", "trackpad");
    private static String heading = say("habit.heading.orbit");

    /** What the hand turns. */
    public static final Habit ORBIT_STYLE = choice("orbit.style", "turntable", "trackball");
    /** Whether the turntable ends straight up and straight down. */
    public static final Habit POLES = choice("orbit.poles", "stop", "over");
    /** Orbit's speed. */
    public static final Habit ORBIT_SPEED = factor("orbit.speed");
    /** Left for right. */
    public static final Habit ORBIT_INVERT_X = toggle("orbit.invert-x");
    /** Up for down. */
    public static final Habit ORBIT_INVERT_Y = toggle("orbit.invert-y");
    /** What orbit does in an axis view. */
    public static final Habit AXIS_VIEWS = choice("orbit.axis-views", "release", "hold");

    static {
        heading = say("habit.heading.pan-roll-and-zoom");
    }

    /** Pan's speed. */
    public static final Habit PAN_SPEED = factor("pan.speed");
    /** Pan the other way. */
    public static final Habit PAN_INVERT = toggle("pan.invert");
    /** Roll's speed. */
    public static final Habit ROLL_SPEED = factor("roll.speed");
    /** Roll the other way. */
    public static final Habit ROLL_INVERT = toggle("roll.invert");
    /** Zoom's speed. */
    public static final Habit ZOOM_SPEED = factor("zoom.speed");
    /** Zoom the other way. */
    public static final Habit ZOOM_INVERT = toggle("zoom.invert");

    static {
        heading = say("habit.heading.directions");
    }

    /** Angle of a step. */
    public static final Habit STEP = number("directions.step", 15, 1, 90, 1, "°");
    /** Axis views become flat. */
    public static final Habit AXIS_FLAT = toggle("directions.flat");
    /** How long views glide. */
    public static final Habit GLIDE = number("directions.glide", 180, 0, 800, 20, "ms");

    static {
        heading = say("habit.heading.dolly");
    }

    /** How a dolly drag counts. */
    public static final Habit DOLLY_STYLE = choice("dolly.style", "proportional", "linear", "rate");
    /** What a dolly goes towards. */
    public static final Habit DOLLY_TARGET = choice("dolly.target", "pointer", "focus", "centre");
    /** Dolly drag's speed. */
    public static final Habit DOLLY_SPEED = factor("dolly.speed");
    /** Dolly drag the other way. */
    public static final Habit DOLLY_INVERT = toggle("dolly.invert");
    /** Wheel's speed. */
    public static final Habit WHEEL_SPEED = factor("wheel.speed");
    /** Wheel the other way. */
    public static final Habit WHEEL_INVERT = toggle("wheel.invert");

    /** Sliding over a trackpad the other way. */
    public static final Habit SLIDE_INVERT = toggle("slide.invert");

    static {
        heading = say("habit.heading.look-and-walk");
    }

    /** Look's speed. */
    public static final Habit LOOK_SPEED = factor("look.speed");
    /** Look left for right. */
    public static final Habit LOOK_INVERT_X = toggle("look.invert-x");
    /** Look up for down. */
    public static final Habit LOOK_INVERT_Y = toggle("look.invert-y");
    /** How fast one walks. */
    public static final Habit WALK_SPEED = choice("walk.speed", "adaptive", "fixed");
    /** What running multiplies the speed by. */
    public static final Habit RUN = number("walk.run", 3, 1.5, 10, 0.5, "×");

    static {
        heading = say("habit.heading.drags");
    }

    /** Whether a drag goes on past the edge of the screen. */
    public static final Habit ENDLESS = choice("drag.endless", "endless", "stop");
    /** Whether changed modifiers change the motion. */
    public static final Habit FOLLOW = choice("drag.modifiers", "follow", "first");
    /** What the pen does on an object. */
    public static final Habit PEN = choice("pen.object", "tool", "orbit");

    /** What the first click in another viewport does. */
    public static final Habit FIRST_CLICK = choice("click.first", "selects", "activates");

    static {
        heading = say("habit.heading.keyboard-and-stand-ins");
    }

    /** Whether shortcuts of a single character work. */
    public static final Habit LETTERS = usuallyOn("keys.letters");
    /** What stands in for a middle button. */
    public static final Habit MIDDLE = choice("keys.middle", "none", "alt", "both");
    /** Whether the row of digits stands in for a number pad. */
    public static final Habit NUMBER_PAD = toggle("keys.number-pad");

    /** Where the counts of the hand are kept. */
    public static final Habit REPORT = choice("report.keep", "machine", "account", "off");

    static {
        heading = say("habit.heading.gamepad-and-3d-mouse");
    }

    /** What the sticks of a gamepad move. */
    public static final Habit GAMEPAD_HOLDS = choice("gamepad.holds", "camera", "scene");
    /** Speed of a gamepad's axes. */
    public static final Habit GAMEPAD_SPEED = factor("gamepad.speed");
    /** Part of a gamepad's axis that does nothing. */
    public static final Habit GAMEPAD_DEAD = number("gamepad.dead-zone", 0.15, 0, 0.6, 0.01, "");
    /** Curve of a gamepad's axes. */
    public static final Habit GAMEPAD_CURVE = number("gamepad.curve", 1.6, 1, 3, 0.1, "");
    /** What a 3D mouse moves. */
    public static final Habit MOUSE3D_HOLDS = choice("mouse3d.holds", "scene", "camera");
    /** Speed of a 3D mouse. */
    public static final Habit MOUSE3D_SPEED = factor("mouse3d.speed");
    /** Whether a 3D mouse leaves the horizon level. */
    public static final Habit MOUSE3D_LEVEL = usuallyOn("mouse3d.level");
    /** Part of a 3D mouse's axis that does nothing. */
    public static final Habit MOUSE3D_DEAD = number("mouse3d.dead-zone", 0.05, 0, 0.6, 0.01, "");
    /** Curve of a 3D mouse. */
    public static final Habit MOUSE3D_CURVE = number("mouse3d.curve", 1.4, 1, 3, 0.1, "");

    static {
        heading = say("habit.heading.select");
    }

    /** Which button selects. */
    public static final Habit SELECT_BUTTON = choice("select.button", "left", "right");
    /** What a marquee takes. */
    public static final Habit MARQUEE = choice("select.marquee", "direction", "touching", "inside");
    /** Whether hovering shows what a click would take. */
    public static final Habit HOVER = choice("select.hover", "on", "off");

    static {
        heading = say("habit.heading.pivot-and-numbers");
    }

    /** The order of the pivot ladder's rungs. */
    public static final Habit LADDER = add(new Habit(
            "pivot.ladder",
            heading,
            say("habit.pivot.ladder"),
            say("habit.pivot.ladder.says"),
            "pinned,surface,components,selection,last,focus,scene,origin",
            LADDER_RUNGS,
            labels("pivot.ladder", LADDER_RUNGS),
            0,
            0,
            0,
            "order"));
    /** Unit of lengths that are typed or shown in fields. */
    public static final Habit UNIT = choice("numbers.unit", "m", "cm", "mm", "in", "ft");

    static {
        heading = say("habit.heading.on-the-viewports");
    }

    /** Whether the Rose shows. */
    public static final Habit ROSE = usuallyOn("shown.rose");
    /** Whether views that move may be drawn with less detail. */
    public static final Habit EASING = usuallyOn("shown.easing");
    /** Dark or light. */
    public static final Habit THEME = choice("shown.theme", "browser", "dusk", "chalk");
    /** Which colours stand for X, Y and Z. */
    public static final Habit AXIS_COLOURS = choice("shown.axis-colours", "usual", "clear");

    /** Which of three steps a new hand is asked for next; whoever makes an account begins with the first. */
    public static final Habit FIRST_STEPS = choice("shown.first-steps", "over", "orbit", "dolly", "frame");

    /** Whether small tips come by themselves; whoever makes an account begins with them. */
    public static final Habit TIPS = choice("shown.tips", "off", "on");
    /** Tips that are over: told, or not needed any more. */
    public static final Habit TIPS_OVER = add(new Habit(
            "shown.tips-over",
            heading,
            say("habit.shown.tips-over"),
            say("habit.shown.tips-over.says"),
            "",
            ALL_TIPS,
            labels("shown.tips-over", ALL_TIPS),
            0,
            0,
            0,
            "order"));
    /** Whether resting on a control tells what it is. */
    public static final Habit HOVER_HELP = usuallyOn("shown.hover-help");

    private AllHabits() {}

    private static Habit add(Habit h) {
        ALL.put(h.id(), h);
        return h;
    }

    /** What the choices of a setting are called. */
    private static List<String> labels(String id, List<String> choices) {
        return choices.stream().map(c -> say("habit." + id + "." + c)).toList();
    }

    private static Habit choice(String id, String... choices) {
        List<String> all = List.of(choices);
        return habit(id, all.get(0), all, 0, 0, 0, "");
    }

    private static Habit habit(
            String id, Object usual, List<String> choices, double least, double most, double step, String unit) {
        String words = say("habit." + id);
        String says = say("habit." + id + ".says");
        return add(new Habit(id, heading, words, says, usual, choices, labels(id, choices), least, most, step, unit));
    }

    private static Habit toggle(String id) {
        return habit(id, false, List.of(), 0, 0, 0, "");
    }

    private static Habit usuallyOn(String id) {
        return habit(id, true, List.of(), 0, 0, 0, "");
    }

    private static Habit factor(String id) {
        return number(id, 1, 0.1, 5, 0.1, "×");
    }

    private static Habit number(String id, double usual, double least, double most, double step, String unit) {
        return habit(id, usual, List.of(), least, most, step, unit);
    }

    /** The setting with this id, or null. */
    public static Habit named(String id) {
        return ALL.get(id);
    }

    /** All settings by id. */
    public static Map<String, Habit> all() {
        return ALL;
    }
}
