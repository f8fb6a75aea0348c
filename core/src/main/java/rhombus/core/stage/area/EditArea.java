package rhombus.core.stage.area;

import static rhombus.core.keymap.Context.APPLICATION;
import static rhombus.core.keymap.Modifiers.CTRL;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import rhombus.core.edit.Operation;
import rhombus.core.edit.SceneEdits;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.keymap.Trait;
import rhombus.core.keymap.Trigger;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Scene;
import rhombus.core.scene.Shape;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.tool.Tools;
import rhombus.core.stage.tool.TypedPlaces;
import rhombus.core.stage.view.Ground;

/** Changes by typed numbers, and the way back through all changes. */
final class EditArea {
    private static final int LATE = 20;

    private final Ground ground;
    private final Subject subject;
    private final Tools tools;
    private final TypedPlaces typed;

    private EditArea(Ground ground, Subject subject, Tools tools) {
        this.ground = ground;
        this.subject = subject;
        this.tools = tools;
        this.typed = new TypedPlaces(ground, subject, tools);
    }

    // ---- declared --------------------------------------------------------------------------------------------------

    static Area<EditArea> area() {
        return new Area<>(p -> new EditArea(p.ground(), p.subject(), p.tools()), EditArea::declare);
    }

    private static void declare(Declare<EditArea> d) {
        d.group(say("group.change-the-scene"));
        d.action("edit.place")
                .traits(Trait.TOLD)
                .typed("x", "y", "z")
                .does(selected((a, c) -> a.typed.place(c.args(), a.last())));
        d.action("edit.turn")
                .traits(Trait.TOLD)
                .typed("x", "y", "z")
                .does(selected((a, c) -> a.typed.turn(c.args(), a.last())));
        d.action("edit.scale")
                .traits(Trait.TOLD)
                .typed("x", "y", "z")
                .does(selected((a, c) -> a.typed.scale(c.args(), a.last())));
        d.action("edit.step")
                .needs("what", "move", "rotate", "scale")
                .choice("axis", "x", "y", "z")
                .typed("by")
                .does(selected(EditArea::step));
        d.action("edit.shape").traits(Trait.TOLD).typed(parameters()).does(selected(EditArea::shape));
        back(d);
    }

    private static void back(Declare<EditArea> d) {
        d.action("edit.go").traits(Trait.TOLD).whole("to").does((a, c) -> a.subject
                .editing()
                .go(c.whole("to", a.subject.editing().history().done())));
        d.action("edit.sweep")
                .traits(Trait.TOLD)
                .traits(Trait.SWEPT)
                .truth("on")
                .does((a, c) -> a.subject.editing().sweep(c.truth("on", false)));
        d.action("edit.undo")
                .traits(Trait.INDISPENSABLE)
                .rank(LATE)
                .on("undo", Trigger.key("KeyZ"), CTRL, APPLICATION, say("hint.undo"))
                .does((a, c) -> a.subject.editing().undo());
        d.action("edit.redo")
                .rank(LATE)
                .on("redo", Trigger.key("KeyZ"), CTRL | SHIFT, APPLICATION, say("hint.redo"))
                .on("redo-y", Trigger.key("KeyY"), CTRL, APPLICATION, say("hint.redo"))
                .does((a, c) -> a.subject.editing().redo());
    }

    /** What is done to the object selected last; without one nothing is. */
    private static BiConsumer<EditArea, Call> selected(BiConsumer<EditArea, Call> what) {
        return (a, c) -> {
            if (a.last() >= 0) {
                what.accept(a, c);
            }
        };
    }

    private static String[] parameters() {
        return Arrays.stream(Shape.Sort.values())
                .flatMap(s -> s.parameters().stream())
                .map(Shape.Parameter::id)
                .distinct()
                .toArray(String[]::new);
    }

    // ---- done ------------------------------------------------------------------------------------------------------

    private int last() {
        return subject.selection().last();
    }

    private void shape(Call c) {
        Scene s = ground.scene();
        Shape shape = s.node(last()).shape();
        if (shape == null) {
            return;
        }
        Map<String, Object> numbers = new LinkedHashMap<>();
        for (Shape.Parameter p : shape.sort().parameters()) {
            Object value = c.args().get(p.id());
            if (value != null) {
                double was = Plain.number(shape.toPlain().get(p.id()), p.usual());
                double to = p.whole()
                        ? ground.typed().whole(value, was)
                        : ground.typed().length(value, was);
                try {
                    p.check(to);
                } catch (IllegalArgumentException e) {
                    ground.changes().notice(say("edit-area.the-old-number-stays", e.getMessage()), null, null);
                    return;
                }
                numbers.put(p.id(), to);
            }
        }
        subject.editing()
                .apply(
                        say("edit-area.change", ground.nameOf(last())),
                        SceneEdits.reshape(s, last(), shape.with(numbers)));
    }

    /** Moves, turns or scales everything selected by a typed amount along the tool's axes, without dragging. */
    private void step(Call c) {
        List<Integer> roots = tools.roots();
        int axis = Math.max(0, "xyz".indexOf(c.text("axis")));
        Vec3 way = tools.axes(c.view()).axis(axis);
        Object by = c.args().get("by");
        String names = subject.names();
        switch (c.text("what")) {
            case "move" ->
                subject.editing()
                        .apply(
                                say("edit-area.move", names),
                                new Operation.Move(
                                        roots, way.times(ground.typed().length(by, 0))));
            case "rotate" ->
                subject.editing()
                        .apply(
                                say("edit-area.rotate", names),
                                new Operation.Turn(
                                        roots,
                                        tools.about(),
                                        Quat.about(way, ground.typed().angle(by, 0))));
            default -> {
                double k = typed.factor(by, 1);
                subject.editing()
                        .apply(
                                say("edit-area.scale", names),
                                new Operation.Scale(
                                        roots,
                                        tools.about(),
                                        tools.axes(c.view()).orientation(),
                                        new Vec3(k, k, k)));
            }
        }
    }
}
