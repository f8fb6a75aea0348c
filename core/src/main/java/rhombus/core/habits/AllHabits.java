package rhombus.core.habits;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Every setting there is, in the order in which they are listed. */
public final class AllHabits {
    private static final Map<String, Habit> ALL = new LinkedHashMap<>();
    private static String heading = "Orbit";

    /** What the hand turns. */
    public static final Habit ORBIT_STYLE = choice(
            "orbit.style",
            "Orbit as",
            "A turntable keeps the horizon; a trackball turns every way and rolls outside its ring.",
            "turntable",
            "Turntable",
            "trackball",
            "Trackball");
    /** Whether the turntable ends straight up and straight down. */
    public static final Habit POLES = choice(
            "orbit.poles",
            "At the poles",
            "Looking straight down or up, orbit stops, or goes on over the top.",
            "stop",
            "Stop",
            "over",
            "Go over");
    /** Orbit's speed. */
    public static final Habit ORBIT_SPEED =
            factor("orbit.speed", "Orbit speed", "At 1, the viewport's height turns half round.");
    /** Left for right. */
    public static final Habit ORBIT_INVERT_X =
            toggle("orbit.invert-x", "Invert sideways", "Orbit goes against the hand, left and right.");
    /** Up for down. */
    public static final Habit ORBIT_INVERT_Y =
            toggle("orbit.invert-y", "Invert up and down", "Orbit goes against the hand, up and down.");
    /** What orbit does in an axis view. */
    public static final Habit AXIS_VIEWS = choice(
            "orbit.axis-views",
            "Orbit in an axis view",
            "The view is released and becomes a free flat one, or it is held and orbit is refused.",
            "release",
            "Release it",
            "hold",
            "Hold it");

    static {
        heading = "Pan, roll and zoom";
    }

    /** Pan's speed. */
    public static final Habit PAN_SPEED =
            factor("pan.speed", "Pan speed", "At 1, what you take hold of stays under the hand.");
    /** Pan the other way. */
    public static final Habit PAN_INVERT =
            toggle("pan.invert", "Invert pan", "The view goes with the hand, and what you see against it.");
    /** Roll's speed. */
    public static final Habit ROLL_SPEED =
            factor("roll.speed", "Roll speed", "At 1, a drag as wide as the viewport is high turns half round.");
    /** Roll the other way. */
    public static final Habit ROLL_INVERT =
            toggle("roll.invert", "Invert roll", "Dragging to the right turns the picture to the left.");
    /** Zoom's speed. */
    public static final Habit ZOOM_SPEED =
            factor("zoom.speed", "Zoom speed", "How fast a drag makes the lens longer or shorter.");
    /** Zoom the other way. */
    public static final Habit ZOOM_INVERT =
            toggle("zoom.invert", "Invert zoom", "Dragging up and right makes the lens shorter.");

    static {
        heading = "Directions";
    }

    /** Angle of a step. */
    public static final Habit STEP =
            number("directions.step", "Step", "How far an arrow key turns.", 15, 1, 90, 1, "°");
    /** Axis views become flat. */
    public static final Habit AXIS_FLAT = toggle(
            "directions.flat",
            "Axis views go flat by themselves",
            "A view along an axis is flat, and is a perspective again once it is left.");
    /** How long views glide. */
    public static final Habit GLIDE =
            number("directions.glide", "Glide", "How long a view takes to arrive; 0 jumps.", 180, 0, 800, 20, "ms");

    static {
        heading = "Dolly";
    }

    /** How a dolly drag counts. */
    public static final Habit DOLLY_STYLE = choice(
            "dolly.style",
            "Dolly drag",
            "The way is a part of the distance, a fixed length, or goes on while you hold, faster the farther you pull.",
            "proportional",
            "Proportional",
            "linear",
            "Linear",
            "rate",
            "Rate");
    /** What a dolly goes towards. */
    public static final Habit DOLLY_TARGET = choice(
            "dolly.target",
            "Dolly towards",
            "The surface under the pointer, the view's focus, or what is in the viewport's centre.",
            "pointer",
            "Under the pointer",
            "focus",
            "Focus",
            "centre",
            "Viewport centre");
    /** Dolly drag's speed. */
    public static final Habit DOLLY_SPEED =
            factor("dolly.speed", "Dolly speed", "At 1, the viewport's height is sixteen times nearer.");
    /** Dolly drag the other way. */
    public static final Habit DOLLY_INVERT =
            toggle("dolly.invert", "Invert the drag", "Dragging up and right moves away.");
    /** Wheel's speed. */
    public static final Habit WHEEL_SPEED =
            factor("wheel.speed", "Wheel speed", "At 1, a notch leaves 85% of the distance.");
    /** Wheel the other way. */
    public static final Habit WHEEL_INVERT =
            toggle("wheel.invert", "Invert the wheel", "Turning the wheel away from you moves away.");

