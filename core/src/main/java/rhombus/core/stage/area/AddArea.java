package rhombus.core.stage.area;

import static rhombus.core.words.Messages.say;

import java.util.Arrays;
import java.util.List;
import java.util.function.BiConsumer;
import rhombus.core.edit.SceneEdits;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.pick.Hit;
import rhombus.core.scene.Light;
import rhombus.core.scene.Node;
import rhombus.core.scene.Shape;
import rhombus.core.scene.UpAxis;
import rhombus.core.stage.subject.Subject;
import rhombus.core.stage.view.Ground;
import rhombus.core.stage.view.ViewState;
import rhombus.core.words.Messages;

/** New solids, lights and groups. */
final class AddArea {
    /** A new object is about this part of the view's height. */
    private static final double PART = 0.2;

    private final Ground ground;
    private final Subject subject;

    private AddArea(Ground ground, Subject subject) {
        this.ground = ground;
        this.subject = subject;
    }

    static Area<AddArea> area() {
        return new Area<>(p -> new AddArea(p.ground(), p.subject()), AddArea::declare);
    }

    private static void declare(Declare<AddArea> d) {
        d.group(say("group.objects"));
        d.action("add.shape")
                .needs(
                        "shape",
                        Arrays.stream(Shape.Sort.values()).map(Shape.Sort::id).toList())
                .number("x", "y")
                .does(there(AddArea::shape));
        d.action("add.light")
                .choice("type", "point", "spot", "directional")
                .number("x", "y")
                .does(there(AddArea::light));
        d.action("add.group").number("x", "y").does(there(AddArea::group));
    }

    /** A menu that was opened over a point of the viewport means that point. */
    private static BiConsumer<AddArea, Call> there(BiConsumer<AddArea, Call> what) {
        return (a, c) -> what.accept(
                a,
                c.inside() || c.args().get("x") == null
                        ? c
                        : c.at(c.number("x", 0), c.number("y", c.view().height / 2)));
    }

    /** On the surface under the pointer, else at the pinned pivot, else in the middle of what the view looks at. */
    private Vec3 where(Call c) {
        ViewState v = c.view();
        Hit hit = c.inside() ? ground.model().surfaceAt(v, v.pose, c.x(), c.y(), true) : null;
        Vec3 pinned = subject.pivot().pinned();
        return hit != null ? hit.point() : pinned != null ? pinned : v.pose.focusPoint();
    }

    /** Standing upright at a point, whichever axis of the scene is up. */
    private double[] upright(Vec3 p) {
        Quat q = ground.scene().up() == UpAxis.Z ? Quat.about(Vec3.X, Math.PI / 2) : Quat.IDENTITY;
        return Mat4.trs(p, q, new Vec3(1, 1, 1));
    }

    private void shape(Call c) {
        ViewState v = c.view();
        Shape.Sort sort = Shape.Sort.named(c.text("shape"));
        Vec3 p = where(c);
        double height = v.height * v.screen().metresPerPixel(Math.max(v.pose.depth(p), v.pose.focus() * 1e-3));
        added(
                say("add-area.add", Messages.within(sort.words())),
                SceneEdits.add(ground.scene(), Shape.usual(sort, handy(height * PART)), upright(p)));
    }

    /** The length of 1, 2 or 5 times a power of ten next to one, so that new things have sizes one can say. */
    static double handy(double length) {
        double power = Math.pow(10, Math.floor(Math.log10(length)));
        double k = length / power;
        return power * (k < 1.5 ? 1 : k < 3.5 ? 2 : k < 7.5 ? 5 : 10);
    }

    private void light(Call c) {
        String type = c.text("type").isEmpty() ? "point" : c.text("type");
        Light l = new Light(type, new Vec3(1, 1, 1), type.equals("directional") ? 5 : 100, 0);
        Vec3 p = where(c).plus(ground.scene().up().up(), handy(c.view().pose.focus() * PART));
        // A light shines along its frame's -Z (KHR_lights_punctual): downwards.
        Quat down = ground.scene().up() == UpAxis.Z ? Quat.IDENTITY : Quat.about(Vec3.X, -Math.PI / 2);
        added(say("add-area.add-light"), SceneEdits.add(ground.scene(), l, Mat4.trs(p, down, new Vec3(1, 1, 1))));
    }

    private void group(Call c) {
        Node empty =
                new Node(null, say("add-area.group"), -1, Mat4.translation(where(c)), List.of(), null, null, false);
        added(say("add-area.add-group"), SceneEdits.add(ground.scene(), empty, -1));
    }

    private void added(String name, SceneEdits.Added a) {
        subject.editing().apply(name, a.scene());
        subject.selection().only(a.nodes());
        subject.changed();
    }
}
