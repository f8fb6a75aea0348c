package rhombus.core.edit;

import static rhombus.core.words.Messages.say;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.Layer;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.scene.SceneSetup;

/**
 * Documents of version 1, which held the present, and each step of the history as states before and after. They are read
 * and no longer written.
 */
final class EditDocumentV1 {
    private EditDocumentV1() {}

    /**
     * Reads a document over the scene it belongs to.
     *
     * @throws IllegalArgumentException with words that complete "cannot be used:" if it does not fit
     */
    static OpenedEdits read(Scene base, Map<String, Object> doc) {
        NodeForm form = new NodeForm(base);
        List<Object> list = PlainData.list(doc.get("nodes"));
        Map<String, Integer> numbers = NodeForm.numbers(base, list);
        MeshTable meshes = new MeshTable(base);
        Map<Integer, Node> nodes = new LinkedHashMap<>();
        for (Object o : list) {
            Map<String, Object> m = PlainData.map(o);
            int i = numbers.get(PlainData.text(m.get("id"), ""));
            Node usual = i < base.count() ? base.node(i) : null;
            nodes.put(i, form.node(m, usual, id -> numbers.getOrDefault(id, -1), meshes::of));
        }
        List<Layer> layers = LayerForm.read(doc.get("layers"));
        Scene scene = meshes.scene().withNodes(nodes);
        scene = layers.isEmpty() ? scene : scene.withLayers(layers);
        // The history may need shapes that no node has now.
        EditHistory history = history(doc, form, scene, numbers, meshes);
        return new OpenedEdits(meshes.scene(scene), history);
    }

    /** Steps lead from the present back to the oldest and forth to the newest, field by field. */
    private static EditHistory history(
            Map<String, Object> doc, NodeForm form, Scene scene, Map<String, Integer> numbers, MeshTable meshes) {
        List<Object> steps = PlainData.list(doc.get("edits"));
        int done = PlainData.whole(doc.get("done"), 0);
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

    private static Edit walk(
            Object step, State now, int to, NodeForm form, Map<String, Integer> numbers, MeshTable meshes) {
        Map<String, Object> m = PlainData.map(step);
        Map<Integer, Node> here = new LinkedHashMap<>();
        Map<Integer, Node> there = new LinkedHashMap<>();
        PlainData.map(m.get("nodes")).forEach((id, both) -> {
            List<Object> sides = PlainData.list(both);
            int i = numbers.getOrDefault(id, -1);
            if (sides.size() != 2 || i < 0) {
                throw new IllegalArgumentException(say("first-document.its-history-names-an-object"));
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
                        : form.node(PlainData.map(sides.get(to)), is, n -> numbers.getOrDefault(n, -1), meshes::of);
                if (!added || to == 0) {
                    here.put(i, is);
                }
                there.put(i, next);
                now.changed.put(i, next);
            }
        });
        List<Object> layers = PlainData.list(m.get("layers"));
        List<Layer> was = now.layers;
        if (layers.size() == 2) {
            now.layers = LayerForm.read(layers.get(to));
        }
        String name = PlainData.text(m.get("name"), "");
        SceneSetup before = now.scene.setup().withLayers(to == 0 ? now.layers : was);
        SceneSetup after = now.scene.setup().withLayers(to == 0 ? was : now.layers);
        return to == 0
                ? new Edit(name, there, here, before, after, null)
                : new Edit(name, here, there, before, after, null);
    }
}