    /** Sliding over a trackpad the other way. */
    public static final Habit SLIDE_INVERT =
            toggle("slide.invert", "Invert the slide", "Two fingers on a trackpad move the picture against their way.");

    static {
        heading = "Look and walk";
    }

    /** Look's speed. */
    public static final Habit LOOK_SPEED =
            factor("look.speed", "Look speed", "At 1, what you look at keeps up with the pointer.");
    /** Look left for right. */
    public static final Habit LOOK_INVERT_X =
            toggle("look.invert-x", "Invert sideways", "Pulling to the left looks to the right.");
    /** Look up for down. */
    public static final Habit LOOK_INVERT_Y =
            toggle("look.invert-y", "Invert up and down", "Pulling towards you looks up.");
    /** How fast one walks. */
    public static final Habit WALK_SPEED = choice(
            "walk.speed",
            "Walk and fly",
            "Adaptive slows down before surfaces and never goes through them; fixed keeps its speed and passes.",
            "adaptive",
            "Adaptive speed",
            "fixed",
            "Fixed speed");
    /** What running multiplies the speed by. */
    public static final Habit RUN =
            number("walk.run", "Run", "How much faster one goes with Shift.", 3, 1.5, 10, 0.5, "×");

    static {
        heading = "Drags";
    }

    /** Whether a drag goes on past the edge of the screen. */
    public static final Habit ENDLESS = choice(
            "drag.endless",
            "At the screen's edge",
            "A drag goes on without end, or ends where the pointer stops.",
            "endless",
            "Go on",
            "stop",
            "Stop");
    /** Whether changed modifiers change the motion. */
    public static final Habit FOLLOW = choice(
            "drag.modifiers",
            "Changes in mid-drag",
            "Other buttons or modifiers change the motion from where it is, or the first motion stays.",
            "follow",
            "Follow them",
            "first",
            "Keep the first");
    /** What the pen does on an object. */
    public static final Habit PEN = choice(
            "pen.object",
            "Pen on an object",
            "Dragging on an object orbits like anywhere else, or moves it when it is selected and the move tool is on.",
            "tool",
            "Use the tool",
            "orbit",
            "Orbit");

    /** What the first click in another viewport does. */
    public static final Habit FIRST_CLICK = choice(
            "click.first",
            "First click in another viewport",
            "It selects what it hits, or it only makes the viewport the one you work in.",
            "selects",
            "Selects",
            "activates",
            "Only activates");

    static {
        heading = "Keyboard and stand-ins";
    }

    /** Whether shortcuts of a single character work. */
    public static final Habit LETTERS = shown(
            "keys.letters",
            "Single-character shortcuts",
            "Keys such as F or 1 do something by themselves; off, only keys with Ctrl or Alt, and keys such as the arrows, do.");
    /** What stands in for a middle button. */
    public static final Habit MIDDLE = choice(
            "keys.middle",
            "Middle button",
            "For hands without one: the left button with Alt, or left and right together, count as the middle button.",
            "none",
            "As it is",
            "alt",
            "Alt+left",
            "both",
            "Left and right");
    /** Whether the row of digits stands in for a number pad. */
    public static final Habit NUMBER_PAD = toggle(
            "keys.number-pad",
            "Digits count as the number pad",
            "For keyboards without one: a digit does what the keymap has for the same key of the pad, if it has anything.");

    /** Where the counts of the hand are kept. */
    public static final Habit REPORT = choice(
            "report.keep",
            "Hand report",
            "Counts which triggers you use and what you take back, for the report on the Keys page.",
            "machine",
            "On this machine",
            "account",
            "With my account",
            "off",
            "Do not count");

