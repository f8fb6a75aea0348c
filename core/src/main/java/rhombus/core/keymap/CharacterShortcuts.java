package rhombus.core.keymap;

/**
 * Shortcuts of a single character, as WCAG 2.2, 2.1.4 means them: a letter, a digit, a mark of punctuation or a symbol, with
 * nothing but Shift. Who speaks to the machine, or hits keys by accident, may switch them off.
 */
public final class CharacterShortcuts {
    private CharacterShortcuts() {}

    /** Whether a binding is such a shortcut, be the key pressed or held. */
    public static boolean single(Binding b) {
        return b.trigger() != null
                && b.trigger().kind().ofKey()
                && (b.modifiers() & ~Modifiers.SHIFT) == 0
                && character(b.trigger().code());
    }

    private static boolean character(String code) {
        return switch (code) {
            case "Minus",
                    "Equal",
                    "BracketLeft",
                    "BracketRight",
                    "Backslash",
                    "Semicolon",
                    "Quote",
                    "Backquote",
                    "Comma",
                    "Period",
                    "Slash",
                    "IntlBackslash",
                    "IntlRo",
                    "IntlYen" -> true;
            case "NumpadEnter", "NumpadBackspace", "NumpadClear", "NumpadClearEntry" -> false;
            default ->
                code.startsWith("Key")
                        || code.startsWith("Digit")
                        || code.startsWith("Numpad") && !code.startsWith("NumpadMemory");
        };
    }
}
