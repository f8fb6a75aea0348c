package rhombus.core.keymap;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Checks a change of a keymap before it is made. */
public final class Analysis {
    /** Chords that browsers keep for themselves on every desktop system (common practice, no source). */
    private static final Set<String> TAKEN = Set.of(
            "Ctrl+KeyW",
            "Ctrl+KeyT",
            "Ctrl+KeyN",
            "Ctrl+Shift+KeyW",
            "Ctrl+Shift+KeyT",
            "Ctrl+Shift+KeyN",
            "Ctrl+Tab",
            "Ctrl+Shift+Tab",
            "Alt+F4",
            "Meta+KeyW",
            "Meta+KeyT",
            "Meta+KeyN",
            "Meta+KeyQ",
            "F11");

    private Analysis() {}

    /**
     * What stands against a change.
     *
     * @param refused why it cannot be made as it is, or null
     * @param clash id of the binding that answers the same motion in the same place, or null
     * @param notes what the user should know all the same
     */
    public record Verdict(String refused, String clash, List<String> notes) {}

    /** Looks at giving a binding another trigger. */
    public static Verdict check(Keymap map, String bindingId, Trigger t, int mods, Map<String, String> layout) {
        Binding b = map.binding(bindingId);
        Command command = b.command();
        String words = t.words(mods, layout);
        if (!command.fits(t.kind())) {
            return new Verdict(
                    "“" + b.words() + "” needs " + command.sort().words() + "; you did " + words + ".",
                    null,
                    List.of());
        }
        List<String> notes = new ArrayList<>();
        String clash = null;
        Binding wanted = b.with(t, mods);
        for (Binding o : map.bindings()) {
            if (o.id().equals(bindingId) || o.trigger() == null) {
                continue;
            }
            if (wanted.clashesWith(o) && !sameDeed(b, o)) {
                clash = o.id();
            } else if (o.trigger().equals(t)
                    && o.modifiers() == mods
                    && o.context().compareTo(b.context()) < 0) {
                notes.add("Hidden " + o.context().words() + ": there it does “" + o.words() + "”.");
            }
        }
        if (TAKEN.contains(Modifiers.prefix(mods) + t.code())) {
            notes.add("The browser keeps " + words + " for itself; it may never arrive here.");
        }
        return new Verdict(null, clash, notes);
    }

    private static boolean sameDeed(Binding a, Binding b) {
        return a.command() == b.command() && a.args().equals(b.args());
    }

    /** Pairs of bindings that answer the same motion in the same place; empty for a sound keymap. */
    public static List<String> clashes(Keymap map) {
        List<String> out = new ArrayList<>();
        List<Binding> l = map.bindings();
        for (int i = 0; i < l.size(); i++) {
            for (int k = i + 1; k < l.size(); k++) {
                if (l.get(i).clashesWith(l.get(k))) {
                    out.add(l.get(i).id() + " and " + l.get(k).id());
                }
            }
        }
        return out;
    }

    /** Ids of essential commands that no trigger reaches. */
    public static List<String> missing(Keymap map) {
        List<String> out = new ArrayList<>();
        for (Command c : map.catalogue().commands().values()) {
            if (c.essential() && map.bindings().stream().noneMatch(b -> b.command() == c && b.trigger() != null)) {
                out.add(c.id());
            }
        }
        return out;
    }
}
