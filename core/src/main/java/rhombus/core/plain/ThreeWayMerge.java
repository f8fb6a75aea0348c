package rhombus.core.plain;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;

/**
 * A three-way merge of plain data that was changed in two places since it was the same: entry by entry, what only one place
 * changed is taken from that one. An entry that both changed, and not alike, is decided by what is preferred; where nothing
 * is, the entry of this place stays and is told.
 */
public final class ThreeWayMerge {
    /** Which place decides over an entry that both changed. */
    public enum Prefers {
        NEITHER,
        MINE,
        THEIRS
    }

    private final Prefers prefers;
    private final Set<String> twice = new LinkedHashSet<>();
    private final Map<String, String> renamed = new LinkedHashMap<>();

    public ThreeWayMerge(Prefers prefers) {
        this.prefers = prefers;
    }

    /** What both changed and nothing decides, in words. */
    public List<String> twice() {
        return List.copyOf(twice);
    }

    /** Ids that both gave to something new: how what is new here is called now, by its former id. */
    public Map<String, String> renamed() {
        return renamed;
    }

    /**
     * Merges entries by their keys.
     *
     * @param words what an entry is called, by its key
     */
    public Map<String, Object> entries(
            Map<String, Object> base,
            Map<String, Object> mine,
            Map<String, Object> theirs,
            Function<String, String> words) {
        Map<String, Object> out = new LinkedHashMap<>();
        for (String key : order(base, mine, theirs)) {
            Object entry = one(base.get(key), mine.get(key), theirs.get(key), words, key);
            if (entry != null) {
                out.put(key, entry);
            }
        }
        return out;
    }

    private Object one(Object base, Object mine, Object theirs, Function<String, String> words, String key) {
        if (same(mine, theirs) || same(theirs, base)) {
            return mine;
        }
        if (same(mine, base)) {
            return theirs;
        }
        if (prefers == Prefers.NEITHER) {
            twice.add(words.apply(key));
        }
        return prefers == Prefers.THEIRS ? theirs : mine;
    }

    /**
     * Merges lists of entries that are known by an id, each as a whole.
     *
     * @param key under which an entry has its id
     * @param free makes an id out of the number of a try, for something new here whose id was also given to something new
     *     there; null where the same id means the same thing
     * @param words what an entry is called, by its id
     */
    public List<Object> list(
            List<Object> base,
            List<Object> mine,
            List<Object> theirs,
            String key,
            Function<Integer, String> free,
            Function<String, String> words) {
        Map<String, Object> was = keyed(base, key);
        Map<String, Object> is = keyed(mine, key);
        Map<String, Object> other = keyed(theirs, key);
        if (free != null) {
            is = apart(was, is, other, key, free);
        }
        return new ArrayList<>(entries(was, is, other, words).values());
    }

    /** What is new here under an id that also something new there has gets another one. */
    private Map<String, Object> apart(
            Map<String, Object> base,
            Map<String, Object> mine,
            Map<String, Object> theirs,
            String key,
            Function<Integer, String> free) {
        Map<String, Object> out = new LinkedHashMap<>();
        Set<String> taken = new LinkedHashSet<>(mine.keySet());
        taken.addAll(theirs.keySet());
        mine.forEach((id, entry) -> {
            if (base.containsKey(id) || !theirs.containsKey(id) || same(entry, theirs.get(id))) {
                out.put(id, entry);
                return;
            }
            String now = id;
            for (int n = 1; !taken.add(now); n++) {
                now = free.apply(n);
            }
            renamed.put(id, now);
            Map<String, Object> copy = new LinkedHashMap<>(PlainData.map(entry));
            copy.put(key, now);
            out.put(now, copy);
        });
        return out;
    }

    /** Entries by their ids, in their order. */
    public static Map<String, Object> keyed(List<Object> list, String key) {
        Map<String, Object> out = new LinkedHashMap<>();
        list.forEach(e -> out.put(PlainData.text(PlainData.map(e).get(key), ""), e));
        return out;
    }

    /** All keys in the order of the place that has changed the order, with those of the other after what they followed there. */
    private static List<String> order(Map<String, Object> base, Map<String, Object> mine, Map<String, Object> theirs) {
        boolean moved = !common(mine, base).equals(common(base, mine));
        List<String> out = new ArrayList<>((moved ? mine : theirs).keySet());
        String before = null;
        for (String key : (moved ? theirs : mine).keySet()) {
            if (!out.contains(key)) {
                out.add(before == null ? 0 : out.indexOf(before) + 1, key);
            }
            before = key;
        }
        return out;
    }

    private static List<String> common(Map<String, Object> of, Map<String, Object> with) {
        return of.keySet().stream().filter(with::containsKey).toList();
    }

    /** Whether two values say the same; a number is a number, however it is kept, and an entry without a value is none. */
    public static boolean same(Object a, Object b) {
        if (a instanceof Number x && b instanceof Number y) {
            return x.doubleValue() == y.doubleValue();
        }
        if (a instanceof List<?> x && b instanceof List<?> y) {
            for (int i = 0; i < x.size() && x.size() == y.size(); i++) {
                if (!same(x.get(i), y.get(i))) {
                    return false;
                }
            }
            return x.size() == y.size();
        }
        if (a instanceof Map<?, ?> x && b instanceof Map<?, ?> y) {
            Set<Object> keys = new LinkedHashSet<>(x.keySet());
            keys.addAll(y.keySet());
            return keys.stream().allMatch(k -> same(x.get(k), y.get(k)));
        }
        return Objects.equals(a, b);
    }
}