    static {
        heading = "Gamepad and 3D mouse";
    }

    /** What the sticks of a gamepad move. */
    public static final Habit GAMEPAD_HOLDS = choice(
            "gamepad.holds",
            "Sticks move",
            "Pushed to the right, a stick moves the camera to the right, or what you see.",
            "camera",
            "The camera",
            "scene",
            "The scene");
    /** Speed of a gamepad's axes. */
    public static final Habit GAMEPAD_SPEED =
            factor("gamepad.speed", "Gamepad speed", "At 1, a stick at its end orbits by 150° a second.");
    /** Part of a gamepad's axis that does nothing. */
    public static final Habit GAMEPAD_DEAD = number(
            "gamepad.dead-zone",
            "Gamepad dead zone",
            "So much about the middle does nothing: more for sticks that do not come back to it.",
            0.15,
            0,
            0.6,
            0.01,
            "");
    /** Curve of a gamepad's axes. */
    public static final Habit GAMEPAD_CURVE = number(
            "gamepad.curve",
            "Gamepad curve",
            "At 1, half the way is half the speed; more makes it finer about the middle.",
            1.6,
            1,
            3,
            0.1,
            "");
    /** What a 3D mouse moves. */
    public static final Habit MOUSE3D_HOLDS = choice(
            "mouse3d.holds",
            "3D mouse moves",
            "The hand holds what you see and turns it, or it holds the camera and flies it.",
            "scene",
            "The scene",
            "camera",
            "The camera");
    /** Speed of a 3D mouse. */
    public static final Habit MOUSE3D_SPEED =
            factor("mouse3d.speed", "3D mouse speed", "At 1, an axis at its end orbits by 150° a second.");
    /** Whether a 3D mouse leaves the horizon level. */
    public static final Habit MOUSE3D_LEVEL =
            shown("mouse3d.level", "3D mouse keeps the horizon", "Tipping it sideways does not roll the view.");
    /** Part of a 3D mouse's axis that does nothing. */
    public static final Habit MOUSE3D_DEAD = number(
            "mouse3d.dead-zone",
            "3D mouse dead zone",
            "So much of each axis does nothing: more where a hand moves several at once without meaning to.",
            0.05,
            0,
            0.6,
            0.01,
            "");
    /** Curve of a 3D mouse. */
    public static final Habit MOUSE3D_CURVE = number(
            "mouse3d.curve",
            "3D mouse curve",
            "At 1, half the way is half the speed; more makes it finer about the middle.",
            1.4,
            1,
            3,
            0.1,
            "");

    static {
        heading = "Select";
    }

    /** Which button selects. */
    public static final Habit SELECT_BUTTON = choice(
            "select.button",
            "Button that selects",
            "That button selects with a click; the other one lists everything under the pointer.",
            "left",
            "Left",
            "right",
            "Right");
    /** What a marquee takes. */
    public static final Habit MARQUEE = choice(
            "select.marquee",
            "Marquee takes",
            "What it touches, what lies inside, or inside when drawn to the right and touching when drawn to the left.",
            "direction",
            "By direction",
            "touching",
            "Touching",
            "inside",
            "Inside");
    /** Whether hovering shows what a click would take. */
    public static final Habit HOVER = choice(
            "select.hover",
            "Under the pointer",
            "The name and outline of what a click would take.",
            "on",
            "Show it",
            "off",
            "Show nothing");

    static {
        heading = "Pivot and numbers";
    }

    /** The order of the pivot ladder's rungs. */
    public static final Habit LADDER = add(new Habit(
            "pivot.ladder",
            heading,
            "Pivot ladder",
            "Orbit turns about the first rung that yields a point.",
            "pinned,surface,components,selection,last,focus,scene,origin",
            List.of("pinned", "surface", "components", "selection", "last", "focus", "scene", "origin"),
            List.of(
                    "Pinned point",
                    "Surface under the pointer",
                    "Selected components",
                    "Selected objects",
                    "Last pivot",
                    "View focus",
                    "Scene centre",
                    "World origin"),
            0,
            0,
            0,
            "order"));
    /** Unit of lengths that are typed or shown in fields. */
    public static final Habit UNIT = choice(
            "numbers.unit",
            "Unit of lengths",
            "What a typed number without a unit means, and what fields show.",
            "m",
            "Metres",
            "cm",
            "Centimetres",
            "mm",
            "Millimetres",
            "in",
            "Inches",
            "ft",
            "Feet");

