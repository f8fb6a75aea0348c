package rhombus.core.edit;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Node;

/**
 * States of nodes as plain data. Few are written one by one; many that changed in the same fields to the same values are
 * written once, with the numbers of their places that are not the same packed behind each other.
 */
final class NodeStates {
    /** So many of a sort are written together. */
    static final int MANY = 64;

    private final Map<Object, List<Row>> sorts = new LinkedHashMap<>();

    private record Row(Node node, Node before, Map<String, Object> fields) {}

    /**
     * Adds a state.
     *
     * @param before the state it is told against, or null if it is told whole
     */
    void add(Node node, Node before, Map<String, Object> fields) {
        if (before != null && fields.isEmpty()) {
            return;
        }
        Map<String, Object> sort = new LinkedHashMap<>(fields);
        boolean placed = sort.remove("local") != null;
        // What is told whole has a name and an id of its own.
        Object key = before == null ? "whole" : Arrays.asList(sort, placed);
        sorts.computeIfAbsent(key, k -> new ArrayList<>()).add(new Row(node, before, fields));
    }

    List<Object> toPlain() {
        List<Object> out = new ArrayList<>();
        sorts.forEach((key, rows) -> {
            if (key.equals("whole") || rows.size() < MANY) {
                for (Row r : rows) {
                    r.fields.put("id", r.node.id());
                    out.add(r.fields);
                }
            } else {
                out.add(together(rows));
            }
        });
        return out;
    }

    private static Map<String, Object> together(List<Row> rows) {
        Map<String, Object> m = new LinkedHashMap<>(rows.get(0).fields);
        boolean placed = m.remove("local") != null;
        m.put("ids", IdRuns.of(rows.stream().map(r -> r.node.id()).toList()));
        if (placed) {
            boolean[] differs = new boolean[16];
            for (Row r : rows) {
                for (int k = 0; k < 16; k++) {
                    differs[k] |= Double.doubleToLongBits(r.node.local()[k])
                            != Double.doubleToLongBits(r.before.local()[k]);
                }
            }
            List<Object> slots = new ArrayList<>();
            for (int k = 0; k < 16; k++) {
                if (differs[k]) {
                    slots.add(k);
                }
            }
            double[] packed = new double[rows.size() * slots.size()];
            int at = 0;
            for (Row r : rows) {
                for (Object k : slots) {
                    packed[at++] = r.node.local()[(int) k];
                }
            }
            m.put("slots", slots);
            m.put("packed", PackedNumbers.text(packed));
        }
        return m;
    }

    /**
     * A state as it was read.
     *
     * @param id of its node
     * @param given its fields; shared where many are the same
     * @param slots which numbers of its place are packed, or null
     * @param packed all packed numbers of its sort
     * @param at where its own begin
     */
    record State(String id, Map<String, Object> given, int[] slots, double[] packed, int at) {
        /** Its fields; what is told whole must say everything. */
        Map<String, Object> fields(Node is) {
            if (is == null && slots != null) {
                throw new IllegalArgumentException(say("states.it-changes-an-object-that"));
            }
            return given;
        }

        /** The node with its packed numbers put in. */
        Node over(Node is, Node next) {
            if (slots == null || is == null) {
                return next;
            }
            double[] local = is.local().clone();
            for (int k = 0; k < slots.length; k++) {
                local[slots[k]] = packed[at + k];
            }
            return next.withLocal(local);
        }
    }

    /**
     * Reads what {@link #toPlain} wrote.
     *
     * @param known ids there are: runs may name no others
     * @throws IllegalArgumentException if it cannot be used
     */
    static List<State> of(List<Object> plain, Map<String, Integer> known) {
        List<State> out = new ArrayList<>();
        for (Object o : plain) {
            Map<String, Object> m = PlainData.map(o);
            if (m.get("ids") == null) {
                String id = PlainData.text(m.get("id"), "");
                if (id.isEmpty()) {
                    throw new IllegalArgumentException(say("states.an-object-has-no-id"));
                }
                out.add(new State(id, m, null, null, 0));
                continue;
            }
            List<String> ids = IdRuns.read(m.get("ids"), known);
            Map<String, Object> shared = new LinkedHashMap<>(m);
            shared.keySet().removeAll(List.of("ids", "slots", "packed"));
            List<Object> list = PlainData.list(m.get("slots"));
            int[] slots = m.get("slots") == null ? null : new int[list.size()];
            for (int k = 0; k < list.size(); k++) {
                slots[k] = PlainData.whole(list.get(k), -1);
                if (slots[k] < 0 || slots[k] > 15) {
                    throw new IllegalArgumentException(say("states.a-place-has-no-number", list.get(k)));
                }
            }
            double[] packed = slots == null
                    ? null
                    : PackedNumbers.numbers(PlainData.text(m.get("packed"), ""), ids.size() * slots.length);
            for (int i = 0; i < ids.size(); i++) {
                out.add(new State(ids.get(i), shared, slots, packed, slots == null ? 0 : i * slots.length));
            }
        }
        return out;
    }
}
