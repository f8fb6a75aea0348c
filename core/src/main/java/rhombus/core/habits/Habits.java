package rhombus.core.habits;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.display.CustomLooks;
import rhombus.core.plain.PlainData;
import rhombus.core.plain.RenamedKeys;

/** The values of all settings. Only what differs from the usual is stored. Immutable. */
public final class Habits {
    /** Everything as it is until the user sets it. */
    public static final Habits USUAL = new Habits(Map.of(), CustomLooks.NONE);

    private final Map<String, Object> changes;
    private final CustomLooks looks;

    private Habits(Map<String, Object> changes, CustomLooks looks) {
        this.changes = changes;
        this.looks = looks;
    }

    /** Looks of the user's own. */
    public CustomLooks looks() {
        return looks;
    }

    /** With other looks of the user's own. */
    public Habits with(CustomLooks others) {
        return new Habits(changes, others);
    }

    /** The value of a setting. */
    public Object value(Habit h) {
        return changes.getOrDefault(h.id(), h.usual());
    }

    /** Whether a choice is the one that is set. */
    public boolean is(Habit h, String choice) {
        return choice.equals(value(h));
    }

    /** Whether a switch is on. */
    public boolean on(Habit h) {
        return Boolean.TRUE.equals(value(h));
    }

    /** The number that is set. */
    public double number(Habit h) {
        return ((Number) value(h)).doubleValue();
    }

    /** Whether a setting differs from the usual. */
    public boolean changed(Habit h) {
        return changes.containsKey(h.id());
    }

    /**
     * With one setting changed; null puts it back.
     *
     * @throws IllegalArgumentException saying what can be set
     */
    public Habits with(String id, Object value) {
        Habit h = AllHabits.named(id);
        if (h == null) {
            throw new IllegalArgumentException(say("habits.is-no-setting", id));
        }
        Object to = value instanceof Number n ? (Object) n.doubleValue() : value;
        Map<String, Object> next = new LinkedHashMap<>(changes);
        if (to == null || to.equals(h.usual())) {
            next.remove(id);
        } else if (h.allows(to)) {
            next.put(id, to);
        } else {
            throw new IllegalArgumentException(say("habits.can-be", h.words(), h.allowed()));
        }
        return new Habits(next, looks);
    }

    /** As stored: format, version, what differs, and looks of the user's own. */
    public Map<String, Object> toPlain() {
        return PlainData.map(
                "format",
                "rhombus-habits",
                "version",
                1,
                "values",
                new LinkedHashMap<>(changes),
                "looks",
                looks.all().isEmpty() ? null : looks.toPlain());
    }

    /** What of a file cannot be used, each setting with what it can be; empty where all of it can. */
    public static List<String> problems(Map<String, Object> m) {
        List<String> out = new ArrayList<>();
        for (Map.Entry<String, Object> e : PlainData.map(m.get("values")).entrySet()) {
            Habit known = AllHabits.named(RenamedKeys.now(e.getKey()));
            if (known == null) {
                out.add(say("habits.values-no-such-setting", e.getKey()));
            } else if (!known.allows(e.getValue())) {
                out.add(say("habits.values-it-can-be", e.getKey(), known.allowed()));
            }
        }
        out.addAll(CustomLooks.problems(m.get("looks")));
        return out;
    }

    /** From what was stored; settings that are unknown here or cannot have their value are passed over. */
    public static Habits of(Map<String, Object> m) {
        Habits h = USUAL;
        if (!"rhombus-habits".equals(m.get("format"))) {
            return h;
        }
        for (Map.Entry<String, Object> e : PlainData.map(m.get("values")).entrySet()) {
            Habit known = AllHabits.named(RenamedKeys.now(e.getKey()));
            if (known != null && known.allows(e.getValue())) {
                h = h.with(known.id(), e.getValue());
            }
        }
        return h.with(CustomLooks.of(m.get("looks")));
    }
}
