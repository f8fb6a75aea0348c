package rhombus.core.keymap;

import static rhombus.core.words.Messages.say;

import java.util.List;
import java.util.Map;
import rhombus.core.device.GamepadParts;
import rhombus.core.device.Mouse3dParts;
import rhombus.core.plain.PlainData;
import rhombus.core.words.Messages;

/**
 * What the hand does.
 *
 * @param kind sort of motion
 * @param code the key's place, for the sorts with a key; else empty
 * @param button the place of the button's name in {@link Kind#buttons()}, for a mouse its W3C number: 0 left, 1 middle,
 *     2 right, 3 back, 4 forward; the number of fingers for the sorts with fingers; -1 for none
 */
public record Trigger(Kind kind, String code, int button) {
    /** The button on a pen's barrel. */
    public static final int BARREL = 0;
    /** A pen's other end. */
    public static final int ERASER = 1;

    private static final List<String> MOUSE_BUTTONS = List.of("left", "middle", "right", "back", "forward");
    private static final List<String> PAIRS = List.of("left+right", "left+middle", "middle+right");
    private static final List<String> PEN_PARTS = List.of("barrel", "eraser");
    private static final String[] COUNTS = {
        "", say("trigger.one-finger"), say("trigger.two-fingers"), say("trigger.three-fingers")
    };

    /** Sorts of motion. */
    public enum Kind {
        /** A key pressed. */
        KEY("key", List.of(), false, 0),
        /** A key held while the pointer moves, no button. */
        HOLD("hold", List.of(), false, 0),
        /** A button pressed and released in place. */
        CLICK("click", MOUSE_BUTTONS, true, 0),
        /** Two clicks within 300 ms. */
        DOUBLE("double", MOUSE_BUTTONS, true, 0),
        /** A button held while the pointer moves. */
        DRAG("drag", MOUSE_BUTTONS, true, 0),
        /** Two buttons held while the pointer moves. */
        BOTH("both", PAIRS, true, 0),
        /** The wheel, with a button held or with none; or two fingers on a trackpad. */
        WHEEL("wheel", MOUSE_BUTTONS, false, 0),
        /** Two fingers slid over a trackpad, as a motion in both directions. */
        SLIDE("slide", List.of(), false, 0),
        /** One to three fingers dragged on the glass. */
        TOUCH("touch", List.of(), true, 1),
        /** Two or three fingers that touch the glass and leave it in place; one finger is a click of the left button. */
        TAP("tap", List.of(), true, 2),
        /** One finger that rests on the glass for half a second and leaves it in place. */
        PRESS("press", List.of(), false, 0),
        /** Two fingers spread on the glass or on a trackpad. */
        PINCH("pinch", List.of(), false, 0),
        /** Two fingers turned on the glass. */
        TWIST("twist", List.of(), false, 0),
        /** A pen dragged: its tip, its tip with the button on the barrel held, or its other end. */
        PEN("pen", PEN_PARTS, false, 0),
        /** A pen's barrel button clicked, or its other end tapped; a tap of the tip is a click of the left button. */
        PEN_TAP("pen-tap", PEN_PARTS, true, 0),
        /** A gamepad's button pressed. */
        GAMEPAD("gamepad", GamepadParts.BUTTONS, true, 0),
        /** A gamepad's axis out of its middle. */
        GAMEPAD_AXIS("gamepad-axis", GamepadParts.AXES, true, 0),
        /** A button of a 3D mouse pressed. */
        MOUSE3D("mouse3d", Mouse3dParts.BUTTONS, true, 0),
        /** An axis of a 3D mouse out of its middle. */
        MOUSE3D_AXIS("mouse3d-axis", Mouse3dParts.AXES, true, 0);

        private final String id;
        private final List<String> buttons;
        private final boolean needsButton;
        private final int leastFingers;

        Kind(String id, List<String> buttons, boolean needsButton, int leastFingers) {
            this.id = id;
            this.buttons = buttons;
            this.needsButton = needsButton;
            this.leastFingers = leastFingers;
        }

        /** Name in files. */
        public String id() {
            return id;
        }

        /** Whether it is made with a key. */
        public boolean ofKey() {
            return this == KEY || this == HOLD;
        }

        /** Whether it goes on as long as an axis is out of its middle. */
        public boolean ofAxis() {
            return this == GAMEPAD_AXIS || this == MOUSE3D_AXIS;
        }

        /** Names of the buttons, axes, or pairs of them, it can be made with; empty where there are none. */
        public List<String> buttons() {
            return buttons;
        }

        /** Whether one of the buttons has to be said. */
        public boolean needsButton() {
            return needsButton;
        }

