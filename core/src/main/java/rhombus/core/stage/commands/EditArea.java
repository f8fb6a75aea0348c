package rhombus.core.stage.commands;

import static rhombus.core.keymap.BindingContext.APPLICATION;
import static rhombus.core.keymap.Modifiers.CTRL;
import static rhombus.core.keymap.Modifiers.SHIFT;
import static rhombus.core.words.Messages.say;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import rhombus.core.edit.EditOperation;
import rhombus.core.edit.SceneEdits;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.keymap.CommandTrait;
import rhombus.core.keymap.Trigger;
import rhombus.core.plain.PlainData;
import rhombus.core.scene.ParametricShape;
import rhombus.core.scene.Scene;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.tool.ActiveTool;
import rhombus.core.stage.tool.TypedPlaces;
import rhombus.core.stage.view.StageContext;

/** Changes by typed numbers, and the way back through all changes. */
final class EditArea {
    private static final int LATE = 20;

    private final StageContext ground;
    private final SubjectParts subject;
    private final ActiveTool tools;
    private final TypedPlaces typed;

    private EditArea(StageContext ground, SubjectParts subject, ActiveTool tools) {
        this.ground = ground;
        this.subject = subject;
        this.tools = tools;
        this.typed = new TypedPlaces(ground, subject, tools);
    }

    // ---- declared --------------------------------------------------------------------------------------------------

    static CommandArea<EditArea> area() {
        return new CommandArea<>(p -> new EditArea(p.ground(), p.subject(), p.tools()), EditArea::declare);
    }

    private static void declare(CommandDeclarations<EditArea> d) {
        d.group(say("group.change-the-scene"));
        d.action("edit.place")
                .traits(CommandTrait.TOLD)
                .typed("x", "y", "z")
                .does(selected((a, c) -> a.typed.place(c.args(), a.last())));
        d.action("edit.turn")
                .traits(CommandTrait.TOLD)
                .typed("x", "y", "z")
                .does(selected((a, c) -> a.typed.turn(c.args(), a.last())));
        d.action("edit.scale")
                .traits(CommandTrait.TOLD)
                .typed("x", "y", "z")
                .does(selected((a, c) -> a.typed.scale(c.args(), a.last())));
        d.action("edit.step")
                .needs("what", "move", "rotate", "scale")
                .choice("axis", "x", "y", "z")
                .typed("by")
                .does(selected(EditArea::step));
        d.action("edit.shape").traits(CommandTrait.TOLD).typed(parameters()).does(selected(EditArea::shape));
        back(d);
    }

    private static void back(CommandDeclarations<EditArea> d) {
        d.action("edit.go").traits(CommandTrait.TOLD).whole("to").does((a, c) -> a.subject
                .editing()
                .go(c.whole("to", a.subject.editing().history().done())));
        d.action("edit.sweep")
                .traits(CommandTrait.TOLD)
                .traits(CommandTrait.SWEPT)
                .truth("on")
                .does((a, c) -> a.subject.editing().sweep(c.truth("on", false)));
        d.action("edit.undo")
                .traits(CommandTrait.INDISPENSABLE)
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
    private static BiConsumer<EditArea, CommandCall> selected(BiConsumer<EditArea, CommandCall> what) {
        return (a, c) -> {
            if (a.last() >= 0) {
                what.accept(a, c);
            }
        };
    }

    private static String[] parameters() {
        return Arrays.stream(ParametricShape.Sort.values())
                .flatMap(s -> s.parameters().stream())
                .map(ParametricShape.Parameter::id)
                .distinct()
                .toArray(String[]::new);
    }

    // ---- done ------------------------------------------------------------------------------------------------------

    private int last() {
        return subject.selection().last();
    }

    private void shape(CommandCall c) {
        Scene s = ground.scene();
        ParametricShape shape = s.node(last()).shape();
        if (shape == null) {
            return;
        }
        Map<String, Object> numbers = new LinkedHashMap<>();
        for (ParametricShape.Parameter p : shape.sort().parameters()) {
            Object value = c.args().get(p.id());
            if (value != null) {
                double was = PlainData.number(shape.toPlain().get(p.id()), p.usual());
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
    private void step(CommandCall c) {
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
                                new EditOperation.Move(
                                        roots, way.times(ground.typed().length(by, 0))));
            case "rotate" ->
                subject.editing()
                        .apply(
                                say("edit-area.rotate", names),
                                new EditOperation.Turn(
                                        roots,
                                        tools.about(),
                                        Quat.about(way, ground.typed().angle(by, 0))));
            default -> {
                double k = typed.factor(by, 1);
                subject.editing()
                        .apply(
                                say("edit-area.scale", names),
                                new EditOperation.Scale(
                                        roots,
                                        tools.about(),
                                        tools.axes(c.view()).orientation(),
                                        new Vec3(k, k, k)));
            }
        }
    }
}
