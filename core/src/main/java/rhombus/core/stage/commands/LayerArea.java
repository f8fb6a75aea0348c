package rhombus.core.stage.commands;

import static rhombus.core.words.Messages.say;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import rhombus.core.edit.SceneEdits;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.scene.Layer;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.SentenceWords;
import rhombus.core.stage.view.StageContext;

/** Layers: what lies on one is switched on, off, and locked together. */
final class LayerArea {
    private final StageContext ground;
    private final SubjectParts subject;
    private final CommandTargets chosen;

    private LayerArea(StageContext ground, SubjectParts subject) {
        this.ground = ground;
        this.subject = subject;
        this.chosen = new CommandTargets(ground, subject);
    }

    // ---- declared --------------------------------------------------------------------------------------------------

    static CommandArea<LayerArea> area() {
        return new CommandArea<>(p -> new LayerArea(p.ground(), p.subject()), LayerArea::declare);
    }

    private static void declare(CommandDeclarations<LayerArea> d) {
        d.group(say("group.layers"));
        d.action("layer.add").text("name").does(LayerArea::add);
        of(d, "layer.rename").traits(CommandTrait.TOLD).text("name").does(LayerArea::rename);
        of(d, "layer.delete").traits(CommandTrait.TOLD).does(LayerArea::delete);
        of(d, "layer.visible")
                .traits(CommandTrait.TOLD)
                .traits(CommandTrait.SWEPT)
                .truth("on")
                .does(LayerArea::visible);
        of(d, "layer.pickable")
                .traits(CommandTrait.TOLD)
                .traits(CommandTrait.SWEPT)
                .truth("on")
                .does(LayerArea::pickable);
        of(d, "layer.assign").traits(CommandTrait.TOLD).texts("objects").does(LayerArea::assign);
        of(d, "layer.select").traits(CommandTrait.TOLD).does(LayerArea::select);
    }

    private static CommandSpec<LayerArea> of(CommandDeclarations<LayerArea> d, String id) {
        return d.action(id).text("layer");
    }

    // ---- done ------------------------------------------------------------------------------------------------------

    private Layer layer(CommandCall c) {
        return ground.scene().layer(c.text("layer"));
    }

    private String name(CommandCall c) {
        Layer l = layer(c);
        return called(l == null ? "" : l.name());
    }

    private void rename(CommandCall c) {
        String to = CommandTargets.clean(c.text("name"));
        if (!to.isEmpty()) {
            change(say("layer-area.rename-layer-to", to), c, x -> x.withName(to));
        }
    }

    private void delete(CommandCall c) {
        if (layer(c) != null) {
            String name = name(c);
            change(say("layer-area.delete", name), c, x -> null);
            ground.changes()
                    .notice(
                            say("layer-area.is-gone-what-was-on", SentenceWords.capital(name)),
                            say("layer-area.undo"),
                            "edit.undo");
        }
    }

    private void visible(CommandCall c) {
        boolean on = c.truth("on", true);
        change(say(on ? "layer-area.show" : "layer-area.hide", name(c)), c, x -> x.withVisible(on));
    }

    private void pickable(CommandCall c) {
        boolean on = c.truth("on", true);
        change(say(on ? "layer-area.unlock" : "layer-area.lock", name(c)), c, x -> x.withLocked(!on));
    }

    private void change(String name, CommandCall c, UnaryOperator<Layer> how) {
        apply(name, SceneEdits.layer(ground.scene(), c.text("layer"), how));
    }

    private void assign(CommandCall c) {
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

    private void select(CommandCall c) {
        Scene s = ground.scene();
        Layer l = layer(c);
        List<Integer> lying = new ArrayList<>();
        for (int i = 0; i < s.count(); i++) {
            if (l != null && l.id().equals(s.node(i).layer()) && !s.node(i).gone()) {
                lying.add(i);
            }
        }
        subject.selection().only(lying);
        subject.selection().changed();
    }

    private void add(CommandCall c) {
        Scene s = ground.scene();
        String wanted = CommandTargets.clean(c.text("name"));
        String name = wanted.isEmpty() ? free(s) : wanted;
        Scene next = SceneEdits.addLayer(s, name);
        String id = next.layers().get(next.layers().size() - 1).id();
        List<Integer> nodes = subject.selection().nodes();
        apply(say("layer-area.add", called(name)), SceneEdits.each(next, nodes, n -> n.withLayer(id)));
        ground.changes()
                .notice(
                        nodes.isEmpty()
                                ? say("layer-area.is-empty-select-objects-and", SentenceWords.capital(called(name)))
                                : say("layer-area.holds", SentenceWords.capital(called(name)), chosen.names(nodes)),
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
