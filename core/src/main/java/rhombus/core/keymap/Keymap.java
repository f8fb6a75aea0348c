package rhombus.core.keymap;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import rhombus.core.plain.PlainData;

/**
 * A preset with the user's own changes on top. Only the changes are stored, so a copy follows improvements of its preset.
 * Immutable.
 */
public final class Keymap {
    /** What the ids of added bindings begin with. */
    static final String OWN = "own-";

    private final CommandCatalogue catalogue;
    private final String name;
    private final String preset;
    private final Map<String, Change> changes;
    private final List<Binding> added;
    private final List<Binding> bindings;
    private final Map<Place, Binding> lookup = new HashMap<>();

    /**
     * Another trigger for a binding of the preset.
     *
     * @param trigger null for none
     * @param modifiers bits of {@link Modifiers}
     */
    public record Change(Trigger trigger, int modifiers) {}

    Keymap(CommandCatalogue catalogue, String name, String preset, Map<String, Change> changes, List<Binding> added) {
        this.catalogue = catalogue;
        this.name = name;
        this.preset = preset;
        this.changes = changes;
        this.added = added;
        this.bindings = new ArrayList<>();
        for (Binding b : catalogue.bindings(preset)) {
            Change c = changes.get(b.id());
            bindings.add(c == null ? b : b.with(c.trigger, c.modifiers));
        }
        bindings.addAll(added);
        for (Binding b : bindings) {
            if (b.trigger() != null) {
                lookup.put(new Place(b.trigger(), b.modifiers(), b.context()), b);
            }
        }
    }

    /**
     * An unchanged preset.
     *
     * @throws IllegalArgumentException if there is none with this id
     */
    static Keymap preset(CommandCatalogue catalogue, String id) {
        if (catalogue.bindings(id) == null) {
            throw new IllegalArgumentException(
                    say("keymap.is-no-preset-there-are", id, String.join(", ", KeymapPresets.ALL)));
        }
        return new Keymap(catalogue, KeymapPresets.names().get(id), id, Map.of(), List.of());
    }

