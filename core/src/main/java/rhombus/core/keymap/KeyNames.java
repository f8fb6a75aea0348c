package rhombus.core.keymap;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.words.Messages;

/** Key codes of the W3C UI Events KeyboardEvent code Values specification, and what to call them on the screen. */
public final class KeyNames {
    private static final Map<String, String> NAMES = Map.ofEntries(
            Map.entry("ArrowLeft", "←"),
            Map.entry("ArrowRight", "→"),
            Map.entry("ArrowUp", "↑"),
            Map.entry("ArrowDown", "↓"),
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
            Map.entry("Backquote", "`"));
    /** The other codes of the specification (tables 27 to 34, from memory): those of modifier keys name no trigger. */
    private static final Set<String> OTHERS =
            Set.of(("Escape Backspace Space IntlBackslash IntlRo IntlYen CapsLock ContextMenu Enter Tab "
                            + "Convert KanaMode Lang1 Lang2 Lang3 Lang4 Lang5 NonConvert "
                            + "Delete End Help Home Insert PageDown PageUp PrintScreen ScrollLock Pause "
                            + "NumLock Numpad0 Numpad1 Numpad2 Numpad3 Numpad4 Numpad5 Numpad6 Numpad7 Numpad8 Numpad9 NumpadAdd "
                            + "NumpadBackspace NumpadClear NumpadClearEntry NumpadComma NumpadDecimal NumpadDivide NumpadEnter "
                            + "NumpadEqual NumpadHash NumpadMemoryAdd NumpadMemoryClear NumpadMemoryRecall NumpadMemoryStore "
                            + "NumpadMemorySubtract NumpadMultiply NumpadParenLeft NumpadParenRight NumpadStar NumpadSubtract "
                            + "BrowserBack BrowserFavorites BrowserForward BrowserHome BrowserRefresh BrowserSearch BrowserStop "
                            + "Eject LaunchApp1 LaunchApp2 LaunchMail MediaPlayPause MediaSelect MediaStop MediaTrackNext "
                            + "MediaTrackPrevious Power Sleep AudioVolumeDown AudioVolumeMute AudioVolumeUp WakeUp "
                            + "Abort Resume Suspend Again Copy Cut Find Open Paste Props Select Undo Hiragana Katakana")
                    .split(" "));
    /** The highest function key that is named. */
    private static final int LAST_FUNCTION = 24;

    /** What the codes of keys of the number pad begin with. */
    private static final String PAD = "Numpad";

    private KeyNames() {}

    /** Whether this is a key's code that a keymap may name; modifier keys are not. */
    public static boolean known(String code) {
        if (code.length() == 4 && code.startsWith("Key")) {
            return code.charAt(3) >= 'A' && code.charAt(3) <= 'Z';
        }
        if (code.length() == 6 && code.startsWith("Digit")) {
            return code.charAt(5) >= '0' && code.charAt(5) <= '9';
        }
        if (code.length() <= 3 && code.length() > 1 && code.charAt(0) == 'F' && code.charAt(1) != '0') {
            int number = 0;
            for (int i = 1; i < code.length(); i++) {
                int digit = code.charAt(i) - '0';
                if (digit < 0 || digit > 9) {
                    return false;
                }
                number = number * 10 + digit;
            }
            return number <= LAST_FUNCTION;
        }
        return NAMES.containsKey(code) || OTHERS.contains(code);
    }

    /** All codes that a keymap may name. */
    public static String[] all() {
        List<String> out = new ArrayList<>(NAMES.keySet());
        out.addAll(OTHERS);
        for (char c = 'A'; c <= 'Z'; c++) {
            out.add("Key" + c);
        }
        for (int d = 0; d <= 9; d++) {
            out.add("Digit" + d);
        }
        for (int f = 1; f <= LAST_FUNCTION; f++) {
            out.add("F" + f);
        }
        return out.toArray(new String[0]);
    }

    /** Whether what a key printed says what the user's own layout has on it: one character, without modifiers. */
    public static boolean learns(String code, String printed, int modifiers) {
        boolean writes = known(code) && !code.startsWith("Numpad") && !code.equals("Space");
        return modifiers == 0 && writes && printed.length() == 1 && printed.charAt(0) > ' ';
    }

    /** What to call a key; {@code layout} holds what the user's own layout prints on it. */
    public static String of(String code, Map<String, String> layout) {
        String printed = layout.get(code);
        if (printed != null && printed.length() == 1 && printed.charAt(0) > ' ') {
            return printed.toUpperCase();
        }
        int modifier = Modifiers.ofCode(code);
        if (modifier != 0) {
            return Modifiers.name(modifier);
        }
        if (NAMES.containsKey(code)) {
            return NAMES.get(code);
        }
        if (code.startsWith("Key") || code.startsWith("Digit")) {
            return code.substring(code.length() - 1);
        }
        if (Messages.has("key." + code)) {
            return say("key." + code);
        }
        return code.startsWith(PAD) ? pad(code.substring(PAD.length())) : code;
    }

    private static String pad(String key) {
        String name = "key.pad." + key;
        return say("key-names.num", Messages.has(name) ? say(name) : key);
    }
}
