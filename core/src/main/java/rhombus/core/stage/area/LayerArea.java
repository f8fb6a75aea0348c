package rhombus.core.stage.area;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import rhombus.core.edit.SceneEdits;
import rhombus.core.scene.Layer;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.Words;

/** Layers: what lies on one is switched on, off, and locked together. */
final class LayerArea {
    private final Ground ground;
    private final Subject subject;
    private final Chosen chosen;

    private LayerArea(Ground ground, Subject subject) {
        this.ground = ground;
        this.subject = subject;
        this.chosen = new Chosen(ground, subject);
    }

    // ---- declared --------------------------------------------------------------------------------------------------

    static Area<LayerArea> area() {
        return new Area<>(p -> new LayerArea(p.ground(), p.subject()), LayerArea::declare);
    }

    private static void declare(Declare<LayerArea> d) {
        d.group("Layers");
        d.action("layer.add", "Add a layer of the selection").text("name").does(LayerArea::add);
        of(d, "layer.rename", "Rename a layer").text("name").does(LayerArea::rename);
        of(d, "layer.delete", "Delete a layer").does(LayerArea::delete);
        of(d, "layer.visible", "Switch a layer on or off").truth("on").does(LayerArea::visible);
        of(d, "layer.pickable", "Lock or unlock a layer").truth("on").does(LayerArea::pickable);
        of(d, "layer.assign", "Put the selection on a layer").texts("objects").does(LayerArea::assign);
        of(d, "layer.select", "Select what lies on a layer").does(LayerArea::select);
    }

    private static Entry<LayerArea> of(Declare<LayerArea> d, String id, String words) {
        return d.action(id, words).text("layer");
    }

    // ---- done ------------------------------------------------------------------------------------------------------

    private Layer layer(Call c) {
        return ground.scene().layer(c.text("layer"));
    }

    private String name(Call c) {
        Layer l = layer(c);
        return called(l == null ? "" : l.name());
    }

    private void rename(Call c) {
        String to = Chosen.clean(c.text("name"));
        if (!to.isEmpty()) {
            change("Rename layer to " + to, c, x -> x.withName(to));
        }
    }

    private void delete(Call c) {
        if (layer(c) != null) {
            String name = name(c);
            change("Delete " + name, c, x -> null);
            ground.changes().notice(Words.capital(name) + " is gone; what was on it stays.", "Undo", "edit.undo");
        }
    }

    private void visible(Call c) {
        boolean on = c.truth("on", true);
        change((on ? "Show " : "Hide ") + name(c), c, x -> x.withVisible(on));
    }

    private void pickable(Call c) {
        boolean on = c.truth("on", true);
        change((on ? "Unlock " : "Lock ") + name(c), c, x -> x.withLocked(!on));
    }

    private void change(String name, Call c, UnaryOperator<Layer> how) {
        apply(name, SceneEdits.layer(ground.scene(), c.text("layer"), how));
    }

    private void assign(Call c) {
        Layer l = layer(c);
        List<Integer> nodes = chosen.targets(c);
        if (chosen.some(nodes, "Select what shall lie on the layer.")) {
            apply(
                    "Put " + chosen.names(nodes) + (l == null ? " on no layer" : " on " + l.name()),
                    SceneEdits.each(ground.scene(), nodes, n -> n.withLayer(l == null ? null : l.id())));
        }
    }

    private void select(Call c) {
        Scene s = ground.scene();
        Layer l = layer(c);
        List<Integer> lying = new ArrayList<>();
        for (int i = 0; i < s.count(); i++) {
            if (l != null && l.id().equals(s.node(i).layer()) && !s.node(i).gone()) {
                lying.add(i);
            }
        }
        subject.selection().only(lying);
        subject.changed();
    }

    private void add(Call c) {
        Scene s = ground.scene();
        String wanted = Chosen.clean(c.text("name"));
        String name = wanted.isEmpty() ? free(s) : wanted;
        Scene next = SceneEdits.addLayer(s, name);
        String id = next.layers().get(next.layers().size() - 1).id();
        List<Integer> nodes = subject.selection().nodes();
        apply("Add " + called(name), SceneEdits.each(next, nodes, n -> n.withLayer(id)));
        ground.changes()
                .notice(
                        nodes.isEmpty()
                                ? Words.capital(called(name)) + " is empty: select objects and put them on it."
                                : Words.capital(called(name)) + " holds " + chosen.names(nodes) + ".",
                        null,
                        null);
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
        subject.editing().apply(name, next);
    }
}
