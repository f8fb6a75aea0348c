package rhombus.core.stage.commands;

import static rhombus.core.words.Messages.say;

import java.util.Arrays;
import java.util.List;
import java.util.function.BiConsumer;
import rhombus.core.display.Grid;
import rhombus.core.edit.SceneEdits;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Ray;
import rhombus.core.geometry.Vec3;
import rhombus.core.pick.RayHit;
import rhombus.core.scene.Light;
import rhombus.core.scene.Node;
import rhombus.core.scene.ParametricShape;
import rhombus.core.scene.UpAxis;
import rhombus.core.stage.subject.SubjectParts;
import rhombus.core.stage.view.StageContext;
import rhombus.core.stage.view.Viewport;
import rhombus.core.words.Messages;

/** New solids, lights and groups. */
final class AddArea {
    /** A new object is about this part of the view's height. */
    private static final double PART = 0.2;

    private final StageContext ground;
    private final SubjectParts subject;

    /** The ground counts where it is nearer than so many times the size of the scene. */
    private static final double FARTHEST = 4;

    private static final double MICROMETRES = 1e6;

    private AddArea(StageContext ground, SubjectParts subject) {
        this.ground = ground;
        this.subject = subject;
    }

    static CommandArea<AddArea> area() {
        return new CommandArea<>(p -> new AddArea(p.ground(), p.subject()), AddArea::declare);
    }

    private static void declare(CommandDeclarations<AddArea> d) {
        d.group(say("group.objects"));
        d.action("add.shape")
                .needs(
                        "shape",
                        Arrays.stream(ParametricShape.Sort.values())
                                .map(ParametricShape.Sort::id)
                                .toList())
                .number("x", "y")
                .does(there(AddArea::shape));
        d.action("add.light")
                .choice("type", "point", "spot", "directional")
                .number("x", "y")
                .does(there(AddArea::light));
        d.action("add.group").number("x", "y").does(there(AddArea::group));
    }

    /** A menu that was opened over a point of the viewport means that point. */
    private static BiConsumer<AddArea, CommandCall> there(BiConsumer<AddArea, CommandCall> what) {
        return (a, c) -> what.accept(
                a,
                c.inside() || c.args().get("x") == null
                        ? c
                        : c.at(c.number("x", 0), c.number("y", c.view().height / 2)));
    }

    /**
     * Where one looks: on the surface or the ground under the pointer or, where that is elsewhere, in the middle of the view;
     * else at the pinned pivot, else in the middle of what the view looks at. On round numbers of the grid.
     */
    private Vec3 where(CommandCall c) {
        Viewport v = c.view();
        double grid = Grid.spacing(v.screen(), ground.scene().up());
        RayHit hit = ground.model().surfaceAt(v, v.pose, c.xOrMiddle(), c.yOrMiddle(), true);
        if (hit != null) {
            return onSurface(hit, grid);
        }
        Vec3 floor = floor(v, c.xOrMiddle(), c.yOrMiddle());
        Vec3 pinned = subject.pivot().pinned();
        return floor != null ? round(floor, grid) : pinned != null ? pinned : round(v.pose.focusPoint(), grid);
    }

    /** The ground under a point of a viewport; null where it is not seen there, or lies farther than the scene reaches. */
    private Vec3 floor(Viewport v, double x, double y) {
        Ray r = v.screen().ray(x, y);
        double t = r.plane(Vec3.ZERO, ground.scene().up().up());
        boolean before = v.pose.projection().flat() ? !Double.isNaN(t) : t > 0;
        return before && Math.abs(t) < FARTHEST * (ground.scene().radius() + v.pose.focus()) ? r.at(t) : null;
    }

    /** The round place next to a point on a surface, as high as the same surface is there; the point itself where it ends before. */
    private Vec3 onSurface(RayHit hit, double grid) {
        Vec3 up = ground.scene().up().up();
        Vec3 p = hit.point();
        Vec3 round = round(p, grid);
        Vec3 above = round.plus(up, p.minus(round).dot(up) + grid);
        RayHit below = ground.model().surfaces().closest(new Ray(above, up.negated()), true);
        return below != null && below.node() == hit.node() && below.distance() < 2 * grid
                ? settled(below.point(), up)
                : settled(p, up);
    }

    /** The height of a place without what is only rounding. */
    private static Vec3 settled(Vec3 p, Vec3 up) {
        double height = p.dot(up);
        return p.plus(up, Math.rint(height * MICROMETRES) / MICROMETRES - height);
    }

    private static Vec3 round(Vec3 p, double grid) {
        return new Vec3(
                Math.rint(p.x() / grid) * grid + 0.0,
                Math.rint(p.y() / grid) * grid + 0.0,
                Math.rint(p.z() / grid) * grid + 0.0);
    }

    /** Standing upright at a point, whichever axis of the scene is up. */
    private double[] upright(Vec3 p) {
        Quat q = ground.scene().up() == UpAxis.Z ? Quat.about(Vec3.X, Math.PI / 2) : Quat.IDENTITY;
        return Mat4.trs(p, q, new Vec3(1, 1, 1));
    }

    private void shape(CommandCall c) {
        Viewport v = c.view();
        ParametricShape.Sort sort = ParametricShape.Sort.named(c.text("shape"));
        Vec3 p = where(c);
        double height = v.height * v.screen().metresPerPixel(Math.max(v.pose.depth(p), v.pose.focus() * 1e-3));
        added(
                say("add-area.add", Messages.within(sort.words())),
                SceneEdits.add(ground.scene(), ParametricShape.usual(sort, handy(height * PART)), upright(p)));
    }

    /** The length of 1, 2 or 5 times a power of ten next to one, so that new things have sizes one can say. */
    static double handy(double length) {
        double power = Math.pow(10, Math.floor(Math.log10(length)));
        double k = length / power;
        return power * (k < 1.5 ? 1 : k < 3.5 ? 2 : k < 7.5 ? 5 : 10);
    }

    private void light(CommandCall c) {
        String type = c.text("type").isEmpty() ? "point" : c.text("type");
        Light l = new Light(type, new Vec3(1, 1, 1), type.equals("directional") ? 5 : 100, 0);
        Vec3 p = where(c).plus(ground.scene().up().up(), handy(c.view().pose.focus() * PART));
        // A light shines along its frame's -Z (KHR_lights_punctual): downwards.
        Quat down = ground.scene().up() == UpAxis.Z ? Quat.IDENTITY : Quat.about(Vec3.X, -Math.PI / 2);
        added(say("add-area.add-light"), SceneEdits.add(ground.scene(), l, Mat4.trs(p, down, new Vec3(1, 1, 1))));
    }

    private void group(CommandCall c) {
        Node empty =
                new Node(null, say("add-area.group"), -1, Mat4.translation(where(c)), List.of(), null, null, false);
        added(say("add-area.add-group"), SceneEdits.add(ground.scene(), empty, -1));
    }

    private void added(String name, SceneEdits.Added a) {
        subject.editing().apply(name, a.scene());
        subject.selection().only(a.nodes());
        subject.selection().changed();
    }
}
