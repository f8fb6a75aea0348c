package rhombus.core.stage.area;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import rhombus.core.edit.SceneEdits;
import rhombus.core.keymap.Trait;
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
        d.group(say("group.layers"));
        d.action("layer.add").text("name").does(LayerArea::add);
        of(d, "layer.rename").traits(Trait.TOLD).text("name").does(LayerArea::rename);
        of(d, "layer.delete").traits(Trait.TOLD).does(LayerArea::delete);
        of(d, "layer.visible")
                .traits(Trait.TOLD)
                .traits(Trait.SWEPT)
                .truth("on")
                .does(LayerArea::visible);
        of(d, "layer.pickable")
                .traits(Trait.TOLD)
                .traits(Trait.SWEPT)
                .truth("on")
                .does(LayerArea::pickable);
        of(d, "layer.assign").traits(Trait.TOLD).texts("objects").does(LayerArea::assign);
        of(d, "layer.select").traits(Trait.TOLD).does(LayerArea::select);
    }

    private static Entry<LayerArea> of(Declare<LayerArea> d, String id) {
        return d.action(id).text("layer");
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
            change(say("layer-area.rename-layer-to", to), c, x -> x.withName(to));
        }
    }

    private void delete(Call c) {
        if (layer(c) != null) {
            String name = name(c);
            change(say("layer-area.delete", name), c, x -> null);
            ground.changes()
                    .notice(
                            say("layer-area.is-gone-what-was-on", Words.capital(name)),
                            say("layer-area.undo"),
                            "edit.undo");
        }
    }

    private void visible(Call c) {
        boolean on = c.truth("on", true);
        change(say(on ? "layer-area.show" : "layer-area.hide", name(c)), c, x -> x.withVisible(on));
    }

    private void pickable(Call c) {
        boolean on = c.truth("on", true);
        change(say(on ? "layer-area.unlock" : "layer-area.lock", name(c)), c, x -> x.withLocked(!on));
    }

    private void change(String name, Call c, UnaryOperator<Layer> how) {
        apply(name, SceneEdits.layer(ground.scene(), c.text("layer"), how));
    }

    private void assign(Call c) {
        Layer l = layer(c);
        List<Integer> nodes = chosen.targets(c);
        if (chosen.some(nodes, say("layer-area.select-what-shall-lie-on"))) {
            apply(
                    l == null
                            ? say("layer-area.put-on-none", chosen.names(nodes))
                            : say("layer-area.put", chosen.names(nodes), l.name()),
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
        apply(say("layer-area.add", called(name)), SceneEdits.each(next, nodes, n -> n.withLayer(id)));
        ground.changes()
                .notice(
                        nodes.isEmpty()
                                ? say("layer-area.is-empty-select-objects-and", Words.capital(called(name)))
                                : say("layer-area.holds", Words.capital(called(name)), chosen.names(nodes)),
                        null,
                        null);
    }

    /** The first of "Layer 1", "Layer 2" and so on that no layer is called. */
    private static String free(Scene s) {
        int n = s.layers().size() + 1;
        while (has(s, say("layer-area.layer", n))) {
            n++;
        }
        return say("layer-area.layer", n);
    }

    private static boolean has(Scene s, String name) {
        return s.layers().stream().anyMatch(l -> l.name().equals(name));
    }

    /** A layer within a sentence: one that is called a layer is not called so twice. */
    private static String called(String name) {
        return name.toLowerCase().startsWith("layer") ? name : say("layer-area.layer-2", name);
    }

    private void apply(String name, Scene next) {
        subject.editing().apply(name, next);
    }
}
