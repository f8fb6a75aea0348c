package rhombus.core.keymap;

import static rhombus.core.words.Messages.say;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;

/** The system a browser runs on, and what it and the browser keep for themselves (common practice, no source). */
public enum Platform {
    WINDOWS,
    MAC,
    LINUX;

    private static final Map<Platform, Map<String, String>> TAKEN = new HashMap<>();

    static {
        String close = say("platform.closes-the-tab");
        String quit = say("platform.ends-the-browser-or-the");
        for (Platform p : values()) {
            Map<String, String> m = new HashMap<>();
            String main = p == MAC ? "Meta+" : "Ctrl+";
            m.put(main + "KeyW", close);
            String shifted = Modifiers.code(Modifiers.SHIFT | (p == MAC ? Modifiers.META : Modifiers.CTRL));
            m.put(shifted + "KeyW", say("platform.closes-the-window"));
            m.put(main + "KeyT", say("platform.opens-a-tab"));
            m.put(shifted + "KeyT", say("platform.opens-the-tab-that-was"));
            m.put(main + "KeyN", say("platform.opens-a-window"));
            m.put(shifted + "KeyN", say("platform.opens-a-private-window"));
            m.put(main + "KeyQ", quit);
            m.put("Ctrl+Tab", say("platform.goes-to-the-next-tab"));
            m.put("Ctrl+Shift+Tab", say("platform.goes-to-the-tab-before"));
            m.put("Alt+Tab", say("platform.changes-the-window"));
            TAKEN.put(p, m);
        }
        for (Platform p : new Platform[] {WINDOWS, LINUX}) {
            TAKEN.get(p).put("Alt+F4", quit);
            TAKEN.get(p).put("F11", say("platform.fills-the-screen"));
            TAKEN.get(p).put("Ctrl+Alt+Delete", say("platform.belongs-to-the-system"));
        }
        for (String key :
                Set.of("KeyD", "KeyE", "KeyL", "KeyR", "Tab", "ArrowLeft", "ArrowRight", "ArrowUp", "ArrowDown")) {
            TAKEN.get(WINDOWS).put("Meta+" + key, say("platform.belongs-to-the-system"));
        }
        for (String key : Set.of("KeyH", "KeyM", "Space", "Tab", "Backquote")) {
            TAKEN.get(MAC).put("Meta+" + key, say("platform.belongs-to-the-system"));
        }
        TAKEN.get(MAC).put("Ctrl+ArrowLeft", say("platform.changes-the-desk"));
        TAKEN.get(MAC).put("Ctrl+ArrowRight", say("platform.changes-the-desk"));
        TAKEN.get(MAC).put("Ctrl+ArrowUp", say("platform.shows-all-windows"));
        TAKEN.get(LINUX).put("Ctrl+Alt+ArrowLeft", say("platform.changes-the-desk-on-many"));
        TAKEN.get(LINUX).put("Ctrl+Alt+ArrowRight", say("platform.changes-the-desk-on-many"));
    }

    /** The platform that a browser names in its own words. */
    public static Platform of(String told) {
        String s = told.toLowerCase();
        return s.contains("mac") || s.contains("iphone") || s.contains("ipad")
                ? MAC
                : s.contains("win") ? WINDOWS : LINUX;
    }

    /** The key on which a layout prints a letter is that letter to browsers and systems, wherever it lies. */
    private static String meant(String code, Map<String, String> layout) {
        String printed = KeyNames.of(code, layout);
        boolean letter = printed.length() == 1 && printed.charAt(0) >= 'A' && printed.charAt(0) <= 'Z';
        return letter ? "Key" + printed : code.startsWith("Key") ? "" : code;
    }

    /**
     * What keeps a trigger from arriving here, in words; null where nothing does.
     *
     * @param layout what the user's own layout prints on its keys
     */
    public String taken(Trigger t, int modifiers, Map<String, String> layout) {
        switch (t.kind()) {
            case KEY, HOLD:
                String does = TAKEN.get(this).get(Modifiers.code(modifiers) + meant(t.code(), layout));
                return does == null ? null : say("platform.it", does);
            case DRAG:
                boolean moves = this == LINUX && modifiers == Modifiers.ALT && t.button() == 0;
                return moves ? say("platform.it-moves-the-window-under") : null;
            case CLICK:
                boolean lists = this == MAC && modifiers == Modifiers.CTRL && t.button() == 0;
                return lists ? say("platform.it-counts-as-a-click") : null;
            default:
                return null;
        }
    }
}
