package rhombus.core.keymap;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;

/**
 * The keymap in use, and the user's others. Each has a name of its own. Immutable.
 *
 * @param active the one in use
 * @param others the user's other ones, the one that was in use last first
 */
public record Keymaps(Keymap active, List<Keymap> others) {
    /** The largest number of other keymaps that are kept. */
    public static final int MOST = 100;
    /** The longest name. */
    public static final int LONGEST_NAME = 60;

    /** The active keymap changed. */
    public Keymaps with(Keymap changed) {
        return new Keymaps(unlike(changed, changed.name()), others);
    }

    /** Uses a preset as it comes. What was in use is kept with the others. */
    public Keymaps usePreset(String id) {
        return new Keymaps(active.catalogue().preset(id), besides(null));
    }

    /** Uses one of the others by its name; without one of that name nothing changes. */
    public Keymaps use(String name) {
        for (Keymap k : others) {
            if (k.name().equals(name)) {
                return new Keymaps(k, besides(k));
            }
        }
        return this;
    }

    /** With the keymap of this name in use, be it one of the user's or a preset; null where there is none. */
    public Keymaps named(String name) {
        if (active.name().equals(name)) {
            return this;
        }
        for (Map.Entry<String, String> preset : KeymapPresets.names().entrySet()) {
            if (preset.getValue().equals(name)) {
                return usePreset(preset.getKey());
            }
        }
        return others.stream().anyMatch(k -> k.name().equals(name)) ? use(name) : null;
    }

    /** Uses a keymap that is none of these. */
    public Keymaps use(Keymap fresh) {
        List<Keymap> rest = besides(null);
        return new Keymaps(fresh.own() ? fresh.named(free(fresh.name(), rest)) : fresh, rest);
    }

    /** A copy of the active one under another name is in use from now on. */
    public Keymaps copy(String name) {
        List<Keymap> rest = besides(null);
        return new Keymaps(active.named(free(name, rest)), rest);
    }

    /**
     * The active one under another name.
     *
     * @throws IllegalArgumentException saying what is wrong with the name
     */
    public Keymaps rename(String name) {
        String said = name.strip();
        if (said.isEmpty() || said.length() > LONGEST_NAME) {
            throw new IllegalArgumentException(say("keymaps.a-keymaps-name-has-one", LONGEST_NAME));
        }
        if (said.equals(active.name())) {
            return this;
        }
        if (taken(said, others)) {
            throw new IllegalArgumentException(say("keymaps.another-keymap-is-called", said));
        }
        return new Keymaps(active.named(said), others);
    }

    /** Without the active one: its preset is in use again. */
    public Keymaps delete() {
        return new Keymaps(active.catalogue().preset(active.preset()), others);
    }

    /** Goes round: the user's keymaps by name, and after the last its preset as it comes. */
    public Keymaps next() {
        List<String> names = new ArrayList<>();
        others.forEach(k -> names.add(k.name()));
        if (active.own()) {
            names.add(active.name());
        }
        Collections.sort(names);
        int at = active.own() ? names.indexOf(active.name()) : -1;
        return at + 1 < names.size() ? use(names.get(at + 1)) : active.own() ? usePreset(active.preset()) : this;
    }

    private List<Keymap> besides(Keymap gone) {
        List<Keymap> out = new ArrayList<>(others);
        out.remove(gone);
        if (active.own()) {
            out.add(0, active);
        }
        return out.size() > MOST ? out.subList(0, MOST) : out;
    }

    private Keymap unlike(Keymap k, String wanted) {
        return k.own() ? k.named(free(wanted, others)) : k;
    }

    private static boolean taken(String name, List<Keymap> some) {
        return KeymapPresets.names().containsValue(name)
                || some.stream().anyMatch(k -> k.name().equals(name));
    }

    private static String free(String name, List<Keymap> some) {
        String said = name.strip();
        String bare = said.isEmpty()
                ? say("keymaps.my-keymap")
                : said.length() > LONGEST_NAME ? said.substring(0, LONGEST_NAME) : said;
        String out = bare;
        for (int n = 2; taken(out, some); n++) {
            out = bare + " " + n;
        }
        return out;
    }

    /** As stored: the active one, with the others beside what it says. */
    public Map<String, Object> toPlain() {
        Map<String, Object> m = active.toPlain();
        if (!others.isEmpty()) {
            m.put(
                    "others",
                    new ArrayList<Object>(others.stream().map(Keymap::toPlain).toList()));
        }
        return m;
    }

    /**
     * From what was stored.
     *
     * @throws IllegalArgumentException saying what is wrong with it
     */
    public static Keymaps of(CommandCatalogue catalogue, Map<String, Object> m) {
        Keymap active = KeymapFile.of(catalogue, m);
        List<Object> listed = PlainData.list(m.get("others"));
        if (listed.size() > MOST) {
            throw new IllegalArgumentException(say("keymaps.at-most-other-keymaps-are", MOST, listed.size()));
        }
        List<Keymap> others = new ArrayList<>();
        for (int k = 0; k < listed.size(); k++) {
            try {
                Keymap one = KeymapFile.of(catalogue, PlainData.map(listed.get(k)));
                List<Keymap> before = new ArrayList<>(others);
                before.add(active);
                others.add(one.named(free(one.name(), before)));
            } catch (IllegalArgumentException e) {
                throw new IllegalArgumentException(say("keymaps.others", k, e.getMessage()));
            }
        }
        return new Keymaps(active, List.copyOf(others));
    }
}
