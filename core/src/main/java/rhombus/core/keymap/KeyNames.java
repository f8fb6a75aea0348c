package rhombus.core.keymap;

import java.util.Map;
import java.util.Set;

/** Key codes of the W3C UI Events KeyboardEvent code Values specification, and what to call them on the screen. */
public final class KeyNames {
    private static final Map<String, String> NAMES = Map.ofEntries(
            Map.entry("ArrowLeft", "←"),
            Map.entry("ArrowRight", "→"),
            Map.entry("ArrowUp", "↑"),
            Map.entry("ArrowDown", "↓"),
            Map.entry("Escape", "Esc"),
            Map.entry("Backspace", "Backspace"),
            Map.entry("Slash", "/"),
            Map.entry("Equal", "="),
            Map.entry("Minus", "-"),
            Map.entry("Comma", ","),
            Map.entry("Period", "."),
            Map.entry("Semicolon", ";"),
            Map.entry("Quote", "'"),
            Map.entry("BracketLeft", "["),
            Map.entry("BracketRight", "]"),
            Map.entry("Backslash", "\\"),
            Map.entry("Backquote", "`"),
            Map.entry("Space", "Space"));
    private static final Set<String> OTHERS = Set.of(
            "Enter",
            "Tab",
            "Delete",
            "Insert",
            "Home",
            "End",
            "PageUp",
            "PageDown",
            "CapsLock",
            "ContextMenu",
            "Pause",
            "IntlBackslash",
            "IntlRo",
            "IntlYen",
            "NumLock",
            "ScrollLock",
            "PrintScreen");

    private KeyNames() {}

    /** Whether this is a key's code that a keymap may name; modifier keys are not. */
    public static boolean known(String code) {
        if (code.length() == 4 && code.startsWith("Key")) {
            return code.charAt(3) >= 'A' && code.charAt(3) <= 'Z';
        }
        if (code.length() == 6 && code.startsWith("Digit")) {
            return code.charAt(5) >= '0' && code.charAt(5) <= '9';
        }
        if (code.length() <= 3 && code.length() > 1 && code.charAt(0) == 'F') {
            for (int i = 1; i < code.length(); i++) {
                if (code.charAt(i) < '0' || code.charAt(i) > '9') {
                    return false;
                }
            }
            return true;
        }
        return NAMES.containsKey(code) || OTHERS.contains(code) || code.startsWith("Numpad");
    }

    /** What to call a key; {@code layout} holds what the user's own layout prints on it. */
    public static String of(String code, Map<String, String> layout) {
        String printed = layout.get(code);
        if (printed != null && printed.length() == 1 && printed.charAt(0) > ' ') {
            return printed.toUpperCase();
        }
        if (NAMES.containsKey(code)) {
            return NAMES.get(code);
        }
        if (code.startsWith("Key") || code.startsWith("Digit")) {
            return code.substring(code.length() - 1);
        }
        return code.startsWith("Numpad") ? "Num " + code.substring(6) : code;
    }
}
