package rhombus.core.keymap;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import rhombus.core.plain.PlainData;
import rhombus.core.plain.ThreeWayMerge;

/** Keymaps that two windows have changed: merged by their names, and within a keymap binding by binding. */
public final class MergedKeymaps {
    private MergedKeymaps() {}

    /**
     * Merges stored keymaps.
     *
     * @param words what a binding is called, by its id
     * @return as stored
     */
    public static Map<String, Object> of(
            ThreeWayMerge m,
            Map<String, Object> base,
            Map<String, Object> mine,
            Map<String, Object> theirs,
            Function<String, String> words) {
        Map<String, Object> was = byName(base);
        Map<String, Object> here = byName(mine);
        Map<String, Object> there = byName(theirs);
        Map<String, Object> inBoth = new LinkedHashMap<>();
        for (String name : here.keySet()) {
            if (there.containsKey(name)) {
                Map<String, Object> both = one(
                        m,
                        PlainData.map(was.get(name)),
                        PlainData.map(here.get(name)),
                        PlainData.map(there.get(name)),
                        words);
                // Now both have it, and it is no question any more which one is meant.
                inBoth.put(name, both);
            }
        }
        here.putAll(inBoth);
        there.putAll(inBoth);
        Map<String, Object> all = m.entries(was, here, there, name -> name);
        String inUse = inUse(base, mine, theirs);
        Object active = all.getOrDefault(inUse, here.get(name(mine)));
        Map<String, Object> out = new LinkedHashMap<>(PlainData.map(active));
        List<Object> others = new ArrayList<>();
        all.forEach((name, k) -> {
            if (!name.equals(out.get("name")) && !KeymapPresets.names().containsValue(name)) {
                others.add(k);
            }
        });
        if (!others.isEmpty()) {
            out.put("others", others);
        }
        return out;
    }

    /** The one that is in use: another choice there counts where nothing else was chosen here. */
    private static String inUse(Map<String, Object> base, Map<String, Object> mine, Map<String, Object> theirs) {
        return name(mine).equals(name(base)) ? name(theirs) : name(mine);
    }

    private static String name(Map<String, Object> keymap) {
        return PlainData.text(keymap.get("name"), "");
    }

    private static Map<String, Object> byName(Map<String, Object> stored) {
        Map<String, Object> out = new LinkedHashMap<>();
        if (!stored.isEmpty()) {
            Map<String, Object> active = new LinkedHashMap<>(stored);
            active.remove("others");
            out.put(name(stored), active);
            PlainData.list(stored.get("others")).forEach(k -> out.put(name(PlainData.map(k)), k));
        }
        return out;
    }

    private static Map<String, Object> one(
            ThreeWayMerge m,
            Map<String, Object> base,
            Map<String, Object> mine,
            Map<String, Object> theirs,
            Function<String, String> words) {
        if (!ThreeWayMerge.same(mine.get("preset"), theirs.get("preset"))) {
            return mine;
        }
        Map<String, Object> out = new LinkedHashMap<>(mine);
        out.put("changes", list(m, "changes", base, mine, theirs, null, words));
        out.put("added", list(m, "added", base, mine, theirs, n -> Keymap.OWN + n, words));
        return out;
    }

    private static List<Object> list(
            ThreeWayMerge m,
            String key,
            Map<String, Object> base,
            Map<String, Object> mine,
            Map<String, Object> theirs,
            Function<Integer, String> free,
            Function<String, String> words) {
        return m.list(
                PlainData.list(base.get(key)),
                PlainData.list(mine.get(key)),
                PlainData.list(theirs.get(key)),
                "id",
                free,
                words);
    }
}