    /** The commands it gives triggers to. */
    public CommandCatalogue catalogue() {
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

    /** All bindings, in the order of the preset, and then those that were added. */
    public List<Binding> bindings() {
        return bindings;
    }

    /** What differs from the preset, by the ids of its bindings. */
    public Map<String, Change> changes() {
        return changes;
    }

    /** Bindings that the preset does not have. */
    public List<Binding> added() {
        return added;
    }

    /** Whether a binding differs from the preset or is none of it. */
    public boolean differs(String bindingId) {
        return changes.containsKey(bindingId) || bindingId.startsWith(OWN);
    }

    /** How many bindings differ from the preset or are none of it. */
    public int differing() {
        return changes.size() + added.size();
    }

    /** An id for one more binding. */
    public String freshId() {
        int n = 1;
        while (binding(OWN + n) != null) {
            n++;
        }
        return OWN + n;
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

    /** Whether any of its triggers is made with a key. */
    public boolean uses(String code) {
        return bindings.stream()
                .anyMatch(b -> b.trigger() != null && b.trigger().code().equals(code));
    }

    /** The binding that answers, looked for in the given contexts in turn, or null. */
    public Binding find(Trigger t, int modifiers, List<BindingContext> contexts) {
        for (BindingContext c : contexts) {
            Binding b = lookup.get(new Place(t, modifiers, c));
            if (b != null) {
                return b;
            }
        }
        return null;
    }

    /** What is looked up, many times for each line of hints. */
    private record Place(Trigger trigger, int modifiers, BindingContext context) {}

    /**
     * Another trigger for one binding, or none; one that was added is gone without a trigger. The first change of a preset
     * makes a copy named after it.
     *
     * @throws IllegalArgumentException if there is no such binding
     */
    public Keymap with(String bindingId, Trigger trigger, int modifiers) {
        Binding b = binding(bindingId);
        if (b == null) {
            throw new IllegalArgumentException(say("keymap.is-no-binding-of", bindingId, name));
        }
        return with(b.with(trigger, modifiers));
    }

    /** With a binding as it says: one of the preset, one that was added, or one that is added by this. */
    public Keymap with(Binding b) {
        Binding original = original(b.id());
        if (original == null) {
            return withAdded(b);
        }
        Map<String, Change> next = new LinkedHashMap<>(changes);
        if (original.trigger().equals(b.trigger()) && original.modifiers() == b.modifiers()) {
            next.remove(b.id());
        } else {
            next.put(b.id(), new Change(b.trigger(), b.modifiers()));
        }
        return next(next, added);
    }

    /** A binding without a trigger yet, to be added: it runs a command, told something. */
    public Binding added(String command, Map<String, Object> args) {
        return BindableCommand.binding(this, freshId(), catalogue.command(command), args, BindingContext.STAGE);
    }

    private Keymap withAdded(Binding b) {
        List<Binding> next = new ArrayList<>();
        boolean there = false;
        for (Binding o : added) {
            boolean same = o.id().equals(b.id());
            there |= same;
            if (!same || b.trigger() != null) {
                next.add(same ? b : o);
            }
        }
        if (!there && b.trigger() != null) {
            next.add(b);
        }
        return next(changes, next);
    }

    private Keymap next(Map<String, Change> nextChanges, List<Binding> nextAdded) {
        boolean bare = nextChanges.isEmpty() && nextAdded.isEmpty();
        String usual = KeymapPresets.names().get(preset);
        String first = say("keymap.my", usual);
        String called = bare && name.equals(first) ? usual : !bare && name.equals(usual) ? first : name;
        return new Keymap(catalogue, called, preset, nextChanges, nextAdded);
    }

    /** The same under another name. */
    public Keymap named(String other) {
        return new Keymap(catalogue, other, preset, changes, added);
    }

    /** Without any change or addition; a name that somebody gave it stays. */
    public Keymap bare() {
        return next(Map.of(), List.of());
    }

    /** Whether it is more than a preset as it comes: it has a name or a trigger of its own. */
    public boolean own() {
        return differing() > 0 || !name.equals(KeymapPresets.names().get(preset));
    }

    /** The same without the triggers of some bindings; nothing of it is kept as a change. */
    public Keymap without(Predicate<Binding> which) {
        Keymap less = new Keymap(catalogue, name, preset, changes, added);
        less.lookup.clear();
        for (int i = 0; i < less.bindings.size(); i++) {
            Binding b = less.bindings.get(i);
            if (b.trigger() != null && which.test(b)) {
                less.bindings.set(i, b.with(null, 0));
            } else if (b.trigger() != null) {
                less.lookup.put(new Place(b.trigger(), b.modifiers(), b.context()), b);
            }
        }
        return less;
    }

    private Binding original(String bindingId) {
        for (Binding b : catalogue.bindings(preset)) {
            if (b.id().equals(bindingId)) {
                return b;
            }
        }
        return null;
    }

    /** The preset's own trigger again for one binding; one that was added is gone. */
    public Keymap reset(String bindingId) {
        Binding original = original(bindingId);
        return original != null ? with(original) : binding(bindingId) == null ? this : with(bindingId, null, 0);
    }

    /** As stored: name, preset and what differs. */
    public Map<String, Object> toPlain() {
        List<Object> list = new ArrayList<>();
        changes.forEach((id, c) -> list.add(PlainData.map(
                "id",
                id,
                "trigger",
                c.trigger == null ? null : c.trigger.toPlain(),
                "modifiers",
                Modifiers.names(c.modifiers))));
        List<Object> more = new ArrayList<>();
        added.forEach(b -> more.add(b.toPlain()));
        return PlainData.map(
                "format",
                KeymapFile.FORMAT,
                "version",
                KeymapFile.VERSION,
                "name",
                name,
                "preset",
                preset,
                "changes",
                list,
                "added",
                more.isEmpty() ? null : more);
    }
}