        /** The smallest number of fingers it can be made with; 0 where fingers are not counted. */
        public int leastFingers() {
            return leastFingers;
        }
    }

    /** The largest number of fingers that are told apart. */
    public static final int MOST_FINGERS = 3;

    /** A key pressed. */
    public static Trigger key(String code) {
        return new Trigger(Kind.KEY, code, -1);
    }

    /** A key held while the pointer moves. */
    public static Trigger hold(String code) {
        return new Trigger(Kind.HOLD, code, -1);
    }

    /** A button held while the pointer moves. */
    public static Trigger drag(int button) {
        return new Trigger(Kind.DRAG, "", button);
    }

    /**
     * Two buttons held while the pointer moves.
     *
     * @throws IllegalArgumentException unless they are two of left, middle and right
     */
    public static Trigger both(int one, int other) {
        String pair = MOUSE_BUTTONS.get(Math.min(one, other)) + "+" + MOUSE_BUTTONS.get(Math.max(one, other));
        if (!PAIRS.contains(pair)) {
            throw new IllegalArgumentException(say("trigger.is-no-pair-of-buttons", pair));
        }
        return new Trigger(Kind.BOTH, "", PAIRS.indexOf(pair));
    }

    /** A click. */
    public static Trigger click(int button) {
        return new Trigger(Kind.CLICK, "", button);
    }

    /** A double click. */
    public static Trigger doubleClick(int button) {
        return new Trigger(Kind.DOUBLE, "", button);
    }

    /** The wheel. */
    public static Trigger wheel() {
        return new Trigger(Kind.WHEEL, "", -1);
    }

    /** The wheel turned while a button is held. */
    public static Trigger wheelWith(int button) {
        return new Trigger(Kind.WHEEL, "", button);
    }

    /** Two fingers slid over a trackpad. */
    public static Trigger slide() {
        return new Trigger(Kind.SLIDE, "", -1);
    }

    /** Fingers dragged on the glass, one to three. */
    public static Trigger touch(int fingers) {
        return new Trigger(Kind.TOUCH, "", fingers);
    }

    /** Fingers that tap the glass, two or three. */
    public static Trigger tap(int fingers) {
        return new Trigger(Kind.TAP, "", fingers);
    }

    /** A finger that rests on the glass. */
    public static Trigger press() {
        return new Trigger(Kind.PRESS, "", -1);
    }

    /** Two fingers spread. */
    public static Trigger pinch() {
        return new Trigger(Kind.PINCH, "", -1);
    }

    /** Two fingers turned. */
    public static Trigger twist() {
        return new Trigger(Kind.TWIST, "", -1);
    }

    /** The tip of a pen dragged. */
    public static Trigger pen() {
        return new Trigger(Kind.PEN, "", -1);
    }

    /** A pen dragged with its barrel's button, or by its other end. */
    public static Trigger pen(int part) {
        return new Trigger(Kind.PEN, "", part);
    }

    /** A pen's barrel button clicked, or its other end tapped. */
    public static Trigger penTap(int part) {
        return new Trigger(Kind.PEN_TAP, "", part);
    }

    /**
     * A part of a gamepad or of a 3D mouse.
     *
     * @param index among the kind's buttons
     */
    public static Trigger part(Kind kind, int index) {
        return new Trigger(kind, "", index);
    }

    /** A gamepad's button, by its name in {@link GamepadParts#BUTTONS}. */
    public static Trigger gamepad(String name) {
        return part(Kind.GAMEPAD, at(GamepadParts.BUTTONS, name));
    }

    /** A gamepad's axis, by its name in {@link GamepadParts#AXES}. */
    public static Trigger gamepadAxis(String name) {
        return part(Kind.GAMEPAD_AXIS, at(GamepadParts.AXES, name));
    }

    /** A button of a 3D mouse, by its number from 1. */
    public static Trigger mouse3d(int number) {
        return part(Kind.MOUSE3D, at(Mouse3dParts.BUTTONS, String.valueOf(number)));
    }

    /** An axis of a 3D mouse, by its name in {@link Mouse3dParts#AXES}. */
    public static Trigger mouse3dAxis(String name) {
        return part(Kind.MOUSE3D_AXIS, at(Mouse3dParts.AXES, name));
    }

    private static int at(List<String> names, String name) {
        int at = names.indexOf(name);
        if (at < 0) {
            throw new IllegalArgumentException(say("trigger.is-none-of", name, names));
        }
        return at;
    }

    /** Its name in a page: the sort, and the key, button or number of fingers. */
    public String id() {
        return kind.id + ":"
                + (kind.ofKey() ? code : kind.leastFingers > 0 ? button : button < 0 ? "" : kind.buttons.get(button));
    }

