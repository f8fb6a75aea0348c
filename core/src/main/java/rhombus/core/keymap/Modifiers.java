package rhombus.core.keymap;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;

/** Sets of modifier keys as bits. */
public final class Modifiers {
    /** Shift. */
    public static final int SHIFT = 1;
    /** Control. */
    public static final int CTRL = 2;
    /** Alt or Option. */
    public static final int ALT = 4;
    /** Windows or Command. */
    public static final int META = 8;

    private static final String[] NAMES = {"Shift", "Ctrl", "Alt", "Meta"};

    private Modifiers() {}

    /** Names in a fixed order. */
    public static List<Object> names(int set) {
        List<Object> out = new ArrayList<>();
        for (int i = 0; i < NAMES.length; i++) {
            if ((set & 1 << i) != 0) {
                out.add(NAMES[i]);
            }
        }
        return out;
    }

    /**
     * The set with these names.
     *
     * @throws IllegalArgumentException for an unknown name
     */
    public static int of(List<?> names) {
        int set = 0;
        for (Object n : names) {
            int bit = List.of(NAMES).indexOf(n);
            if (bit < 0) {
                throw new IllegalArgumentException(say("modifiers.is-no-modifier-use-shift", n));
            }
            set |= 1 << bit;
        }
        return set;
    }

    /** How the set is shown in front of a trigger, for example {@code Ctrl+Shift+}. */
    public static String prefix(int set) {
        return joined(set, true);
    }

    /** The set in front of a key's code, the same in every language. */
    static String code(int set) {
        return joined(set, false);
    }

    private static String joined(int set, boolean spoken) {
        StringBuilder s = new StringBuilder();
        for (int i : new int[] {1, 2, 0, 3}) {
            if ((set & 1 << i) != 0) {
                s.append(spoken ? words(i) : NAMES[i]).append('+');
            }
        }
        return s.toString();
    }

    private static String words(int i) {
        return say("modifiers." + NAMES[i].toLowerCase());
    }

    /** What one modifier key is called on the screen. */
    public static String name(int bit) {
        return words(Integer.numberOfTrailingZeros(bit));
    }

    /** The bit of a modifier key given by its code, 0 for any other key. */
    public static int ofCode(String code) {
        return switch (code) {
            case "ShiftLeft", "ShiftRight" -> SHIFT;
            case "ControlLeft", "ControlRight" -> CTRL;
            case "AltLeft", "AltRight" -> ALT;
            case "MetaLeft", "MetaRight" -> META;
            default -> 0;
        };
    }
}
