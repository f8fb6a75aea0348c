package rhombus.core.keymap;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A keymap for the other hand: keys change places with those that lie as far from the middle of the keyboard on its other side.
 * Digits keep their meaning, chords with Ctrl or Meta are the same everywhere, and which button of a mouse is the first one is
 * said by the system; so these stay.
 */
public final class MirroredKeymap {
    private static final Map<String, String> ACROSS = new HashMap<>();

    static {
        // Without the row of digits.
        for (List<String> row : KeyboardShape.ROWS.subList(1, KeyboardShape.ROWS.size())) {
            for (int i = 0; i < row.size(); i++) {
                ACROSS.put(row.get(i), row.get(row.size() - 1 - i));
            }
        }
    }

    private MirroredKeymap() {}

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
