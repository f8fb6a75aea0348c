package rhombus.core.stage.keymaps;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.keymap.Modifiers;
import rhombus.core.keymap.Trigger;
import rhombus.core.plain.OrNull;
import rhombus.core.plain.PageCall;

/**
 * What a key does in a control of the page that has the keyboard. Keys that move follow the patterns of the W3C ARIA
 * Authoring Practices Guide; keys that change something are those of the user's keymap.
 */
public final class PanelKeys {
    private static final String TREE = "tree";
    /** The tree while a name is typed, so that a space belongs to the name. */
    private static final String TYPING = "typing";

    private static final Map<String, String> ARROWS =
            Map.of("ArrowUp", "up", "ArrowDown", "down", "ArrowLeft", "left", "ArrowRight", "right");
    private static final Map<String, String> CHOOSE = Map.of("Enter", "choose", " ", "choose");

    private static final Map<String, Map<String, String>> CONTROLS = Map.of(
            TREE,
            all(
                    CHOOSE,
                    Map.of("ArrowUp", "up", "ArrowDown", "down", "ArrowLeft", "close", "ArrowRight", "open"),
                    Map.of("Home", "first", "End", "last", "PageUp", "page-up", "PageDown", "page-down"),
                    Map.of("F2", "rename")),
            "tabs",
            Map.of(
                    "ArrowLeft", "previous",
                    "ArrowRight", "next",
                    "F2", "rename",
                    "Delete", "delete",
                    "Ctrl ArrowLeft", "move-left",
                    "Ctrl ArrowRight", "move-right"),
            "menu",
            all(CHOOSE, Map.of("ArrowUp", "previous", "ArrowDown", "next", "Escape", "leave", "Tab", "leave")),
            "row",
            Map.of("ArrowLeft", "previous", "ArrowRight", "next"),
            "rose",
            all(ARROWS, CHOOSE, Map.of("Home", "home", "ContextMenu", "menu", "Shift F10", "menu")),
            "border",
            all(ARROWS, CHOOSE),
            "handle",
            ARROWS,
            "pad",
            all(ARROWS, Map.of(" ", "choose", "Home", "home")),
            "button",
            CHOOSE);

    /** Commands that keys of the keymap give in a control, with what the control does for them. */
    private static final Map<String, Map<String, String>> COMMANDS = Map.of(
            TREE,
            Map.of("object.rename", "rename", "object.delete", "delete"),
            "tabs",
            Map.of("board.rename", "rename", "board.delete", "delete"));

    private final UserKeymaps keymaps;

    /** Keys with a user's keymaps. */
    public PanelKeys(UserKeymaps keymaps) {
        this.keymaps = keymaps;
    }

    /**
     * What a control does for a key; null where the key is not for it.
     *
     * @param control one of {@code tree, typing, tabs, menu, row, rose, border, handle, pad, button}
     * @param key what the key is, as a W3C UI Events {@code key} value
     * @param code where the key is, as a W3C UI Events {@code code} value
     * @param modifiers a set of {@link Modifiers}
     */
    @PageCall
    @OrNull
    public String action(String control, String key, String code, int modifiers) {
        boolean typing = control.equals(TYPING);
        boolean letter = key.codePointCount(0, key.length()) == 1
                && (typing || !key.equals(" "))
                && (modifiers & (Modifiers.CTRL | Modifiers.ALT | Modifiers.META)) == 0;
        return letter && (typing || control.equals(TREE))
                ? "letter"
                : moving(typing ? TREE : control, key, code, modifiers);
    }

    private String moving(String control, String key, String code, int modifiers) {
        String byCommand = byCommand(control, code, modifiers);
        if (byCommand != null) {
            return byCommand;
        }
        Map<String, String> keys = CONTROLS.getOrDefault(control, Map.of());
        for (int modifier : List.of(Modifiers.CTRL, Modifiers.SHIFT)) {
            String with = Modifiers.names(modifier).get(0) + " " + key;
            if ((modifiers & modifier) != 0 && keys.containsKey(with)) {
                return keys.get(with);
            }
        }
        return keys.get(key);
    }

    private String byCommand(String control, String code, int modifiers) {
        Trigger pressed = new Trigger(Trigger.Kind.KEY, code, -1);
        Map<String, String> commands = COMMANDS.getOrDefault(control, Map.of());
        return keymaps.inUse().bindings().stream()
                .filter(b -> pressed.equals(b.trigger()) && b.modifiers() == modifiers)
                .map(b -> commands.get(b.command().id()))
                .filter(a -> a != null)
                .findFirst()
                .orElse(null);
    }

    @SafeVarargs
    private static Map<String, String> all(Map<String, String>... parts) {
        Map<String, String> out = new HashMap<>();
        for (Map<String, String> p : parts) {
            out.putAll(p);
        }
        return out;
    }
}
