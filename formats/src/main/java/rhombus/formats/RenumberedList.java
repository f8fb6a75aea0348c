package rhombus.formats;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import rhombus.core.plain.PlainData;

/** Of a list of a document the entries that are used, under new numbers in the order of their use. */
final class RenumberedList {
    private final int first;
    private final List<Object> from;
    private final Consumer<Map<String, Object>> change;
    private final List<Object> used = new ArrayList<>();
    private final Map<Integer, Integer> numbers = new HashMap<>();

    /** @param change what happens to an entry that is used, such as giving what it names new numbers */
    RenumberedList(List<Object> from, Consumer<Map<String, Object>> change) {
        this(0, from, change);
    }

    /**
     * The same, to stand behind others.
     *
     * @param first how many stand before them
     * @param change as above
     */
    RenumberedList(int first, List<Object> from, Consumer<Map<String, Object>> change) {
        this.first = first;
        this.from = from;
        this.change = change;
    }

    /** The new number of an entry. */
    int of(int old) {
        Integer known = numbers.get(old);
        if (known != null) {
            return known;
        }
        Map<String, Object> entry = new LinkedHashMap<>(PlainData.map(from.get(old)));
        numbers.put(old, add(entry));
        change.accept(entry);
        return numbers.get(old);
    }

    /** Appends an entry that is not of the document. */
    int add(Map<String, Object> entry) {
        used.add(entry);
        return first + used.size() - 1;
    }

    /** What an entry names, under its new number. */
    void in(Map<String, Object> entry, String key) {
        if (entry.get(key) != null) {
            entry.put(key, of(PlainData.whole(entry.get(key), 0)));
        }
    }

    /** Gives the textures that a material names new numbers, wherever in it they stand. */
    static void textures(Map<String, Object> material, RenumberedList textures) {
        for (Map.Entry<String, Object> e : material.entrySet()) {
            if (e.getValue() instanceof Map<?, ?>) {
                Map<String, Object> inner = new LinkedHashMap<>(PlainData.map(e.getValue()));
                if (e.getKey().endsWith("Texture")) {
                    textures.in(inner, "index");
                }
                textures(inner, textures);
                e.setValue(inner);
            }
        }
    }

    /** All that are used, or null for none: glTF has no empty lists. */
    List<Object> list() {
        return used.isEmpty() ? null : used;
    }

    Map<Integer, Integer> numbers() {
        return numbers;
    }
}
