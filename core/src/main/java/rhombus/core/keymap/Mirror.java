package rhombus.core.keymap;

import java.util.HashMap;
import java.util.Map;

/**
 * A keymap for the other hand: keys change places with those that lie as far from the middle of the keyboard on its other side.
 * Digits keep their meaning, chords with Ctrl or Meta are the same everywhere, and which button of a mouse is the first one is
 * said by the system; so these stay.
 */
public final class Mirror {
    private static final String[][] ROWS = {
        "KeyQ KeyW KeyE KeyR KeyT KeyY KeyU KeyI KeyO KeyP".split(" "),
        "KeyA KeyS KeyD KeyF KeyG KeyH KeyJ KeyK KeyL Semicolon".split(" "),
        "KeyZ KeyX KeyC KeyV KeyB KeyN KeyM Comma Period Slash".split(" ")
    };
    private static final Map<String, String> ACROSS = new HashMap<>();

    static {
        for (String[] row : ROWS) {
            for (int i = 0; i < row.length; i++) {
                ACROSS.put(row[i], row[row.length - 1 - i]);
            }
        }
    }

    private Mirror() {}

    /** The keymap for the other hand. Mirrored twice it is what it was. */
    public static Keymap of(Keymap map) {
        Keymap out = map;
        for (Binding b : map.bindings()) {
            boolean stays = (b.modifiers() & (Modifiers.CTRL | Modifiers.META)) != 0;
            if (b.trigger() != null && b.trigger().kind().ofKey() && !stays) {
                String code = b.trigger().code();
                Trigger there = new Trigger(b.trigger().kind(), ACROSS.getOrDefault(code, code), -1);
                out = out.with(b.with(there, b.modifiers()));
            }
        }
        return out;
    }
}
