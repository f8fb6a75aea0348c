package rhombus.core.keymap;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;
import rhombus.core.plain.RenamedKeys;

/** Reads keymaps as they are stored and as they are brought in files. */
public final class KeymapFile {
    static final String FORMAT = "rhombus-keymap";
    static final int VERSION = 1;
    /** The longest list of changes or of added bindings that is read. */
    public static final int LONGEST_LIST = 2000;

    private final Keymap base;
    private final Map<String, Keymap.Change> changes = new LinkedHashMap<>();
    private final Map<String, Binding> added = new LinkedHashMap<>();
    /** What cannot be used, each with its place. */
    private final List<String> problems = new ArrayList<>();

    private final String name;

    /**
     * A keymap of a file, as far as it can be used.
     *
     * @param keymap with all that can be used
     * @param problems what is wrong with the rest, each with its place
     */
    public record Read(Keymap keymap, List<String> problems) {}

    private KeymapFile(CommandCatalogue catalogue, Map<String, Object> m) {
        if (!FORMAT.equals(m.get("format"))) {
            throw new IllegalArgumentException(say("keymap-file.this-is-no-rhombus-keymap", FORMAT));
        }
        if (PlainData.whole(m.get("version"), 0) != VERSION) {
            throw new IllegalArgumentException(
                    say("keymap-file.keymap-version-is-not-known", PlainData.told(m.get("version")), VERSION));
        }
        base = Keymap.preset(catalogue, PlainData.text(m.get("preset"), ""));
        text(m, "name");
        text(m, "preset");
        String told = PlainData.text(m.get("name"), base.name());
        name = told.length() > Keymaps.LONGEST_NAME ? told.substring(0, Keymaps.LONGEST_NAME) : told;
        each(m, "changes", this::change);
        each(m, "added", this::add);
    }

    /**
     * From what was stored.
     *
     * @throws IllegalArgumentException saying what is wrong with it
     */
    static Keymap of(CommandCatalogue catalogue, Map<String, Object> m) {
        Read r = read(catalogue, m);
        if (!r.problems.isEmpty()) {
            throw new IllegalArgumentException(r.problems.get(0));
        }
        return r.keymap;
    }

    /**
     * Reads a file that somebody brought: what cannot be used of it is told and left out.
     *
     * @throws IllegalArgumentException saying what is wrong where nothing of it can be used
     */
    static Read read(CommandCatalogue catalogue, Map<String, Object> m) {
        KeymapFile f = new KeymapFile(catalogue, m);
        return new Read(
                new Keymap(catalogue, f.name, f.base.preset(), f.changes, List.copyOf(f.added.values())), f.problems);
    }

    private static void text(Map<String, Object> m, String key) {
        Object value = m.get(key);
        if (value != null && !(value instanceof String)) {
            throw new IllegalArgumentException(say("keymap-file.must-be-text", key, PlainData.told(value)));
        }
    }

    /** Takes what one entry of a list says. */
    private interface Taking {
        void take(Map<String, Object> entry);
    }

    private void each(Map<String, Object> m, String list, Taking taking) {
        Object all = m.get(list);
        if (all != null && !(all instanceof List<?>)) {
            throw new IllegalArgumentException(say("keymap-file.must-be-a-list", list, PlainData.told(all)));
        }
        List<Object> entries = PlainData.list(all);
        if (entries.size() > LONGEST_LIST) {
            throw new IllegalArgumentException(
                    say("keymap-file.has-entries-at-most-are", list, entries.size(), LONGEST_LIST));
        }
        for (int k = 0; k < entries.size(); k++) {
            try {
                taking.take(PlainData.map(entries.get(k)));
            } catch (IllegalArgumentException e) {
                problems.add(list + "[" + k + "]: " + e.getMessage());
            }
        }
    }

    private void change(Map<String, Object> c) {
        String id = RenamedKeys.now(PlainData.text(c.get("id"), ""));
        Binding b = base.binding(id);
        if (b == null) {
            throw new IllegalArgumentException(say("keymap-file.is-no-binding-of-the", id, base.name()));
        }
        if (changes.containsKey(id)) {
            throw new IllegalArgumentException(say("keymap-file.is-there-twice", id));
        }
        Trigger t = c.get("trigger") == null ? null : trigger(b.command(), c);
        changes.put(id, new Keymap.Change(t, modifiers(c)));
    }

    private void add(Map<String, Object> m) {
        String id = PlainData.text(m.get("id"), "");
        if (!ownId(id)) {
            throw new IllegalArgumentException(say("keymap-file.the-id-of-an-added", id));
        }
        if (added.containsKey(id)) {
            throw new IllegalArgumentException(say("keymap-file.is-there-twice", id));
        }
        String named = RenamedKeys.now(PlainData.text(m.get("command"), ""));
        Command command = base.catalogue().command(named);
        if (command == null) {
            throw new IllegalArgumentException(say("keymap-file.is-no-command", named));
        }
        Map<String, Object> args = RenamedKeys.arguments(named, PlainData.map(m.get("args")));
        String wrong = command.problem(args);
        if (wrong != null) {
            throw new IllegalArgumentException(wrong);
        }
        BindingContext context = BindingContext.named(PlainData.text(m.get("context"), ""));
        added.put(
                id, BindableCommand.binding(base, id, command, args, context).with(trigger(command, m), modifiers(m)));
    }

    private static boolean ownId(String id) {
        String number = id.startsWith(Keymap.OWN) ? id.substring(Keymap.OWN.length()) : "";
        return !number.isEmpty()
                && number.length() <= 6
                && number.charAt(0) != '0'
                && number.chars().allMatch(c -> c >= '0' && c <= '9');
    }

    private static Trigger trigger(Command command, Map<String, Object> m) {
        Trigger t = Trigger.of(PlainData.map(m.get("trigger")));
        if (!command.fits(t.kind())) {
            throw new IllegalArgumentException(
                    say("keymap-file.needs", command.id(), command.sort().words()));
        }
        return t;
    }

    private static int modifiers(Map<String, Object> m) {
        return Modifiers.of(PlainData.list(m.get("modifiers")));
    }
}
