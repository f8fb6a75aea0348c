package rhombus.core.stage.input;

import java.util.Map;
import rhombus.core.habits.AllHabits;
import rhombus.core.keymap.Keymap;
import rhombus.core.keymap.Modifiers;
import rhombus.core.keymap.Trigger;
import rhombus.core.stage.view.StageContext;

/** What a hand does that stands in for a middle button or a number pad it does not have. */
public final class InputEmulation {
    private static final String ALT = "alt";
    private static final String BOTH = "both";
    private static final int LEFT = 1;
    private static final int RIGHT = 2;
    private static final int MIDDLE = 4;

    private final StageContext ground;
    /** Whether what is down counts as the middle button, until all of it is up. */
    private boolean middle;

    private int last;

    public InputEmulation(StageContext ground) {
        this.ground = ground;
    }

    /** The buttons that a mask of a mouse stands for. */
    int buttons(int mask, int mods) {
        middle &= mask != 0;
        boolean alt = last == 0 && mask == LEFT && (mods & Modifiers.ALT) != 0 && is(ALT);
        middle |= alt || mask == (LEFT | RIGHT) && is(BOTH);
        last = mask;
        return middle ? MIDDLE : mask;
    }

    /** The modifiers that are down besides: Alt is part of the button while it makes one. */
    int modifiers(int mods) {
        return middle && is(ALT) ? mods & ~Modifiers.ALT : mods;
    }

    /** Nothing is down any more. */
    void blur() {
        middle = false;
        last = 0;
    }

    private boolean is(String choice) {
        return ground.habits().is(AllHabits.MIDDLE, choice);
    }

    /** What the hand does for a drag of the middle button, in words; null where nothing stands in for it. */
    public String middleDrag() {
        return is(ALT)
                ? Trigger.drag(0).words(Modifiers.ALT, Map.of())
                : is(BOTH) ? Trigger.both(0, 2).words(0, Map.of()) : null;
    }

    /** Whether a trigger never arrives with these modifiers, since it counts as the middle button. */
    public boolean takes(Trigger t, int mods) {
        boolean left = t.button() == 0
                && (t.kind() == Trigger.Kind.DRAG || t.kind() == Trigger.Kind.CLICK || t.kind() == Trigger.Kind.DOUBLE);
        return is(ALT) && (mods & Modifiers.ALT) != 0 && left || is(BOTH) && t.equals(Trigger.both(0, 2));
    }

    /** The modifiers with which a trigger arrives: Alt is part of the button that it makes. */
    public int with(Trigger t, int mods) {
        return is(ALT) && t.equals(Trigger.drag(1)) ? mods & ~Modifiers.ALT : mods;
    }

    /** The key that a key stands for: that of the number pad where the keymap has something for it. */
    public String key(String code, Keymap keymap) {
        String pad = ground.habits().on(AllHabits.NUMBER_PAD) ? pad(code) : null;
        return pad != null && keymap.uses(pad) ? pad : code;
    }

    private static String pad(String code) {
        return switch (code) {
            case "Minus" -> "NumpadSubtract";
            case "Equal" -> "NumpadAdd";
            case "Period" -> "NumpadDecimal";
            default -> code.startsWith("Digit") ? "Numpad" + code.substring("Digit".length()) : null;
        };
    }
}
