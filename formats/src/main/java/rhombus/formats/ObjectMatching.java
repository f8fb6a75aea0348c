package rhombus.formats;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntFunction;

/**
 * Which object of a newer file is which of an older one: first those that have the same path of names, the same ones below one
 * another told apart by their order; then those whose name stands once on either side; then those whose shape does.
 */
final class ObjectMatching {
    /**
     * An object.
     *
     * @param name as the file calls it
     * @param parent its place in the list, before it, or -1
     * @param shape what tells its meshes from others, or null without any
     */
    record Item(String name, int parent, String shape) {}

    private final List<Item> old;
    private final List<Item> fresh;
    private final int[] of;
    private final boolean[] taken;

    private ObjectMatching(List<Item> old, List<Item> fresh) {
        this.old = old;
        this.fresh = fresh;
        this.of = new int[fresh.size()];
        this.taken = new boolean[old.size()];
        Arrays.fill(of, -1);
    }

    /** For each newer object the place of the older one in its list, or -1. */
    static int[] of(List<Item> old, List<Item> fresh) {
        ObjectMatching m = new ObjectMatching(old, fresh);
        List<String> before = paths(old);
        List<String> after = paths(fresh);
        m.pair(before::get, after::get);
        m.pair(i -> name(old.get(i)), i -> name(fresh.get(i)));
        m.pair(i -> old.get(i).shape, i -> fresh.get(i).shape);
        return m.of;
    }

    /** A name by which alone two objects are the same: of groups it is not enough that neither has one. */
    private static String name(Item i) {
        return i.name.isEmpty() ? null : (i.shape == null ? "group " : "mesh ") + i.name;
    }

    private static List<String> paths(List<Item> items) {
        List<String> out = new ArrayList<>();
        Map<String, Integer> seen = new HashMap<>();
        for (Item i : items) {
            String path = (i.parent < 0 ? "" : out.get(i.parent)) + "/" + i.name.replace("/", "//");
            int before = seen.merge(path, 1, Integer::sum);
            out.add(path + "#" + before);
        }
        return out;
    }

    /** Pairs what has the same key, where on both sides one alone is left that has it. */
    private void pair(IntFunction<String> keyOfOld, IntFunction<String> keyOfFresh) {
        Map<String, Integer> left = new HashMap<>();
        for (int i = 0; i < old.size(); i++) {
            String key = taken[i] ? null : keyOfOld.apply(i);
            if (key != null) {
                left.merge(key, i, (a, b) -> -1);
            }
        }
        Map<String, Integer> right = new HashMap<>();
        for (int i = 0; i < fresh.size(); i++) {
            String key = of[i] >= 0 ? null : keyOfFresh.apply(i);
            if (key != null) {
                right.merge(key, i, (a, b) -> -1);
            }
        }
        right.forEach((key, i) -> {
            int o = i < 0 ? -1 : left.getOrDefault(key, -1);
            if (o >= 0) {
                of[i] = o;
                taken[o] = true;
            }
        });
    }
}