    /**
     * The trigger with this name.
     *
     * @throws IllegalArgumentException if there is none
     */
    public static Trigger named(String id) {
        int colon = id.indexOf(':');
        String part = colon < 0 ? "" : id.substring(colon + 1);
        boolean number = part.length() == 1 && part.charAt(0) >= '0' && part.charAt(0) <= '9';
        return of(PlainData.map(
                "kind",
                colon < 0 ? id : id.substring(0, colon),
                "code",
                part,
                "button",
                part.isEmpty() ? null : part,
                "fingers",
                number ? part.charAt(0) - '0' : null));
    }

    /** How it is shown, modifiers in front, keys with the letter the user's own layout prints. */
    public String words(int modifiers, Map<String, String> layout) {
        String p = Modifiers.prefix(modifiers);
        String named = button >= 0 && button < kind.buttons.size() ? buttonWords(kind.buttons.get(button)) : "";
        return switch (kind) {
            case KEY -> p + KeyNames.of(code, layout);
            case HOLD -> say("trigger.hold", p, KeyNames.of(code, layout));
            case CLICK -> say("trigger.click", p, named);
            case DOUBLE -> button == 0 ? say("trigger.double-click", p) : say("trigger.double-click-of", p, named);
            case DRAG, BOTH -> say("trigger.drag", p, named);
            case WHEEL -> named.isEmpty() ? say("trigger.wheel", p) : say("trigger.wheel-held", p, named);
            case SLIDE -> say("trigger.two-finger-slide", p);
            case TOUCH -> p + COUNTS[button];
            case TAP -> say("trigger.tapped", p, COUNTS[button]);
            case PRESS -> say("trigger.long-touch", p);
            case PINCH -> say("trigger.pinch", p);
            case TWIST -> say("trigger.twist", p);
            case PEN -> named.isEmpty() ? say("trigger.pen-drag", p) : say("trigger.drag", p, named);
            case PEN_TAP -> say("trigger.tap", p, named);
            case GAMEPAD -> say("trigger.gamepad", p, GamepadParts.buttonWords(button));
            case GAMEPAD_AXIS -> say("trigger.gamepad", p, GamepadParts.axisWords(button));
            case MOUSE3D -> say("trigger.3d-mouse-button", p, kind.buttons.get(button));
            case MOUSE3D_AXIS -> say("trigger.3d-mouse", p, Mouse3dParts.axisWords(button));
        };
    }

    /** What a button of a mouse or a part of a pen is called. */
    private static String buttonWords(String id) {
        return Messages.has("button." + id) ? say("button." + id) : id;
    }

    /** As plain data. */
    public Map<String, Object> toPlain() {
        boolean fingers = kind.leastFingers > 0;
        return PlainData.map(
                "kind",
                kind.id,
                "code",
                code.isEmpty() ? null : code,
                "button",
                button < 0 || fingers ? null : kind.buttons.get(button),
                "fingers",
                fingers ? button : null);
    }

    /**
     * From plain data.
     *
     * @throws IllegalArgumentException saying what is wrong
     */
    public static Trigger of(Map<String, Object> m) {
        String id = PlainData.text(m.get("kind"), "");
        for (Kind k : Kind.values()) {
            if (k.id.equals(id)) {
                return k.ofKey() ? new Trigger(k, code(m), -1) : new Trigger(k, "", part(k, m));
            }
        }
        throw new IllegalArgumentException(say("trigger.is-no-kind-of-trigger", id));
    }

    private static String code(Map<String, Object> m) {
        String code = PlainData.text(m.get("code"), "");
        if (!KeyNames.known(code)) {
            throw new IllegalArgumentException(say("trigger.is-no-keyboardevent-code-value", code));
        }
        return code;
    }

    private static int part(Kind k, Map<String, Object> m) {
        if (k.leastFingers > 0) {
            int fingers = PlainData.whole(m.get("fingers"), 0);
            if (fingers < k.leastFingers || fingers > MOST_FINGERS) {
                throw new IllegalArgumentException(
                        say("trigger.a-has-to-fingers-not", k.id, k.leastFingers, MOST_FINGERS, m.get("fingers")));
            }
            return fingers;
        }
        if (k.buttons.isEmpty() || !k.needsButton && m.get("button") == null) {
            return -1;
        }
        String name = PlainData.text(m.get("button"), "");
        if (!k.buttons.contains(name)) {
            throw new IllegalArgumentException(
                    say("trigger.is-no-button-of-a", name, k.id, String.join(", ", k.buttons)));
        }
        return k.buttons.indexOf(name);
    }
}