    static {
        heading = "On the viewports";
    }

    /** Whether the Rose shows. */
    public static final Habit ROSE =
            shown("shown.rose", "Rose", "The chart that shows where you look from and takes you elsewhere.");
    /** Whether views that move may be drawn with less detail. */
    public static final Habit EASING = shown(
            "shown.easing",
            "Ease detail while moving",
            "Where drawing everything would be slow, a view that moves is drawn coarser, as far as it takes; at rest it is whole.");
    /** Dark or light. */
    public static final Habit THEME = choice(
            "shown.theme",
            "Theme",
            "The same on every machine, or on each what is chosen in its browser.",
            "browser",
            "As in this browser",
            "dusk",
            "Dusk (dark)",
            "chalk",
            "Chalk (light)");
    /** Which colours stand for X, Y and Z. */
    public static final Habit AXIS_COLOURS = choice(
            "shown.axis-colours",
            "Colours of X, Y and Z",
            "The second set differs in brightness too, for eyes to which red and green look alike.",
            "usual",
            "Red, green, blue",
            "clear",
            "Orange, sky blue, violet");

    /** Which of three steps a new hand is asked for next; whoever makes an account begins with the first. */
    public static final Habit FIRST_STEPS = choice(
            "shown.first-steps",
            "First steps",
            "Three small steps for a new hand, asked for on the line of hints until it has done them.",
            "over",
            "Not shown",
            "orbit",
            "From the first: orbit",
            "dolly",
            "From the second: dolly",
            "frame",
            "The third: frame");

    /** Whether small tips come by themselves; whoever makes an account begins with them. */
    public static final Habit TIPS = choice(
            "shown.tips",
            "Tips",
            "What could help, told once when it is of use, and never after it was used.",
            "off",
            "None",
            "on",
            "One now and then");
    /** Tips that are over: told, or not needed any more. */
    public static final Habit TIPS_OVER = add(new Habit(
            "shown.tips-over",
            heading,
            "Tips that are over",
            "Those do not come again.",
            "",
            List.of("rose", "frame", "trail", "solo", "pivot", "looks", "find", "what", "pin", "trackpad"),
            List.of("Rose", "Frame", "Trail", "Solo", "Pivot", "Looks", "Find", "What is this?", "Pins", "Trackpad"),
            0,
            0,
            0,
            "order"));
    /** Whether resting on a control tells what it is. */
    public static final Habit HOVER_HELP =
            shown("shown.hover-help", "Hover help", "Resting on a control tells what it is and which key does it.");

    private AllHabits() {}

    private static Habit add(Habit h) {
        ALL.put(h.id(), h);
        return h;
    }

    private static Habit choice(String id, String words, String sentence, String... idsAndLabels) {
        var ids = new java.util.ArrayList<String>();
        var labels = new java.util.ArrayList<String>();
        for (int i = 0; i < idsAndLabels.length; i += 2) {
            ids.add(idsAndLabels[i]);
            labels.add(idsAndLabels[i + 1]);
        }
        return add(new Habit(id, heading, words, sentence, ids.get(0), ids, labels, 0, 0, 0, ""));
    }

    private static Habit toggle(String id, String words, String sentence) {
        return add(new Habit(id, heading, words, sentence, false, List.of(), List.of(), 0, 0, 0, ""));
    }

    private static Habit shown(String id, String words, String sentence) {
        return add(new Habit(id, heading, words, sentence, true, List.of(), List.of(), 0, 0, 0, ""));
    }

    private static Habit factor(String id, String words, String sentence) {
        return number(id, words, sentence, 1, 0.1, 5, 0.1, "×");
    }

    private static Habit number(
            String id,
            String words,
            String sentence,
            double usual,
            double least,
            double most,
            double step,
            String unit) {
        return add(new Habit(id, heading, words, sentence, usual, List.of(), List.of(), least, most, step, unit));
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
