package rhombus.core.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Layer;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;

/**
 * What was changed in a scene since its file was imported, as plain data: every node that differs from the file, the
 * layers, and the history. The file itself is never written again.
 */
public final class EditDocument {
    /** Node states that a kept history may hold: older edits are left out beyond. */
    static final int MOST = 20_000;

    private EditDocument() {}

    /** What a document holds: the scene and what can be undone in it. */
    public record Opened(Scene scene, EditHistory history) {}

    /** The document. */
    public static Map<String, Object> of(Scene base, Scene now, EditHistory history) {
        NodeForm form = new NodeForm(base);
        List<Edit> edits = history.edits();
        int from = edits.size();
        for (int states = 0; from > 0; from--) {
            states += edits.get(from - 1).after().size();
            if (states > MOST) {
                break;
            }
        }
        from = Math.min(from, history.done());
        Set<Integer> told = new HashSet<>();
        List<Object> steps = new ArrayList<>();
        for (Edit e : edits.subList(from, edits.size())) {
            told.addAll(e.after().keySet());
            steps.add(step(e, form, now));
        }
        List<Object> nodes = new ArrayList<>();
        for (int i = 0; i < now.count(); i++) {
            if (i >= base.count() ? wanted(now, i, told) : now.node(i) != base.node(i)) {
                // Of what came with the file only what differs, since it may be very many.
                Map<String, Object> node = i >= base.count() ? form.plain(now.node(i), now) : form.difference(now.node(i), base.node(i), now);
                if (i >= base.count() || !node.isEmpty()) {
                    node.put("id", now.node(i).id());
                    nodes.add(node);
                }
            }
        }
        return Plain.map("format", "rhombus-edits", "version", 1, "nodes", nodes, "layers", layers(now.layers()),
                "edits", steps, "done", history.done() - from);
    }

    /** Whether an added node is in the scene, may come back, or holds something that does. */
    private static boolean wanted(Scene now, int node, Set<Integer> told) {
        for (int n : now.subtree(node)) {
            if (!now.node(n).gone() || told.contains(n)) {
                return true;
            }
        }
        return false;
    }

    private static Map<String, Object> step(Edit e, NodeForm form, Scene now) {
        Map<String, Object> nodes = new LinkedHashMap<>();
        e.after().forEach((i, after) -> {
            Node before = e.before().get(i);
            List<Object> both = new ArrayList<>();
            both.add(before == null ? null : form.difference(before, after, now));
            both.add(before == null ? Plain.map() : form.difference(after, before, now));
            nodes.put(after.id(), both);
        });
        Map<String, Object> m = Plain.map("name", e.name(), "nodes", nodes);
        if (!e.layersBefore().equals(e.layersAfter())) {
            m.put("layers", List.of(layers(e.layersBefore()), layers(e.layersAfter())));
        }
        return m;
    }

    /**
     * Reads a document over the scene it belongs to.
     *
     * @throws IllegalArgumentException with words that complete "cannot be used:" if it is none or does not fit
     */
    public static Opened read(Scene base, Map<String, Object> doc) {
        check(doc);
        NodeForm form = new NodeForm(base);
        List<Object> list = Plain.list(doc.get("nodes"));
        Map<String, Integer> numbers = NodeForm.numbers(base, list);
        Meshes meshes = new Meshes(base);
        Map<Integer, Node> nodes = new LinkedHashMap<>();
        for (Object o : list) {
            Map<String, Object> m = Plain.map(o);
            int i = numbers.get(Plain.text(m.get("id"), ""));
            Node usual = i < base.count() ? base.node(i) : null;
            nodes.put(i, form.node(m, usual, id -> numbers.getOrDefault(id, -1), meshes::of));
        }
        List<Layer> layers = layers(doc.get("layers"));
        Scene scene = meshes.scene().withNodes(nodes);
        scene = layers.isEmpty() ? scene : scene.withLayers(layers);
        // The history may need shapes that no node has now.
        EditHistory history = history(doc, form, scene, numbers, meshes);
        return new Opened(meshes.scene(scene), history);
    }

