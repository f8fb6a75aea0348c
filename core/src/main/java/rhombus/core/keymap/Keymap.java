package rhombus.core.keymap;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.OldNames;
import rhombus.core.plain.Plain;

/**
 * A preset with the user's own changes on top. Only the changes are stored, so a copy follows improvements of its preset.
 * Immutable.
 */
public final class Keymap {
    private static final int LONGEST = 200;

    private final Catalogue catalogue;
    private final String name;
    private final String preset;
    private final Map<String, Change> changes;
    private final List<Binding> bindings;
    private final Map<String, Binding> lookup = new HashMap<>();

    /**
     * Another trigger for a binding of the preset.
     *
     * @param trigger null for none
     * @param modifiers bits of {@link Modifiers}
     */
    public record Change(Trigger trigger, int modifiers) {}

    private Keymap(Catalogue catalogue, String name, String preset, Map<String, Change> changes) {
        this.catalogue = catalogue;
        this.name = name;
        this.preset = preset;
        this.changes = changes;
        this.bindings = new ArrayList<>();
        for (Binding b : catalogue.bindings(preset)) {
            Change c = changes.get(b.id());
            bindings.add(c == null ? b : b.with(c.trigger, c.modifiers));
        }
        for (Binding b : bindings) {
            if (b.trigger() != null) {
                lookup.put(key(b.trigger(), b.modifiers(), b.context()), b);
            }
        }
    }

    /**
     * An unchanged preset.
     *
     * @throws IllegalArgumentException if there is none with this id
     */
    static Keymap preset(Catalogue catalogue, String id) {
        if (catalogue.bindings(id) == null) {
            throw new IllegalArgumentException("\"" + id + "\" is no preset");
        }
        return new Keymap(catalogue, Presets.names().get(id), id, Map.of());
    }

    /** The commands it gives triggers to. */
    public Catalogue catalogue() {
        return catalogue;
    }

    /** Its name. */
    public String name() {
        return name;
    }

    /** Id of the preset it stands on. */
    public String preset() {
        return preset;
    }

    /** All bindings, in the order of the preset. */
    public List<Binding> bindings() {
        return bindings;
    }

    /** Ids of the bindings that differ from the preset. */
    public Map<String, Change> changes() {
        return changes;
    }

    /** The binding with this id, or null. */
    public Binding binding(String id) {
        for (Binding b : bindings) {
            if (b.id().equals(id)) {
                return b;
            }
        }
        return null;
    }

    /** The binding that answers, looked for in the given contexts in turn, or null. */
    public Binding find(Trigger t, int modifiers, List<Context> contexts) {
        for (Context c : contexts) {
            Binding b = lookup.get(key(t, modifiers, c));
            if (b != null) {
                return b;
            }
        }
        return null;
    }

    private static String key(Trigger t, int modifiers, Context c) {
        return t.kind().id() + t.code() + t.button() + '/' + modifiers + '/' + c.id();
    }

    /** Another trigger for one binding. The first change of a preset makes a copy named after it. */
    public Keymap with(String bindingId, Trigger trigger, int modifiers) {
        Map<String, Change> next = new LinkedHashMap<>(changes);
        Binding original = null;
        for (Binding b : catalogue.bindings(preset)) {
            if (b.id().equals(bindingId)) {
                original = b;
            }
        }
        if (original == null) {
            throw new IllegalArgumentException("\"" + bindingId + "\" is no binding of " + name);
        }
        if (original.trigger().equals(trigger) && original.modifiers() == modifiers) {
            next.remove(bindingId);
        } else {
            next.put(bindingId, new Change(trigger, modifiers));
        }
        String own = next.isEmpty()
                ? Presets.names().get(preset)
                : "My " + Presets.names().get(preset);
        return new Keymap(catalogue, changes.isEmpty() || next.isEmpty() ? own : name, preset, next);
    }

    /** The preset's own trigger again for one binding. */
    public Keymap reset(String bindingId) {
        for (Binding b : catalogue.bindings(preset)) {
            if (b.id().equals(bindingId)) {
                return with(bindingId, b.trigger(), b.modifiers());
            }
        }
        return this;
    }

    /** As stored: name, preset and what differs. */
    public Map<String, Object> toPlain() {
        List<Object> list = new ArrayList<>();
        changes.forEach((id, c) -> list.add(Plain.map(
                "id",
                id,
                "trigger",
                c.trigger == null ? null : c.trigger.toPlain(),
                "modifiers",
                Modifiers.names(c.modifiers))));
        return Plain.map("format", "rhombus-keymap", "version", 1, "name", name, "preset", preset, "changes", list);
    }

    /**
     * From what was stored.
     *
     * @throws IllegalArgumentException saying what is wrong with it
     */
    static Keymap of(Catalogue catalogue, Map<String, Object> m) {
        if (!"rhombus-keymap".equals(m.get("format"))) {
            throw new IllegalArgumentException("this is no Rhombus keymap: \"format\" must be \"rhombus-keymap\"");
        }
        if (Plain.whole(m.get("version"), 0) != 1) {
            throw new IllegalArgumentException(
                    "keymap version " + m.get("version") + " is not known here; version 1 is");
        }
        Keymap base = preset(catalogue, Plain.text(m.get("preset"), ""));
        Map<String, Change> changes = new LinkedHashMap<>();
        for (Object o : Plain.list(m.get("changes"))) {
            changes.putAll(change(base, Plain.map(o)));
        }
        return new Keymap(catalogue, Plain.text(m.get("name"), base.name), base.preset, changes);
    }

    /** One change by the id of its binding. */
    private static Map<String, Change> change(Keymap base, Map<String, Object> c) {
        String id = OldNames.now(Plain.text(c.get("id"), ""));
        Binding b = base.binding(id);
        if (b == null) {
            throw new IllegalArgumentException("\"" + id + "\" is no binding of the preset " + base.name);
        }
        Trigger t = c.get("trigger") == null ? null : Trigger.of(Plain.map(c.get("trigger")));
        if (t != null && !b.command().fits(t.kind())) {
            throw new IllegalArgumentException(
                    "\"" + id + "\" needs " + b.command().sort().words());
        }
        return Map.of(id, new Change(t, Modifiers.of(Plain.list(c.get("modifiers")))));
    }

    /**
     * A keymap of a file, as far as it can be used.
     *
     * @param keymap with all changes that can be used
     * @param problems what is wrong with the others, each with its place
     */
    public record Read(Keymap keymap, List<String> problems) {}

    /**
     * Reads a file that somebody brought: what cannot be used of it is told and left out.
     *
     * @throws IllegalArgumentException saying what is wrong where nothing of it can be used
     */
    static Read read(Catalogue catalogue, Map<String, Object> m) {
        Map<String, Object> bare = new LinkedHashMap<>(m);
        bare.put("changes", List.of());
        Keymap base = of(catalogue, bare);
        Map<String, Change> changes = new LinkedHashMap<>();
        List<String> problems = new ArrayList<>();
        List<Object> listed = Plain.list(m.get("changes"));
        for (int k = 0; k < listed.size(); k++) {
            try {
                Map<String, Change> one = change(base, Plain.map(listed.get(k)));
                String id = one.keySet().iterator().next();
                if (changes.containsKey(id)) {
                    throw new IllegalArgumentException("\"" + id + "\" is there twice");
                }
                changes.putAll(one);
            } catch (IllegalArgumentException e) {
                problems.add("changes[" + k + "]: " + e.getMessage());
            }
        }
        String name = base.name.length() > LONGEST ? base.name.substring(0, LONGEST) : base.name;
        return new Read(new Keymap(catalogue, name, base.preset, changes), problems);
    }
}
