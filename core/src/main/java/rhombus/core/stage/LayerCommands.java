package rhombus.core.stage;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rhombus.core.edit.SceneEdits;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Layer;
import rhombus.core.scene.Scene;

/** Layers: what lies on one is switched on, off, and locked together. */
final class LayerCommands {
    private final Stage stage;
    private final ObjectCommands objects;

    LayerCommands(Stage stage, ObjectCommands objects) {
        this.stage = stage;
        this.objects = objects;
    }

    boolean run(String id, Map<String, Object> args) {
        Scene s = stage.scene();
        String layer = Plain.text(args.get("layer"), "");
        Layer l = s.layer(layer);
        String name = l == null ? "" : l.name();
        boolean on = Plain.truth(args.get("on"), true);
        switch (id) {
            case "layer.add" -> add(args);
            case "layer.rename" -> {
                String to = ObjectCommands.clean(Plain.text(args.get("name"), ""));
                if (!to.isEmpty()) {
                    apply("Rename layer to " + to, SceneEdits.layer(s, layer, x -> x.withName(to)));
                }
            }
            case "layer.delete" -> {
                if (l != null) {
                    apply("Delete " + called(name), SceneEdits.layer(s, layer, x -> null));
                    stage.changes().notice(Words.capital(called(name)) + " is gone; what was on it stays.", "Undo", "edit.undo");
                }
            }
            case "layer.visible" -> apply((on ? "Show " : "Hide ") + called(name), SceneEdits.layer(s, layer, x -> x.withVisible(on)));
            case "layer.pickable" -> apply((on ? "Unlock " : "Lock ") + called(name), SceneEdits.layer(s, layer, x -> x.withLocked(!on)));
            case "layer.assign" -> {
                List<Integer> nodes = objects.targets(args);
                if (objects.some(nodes, "Select what shall lie on the layer.")) {
                    apply("Put " + objects.names(nodes) + (l == null ? " on no layer" : " on " + name),
                            SceneEdits.each(s, nodes, n -> n.withLayer(l == null ? null : layer)));
                }
            }
            case "layer.select" -> {
                List<Integer> lying = new ArrayList<>();
                for (int i = 0; i < s.count(); i++) {
                    if (l != null && layer.equals(s.node(i).layer()) && !s.node(i).gone()) {
                        lying.add(i);
                    }
                }
                stage.selection().only(lying);
                stage.selectionChanged();
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    private void add(Map<String, Object> args) {
        Scene s = stage.scene();
        String wanted = ObjectCommands.clean(Plain.text(args.get("name"), ""));
        String name = wanted.isEmpty() ? free(s) : wanted;
        Scene next = SceneEdits.addLayer(s, name);
        String id = next.layers().get(next.layers().size() - 1).id();
        List<Integer> nodes = stage.selection().nodes();
        apply("Add " + called(name), SceneEdits.each(next, nodes, n -> n.withLayer(id)));
        stage.changes().notice(nodes.isEmpty()
                ? Words.capital(called(name)) + " is empty: select objects and put them on it."
                : Words.capital(called(name)) + " holds " + objects.names(nodes) + ".", null, null);
    }

    /** The first of "Layer 1", "Layer 2" and so on that no layer is called. */
    private static String free(Scene s) {
        int n = s.layers().size() + 1;
        while (has(s, "Layer " + n)) {
            n++;
        }
        return "Layer " + n;
    }

    private static boolean has(Scene s, String name) {
        return s.layers().stream().anyMatch(l -> l.name().equals(name));
    }

    /** A layer within a sentence: one that is called a layer is not called so twice. */
    private static String called(String name) {
        return name.toLowerCase().startsWith("layer") ? name : "layer " + name;
    }

    private void apply(String name, Scene next) {
        stage.editing().apply(name, next);
    }
}