    /** Steps lead from the present back to the oldest and forth to the newest, field by field. */
    private static EditHistory history(
            Map<String, Object> doc, NodeForm form, Scene scene, Map<String, Integer> numbers, Meshes meshes) {
        List<Object> steps = Plain.list(doc.get("edits"));
        int done = Plain.whole(doc.get("done"), 0);
        Edit[] edits = new Edit[steps.size()];
        State now = new State(scene);
        for (int k = done - 1; k >= 0; k--) {
            edits[k] = walk(steps.get(k), now, 0, form, numbers, meshes);
        }
        now = new State(scene);
        for (int k = done; k < edits.length; k++) {
            edits[k] = walk(steps.get(k), now, 1, form, numbers, meshes);
        }
        return new EditHistory(List.of(edits), done);
    }

    /** The nodes on the way through the history. */
    private static final class State {
        final Scene scene;
        final Map<Integer, Node> changed = new HashMap<>();
        List<Layer> layers;

        State(Scene scene) {
            this.scene = scene;
            this.layers = scene.layers();
        }

        Node node(int i) {
            return changed.getOrDefault(i, scene.node(i));
        }
    }

    private static Edit walk(Object step, State now, int to, NodeForm form, Map<String, Integer> numbers, Meshes meshes) {
        Map<String, Object> m = Plain.map(step);
        Map<Integer, Node> here = new LinkedHashMap<>();
        Map<Integer, Node> there = new LinkedHashMap<>();
        Plain.map(m.get("nodes")).forEach((id, both) -> {
            List<Object> sides = Plain.list(both);
            int i = numbers.getOrDefault(id, -1);
            if (sides.size() != 2 || i < 0) {
                throw new IllegalArgumentException("its history names an object that is not there");
            }
            Node is = now.node(i);
            if (to == 0 && sides.get(0) == null) {
                // It was added by this step: before it there was none.
                here.put(i, is);
                now.changed.put(i, is.withGone(true));
            } else {
                boolean added = sides.get(0) == null;
                Node next = added
                        ? is.withGone(false)
                        : form.node(Plain.map(sides.get(to)), is, n -> numbers.getOrDefault(n, -1), meshes::of);
                if (!added || to == 0) {
                    here.put(i, is);
                }
                there.put(i, next);
                now.changed.put(i, next);
            }
        });
        List<Object> layers = Plain.list(m.get("layers"));
        List<Layer> was = now.layers;
        if (layers.size() == 2) {
            now.layers = layers(layers.get(to));
        }
        String name = Plain.text(m.get("name"), "");
        return to == 0 ? new Edit(name, there, here, now.layers, was) : new Edit(name, here, there, was, now.layers);
    }

    private static List<Object> layers(List<Layer> list) {
        List<Object> out = new ArrayList<>();
        for (Layer l : list) {
            out.add(Plain.map("id", l.id(), "name", l.name(), "visible", l.visible(), "locked", l.locked()));
        }
        return out;
    }

    private static List<Layer> layers(Object plain) {
        List<Layer> out = new ArrayList<>();
        for (Object o : Plain.list(plain)) {
            Map<String, Object> m = Plain.map(o);
            out.add(new Layer(Plain.text(m.get("id"), ""), Plain.text(m.get("name"), ""),
                    Plain.truth(m.get("visible"), true), Plain.truth(m.get("locked"), false)));
        }
        return List.copyOf(out);
    }

    /**
     * Looks at a document without its scene.
     *
     * @throws IllegalArgumentException with words that complete "cannot be used:" if it is none
     */
    public static void check(Map<String, Object> doc) {
        if (!"rhombus-edits".equals(doc.get("format"))) {
            throw new IllegalArgumentException("this is no rhombus-edits document");
        }
        if (Plain.whole(doc.get("version"), 0) != 1) {
            throw new IllegalArgumentException("its version is not 1");
        }
        int steps = Plain.list(doc.get("edits")).size();
        int done = Plain.whole(doc.get("done"), 0);
        if (steps > EditHistory.DEPTH || done < 0 || done > steps) {
            throw new IllegalArgumentException("its history is not one");
        }
        Set<String> ids = new HashSet<>();
        for (Object o : Plain.list(doc.get("nodes"))) {
            String id = Plain.text(Plain.map(o).get("id"), "");
            if (id.isEmpty() || !ids.add(id)) {
                throw new IllegalArgumentException("an object has no id of its own");
            }
        }
    }
}
