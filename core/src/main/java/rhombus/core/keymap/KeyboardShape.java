package rhombus.core.keymap;

import java.util.ArrayList;
import java.util.List;

/**
 * Where the keys of a keyboard lie, in widths of a letter's key from its top left corner. The main block is that of ANSI and
 * ISO keyboards drawn in one: a short left Shift with the ISO key beside it, and the ANSI key above Enter (from memory).
 */
public final class KeyboardShape {
    /** Width without a number pad. */
    public static final double WIDTH = 18.25;
    /** Width with one. */
    public static final double WITH_PAD = 22.5;
    /** Height. */
    public static final double HEIGHT = 6.25;

    /**
     * A key.
     *
     * @param code W3C {@code KeyboardEvent.code}
     * @param x of its left side
     * @param y of its top
     * @param width of it; all but two keys of the pad are 1 high
     * @param height of it
     */
    public record Place(String code, double x, double y, double width, double height) {}

    /** Digits and letters with the marks that end their rows, from above, ten keys each: as far apart from the middle on both sides. */
    static final List<List<String>> ROWS = List.of(
            List.of("Digit1 Digit2 Digit3 Digit4 Digit5 Digit6 Digit7 Digit8 Digit9 Digit0".split(" ")),
            List.of("KeyQ KeyW KeyE KeyR KeyT KeyY KeyU KeyI KeyO KeyP".split(" ")),
            List.of("KeyA KeyS KeyD KeyF KeyG KeyH KeyJ KeyK KeyL Semicolon".split(" ")),
            List.of("KeyZ KeyX KeyC KeyV KeyB KeyN KeyM Comma Period Slash".split(" ")));

    private static final List<Place> MAIN = new ArrayList<>();
    private static final List<Place> PAD = new ArrayList<>();

    static {
        row(MAIN, 0, 0, "Escape", 1);
        row(MAIN, 2, 0, "F1 F2 F3 F4", 1);
        row(MAIN, 6.5, 0, "F5 F6 F7 F8", 1);
        row(MAIN, 11, 0, "F9 F10 F11 F12", 1);
        row(
                MAIN,
                0,
                1.25,
                "Backquote Digit1 Digit2 Digit3 Digit4 Digit5 Digit6 Digit7 Digit8 Digit9 Digit0 Minus Equal",
                1);
        row(MAIN, 13, 1.25, "Backspace", 2);
        row(MAIN, 0, 2.25, "Tab", 1.5);
        row(MAIN, 1.5, 2.25, "KeyQ KeyW KeyE KeyR KeyT KeyY KeyU KeyI KeyO KeyP BracketLeft BracketRight", 1);
        row(MAIN, 13.5, 2.25, "Backslash", 1.5);
        row(MAIN, 0, 3.25, "CapsLock", 1.75);
        row(MAIN, 1.75, 3.25, "KeyA KeyS KeyD KeyF KeyG KeyH KeyJ KeyK KeyL Semicolon Quote", 1);
        row(MAIN, 12.75, 3.25, "Enter", 2.25);
        row(MAIN, 0, 4.25, "ShiftLeft", 1.25);
        row(MAIN, 1.25, 4.25, "IntlBackslash KeyZ KeyX KeyC KeyV KeyB KeyN KeyM Comma Period Slash", 1);
        row(MAIN, 12.25, 4.25, "ShiftRight", 2.75);
        row(MAIN, 0, 5.25, "ControlLeft MetaLeft AltLeft", 1.25);
        row(MAIN, 3.75, 5.25, "Space", 6.25);
        row(MAIN, 10, 5.25, "AltRight MetaRight ContextMenu ControlRight", 1.25);
        row(MAIN, 15.25, 1.25, "Insert Home PageUp", 1);
        row(MAIN, 15.25, 2.25, "Delete End PageDown", 1);
        row(MAIN, 16.25, 4.25, "ArrowUp", 1);
        row(MAIN, 15.25, 5.25, "ArrowLeft ArrowDown ArrowRight", 1);
        row(PAD, 18.5, 1.25, "NumLock NumpadDivide NumpadMultiply NumpadSubtract", 1);
        row(PAD, 18.5, 2.25, "Numpad7 Numpad8 Numpad9", 1);
        PAD.add(new Place("NumpadAdd", 21.5, 2.25, 1, 2));
        row(PAD, 18.5, 3.25, "Numpad4 Numpad5 Numpad6", 1);
        row(PAD, 18.5, 4.25, "Numpad1 Numpad2 Numpad3", 1);
        PAD.add(new Place("NumpadEnter", 21.5, 4.25, 1, 2));
        row(PAD, 18.5, 5.25, "Numpad0", 2);
        row(PAD, 20.5, 5.25, "NumpadDecimal", 1);
    }

    private KeyboardShape() {}

    private static void row(List<Place> to, double x, double y, String codes, double width) {
        double at = x;
        for (String code : codes.split(" ")) {
            to.add(new Place(code, at, y, width, 1));
            at += width;
        }
    }

    /** All keys, with those of a number pad or without. */
    public static List<Place> keys(boolean pad) {
        List<Place> out = new ArrayList<>(MAIN);
        if (pad) {
            out.addAll(PAD);
        }
        return out;
    }
}
