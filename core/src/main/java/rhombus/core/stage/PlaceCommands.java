package rhombus.core.stage;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rhombus.core.edit.Operation;
import rhombus.core.edit.SceneEdits;
import rhombus.core.edit.Transforms;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.keymap.Command.Area;
import rhombus.core.keymap.Commands;
import rhombus.core.pick.Hit;
import rhombus.core.plain.Plain;
import rhombus.core.scene.Light;
import rhombus.core.scene.Node;
import rhombus.core.scene.Scene;
import rhombus.core.scene.Shape;
import rhombus.core.scene.UpAxis;

/** Typed places, turns and scales of the object selected last, and new objects. */
final class PlaceCommands {
    /** A new object is about this part of the view's height. */
    private static final double PART = 0.2;

    private final Stage stage;
    private final TypedPlaces typed;

    PlaceCommands(Stage stage) {
        this.stage = stage;
        this.typed = new TypedPlaces(stage);
    }

    boolean run(String id, Map<String, Object> args, ViewState v, double lx, double ly) {
        int node = stage.selection().last();
        if (Commands.in(Area.ADD, id) && args.containsKey("x") && Double.isNaN(lx)) {
            // A menu that was opened over a point of the viewport means that point.
            return run(id, args, v, Plain.number(args.get("x"), v.width / 2), Plain.number(args.get("y"), v.height / 2));
        }
        switch (id) {
            case "edit.place", "edit.turn", "edit.scale", "edit.shape" -> {
                if (node >= 0) {
                    change(id, args, node);
                }
            }
            case "edit.step" -> {
                if (node >= 0) {
                    step(args, v);
                }
            }
            case "tool.nudge" -> new Nudges(stage, v).key(args);
            case "tool.step-handle" -> new Nudges(stage, v).handle(Plain.text(args.get("handle"), ""), args);
            case "add.shape" -> add(args, v, lx, ly);
            case "add.light" -> light(args, v, lx, ly);
            case "add.group" -> added("Add group", SceneEdits.add(stage.scene(),
                    new Node(null, "Group", -1, Mat4.translation(where(v, lx, ly)), List.of(), null, null, false), -1));
            default -> {
                return false;
            }
        }
        return true;
    }

    private void change(String id, Map<String, Object> args, int node) {
        Scene s = stage.scene();
        String name = stage.nameOf(node);
        switch (id) {
            case "edit.place", "edit.turn", "edit.scale" -> typed.run(id, args, node);
            default -> {
                Shape shape = s.node(node).shape();
                if (shape != null) {
                    Map<String, Object> numbers = new LinkedHashMap<>();
                    for (Shape.Parameter p : shape.sort().parameters()) {
                        Object typed = args.get(p.id());
                        if (typed != null) {
                            double was = Plain.number(shape.toPlain().get(p.id()), p.usual());
                            double to = p.whole() ? stage.typed().whole(typed, was) : stage.typed().length(typed, was);
                            try {
                                p.check(to);
                            } catch (IllegalArgumentException e) {
                                stage.changes().notice(e.getMessage() + "; the old number stays.", null, null);
                                return;
                            }
                            numbers.put(p.id(), to);
                        }
                    }
                    stage.editing().apply("Change " + name, SceneEdits.reshape(s, node, shape.with(numbers)));
                }
            }
        }
    }

    /** Moves, turns or scales everything selected by a typed amount along the tool's axes, without dragging. */
    private void step(Map<String, Object> args, ViewState v) {
        Tools t = stage.tools();
        List<Integer> roots = t.roots();
        int axis = Math.max(0, "xyz".indexOf(Plain.text(args.get("axis"), "x")));
        String names = SceneCommands.names(stage);
        switch (Plain.text(args.get("what"), "")) {
            case "move" -> {
                double by = stage.typed().length(args.get("by"), 0);
                stage.editing().apply("Move " + names, new Operation.Move(roots, t.axes(v).axis(axis).times(by)));
            }
            case "rotate" -> {
                double by = stage.typed().angle(args.get("by"), 0);
                stage.editing().apply("Rotate " + names, new Operation.Turn(roots, t.about(), Quat.about(t.axes(v).axis(axis), by)));
            }
            default -> {
                double k = typed.factor(args.get("by"), 1);
                stage.editing().apply("Scale " + names, new Operation.Scale(roots, t.about(), t.axes(v).orientation(), new Vec3(k, k, k)));
            }
        }
    }

    /** On the surface under the pointer, else at the pinned pivot, else in the middle of what the view looks at. */
    private Vec3 where(ViewState v, double lx, double ly) {
        Hit hit = Double.isNaN(lx) ? null : stage.surfaceAt(v, v.pose, lx, ly, true);
        return hit != null ? hit.point() : stage.pivot().pinned != null ? stage.pivot().pinned : v.pose.focusPoint();
    }

    /** Standing upright at a point, whichever axis of the scene is up. */
    private double[] upright(Vec3 p) {
        Quat q = stage.scene().up() == UpAxis.Z ? Quat.about(Vec3.X, Math.PI / 2) : Quat.IDENTITY;
        return Mat4.trs(p, q, new Vec3(1, 1, 1));
    }

    private void add(Map<String, Object> args, ViewState v, double lx, double ly) {
        Shape.Sort sort = Shape.Sort.named(Plain.text(args.get("shape"), ""));
        if (sort == null) {
            return;
        }
        Vec3 p = where(v, lx, ly);
        double height = v.height * v.screen().metresPerPixel(Math.max(v.pose.depth(p), v.pose.focus() * 1e-3));
        added("Add " + sort.words().toLowerCase(), SceneEdits.add(stage.scene(), Shape.usual(sort, handy(height * PART)), upright(p)));
    }

    /** The length of 1, 2 or 5 times a power of ten next to one, so that new things have sizes one can say. */
    static double handy(double length) {
        double power = Math.pow(10, Math.floor(Math.log10(length)));
        double k = length / power;
        return power * (k < 1.5 ? 1 : k < 3.5 ? 2 : k < 7.5 ? 5 : 10);
    }

    private void light(Map<String, Object> args, ViewState v, double lx, double ly) {
        String type = Plain.text(args.get("type"), "point");
        Light l = new Light(List.of("point", "spot", "directional").contains(type) ? type : "point", new Vec3(1, 1, 1),
                type.equals("directional") ? 5 : 100, 0);
        Vec3 p = where(v, lx, ly).plus(stage.scene().up().up(), handy(v.pose.focus() * PART));
        // A light shines along its frame's -Z (KHR_lights_punctual): downwards.
        Quat down = stage.scene().up() == UpAxis.Z ? Quat.IDENTITY : Quat.about(Vec3.X, -Math.PI / 2);
        added("Add light", SceneEdits.add(stage.scene(), l, Mat4.trs(p, down, new Vec3(1, 1, 1))));
    }

    private void added(String name, SceneEdits.Added a) {
        stage.editing().apply(name, a.scene());
        stage.selection().only(a.nodes());
        stage.selectionChanged();
    }
}
