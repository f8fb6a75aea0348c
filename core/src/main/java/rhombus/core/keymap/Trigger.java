package rhombus.core.keymap;

import java.util.Map;
import rhombus.core.plain.Plain;

/**
 * What the hand does.
 *
 * @param kind sort of motion
 * @param code the key's place, for the sorts with a key; else empty
 * @param button 0 left, 1 middle, 2 right, 3 back, 4 forward, for the sorts with a button; the number of fingers for a touch;
 *     else -1
 */
public record Trigger(Kind kind, String code, int button) {
    private static final String[] BUTTONS = {"left", "middle", "right", "back", "forward"};

    /** Sorts of motion. */
    public enum Kind {
        /** A key pressed. */
        KEY("key"),
        /** A key held while the pointer moves, no button. */
        HOLD("hold"),
        /** A button pressed and released in place. */
        CLICK("click"),
        /** Two clicks within 300 ms. */
        DOUBLE("double"),
        /** A button held while the pointer moves. */
        DRAG("drag"),
        /** The wheel, or two fingers on a trackpad. */
        WHEEL("wheel"),
        /** One to three fingers dragged on the glass. */
        TOUCH("touch"),
        /** Two fingers spread on the glass or on a trackpad. */
        PINCH("pinch"),
        /** Two fingers turned on the glass. */
        TWIST("twist"),
        /** The tip of a pen dragged. */
        PEN("pen");

        private final String id;

        Kind(String id) {
            this.id = id;
        }

        /** Name in files. */
        public String id() {
            return id;
        }
    }

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

    /** Fingers dragged on the glass, one to three. */
    public static Trigger touch(int fingers) {
        return new Trigger(Kind.TOUCH, "", fingers);
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

    /** How it is shown, modifiers in front, keys with the letter the user's own layout prints. */
    public String words(int modifiers, Map<String, String> layout) {
        String p = Modifiers.prefix(modifiers);
        return switch (kind) {
            case KEY -> p + KeyNames.of(code, layout);
            case HOLD -> "hold " + p + KeyNames.of(code, layout);
            case CLICK -> p + BUTTONS[button] + "-click";
            case DOUBLE -> p + "double-click" + (button == 0 ? "" : " " + BUTTONS[button]);
            case DRAG -> p + BUTTONS[button] + "-drag";
            case WHEEL -> p + "wheel";
            case TOUCH -> p + (button == 1 ? "one finger" : button == 2 ? "two fingers" : "three fingers");
            case PINCH -> p + "pinch";
            case TWIST -> p + "twist";
            case PEN -> p + "pen-drag";
        };
    }

    /** As plain data. */
    public Map<String, Object> toPlain() {
        return Plain.map(
                "kind", kind.id,
                "code", code.isEmpty() ? null : code,
                "button", button < 0 || kind == Kind.TOUCH ? null : BUTTONS[button],
                "fingers", kind == Kind.TOUCH ? button : null);
    }

    /**
     * From plain data.
     *
     * @throws IllegalArgumentException saying what is wrong
     */
    public static Trigger of(Map<String, Object> m) {
        String id = Plain.text(m.get("kind"), "");
        for (Kind k : Kind.values()) {
            if (!k.id.equals(id)) {
                continue;
            }
            if (k == Kind.WHEEL || k == Kind.PINCH || k == Kind.TWIST || k == Kind.PEN) {
                return new Trigger(k, "", -1);
            }
            if (k == Kind.TOUCH) {
                int fingers = Plain.whole(m.get("fingers"), 0);
                if (fingers < 1 || fingers > 3) {
                    throw new IllegalArgumentException("a touch has one to three fingers, not " + m.get("fingers"));
                }
                return touch(fingers);
            }
            if (k == Kind.KEY || k == Kind.HOLD) {
                String code = Plain.text(m.get("code"), "");
                if (!KeyNames.known(code)) {
                    throw new IllegalArgumentException("\"" + code + "\" is no KeyboardEvent.code value");
                }
                return new Trigger(k, code, -1);
            }
            String name = Plain.text(m.get("button"), "");
            for (int i = 0; i < BUTTONS.length; i++) {
                if (BUTTONS[i].equals(name)) {
                    return new Trigger(k, "", i);
                }
            }
            throw new IllegalArgumentException("\"" + name + "\" is no button");
        }
        throw new IllegalArgumentException("\"" + id + "\" is no kind of trigger");
    }
}
