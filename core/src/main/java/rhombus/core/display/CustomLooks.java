package rhombus.core.display;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;

/** Looks that a person has kept under names of their own. Immutable. */
public final class CustomLooks {
    /** None. */
    public static final CustomLooks NONE = new CustomLooks(List.of());
    /** What their ids begin with; the name follows. */
    public static final String PREFIX = "own:";
    /** Id of a look that was changed and not kept. */
    public static final String CHANGED = "changed";
    /** Characters that a name may be longer by for being told as changed, in any language. */
    static final int MARK_ROOM = 20;
    /** The longest name, characters. */
    public static final int LONGEST = 40;
    /** The most that are kept. */
    public static final int MOST = 100;

    private final List<Look> all;

    private CustomLooks(List<Look> all) {
        this.all = all;
    }

    /** All of them, in the order in which they were first kept. */
    public List<Look> all() {
        return all;
    }

    /** The one with this id, or null. */
    public Look named(String id) {
        return all.stream().filter(l -> l.id().equals(id)).findFirst().orElse(null);
    }

    /** What is wrong with a name, or null. */
    public static String problem(String name) {
        return name.isBlank()
                ? say("own-looks.a-look-needs-a-name")
                : name.length() > LONGEST
                        ? say("own-looks.a-looks-name-has-at", LONGEST)
                        : name.chars().anyMatch(Character::isISOControl) ? say("own-looks.a-looks-name-has-no") : null;
    }

    /** A look as it is called once it is kept. */
    public static Look as(String name, Look look) {
        return look.named(PREFIX + name, name);
    }

    /**
     * With one more, or with the one of that name drawn otherwise.
     *
     * @throws IllegalArgumentException saying what is wrong with the name, or that there are too many
     */
    public CustomLooks with(String name, Look look) {
        String problem = problem(name);
        if (problem != null) {
            throw new IllegalArgumentException(problem);
        }
        Look kept = as(name, look);
        List<Look> next = new ArrayList<>(all);
        int at = indexOf(kept.id());
        if (at >= 0) {
            next.set(at, kept);
        } else if (next.size() >= MOST) {
            throw new IllegalArgumentException(say("own-looks.at-most-looks-are-kept", MOST));
        } else {
            next.add(kept);
        }
        return new CustomLooks(List.copyOf(next));
    }

    private int indexOf(String id) {
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i).id().equals(id)) {
                return i;
            }
        }
        return -1;
    }

    /** With all of others as well; where names are the same these count. Those for which there is no room are left out. */
    public CustomLooks and(CustomLooks others) {
        CustomLooks out = this;
        for (Look l : others.all) {
            if (out.named(l.id()) != null || out.all.size() < MOST) {
                out = out.with(l.label(), l);
            }
        }
        return out;
    }

    /** Without one. */
    public CustomLooks without(String id) {
        return new CustomLooks(all.stream().filter(l -> !l.id().equals(id)).toList());
    }

    /** A look that was changed from another and is not kept, unless it draws as a usual one or one of these does. */
    public Look changed(Look from, Look now) {
        for (List<Look> some : List.of(all, StandardLooks.ALL)) {
            for (Look l : some) {
                if (l.drawsAs(now)) {
                    return l;
                }
            }
        }
        return now.named(CHANGED, from.id().equals(CHANGED) ? from.label() : say("own-looks.changed", from.label()));
    }

    /** As plain data. */
    public List<Object> toPlain() {
        return new ArrayList<>(all.stream()
                .map(l -> {
                    Map<String, Object> m = PlainData.map("name", l.label());
                    m.putAll(parts(l));
                    return (Object) m;
                })
                .toList());
    }

    /** What cannot be used of plain data, each with its place. */
    public static List<String> problems(Object plain) {
        List<String> out = new ArrayList<>();
        read(plain, out);
        return out;
    }

    /** From plain data; what cannot be used is passed over. */
    public static CustomLooks of(Object plain) {
        return read(plain, new ArrayList<>());
    }

    private static CustomLooks read(Object plain, List<String> problems) {
        CustomLooks out = NONE;
        List<Object> list = PlainData.list(plain);
        for (int i = 0; i < list.size(); i++) {
            Map<String, Object> m = PlainData.map(list.get(i));
            try {
                out = out.with(PlainData.text(m.get("name"), "").strip(), look(m));
            } catch (IllegalArgumentException e) {
                problems.add("looks[" + i + "]: " + e.getMessage());
            }
        }
        return out;
    }

    /** Every part of a look, by its id. */
    public static Map<String, Object> parts(Look l) {
        Map<String, Object> m = PlainData.map();
        for (LookPart p : LookPart.values()) {
            m.put(p.id(), p.of(l));
        }
        return m;
    }

    /**
     * A look of parts; those that are missing are as in {@link StandardLooks#SMOOTH}.
     *
     * @throws IllegalArgumentException saying what a part can be
     */
    public static Look look(Map<String, Object> parts) {
        Look l = StandardLooks.SMOOTH.named(CHANGED, say("own-looks.changed-2"));
        for (LookPart p : LookPart.values()) {
            Object to = parts.get(p.id());
            if (to != null) {
                l = p.in(l, String.valueOf(to));
            }
        }
        return l;
    }
}
